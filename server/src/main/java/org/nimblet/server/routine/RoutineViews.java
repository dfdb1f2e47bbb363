package org.nimblet.server.routine;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.exercise.Use;
import org.nimblet.core.progress.HealthRecord.JointLimit;
import org.nimblet.core.progress.LadderStory;
import org.nimblet.core.progress.ProgressRules;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.Circuits;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.Cue;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.Rejection;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.Step;
import org.nimblet.core.routine.StepFeeling;
import org.nimblet.core.routine.StepLadder;
import org.nimblet.core.setup.SetUpCheck;
import org.nimblet.core.setup.SetUpPoint;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.library.FigureParts;
import org.nimblet.server.person.Person;

/** Routines with everything it takes to play them without the network. */
public final class RoutineViews {

  private RoutineViews() {}

  /** A routine at a time. */
  public record RoutineView(
      UUID clientId,
      String clientName,
      @Schema(nullable = true) UUID blockId,
      @Schema(nullable = true) UUID routineId,
      Purpose purpose,
      String title,
      String blockTitle,
      Instant start,
      Instant end,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      long lengthMillis,
      List<String> haveReady,
      List<StepView> steps,
      List<Cue> cues,
      List<LeftOutView> leftOut,
      List<String> shortPhases,
      String reminder,
      SafetyView safety,
      int asksWhyBelowPercent) {}

  /** A step with its words, its figure and the reason for it. */
  record StepView(
      String exerciseId,
      int exerciseVersion,
      String title,
      Kind kind,
      String dose,
      Laterality laterality,
      long offsetMillis,
      long lengthMillis,
      String reason,
      String purpose,
      String setUp,
      List<String> action,
      String cue,
      String breath,
      String feltAt,
      List<String> mistakes,
      List<String> cautions,
      int circuit,
      @Schema(nullable = true) String turn,
      FigureParts figure,
      @Schema(nullable = true) LadderStrip ladder,
      FeelingView feeling) {}

  /**
   * What may be felt in a step, and what follows from it.
   *
   * @param meant where it is meant to be felt
   * @param stayMillis for how long one may stay beyond its time; 0 where one may not
   * @param instead what takes its place if it is felt elsewhere again and again; null if nothing
   */
  record FeelingView(
      List<Region> meant,
      boolean asksWhere,
      boolean asksTighter,
      boolean burnIsWanted,
      long stayMillis,
      @Schema(nullable = true) String instead) {

    static FeelingView of(StepFeeling feeling) {
      return new FeelingView(
          feeling.meant().stream().sorted().toList(),
          feeling.asksWhere(),
          feeling.asksTighter(),
          feeling.burnIsWanted(),
          feeling.mayStay() ? StepFeeling.LONGEST_STAY_SECONDS * 1000L : 0,
          feeling.instead().map(Exercise::title).orElse(null));
    }
  }

  /**
   * Where a step stands on its ladder.
   *
   * @param why why it has this dose, as a sentence; empty if it is where it began
   */
  record LadderStrip(
      List<String> rungs,
      int at,
      String why,
      @Schema(nullable = true) StepVariant easier,
      @Schema(nullable = true) StepVariant harder) {}

  /**
   * The same step at another dose.
   *
   * @param cues as they would be, from the beginning of the step
   */
  record StepVariant(String dose, long lengthMillis, List<Cue> cues) {}

  /** An exercise that was left out, and why. */
  record LeftOutView(String exerciseId, String title, Kind kind, String reason) {}

  /**
   * When and for what a routine is played.
   *
   * @param blockId the block it belongs to
   * @param routineId the stored routine that it is
   * @param title what it is called
   * @param blockTitle what follows, or nothing
   * @param start when it begins
   * @param activity what is done around it; its set-up reminder rides along
   */
  record Occasion(
      Optional<UUID> blockId,
      Optional<UUID> routineId,
      String title,
      String blockTitle,
      Instant start,
      Optional<ActivityFile> activity) {}

  /** A composed routine, with the reasons for each step. */
  static RoutineView played(Person person, Occasion occasion, Composition.Composed composed) {
    return played(
        person,
        occasion,
        composed.purpose(),
        composed.steps(),
        composed.cueSheet(),
        composed.choices().stream().map(choice -> choice.sentence()).toList(),
        composed.rejections().stream().map(RoutineViews::leftOut).toList(),
        composed.shortPhases().stream().map(Composition.ShortPhase::sentence).toList());
  }

  /** Any routine. */
  static RoutineView played(
      Person person,
      Occasion occasion,
      Purpose purpose,
      List<Step> steps,
      CueSheet cueSheet,
      List<String> reasons,
      List<LeftOutView> leftOut,
      List<String> shortPhases) {
    ClientFile client = person.client();
    Instant end = occasion.start().plusMillis(cueSheet.lengthMillis());
    return new RoutineView(
        client.id(),
        client.name(),
        occasion.blockId().orElse(null),
        occasion.routineId().orElse(null),
        purpose,
        occasion.title(),
        occasion.blockTitle(),
        occasion.start(),
        end,
        occasion.start().atZone(client.zone()).toLocalTime(),
        end.atZone(client.zone()).toLocalTime(),
        cueSheet.lengthMillis(),
        haveReady(steps),
        steps(person, purpose, steps, cueSheet, reasons),
        cueSheet.cues(),
        leftOut,
        shortPhases,
        reminder(purpose, occasion),
        SafetyView.of(person),
        ProgressRules.LEAST_PERCENT);
  }

  static LeftOutView leftOut(Rejection rejection) {
    return new LeftOutView(
        rejection.exercise().id(),
        rejection.exercise().title(),
        rejection.exercise().kind(),
        rejection.sentence());
  }

  /** One point of the set-up rides along where play is near. */
  private static String reminder(Purpose purpose, Occasion occasion) {
    return purpose == Purpose.WARM_UP || purpose == Purpose.BREAK
        ? occasion
            .activity()
            .flatMap(ActivityFile::ridingPoint)
            .flatMap(SetUpCheck::find)
            .map(SetUpPoint::says)
            .orElse("")
        : "";
  }

  static List<String> haveReady(List<Step> steps) {
    Set<Thing> things = EnumSet.noneOf(Thing.class);
    steps.forEach(step -> things.addAll(step.things()));
    return things.stream().map(Thing::word).toList();
  }

  private static List<StepView> steps(
      Person person, Purpose purpose, List<Step> steps, CueSheet cueSheet, List<String> reasons) {
    ClientFile client = person.client();
    CoachLibrary library = person.library();
    List<JointLimit> limits = person.told().jointLimits(person.today());
    // Asked as if play came next where it does: nothing gets longer then than is sound.
    RoutineRequest asked =
        RoutineRequests.of(
            person,
            person.today(),
            purpose,
            RoutineRequest.LEAST_SECONDS,
            Optional.empty(),
            purpose == Purpose.WARM_UP ? Around.BEFORE_PLAY : Around.NOTHING,
            List.of());
    List<StepView> views = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      Exercise exercise = step.exercise();
      // Said aloud while getting ready: nobody reads cautions with both hands busy.
      List<String> setUp = new ArrayList<>(List.of(step.setUp()));
      setUp.addAll(limitsOf(step, limits));
      views.add(
          new StepView(
              exercise.id(),
              library.versionOf(exercise.id()),
              exercise.title(),
              exercise.kind(),
              step.doseWords(client.method(), client.notation()),
              step.dose().laterality(),
              cueSheet.stepStarts().get(i),
              cueSheet.stepMillis(i),
              reasons.get(i),
              exercise.guidance().purpose(),
              String.join(" ", setUp),
              step.action(),
              exercise.guidance().cue(),
              exercise.guidance().breath(),
              exercise.guidance().feltAt(),
              exercise.guidance().mistakes(),
              exercise.cautions(),
              step.circuit(),
              Circuits.label(steps, i).orElse(null),
              FigureParts.of(step),
              step.circuit() > 0 ? null : ladder(person, purpose, asked, steps, i),
              FeelingView.of(StepFeeling.of(step, asked, purpose, library.library()))));
    }
    return views;
  }

  private static LadderStrip ladder(
      Person person, Purpose purpose, RoutineRequest asked, List<Step> steps, int place) {
    return StepLadder.of(steps.get(place), asked, purpose)
        .map(
            ladder ->
                new LadderStrip(
                    ladder.rungs(),
                    ladder.at(),
                    person
                        .progress()
                        .story(steps.get(place).exercise().id())
                        .flatMap(LadderStory::lastChange)
                        .orElse(""),
                    ladder.easier().map(s -> variant(asked.facts(), steps, place, s)).orElse(null),
                    ladder.harder().map(s -> variant(asked.facts(), steps, place, s)).orElse(null)))
        .orElse(null);
  }

  /** A step at another dose, after the one that comes before it anyway. */
  private static StepVariant variant(ClientFacts facts, List<Step> steps, int place, Step other) {
    List<Step> two = place == 0 ? List.of(other) : List.of(steps.get(place - 1), other);
    CueSheet sheet = CueSheetWriter.write(two, facts.pace(), facts.notation());
    int last = two.size() - 1;
    long start = sheet.stepStarts().get(last);
    return new StepVariant(
        other.doseWords(facts.method(), facts.notation()),
        sheet.stepMillis(last),
        sheet.cues().stream()
            .filter(cue -> cue.step() == last)
            .map(cue -> cue.movedTo(place, cue.offsetMillis() - start))
            .toList());
  }

  /** As far as it goes: how far the joints go that a step works. */
  static List<String> limitsOf(Step step, List<JointLimit> limits) {
    return limits.stream()
        .filter(
            limit ->
                step.sides().stream()
                    .anyMatch(
                        side ->
                            step.exercise()
                                .uses()
                                .of(side, limit.side(), limit.region())
                                .filter(use -> use.isAtLeast(Use.WORKS))
                                .isPresent()))
        .map(
            limit ->
                "As far as it goes, %s %s: %s"
                    .formatted(limit.side().word(), limit.region().word(), limit.words()))
        .toList();
  }
}

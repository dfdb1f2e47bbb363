package org.nimblet.server.library;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.BodySegment;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.HandAngles;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.OwnedLoads;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Pose;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Recovery;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.exercise.Use;
import org.nimblet.core.exercise.Ways;
import org.nimblet.core.routine.Cue;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.PurposePlan;
import org.nimblet.core.routine.Step;

/** What goes over the wire about exercises, and how it is made from them. */
final class LibraryViews {

  private LibraryViews() {}

  /** An exercise in the list. */
  record LibraryRow(
      String id,
      int version,
      boolean archived,
      String title,
      Kind kind,
      String purpose,
      String dose,
      long seconds,
      int intensity,
      boolean beforePlay,
      List<Position> positions,
      List<Thing> things,
      boolean nothingNeeded,
      List<Digit> digits,
      List<String> tissues,
      List<Discipline> disciplines,
      String search,
      FigureParts figure) {}

  /** A target with a word for people. */
  record TargetView(String id, String word) {}

  /** All exercises, with the targets by which they are filtered. */
  record LibraryView(List<LibraryRow> rows, List<TargetView> tissues) {}

  /** How much an exercise gives to a target. */
  record ServedView(String id, String word, int points, boolean main) {}

  /** A rung of the ladder. */
  record RungView(String words, String dose, long seconds) {}

  /** A dose by a method. */
  record DoseView(
      Method method,
      String methodWord,
      String words,
      long seconds,
      int least,
      int greatest,
      List<RungView> rungs) {}

  /** Another exercise that is easier or harder. */
  record VariantView(String words, @Schema(nullable = true) LinkView exercise) {}

  /** The way to another exercise. */
  record LinkView(String id, String title) {}

  /** What can stand for a thing. */
  record StandInView(
      Thing wanted,
      String wantedWord,
      Thing standIn,
      String standInWord,
      String changes,
      String words) {}

  /** How much a region is used: 1 moves or touches, 2 works, 3 loads. */
  record RegionUseView(Region region, String word, int level, String words) {}

  /**
   * Everything about an exercise.
   *
   * @param uses what a side that acts uses, the most first
   * @param helper what the hand of the other side uses that helps; empty if none does
   * @param role the hand that it is for, in words; empty for any
   */
  record ExerciseView(
      String id,
      int version,
      int currentVersion,
      boolean archived,
      String title,
      Kind kind,
      String purpose,
      String setUp,
      List<String> action,
      String cue,
      String breath,
      String feltAt,
      List<String> mistakes,
      List<String> cautions,
      List<String> stopRules,
      List<String> closedWithSigns,
      List<String> closedWithConditions,
      List<String> closedBecause,
      List<RegionUseView> uses,
      List<RegionUseView> helper,
      String role,
      boolean coachOnly,
      List<ServedView> serves,
      BodySegment segment,
      int intensity,
      boolean needsWarmth,
      boolean tires,
      boolean beforePlay,
      Recovery recovery,
      List<Position> positions,
      List<Thing> things,
      List<StandInView> standIns,
      List<Discipline> disciplines,
      VariantView easier,
      VariantView harder,
      List<DoseView> doses,
      FigureParts figure,
      List<String> ways,
      List<String> firstChoices,
      List<LinkView> muchLike,
      List<Cue> cues,
      long lengthMillis) {}

  /** How a person writes and what they own, as far as it changes what is shown. */
  record Reader(Notation notation, Pace pace, Set<Thing> things, List<Integer> weightsGrams) {
    static final Reader ANYBODY =
        new Reader(Notation.NAMES, Pace.USUAL, EnumSet.noneOf(Thing.class), List.of());

    List<Load> loads(Exercise exercise) {
      return exercise.demands().things().contains(Thing.BAND)
          ? OwnedLoads.bands()
          : OwnedLoads.inTheHand(things, weightsGrams);
    }
  }

  /** An exercise with the version and the state in which it is seen. */
  record Seen(Exercise exercise, int version, int currentVersion, boolean archived) {}

  static LibraryRow row(Seen seen) {
    Exercise exercise = seen.exercise();
    Method method = exercise.usualMethod();
    Dose usual = exercise.doseFor(method).usual();
    List<Target> served = served(exercise).map(Map.Entry::getKey).toList();
    String search =
        Stream.of(
                Stream.of(exercise.title(), exercise.kind().word(), exercise.guidance().purpose()),
                served.stream().map(Target::word),
                exercise.guidance().synonyms().stream(),
                exercise.demands().things().stream().map(Thing::word),
                exercise.demands().positions().stream().map(Position::word),
                digits(exercise).stream().map(Digit::word),
                nothingNeeded(exercise) ? Stream.of("nothing needed") : Stream.<String>empty(),
                exercise.demands().disciplines().stream()
                    .flatMap(of -> Stream.of(of.word(), of.alsoCalled())))
            .flatMap(words -> words)
            .collect(Collectors.joining(" | "))
            .toLowerCase(Locale.ROOT);
    return new LibraryRow(
        exercise.id(),
        seen.version(),
        seen.archived(),
        exercise.title(),
        exercise.kind(),
        exercise.guidance().purpose(),
        exercise.doseText(method, Notation.NAMES).format(usual),
        seconds(exercise, usual, Pace.USUAL),
        exercise.demands().intensity(),
        PurposePlan.of(Purpose.WARM_UP).hasPlaceFor(exercise),
        exercise.demands().positions(),
        exercise.demands().things().stream().sorted().toList(),
        nothingNeeded(exercise),
        digits(exercise),
        served.stream().filter(Tissue.class::isInstance).map(Target::id).toList(),
        exercise.demands().disciplines().stream().sorted().toList(),
        search,
        FigureParts.of(exercise.figure()));
  }

  private static boolean nothingNeeded(Exercise exercise) {
    return Substitution.unresolved(exercise.demands().things(), Set.of()).isEmpty();
  }

  /** The digits that an exercise is about: those drawn at work and those it serves. */
  private static List<Digit> digits(Exercise exercise) {
    Set<Digit> digits = EnumSet.noneOf(Digit.class);
    digits.addAll(exercise.figure().worked());
    served(exercise)
        .map(Map.Entry::getKey)
        .filter(Digit.class::isInstance)
        .forEach(digit -> digits.add((Digit) digit));
    if (exercise.service().contributions().containsKey(Tissue.THUMB_MUSCLES.id())) {
      digits.add(Digit.THUMB);
    }
    return List.copyOf(digits);
  }

  private static Stream<Map.Entry<Target, Integer>> served(Exercise exercise) {
    return exercise.service().contributions().entrySet().stream()
        .map(entry -> Map.entry(Target.find(entry.getKey()).orElseThrow(), entry.getValue()))
        .sorted(
            Map.Entry.<Target, Integer>comparingByValue()
                .reversed()
                .thenComparing(entry -> entry.getKey().id()));
  }

  static List<TargetView> tissues() {
    return Stream.of(Tissue.values()).map(t -> new TargetView(t.id(), t.word())).toList();
  }

  static ExerciseView exercise(Seen seen, CoachLibrary library, Reader reader) {
    Exercise exercise = seen.exercise();
    var guidance = exercise.guidance();
    var demands = exercise.demands();
    var progression = exercise.progression();
    CueSheet sheet = sheet(exercise, exercise.doseFor(exercise.usualMethod()).usual(), reader);
    return new ExerciseView(
        exercise.id(),
        seen.version(),
        seen.currentVersion(),
        seen.archived(),
        exercise.title(),
        exercise.kind(),
        guidance.purpose(),
        guidance.setUp(),
        guidance.actionForAnybody(),
        guidance.cue(),
        guidance.breath(),
        guidance.feltAt(),
        guidance.mistakes(),
        exercise.cautions(),
        guidance.stopRules(),
        exercise.closedWith().signs().stream().map(ReferralSign::word).toList(),
        exercise.closedWith().conditions().stream().map(Condition::word).toList(),
        exercise.closingRules().stream().map(rule -> "It " + rule.words() + ".").toList(),
        uses(exercise.uses().acting()),
        uses(exercise.uses().helping()),
        demands.role().map(HandRole::word).orElse(""),
        demands.coachOnly(),
        served(exercise)
            .map(
                entry ->
                    new ServedView(
                        entry.getKey().id(),
                        entry.getKey().word(),
                        entry.getValue(),
                        entry.getKey() == exercise.service().main()))
            .toList(),
        demands.segment(),
        demands.intensity(),
        demands.needsWarmth(),
        demands.tires(),
        PurposePlan.of(Purpose.WARM_UP).hasPlaceFor(exercise),
        demands.recovery(),
        demands.positions(),
        demands.things().stream().sorted().toList(),
        demands.things().stream()
            .sorted()
            .flatMap(thing -> Substitution.standInsFor(thing).stream())
            .map(LibraryViews::standIn)
            .toList(),
        demands.disciplines().stream().sorted().toList(),
        new VariantView(progression.easier(), link(progression.easierExercise(), library)),
        new VariantView(progression.harder(), link(progression.harderExercise(), library)),
        doses(exercise, reader),
        FigureParts.of(exercise.figure()),
        guidance.ways().equals(Ways.UNNAMED) ? List.of() : guidance.ways().names(),
        firstChoices(exercise),
        muchLike(exercise, library),
        sheet.cues(),
        sheet.lengthMillis());
  }

  /** For what it is the one to reach for first: "wrist: warm-up, break". */
  private static List<String> firstChoices(Exercise exercise) {
    return exercise.standing().staples().entrySet().stream()
        .map(
            entry ->
                "%s: %s"
                    .formatted(
                        Target.find(entry.getKey()).orElseThrow().word(),
                        entry.getValue().stream()
                            .map(purpose -> purpose.word().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining(", "))))
        .toList();
  }

  /** The others of its family, of which one is enough. */
  private static List<LinkView> muchLike(Exercise exercise, CoachLibrary library) {
    Optional<String> family = exercise.standing().family();
    return library.library().exercises().stream()
        .filter(other -> family.isPresent() && other.standing().family().equals(family))
        .filter(other -> !other.id().equals(exercise.id()))
        .map(other -> new LinkView(other.id(), other.title()))
        .toList();
  }

  /** What is used, the most first. */
  private static List<RegionUseView> uses(Map<Region, Use> uses) {
    return uses.entrySet().stream()
        .sorted(
            Map.Entry.<Region, Use>comparingByValue().reversed().thenComparing(Map.Entry::getKey))
        .map(
            e ->
                new RegionUseView(
                    e.getKey(), e.getKey().word(), e.getValue().level(), e.getValue().words()))
        .toList();
  }

  private static LinkView link(Optional<String> id, CoachLibrary library) {
    return id.flatMap(library::find)
        .map(exercise -> new LinkView(exercise.id(), exercise.title()))
        .orElse(null);
  }

  private static StandInView standIn(Substitution substitution) {
    String changes =
        Stream.of(
                Map.entry("load", substitution.load()),
                Map.entry("pressure", substitution.pressure()),
                Map.entry("difficulty", substitution.difficulty()))
            .filter(change -> change.getValue() != Substitution.Change.SAME)
            .map(change -> change.getValue().word() + " " + change.getKey())
            .collect(Collectors.joining(", "));
    return new StandInView(
        substitution.wanted(),
        substitution.wanted().word(),
        substitution.standIn(),
        substitution.standIn().word(),
        changes,
        substitution.words());
  }

  private static List<DoseView> doses(Exercise exercise, Reader reader) {
    return exercise.doses().entrySet().stream()
        .sorted(java.util.Comparator.comparing(entry -> entry.getKey() != exercise.usualMethod()))
        .map(
            entry -> {
              Method method = entry.getKey();
              var plan = entry.getValue();
              var text = exercise.doseText(method, reader.notation());
              return new DoseView(
                  method,
                  method.word(),
                  text.format(plan.usual()),
                  seconds(exercise, plan.usual(), reader.pace()),
                  plan.bounds().least(),
                  plan.bounds().greatest(),
                  Ladder.of(exercise, method, reader.loads(exercise)).rungs().stream()
                      .map(
                          rung ->
                              new RungView(
                                  rung.words(),
                                  text.format(rung.dose()),
                                  seconds(exercise, rung.dose(), reader.pace())))
                      .toList());
            })
        .toList();
  }

  /** Whole seconds of a dose on its own, set-up included, rounded up. */
  private static long seconds(Exercise exercise, Dose dose, Pace pace) {
    Reader reader = new Reader(Notation.NAMES, pace, Set.of(), List.of());
    return (sheet(exercise, dose, reader).lengthMillis() + 999) / 1000;
  }

  private static CueSheet sheet(Exercise exercise, Dose dose, Reader reader) {
    Step step = new Step(exercise, dose, exercise.demands().positions().get(0), Side.LEFT);
    return CueSheetWriter.write(List.of(step), reader.pace(), reader.notation());
  }

  /** A condition that can close an exercise. */
  record ConditionChoice(Condition condition, String word) {}

  /** A region that an exercise can use. */
  record RegionChoice(Region region, String word) {}

  /** A direction that an exercise can move in. */
  record MovementChoice(Movement movement, String word) {}

  /** A hand that an exercise can be for. */
  record RoleChoice(HandRole role, String word) {}

  /** What can be chosen while an exercise is written. */
  record Choices(
      List<Pose> poses,
      List<TargetView> targets,
      List<ReferralSign> referralSigns,
      List<ConditionChoice> conditions,
      List<RegionChoice> regions,
      List<MovementChoice> movements,
      List<RoleChoice> roles,
      List<JointChoice> joints,
      List<LinkView> exercises) {}

  /** How far a joint of the drawn hand goes, in degrees. */
  record JointChoice(HandAngles.Joint joint, String word, int least, int greatest) {}
}

package org.nimblet.server.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.progress.DecisionWords;
import org.nimblet.core.progress.LadderStory;
import org.nimblet.core.progress.RungDecision;
import org.nimblet.server.person.Person;
import org.nimblet.server.progress.ProgressForms.CurveView;
import org.nimblet.server.progress.ProgressForms.DecisionView;
import org.nimblet.server.progress.ProgressForms.LadderView;
import org.nimblet.server.progress.ProgressForms.PainCurveView;
import org.nimblet.server.progress.ProgressForms.PainPoint;
import org.nimblet.server.progress.ProgressForms.RungPoint;
import org.nimblet.server.progress.ProgressForms.SideView;
import org.nimblet.server.progress.ProgressForms.StoryView;

/** Ladders and decisions as they are shown. */
public final class ProgressViews {

  private ProgressViews() {}

  /** Every ladder of a person, what was decided last first. */
  static List<LadderView> ladders(Person person) {
    return person.progress().stories().values().stream()
        .filter(story -> !story.decisions().isEmpty())
        .filter(story -> story.ladder().last() > 0)
        .sorted(
            Comparator.comparing(ProgressViews::lastDate)
                .reversed()
                .thenComparing(story -> story.exercise().title()))
        .map(story -> ladder(story, person))
        .toList();
  }

  private static LocalDate lastDate(LadderStory story) {
    return story.decisions().get(story.decisions().size() - 1).date();
  }

  static LadderView ladder(LadderStory story, Person person) {
    LocalDate today = person.today();
    return new LadderView(
        story.exercise().id(),
        story.exercise().title(),
        story.exercise().kind(),
        story.method().word(),
        story.ladder().rungs().stream().map(rung -> rung.words()).toList(),
        story.sides().stream().sorted().map(side -> side(story, side, today)).toList(),
        story
            .exercise()
            .doseText(person.client().method(), person.client().notation())
            .format(story.dose(today)));
  }

  private static SideView side(LadderStory story, Side side, LocalDate today) {
    Optional<RungDecision> last = story.last(side);
    return new SideView(
        side,
        story.rung(side, today),
        story.streak(side),
        story.need(side, today),
        story.isReadyToStepUp(side, today),
        story.isStuck(side),
        story.isPaused(),
        story.isStopped(side),
        story.isLowered(side),
        last.filter(decision -> decision.effect() == RungDecision.Effect.HELD).isPresent(),
        story.overruled(side).orElse(null),
        last.map(decision -> DecisionWords.sentence(decision, story.ladder())).orElse(""),
        last.map(RungDecision::date).orElse(null));
  }

  /** A whole story, the newest decision first. */
  static StoryView story(LadderStory story, Person person) {
    List<DecisionView> decisions = new ArrayList<>(joined(story, story.decisions()));
    Collections.reverse(decisions);
    return new StoryView(
        ladder(story, person),
        story.sides().stream().sorted().map(side -> curve(story, side)).toList(),
        decisions);
  }

  private static CurveView curve(LadderStory story, Side side) {
    List<RungPoint> points = new ArrayList<>();
    for (RungDecision decision : story.decisions()) {
      if (decision.side() == side) {
        if (points.isEmpty()) {
          points.add(new RungPoint(decision.date(), decision.from()));
        }
        points.add(new RungPoint(decision.date(), decision.to()));
      }
    }
    return new CurveView(side, points);
  }

  /** How each place hurt since a date, what hurt most first. */
  static List<PainCurveView> pains(Person person, LocalDate since) {
    Map<String, List<PainReading>> byPlace = new LinkedHashMap<>();
    for (PainReading reading : person.told().painReadings(since)) {
      byPlace
          .computeIfAbsent(reading.side() + " " + reading.region(), place -> new ArrayList<>())
          .add(reading);
    }
    return byPlace.values().stream()
        .map(ProgressViews::curve)
        .filter(curve -> curve.points().stream().anyMatch(point -> point.level() > 0))
        .sorted(
            Comparator.comparing(
                (PainCurveView curve) ->
                    -curve.points().stream().mapToInt(PainPoint::level).max().orElse(0)))
        .toList();
  }

  private static PainCurveView curve(List<PainReading> readings) {
    Map<LocalDate, Integer> worst = new TreeMap<>();
    readings.forEach(reading -> worst.merge(reading.date(), reading.level(), Math::max));
    PainReading first = readings.get(0);
    List<PainPoint> points = new ArrayList<>();
    worst.forEach((date, level) -> points.add(new PainPoint(date, level)));
    return new PainCurveView(
        first.side(), first.region(), first.side().word() + " " + first.region().word(), points);
  }

  /** What was decided since a date and changes a dose or is for the coach, the newest first. */
  static List<DecisionView> changes(Person person, LocalDate since) {
    List<DecisionView> found = new ArrayList<>();
    person
        .progress()
        .stories()
        .values()
        .forEach(
            story ->
                found.addAll(
                    joined(
                        story,
                        story.decisions().stream()
                            .filter(decision -> !decision.date().isBefore(since))
                            .filter(d -> d.changesDose() || d.isForTheCoach())
                            .toList())));
    found.sort(
        Comparator.comparing(DecisionView::date).reversed().thenComparing(DecisionView::title));
    return List.copyOf(found);
  }

  /** What was decided because of each session, an exercise after another. */
  public static Map<UUID, List<DecisionView>> bySession(Person person) {
    Map<UUID, List<DecisionView>> found = new HashMap<>();
    person
        .progress()
        .bySession()
        .forEach(
            (session, parts) ->
                found.put(
                    session,
                    parts.stream()
                        .flatMap(part -> joined(part.story(), part.decisions()).stream())
                        .toList()));
    return found;
  }

  /** Decisions of both sides that say the same are said once. */
  private static List<DecisionView> joined(LadderStory story, List<RungDecision> decisions) {
    Map<String, DecisionView> joined = new LinkedHashMap<>();
    for (RungDecision decision : decisions) {
      String sentence = DecisionWords.sentence(decision, story.ladder());
      joined.merge(
          decision.date() + " " + decision.sessionId() + " " + sentence,
          new DecisionView(
              decision.date(),
              story.exercise().id(),
              story.exercise().title(),
              story.exercise().kind(),
              List.of(decision.side()),
              decision.effect(),
              sentence),
          (one, other) ->
              new DecisionView(
                  one.date(),
                  one.exerciseId(),
                  one.title(),
                  one.kind(),
                  List.of(Side.values()),
                  one.effect(),
                  one.sentence()));
    }
    return List.copyOf(joined.values());
  }
}

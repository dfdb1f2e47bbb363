package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.progress.Footing.State;

/**
 * Where a person stands on the ladder of one exercise, folded from the log (model section 5). It is
 * a function of what happened and of the moment; nothing of it is stored.
 */
public final class LadderStory {

  private final Exercise exercise;
  private final Method method;
  private final Ladder ladder;
  private final Map<Side, WorkedDates> worked;
  private final Set<Side> done;
  private final Map<Side, Footing> footings;
  private final List<RungDecision> decisions;

  private LadderStory(
      Exercise exercise,
      Method method,
      Ladder ladder,
      Map<Side, WorkedDates> worked,
      LadderFold fold) {
    this.exercise = exercise;
    this.method = method;
    this.ladder = ladder;
    this.worked = worked;
    this.done = fold.done();
    this.footings = fold.footings();
    this.decisions = List.copyOf(fold.decisions());
  }

  /**
   * Folds a log.
   *
   * @param method the method whose ladder it is; the exercise must have a dose for it
   * @param worked on which dates anything worked the main target of the exercise, by side
   * @param events everything about this exercise, in any order
   * @param now what is judged by then counts, on the person's clock
   */
  public static LadderStory of(
      Exercise exercise,
      Method method,
      Ladder ladder,
      Map<Side, WorkedDates> worked,
      Collection<? extends RungEvent> events,
      LocalDateTime now) {
    Dose usual = exercise.dose(method).orElseThrow().usual();
    LadderFold fold =
        new LadderFold(exercise, ladder, ladder.rungOf(usual), usual.laterality(), worked);
    fold.through(events, now);
    return new LadderStory(exercise, method, ladder, worked, fold);
  }

  /** Whose ladder it is. */
  public Exercise exercise() {
    return exercise;
  }

  /** By which method it is climbed. */
  public Method method() {
    return method;
  }

  /** The ladder. */
  public Ladder ladder() {
    return ladder;
  }

  /** Everything that was decided, the earliest first. */
  public List<RungDecision> decisions() {
    return decisions;
  }

  /** The sides on which it was ever done. */
  public Set<Side> sides() {
    return Set.copyOf(done);
  }

  /** The rung of a side on a date, time away from it counted. */
  public int rung(Side side, LocalDate date) {
    return awayOn(side, date).orElse(footings.get(side).rung());
  }

  /** Whether it is paused until the coach allows it again. */
  public boolean isPaused() {
    return done.stream().anyMatch(side -> footings.get(side).state() == State.PAUSED);
  }

  /** The date on which it was last stopped or paused, if nobody has allowed it again since. */
  Optional<LocalDate> closedOn() {
    return done.stream()
        .filter(side -> footings.get(side).state() != State.GOING_ON)
        .flatMap(side -> lastOf(side, RungDecision::isClosing).stream())
        .map(RungDecision::date)
        .max(LocalDate::compareTo);
  }

  /** Why it is stopped or paused, as a sentence; empty if it never was. */
  public Optional<String> whyClosed() {
    return decisions.stream()
        .filter(RungDecision::isClosing)
        .reduce((earlier, later) -> later)
        .map(decision -> DecisionWords.sentence(decision, ladder));
  }

  private Optional<RungDecision> lastOf(Side side, Predicate<RungDecision> test) {
    return decisions.stream()
        .filter(decision -> decision.side() == side)
        .filter(test)
        .reduce((earlier, later) -> later);
  }

  /** Why a side stands where it stands; what said nothing about it is passed over. */
  public Optional<RungDecision> last(Side side) {
    return lastOf(side, decision -> decision.effect() != RungDecision.Effect.NOTHING);
  }

  /** Whether different dates suffice between two steps. */
  public boolean isDailyEndurance() {
    return exercise.progression().isDailyEndurance();
  }

  /**
   * What was judged of a side since a date.
   *
   * @param dates on which it was done
   */
  public record Judged(Set<LocalDate> dates, int judged, int achieved) {}

  /** What was judged of a side since a date, that day included. */
  public Judged judgedSince(Side side, LocalDate since) {
    List<RungDecision> recent =
        decisions.stream()
            .filter(decision -> decision.side() == side && !decision.date().isBefore(since))
            .filter(decision -> decision.cause() instanceof RungDecision.Judged)
            .toList();
    return new Judged(
        recent.stream().map(RungDecision::date).collect(Collectors.toSet()),
        recent.size(),
        (int) recent.stream().filter(RungDecision::isAchieved).count());
  }

  /** Whether a side was stopped and not allowed again. */
  public boolean isStopped(Side side) {
    return footings.get(side).state() == State.STOPPED;
  }

  /** Whether only a share of the easiest rung is done on this side. */
  public boolean isLowered(Side side) {
    return footings.get(side).lowered();
  }

  /** How many times in a row it went well on this rung. */
  public int streak(Side side) {
    return footings.get(side).streak();
  }

  /** How many times it has to go well before the next step. */
  public int need(Side side, LocalDate date) {
    return footings.get(side).need(date);
  }

  /** Whether it held so often that the coach should look. */
  public boolean isStuck(Side side) {
    return footings.get(side).holds() >= ProgressRules.HOLDS_TO_TELL;
  }

  /** What the coach has said of this side and not taken back. */
  public Optional<Overruling.Word> overruled(Side side) {
    return footings.get(side).word();
  }

  /** Whether one more time that goes well makes a step up. */
  public boolean isReadyToStepUp(Side side, LocalDate date) {
    Footing footing = footings.get(side);
    return footing.state() == State.GOING_ON
        && footing.word().isEmpty()
        && footing.rung() < ladder.last()
        && footing.streak() >= footing.need(date) - 1
        && awayOn(side, date).isEmpty();
  }

  /** The sentence of the last decision that changed a dose, with its side if only that one did. */
  public Optional<String> lastChange() {
    List<RungDecision> changes = decisions.stream().filter(RungDecision::changesDose).toList();
    if (changes.isEmpty()) {
      return Optional.empty();
    }
    RungDecision last = changes.get(changes.size() - 1);
    String sentence = DecisionWords.sentence(last, ladder);
    boolean both =
        done.size() == 1
            || changes.stream()
                .anyMatch(
                    other ->
                        other.side() != last.side()
                            && other.date().equals(last.date())
                            && DecisionWords.sentence(other, ladder).equals(sentence));
    return Optional.of(both ? sentence : DecisionWords.of(last.side()) + sentence);
  }

  /** Whether the rung of a side ever differed from where it began. */
  public boolean hasMoved() {
    return decisions.stream().anyMatch(RungDecision::changesDose);
  }

  /** Whether a step up was the last thing that happened on some side. */
  public boolean justSteppedUp() {
    Map<Side, RungDecision> last = new EnumMap<>(Side.class);
    decisions.forEach(decision -> last.put(decision.side(), decision));
    return last.values().stream().anyMatch(decision -> decision.effect() == RungDecision.Effect.UP);
  }

  /** The dose of a side on a date. */
  public Dose dose(Side side, LocalDate date) {
    int rung = rung(side, date);
    Dose dose = ladder.rungs().get(rung).dose();
    return isLowered(side) ? share(dose) : dose;
  }

  /** A share of a dose within its bounds; what they do not allow is taken from the repetitions. */
  private Dose share(Dose dose) {
    Dose less = dose.atLevel(ProgressRules.LOWERED_PERCENT, exercise.planOf(dose, method).bounds());
    return less.equals(dose) && dose.form().variesItself()
        ? dose.withRepetitions(
            Math.max(
                1,
                dose.repetitions() * ProgressRules.LOWERED_PERCENT / ProgressRules.WHOLE_PERCENT),
            dose.sets())
        : less;
  }

  /**
   * The dose of both sides on a date: that of each where the sides are gone through one after the
   * other, else the lower one.
   */
  public Dose dose(LocalDate date) {
    boolean oneHand =
        ladder.rungs().get(0).dose().laterality() == Laterality.WORKING_SIDE && done.size() == 1;
    if (oneHand) {
      return dose(done.iterator().next(), date);
    }
    Side weaker = standing(Side.LEFT, date) <= standing(Side.RIGHT, date) ? Side.LEFT : Side.RIGHT;
    Dose lower = dose(weaker, date);
    Dose higher = dose(weaker.other(), date);
    if (lower.equals(higher)
        || lower.laterality() != Laterality.EACH
        || !lower.load().equals(higher.load())) {
      return lower;
    }
    return lower.withException(
        Optional.of(
            new Dose.SideException(
                weaker.other(), higher.form(), higher.repetitions(), higher.sets())));
  }

  /** The rung of a side; below the easiest one where only a share of it is done. */
  private int standing(Side side, LocalDate date) {
    return isLowered(side) ? -1 : rung(side, date);
  }

  private OptionalInt awayOn(Side side, LocalDate date) {
    return AwayRule.lower(ladder, footings.get(side), worked.get(side), date);
  }
}

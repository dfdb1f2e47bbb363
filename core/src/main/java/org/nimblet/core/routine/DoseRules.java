package org.nimblet.core.routine;

import java.util.Collections;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Load;

/**
 * What a dose may not be, whatever stands around it. The composer offers no such dose and the check
 * of a routine names it; each answer holds the sentence and the dose that would be right.
 */
final class DoseRules {

  /** Work of this intensity loads even where it does not tire (ours). */
  private static final int LOADING_INTENSITY = 3;

  private DoseRules() {}

  /**
   * What is wrong with a dose.
   *
   * @param sentence for people
   * @param words what a repair would do
   * @param right the dose instead; empty if only leaving it out helps
   */
  record Wrong(String sentence, String words, Optional<Dose> right) {}

  /** The first thing that makes a dose unsound for this person and time; empty if nothing does. */
  static Optional<String> unsound(Step step, RoutineRequest asked) {
    return singleFinger(step, asked)
        .or(() -> bentWrist(step, asked))
        .or(() -> levelHeld(step, asked))
        .or(() -> loadStep(step, asked))
        .or(() -> loadAndRepetitions(step, asked))
        .or(() -> tempo(step, asked))
        .map(Wrong::sentence)
        .or(() -> volume(step, asked));
  }

  /** A single finger is held for 10 s at most (common practice, no source). */
  static Optional<Wrong> singleFinger(Step step, RoutineRequest asked) {
    return step.exercise().kind() == Kind.STRETCH && Exercise.holdsSingleFingers(step.dose())
        ? heldTooLong(
            step,
            asked,
            Exercise.SINGLE_FINGER_HOLD_SECONDS,
            "One finger is held for %d s at most.")
        : Optional.empty();
  }

  /** With carpal tunnel trouble a bent wrist is held for 30 s at most (common practice). */
  static Optional<Wrong> bentWrist(Step step, RoutineRequest asked) {
    boolean bends =
        step.exercise().kind() == Kind.STRETCH
            && step.exercise().demands().reaches(Movement.WRIST_EXTENSION);
    boolean known =
        asked.facts().health().conditions().stream()
            .filter(one -> one.condition() == Condition.CARPAL_TUNNEL)
            .anyMatch(one -> !Collections.disjoint(one.sides(), step.sides()));
    return bends && known
        ? heldTooLong(
            step,
            asked,
            Condition.BENT_WRIST_HOLD_SECONDS,
            "With carpal tunnel trouble a bent wrist is held for %d s at most.")
        : Optional.empty();
  }

  private static Optional<Wrong> heldTooLong(
      Step step, RoutineRequest asked, int most, String rule) {
    Dose dose = step.dose();
    int held =
        dose.passes(step.firstSide()).stream()
            .mapToInt(side -> dose.on(side).form().heldSeconds(asked.facts().pace()))
            .max()
            .orElseThrow();
    if (held <= most) {
      return Optional.empty();
    }
    return Optional.of(
        new Wrong(
            "%s is held for %d s. %s"
                .formatted(step.exercise().title(), held, rule.formatted(most)),
            "hold " + most + " s",
            shorter(step, asked, most)));
  }

  /** Held shorter, with fewer breaths or as usual; empty if its least is still held too long. */
  private static Optional<Dose> shorter(Step step, RoutineRequest asked, int most) {
    Dose alike = step.dose().withException(Optional.empty());
    DosePlan own = step.exercise().planOf(alike, asked.facts().method());
    Stream<Dose> fewer =
        alike.form() instanceof DoseForm.Hold || alike.form() instanceof DoseForm.UntilEases
            ? Stream.of(alike.withQuantity(Math.min(most, alike.quantity())))
            : alike.form().variesItself()
                ? IntStream.iterate(alike.quantity(), n -> n > 0, n -> n - 1)
                    .mapToObj(alike::withQuantity)
                : Stream.empty();
    return Stream.concat(
            fewer.filter(dose -> own.bounds().contains(dose.quantity())),
            Stream.of(usual(step, asked)))
        .filter(dose -> dose.form().heldSeconds(asked.facts().pace()) <= most)
        .findFirst();
  }

  /**
   * With pain of 4 and more the level of what loads is held: load, tempo, repetitions, sets and
   * times stay at those of last time, or at the usual ones.
   */
  static Optional<Wrong> levelHeld(Step step, RoutineRequest asked) {
    if (step.exercise().kind() != Kind.STRENGTHEN) {
      return Optional.empty();
    }
    Dose last = asked.recent().lastDoses().get(step.exercise().id());
    boolean comparable = last != null && last.form().getClass() == step.dose().form().getClass();
    Dose held = comparable ? alikeOnSides(last, step) : usual(step, asked);
    if (!isMore(step.dose(), held)) {
      return Optional.empty();
    }
    for (Side side : step.sides()) {
      if (asked.facts().health().doseFor(step.exercise(), side).levelHeld()) {
        int worst =
            asked.facts().health().worstFor(step.exercise(), side).map(Pain::level).orElseThrow();
        return Optional.of(
            new Wrong(
                "%s is above %s; with pain %d of 10 the level is held."
                    .formatted(
                        step.exercise().title(),
                        comparable ? "its dose of last time" : "its usual dose",
                        worst),
                comparable ? "dose of last time" : "usual dose",
                Optional.of(held)));
      }
    }
    return Optional.empty();
  }

  private static Dose alikeOnSides(Dose dose, Step step) {
    return dose.laterality() == step.dose().laterality()
        ? dose.withException(Optional.empty())
        : dose.withLaterality(step.dose().laterality());
  }

  /** Whether a dose asks for more than another in anything, on any side. */
  private static boolean isMore(Dose dose, Dose than) {
    return dose.passes(Side.LEFT).stream()
        .map(dose::on)
        .anyMatch(
            own ->
                own.quantity() > than.quantity()
                    || own.repetitions() * own.sets() > than.repetitions() * than.sets()
                    || grams(own) > grams(than)
                    || beatsPerMinute(own.form()) > beatsPerMinute(than.form()));
  }

  private static int grams(Dose dose) {
    return dose.load().map(Load::grams).orElse(0);
  }

  private static Dose usual(Step step, RoutineRequest asked) {
    Dose usual = step.exercise().planOf(step.dose(), asked.facts().method()).usual();
    return usual.laterality() == step.dose().laterality()
        ? usual
        : usual.withLaterality(step.dose().laterality());
  }

  /** Load and repetitions never rise together (common practice, no source). */
  static Optional<Wrong> loadAndRepetitions(Step step, RoutineRequest asked) {
    Dose now = step.dose();
    Dose last = asked.recent().lastDoses().get(step.exercise().id());
    if (last == null || now.load().isEmpty() || last.load().isEmpty()) {
      return Optional.empty();
    }
    Load before = last.load().get();
    boolean heavier = now.load().get().grams() > before.grams();
    boolean more =
        now.passes(Side.LEFT).stream()
            .map(now::on)
            .anyMatch(own -> own.repetitions() * own.sets() > last.repetitions() * last.sets());
    return heavier && more
        ? Optional.of(
            new Wrong(
                "%s gets heavier than last time (%s) and has more repetitions; one of them rises at a time."
                    .formatted(step.exercise().title(), before.words()),
                "repetitions as last time",
                Optional.of(
                    now.withException(Optional.empty())
                        .withRepetitions(last.repetitions(), last.sets()))))
        : Optional.empty();
  }

  /**
   * A weight rises to the next one that is owned: by 10 % at once; a bigger step asks for 20
   * repetitions first (ACSM 2009, from memory; the 20 are ours). To begin with, no more than is
   * usual or light.
   */
  static Optional<Wrong> loadStep(Step step, RoutineRequest asked) {
    Dose now = step.dose();
    if (now.load().filter(Load.Weight.class::isInstance).isEmpty()) {
      return Optional.empty();
    }
    Dose last = asked.recent().lastDoses().get(step.exercise().id());
    boolean known = last != null && last.load().isPresent();
    int before = known ? grams(last) : grams(usual(step, asked));
    int most = before * (100 + Ladder.SMALL_STEP_PERCENT) / 100;
    if (grams(now) <= most) {
      return Optional.empty();
    }
    int next =
        OwnLoad.owned(step.exercise(), asked.facts()).stream()
            .mapToInt(Load::grams)
            .filter(grams -> grams > before)
            .min()
            .orElse(most);
    boolean ready = known && last.repetitions() >= Ladder.REPETITIONS_BEFORE_A_BIG_STEP;
    if (ready && grams(now) <= next) {
      return Optional.empty();
    }
    return OwnLoad.of(step.exercise(), now, asked)
        .filter(right -> grams(right) < grams(now))
        .map(
            right ->
                new Wrong(
                    "%s goes to %s; %s %s. A weight rises by %d %% at most, or to the next one after %d repetitions."
                        .formatted(
                            step.exercise().title(),
                            now.load().get().words(),
                            known ? "last time it was" : "to begin with it is",
                            new Load.Weight(before).words(),
                            Ladder.SMALL_STEP_PERCENT,
                            Ladder.REPETITIONS_BEFORE_A_BIG_STEP),
                    right.load().orElseThrow().words(),
                    Optional.of(right)));
  }

  /** A tempo rises by one rung, and only when the last one was even. */
  static Optional<Wrong> tempo(Step step, RoutineRequest asked) {
    Dose last = asked.recent().lastDoses().get(step.exercise().id());
    if (last == null) {
      return Optional.empty();
    }
    int before = beatsPerMinute(last.form());
    int now = fastest(step.dose());
    boolean uneven = asked.recent().uneven().contains(step.exercise().id());
    if (before == 0 || now == 0) {
      return Optional.empty();
    }
    int most = uneven ? before : Ladder.nextTempo(before);
    if (now <= most) {
      return Optional.empty();
    }
    String why =
        uneven ? "it was not even there yet" : "it rises to %d at most at once".formatted(most);
    return Optional.of(
        new Wrong(
            "%s goes to %d bpm; last time it was %d, and %s."
                .formatted(step.exercise().title(), now, before, why),
            most + " bpm",
            Optional.of(atTempo(step.dose(), most))));
  }

  /** A dose no faster than another one; itself where nothing beats in either. */
  static Dose noFaster(Dose dose, Dose than) {
    int most = beatsPerMinute(than.form());
    return most == 0 || fastest(dose) <= most ? dose : atTempo(dose, most);
  }

  private static int fastest(Dose dose) {
    return dose.passes(Side.LEFT).stream()
        .mapToInt(side -> beatsPerMinute(dose.on(side).form()))
        .max()
        .orElseThrow();
  }

  private static Dose atTempo(Dose dose, int beatsPerMinute) {
    return dose.withException(Optional.empty()).withForm(withTempo(dose.form(), beatsPerMinute));
  }

  private static int beatsPerMinute(DoseForm form) {
    if (form instanceof DoseForm.Count count) {
      return count.beatsPerMinute();
    }
    return form instanceof DoseForm.Paced paced ? paced.beatsPerMinute() : 0;
  }

  private static DoseForm withTempo(DoseForm form, int beatsPerMinute) {
    if (form instanceof DoseForm.Paced paced) {
      return new DoseForm.Paced(paced.beats(), beatsPerMinute, paced.ladder(), paced.countIn());
    }
    return new DoseForm.Count(((DoseForm.Count) form).beats(), beatsPerMinute);
  }

  /** Quantity, repetitions and sets of an exercise lie within its bounds, on each side. */
  static Optional<Wrong> bounds(Step step, RoutineRequest asked) {
    DosePlan own = step.exercise().planOf(step.dose(), asked.facts().method());
    Dose dose = step.dose();
    String title = step.exercise().title();
    if (own.usual().form().getClass() != dose.form().getClass()) {
      return Optional.of(
          new Wrong(
              "%s has no dose of this form.".formatted(title),
              "usual dose",
              Optional.of(usual(step, asked))));
    }
    for (Side side : dose.passes(step.firstSide())) {
      Dose one = dose.on(side);
      String where = dose.exception().isPresent() ? " on the " + side.word() : "";
      Optional<Wrong> wrong =
          outside(title, "dosed" + where + " with", one.quantity(), own.bounds(), step, own)
              .or(
                  () ->
                      outside(
                          title,
                          "repeated" + where,
                          one.repetitions(),
                          new Dose.Bounds(1, own.greatestRepetitions()),
                          step,
                          own))
              .or(
                  () ->
                      outside(
                          title,
                          "done" + where + " in sets of",
                          one.sets(),
                          new Dose.Bounds(1, own.greatestSets()),
                          step,
                          own));
      if (wrong.isPresent()) {
        return wrong;
      }
    }
    return Optional.empty();
  }

  private static Optional<Wrong> outside(
      String title, String what, int is, Dose.Bounds safe, Step step, DosePlan own) {
    if (safe.contains(is)) {
      return Optional.empty();
    }
    Dose right = within(step.dose(), own);
    return Optional.of(
        new Wrong(
            "%s is %s %d; %d to %d are safe."
                .formatted(title, what, is, safe.least(), safe.greatest()),
            "%d instead of %d".formatted(safe.clamp(is), is),
            Optional.of(right)));
  }

  /** The same dose, alike on both sides, with everything inside its bounds. */
  private static Dose within(Dose dose, DosePlan own) {
    Dose alike = dose.withException(Optional.empty());
    return alike
        .withRepetitions(
            Math.min(alike.repetitions(), own.greatestRepetitions()),
            Math.min(alike.sets(), own.greatestSets()))
        .withQuantity(own.bounds().clamp(alike.quantity()));
  }

  /**
   * Of work that loads, a week does not jump by more than 30 % over the mean of the last four. What
   * neither tires nor is intense may vary freely: a warm-up lives from change.
   */
  static Optional<String> volume(Step step, RoutineRequest asked) {
    return volumeOver(step.exercise(), StepTime.millis(step, asked.facts().pace()), asked);
  }

  static Optional<String> volumeOver(Exercise exercise, long millis, RoutineRequest asked) {
    Recent.WeeklyVolume volume = asked.recent().volumes().get(exercise.id());
    boolean loads =
        exercise.demands().tires() || exercise.demands().intensity() >= LOADING_INTENSITY;
    return volume == null || !loads || millis <= volume.roomMillis()
        ? Optional.empty()
        : Optional.of(
            "%s would come to %s in seven days; the mean of four weeks is %s."
                .formatted(
                    exercise.title(),
                    TimeWords.words((volume.lastSevenDaysMillis() + millis) / 1000),
                    TimeWords.words(volume.weeklyMeanMillis() / 1000)));
  }
}

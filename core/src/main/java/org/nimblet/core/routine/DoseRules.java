package org.nimblet.core.routine;

import java.util.Optional;
import org.nimblet.core.anatomy.Side;
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
        .or(() -> levelHeld(step, asked))
        .or(() -> loadAndRepetitions(step, asked))
        .or(() -> tempo(step, asked))
        .map(Wrong::sentence)
        .or(() -> volume(step, asked));
  }

  /** A single finger is held for 10 s at most (common practice, no source). */
  static Optional<Wrong> singleFinger(Step step, RoutineRequest asked) {
    Dose dose = step.dose();
    int most = Exercise.SINGLE_FINGER_HOLD_SECONDS;
    int held = dose.form().heldSeconds(asked.facts().pace());
    if (step.exercise().kind() != Kind.STRETCH
        || !Exercise.holdsSingleFingers(dose)
        || held <= most) {
      return Optional.empty();
    }
    Dose right =
        dose.form() instanceof DoseForm.Hold || dose.form() instanceof DoseForm.UntilEases
            ? dose.withQuantity(most)
            : usual(step, asked);
    return Optional.of(
        new Wrong(
            "%s is held for %d s. One finger is held for %d s at most."
                .formatted(step.exercise().title(), held, most),
            "hold " + most + " s",
            Optional.of(right)));
  }

  /** With pain of 4 and more the level of strengthening work is held. */
  static Optional<Wrong> levelHeld(Step step, RoutineRequest asked) {
    if (step.exercise().kind() != Kind.STRENGTHEN) {
      return Optional.empty();
    }
    Dose usual = usual(step, asked);
    boolean more =
        step.dose().quantity() > usual.quantity()
            || step.dose().repetitions() * step.dose().sets() > usual.repetitions() * usual.sets();
    if (!more) {
      return Optional.empty();
    }
    for (Side side : step.sides()) {
      Optional<Pain> pain = asked.facts().health().worstFor(step.exercise(), side);
      if (pain.isPresent() && PainDose.of(pain.get().level(), pain.get().course()).levelHeld()) {
        return Optional.of(
            new Wrong(
                "%s is above its usual dose; with pain %d of 10 the level is held."
                    .formatted(step.exercise().title(), pain.get().level()),
                "usual dose",
                Optional.of(usual)));
      }
    }
    return Optional.empty();
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
    boolean more = now.repetitions() * now.sets() > last.repetitions() * last.sets();
    return heavier && more
        ? Optional.of(
            new Wrong(
                "%s gets heavier than last time (%s) and has more repetitions; one of them rises at a time."
                    .formatted(step.exercise().title(), before.words()),
                "repetitions as last time",
                Optional.of(now.withRepetitions(last.repetitions(), last.sets()))))
        : Optional.empty();
  }

  /** A tempo rises by one rung, and only when the last one was even. */
  static Optional<Wrong> tempo(Step step, RoutineRequest asked) {
    Dose last = asked.recent().lastDoses().get(step.exercise().id());
    if (last == null) {
      return Optional.empty();
    }
    int before = beatsPerMinute(last.form());
    int now = beatsPerMinute(step.dose().form());
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
            Optional.of(step.dose().withForm(withTempo(step.dose().form(), most)))));
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

  /** The quantity of an exercise lies within its bounds. */
  static Optional<Wrong> bounds(Step step, RoutineRequest asked) {
    DosePlan own = step.exercise().planOf(step.dose(), asked.facts().method());
    int quantity = step.dose().quantity();
    boolean sameForm = own.usual().form().getClass() == step.dose().form().getClass();
    if (sameForm && own.bounds().contains(quantity)) {
      return Optional.empty();
    }
    Dose right =
        sameForm ? step.dose().withQuantity(own.bounds().clamp(quantity)) : usual(step, asked);
    String is =
        sameForm
            ? "is dosed with %d; %d to %d are safe"
                .formatted(quantity, own.bounds().least(), own.bounds().greatest())
            : "has no dose of this form";
    return Optional.of(
        new Wrong(
            "%s %s.".formatted(step.exercise().title(), is),
            sameForm ? right.quantity() + " instead of " + quantity : "usual dose",
            Optional.of(right)));
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

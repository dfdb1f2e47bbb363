package org.nimblet.core.progress;

/**
 * The table by which a session is judged, for each exercise and side; the first row that fits
 * decides (model section 5). {@link #of} is total over all answers, unknown ones included.
 */
public enum RungRule {
  STOP(1, Verdict.STOP),
  PAIN_OVER_BEFORE(2, Verdict.DOWN),
  PAIN_RISEN(3, Verdict.DOWN),
  PAIN_NEXT_MORNING(4, Verdict.DOWN),
  TOO_MUCH(5, Verdict.DOWN),
  NO_TIME(6, Verdict.NO_EVIDENCE),
  PAIN_AS_BEFORE(7, Verdict.HOLD_AND_BEGIN_AGAIN),
  ALL_THERE_IS_TWICE(8, Verdict.DOWN),
  HARD(9, Verdict.HOLD_AND_BEGIN_AGAIN),
  UNKNOWN(10, Verdict.HOLD),
  NOT_WHOLE(11, Verdict.HOLD_AND_BEGIN_AGAIN),
  ACHIEVED(12, Verdict.ACHIEVED);

  private final int row;
  private final Verdict verdict;

  RungRule(int row, Verdict verdict) {
    this.row = row;
    this.verdict = verdict;
  }

  /** What a row says. */
  enum Verdict {
    STOP,
    DOWN,
    /** Nothing changes, and what was achieved so far stays. */
    NO_EVIDENCE,
    HOLD,
    /** Hold, and what was achieved so far counts no more. */
    HOLD_AND_BEGIN_AGAIN,
    ACHIEVED
  }

  /** The number of the row, from 1. */
  public int row() {
    return row;
  }

  Verdict verdict() {
    return verdict;
  }

  /** Whether pain or a sign decided; nothing that a coach has set stands against it. */
  boolean isForSafety(Answers answers) {
    boolean leftForPain =
        this == TOO_MUCH && answers.shortfall().filter(why -> why == Shortfall.HURT).isPresent();
    return row <= PAIN_NEXT_MORNING.row || leftForPain;
  }

  /** The first row that fits. */
  public static RungRule of(Answers answers) {
    RungRule pain = ofPain(answers);
    if (pain != null) {
      return pain;
    } else if (answers.donePercent() < ProgressRules.LEAST_PERCENT) {
      return answers.shortfall().filter(why -> why == Shortfall.NO_TIME).isPresent()
          ? NO_TIME
          : TOO_MUCH;
    } else if (answers.duringAtLeast(ProgressRules.MORE_THAN_A_LITTLE)) {
      return PAIN_AS_BEFORE;
    } else if (isAllThereIs(answers) && answers.effortBefore().equals(answers.effort())) {
      return ALL_THERE_IS_TWICE;
    } else if (answers.effort().orElse(0) >= ProgressRules.HARD_EFFORT) {
      return HARD;
    } else if (answers.during().isEmpty() || answers.effort().isEmpty()) {
      return UNKNOWN;
    }
    return isWhole(answers) ? ACHIEVED : NOT_WHOLE;
  }

  private static RungRule ofPain(Answers answers) {
    if (answers.sign()
        || answers.duringAtLeast(ProgressRules.STOPPING_PAIN)
        || answers.morningAtLeast(ProgressRules.STOPPING_PAIN)) {
      return STOP;
    } else if (answers.duringAtLeast(ProgressRules.MORE_THAN_A_LITTLE)
        && (answers.before().isEmpty() || answers.duringAtLeast(answers.before().getAsInt() + 1))) {
      return PAIN_OVER_BEFORE;
    } else if (answers.duringAtLeast(
        Math.max(ProgressRules.RISEN_PAIN, answers.usual() + ProgressRules.RISE))) {
      return PAIN_RISEN;
    } else if (answers.morningAtLeast(
        Math.max(ProgressRules.RISEN_PAIN, answers.base() + ProgressRules.RISE))) {
      return PAIN_NEXT_MORNING;
    }
    return null;
  }

  private static boolean isAllThereIs(Answers answers) {
    return answers.effort().orElse(0) == ProgressRules.WHOLE_EFFORT;
  }

  private static boolean isWhole(Answers answers) {
    boolean painOverUsual =
        answers.duringAtLeast(ProgressRules.RISEN_PAIN)
            && answers.duringAtLeast(answers.usual() + 1);
    boolean morningOverBase =
        answers.morningAtLeast(ProgressRules.RISEN_PAIN)
            && answers.morningAtLeast(answers.base() + 1);
    return answers.donePercent() == ProgressRules.WHOLE_PERCENT
        && !answers.uneven()
        && !painOverUsual
        && !morningOverBase;
  }
}

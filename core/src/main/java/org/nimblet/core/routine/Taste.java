package org.nimblet.core.routine;

import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Method;

/**
 * What makes an exercise worth more or less to a coach than what it serves, one after the other
 * (ours; tried against what practitioners put together for the same people). This is the one place
 * of the numbers.
 */
public enum Taste {
  /** What is asked for comes first, and the rest fills. */
  THEME(300),
  /** The first that a coach reaches for: what is basic comes before what is special. */
  STAPLE(130),
  /** What was begun is gone on with; a course works by being repeated. */
  COURSE(130),
  /** Done the day before: within the course entries take turns. */
  LATELY(83),
  /** The staple of something that matters, and not done for two days. */
  DUE(140),
  /** Nothing new for a week: what was not done for long may replace what is within 85 % of it. */
  TURN(118),
  /** A stretch as the person likes to stretch. */
  LIKED_METHOD(150),
  /**
   * A stretch by another method, where the same tissue can be stretched by the liked one; a staple
   * is done as it is done.
   */
  OTHER_METHOD(60),
  /** With something the person has got for it. */
  OWN_THING(120),
  /** Less than the dose that is due: better fewer things, done whole. */
  CUT_SHORT(88),
  /** A moving load where quiet holds are preferred. */
  MOVING_LOAD(80),
  /** It tires, and was done today already. */
  TIRED_TODAY(70),
  /** Felt elsewhere than meant, more than once: another one of the same tissue takes its place. */
  FELT_ELSEWHERE(60),
  /** Finger work that this person does cleanly four times of five, about. */
  AS_ABLE(140),
  /** Finger work that is easy for this person, where it only wakes the hand. */
  EASY(120),
  /**
   * Finger work that this person mostly does not do cleanly yet; it is drilled before it stands.
   */
  TOO_HARD(60),
  /** The coach keeps it again and again; how much that counts is in {@link CoachHand}. */
  HAND(100),
  /** In a circuit the same work takes less time; it is worth as much. */
  IN_TURN(100);

  private final int percent;

  Taste(int percent) {
    this.percent = percent;
  }

  /** What the worth becomes, in per cent. */
  int percent() {
    return percent;
  }

  /** The reason as words inside a sentence; empty where it says nothing to anybody. */
  String words(Target main, Method method) {
    return switch (this) {
      case THEME -> "of the theme";
      case STAPLE -> "the staple for " + main.word();
      case COURSE -> "your present course";
      case DUE -> "due again";
      case TURN -> "something new for a change";
      case LIKED_METHOD -> "as you like it: " + method.word();
      case OWN_THING -> "with what you have for it";
      case IN_TURN -> "in turn with another, whose sets are its rest";
      case AS_ABLE -> "clean about four times of five, as your rounds go";
      case EASY -> "easy for you, as your rounds go";
      case HAND -> "as your coach keeps it";
      case LATELY, OTHER_METHOD, CUT_SHORT, MOVING_LOAD, TIRED_TODAY, FELT_ELSEWHERE, TOO_HARD ->
          "";
    };
  }
}

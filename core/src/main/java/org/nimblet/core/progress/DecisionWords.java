package org.nimblet.core.progress;

import java.util.Locale;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Ladder;

/** The sentences of decisions; the one place where they are worded. */
public final class DecisionWords {

  private DecisionWords() {}

  /**
   * A decision as one sentence, without its side: "Up from 20 s to 25 s: it went well 2 times."
   *
   * @param ladder the ladder it was made on
   */
  public static String sentence(RungDecision decision, Ladder ladder) {
    String from = ladder.rungs().get(decision.from()).words();
    String to = ladder.rungs().get(decision.to()).words();
    String because = because(decision);
    return switch (decision.effect()) {
      case UP -> "Up from %s to %s: %s.".formatted(from, to, because);
      case DOWN -> "Down from %s to %s: %s.".formatted(from, to, because);
      case LOWERED ->
          "Stays at %s, which is the easiest, and only %d %% of it: %s."
              .formatted(to, ProgressRules.LOWERED_PERCENT, because);
      case RESTORED -> "The whole of %s again: %s.".formatted(to, because);
      case PAUSED -> "Paused until your coach allows it again: %s.".formatted(because);
      case STOPPED -> "Stopped until it is cleared: %s.".formatted(because);
      case HELD -> "Stays at %s: %s.".formatted(to, because);
      case COUNTED ->
          decision.streak() >= decision.need()
              ? "Stays at %s for now: it went well, and a step comes every %d days at the most."
                  .formatted(to, ProgressRules.DAYS_BETWEEN_STEPS)
              : "Stays at %s: it went well %s."
                  .formatted(to, counted(decision.streak(), decision.need()));
      case WAITS ->
          "Stays at %s: it waits for the %s side.".formatted(to, decision.side().other().word());
      case MAINTAINED -> "Stays at %s, which is the top.".formatted(to);
      case NOTHING -> "Nothing changes: %s.".formatted(because);
      case SAID ->
          decision.from() == decision.to()
              ? "%s at %s: %s".formatted(capital(because), to, reason(decision))
              : "%s, from %s to %s: %s".formatted(capital(because), from, to, reason(decision));
    };
  }

  private static String counted(int streak, int need) {
    return "%d of %d times that make a step".formatted(streak, need);
  }

  private static String because(RungDecision decision) {
    RungDecision.Cause cause = decision.cause();
    if (cause instanceof RungDecision.Away away) {
      return "%d days without work there".formatted(away.days());
    } else if (cause instanceof RungDecision.Overruled overruled) {
      return overruled.word().done();
    }
    RungDecision.Judged judged = (RungDecision.Judged) cause;
    if (judged.shift().isPresent()) {
      return judged.shift().get().because();
    }
    return decision.effect() == RungDecision.Effect.NOTHING && judged.rule() == RungRule.ACHIEVED
        ? "less than the rung was set, and that went well"
        : judged(judged.rule(), judged.answers(), decision.need());
  }

  private static String judged(RungRule rule, Answers answers, int need) {
    String during = "pain %s while it was done".formatted(number(answers.during()));
    return switch (rule) {
      case STOP ->
          answers.sign()
              ? "a sign was told there"
              : answers.morningAtLeast(ProgressRules.STOPPING_PAIN)
                  ? "pain %s the next morning".formatted(number(answers.nextMorning()))
                  : during;
      case PAIN_OVER_BEFORE ->
          answers.before().isPresent()
              ? "%s, %s before".formatted(during, number(answers.before()))
              : during + ", and before it was not said";
      case PAIN_RISEN -> "%s, %d is usual".formatted(during, answers.usual());
      case PAIN_NEXT_MORNING ->
          "pain %s the next morning, %d before"
              .formatted(number(answers.nextMorning()), answers.base());
      case TOO_MUCH ->
          "%d %% of it was done%s"
              .formatted(
                  answers.donePercent(),
                  answers.shortfall().map(why -> " " + why.words()).orElse(""));
      case NO_TIME ->
          "%d %% of it was done %s".formatted(answers.donePercent(), Shortfall.NO_TIME.words());
      case PAIN_AS_BEFORE -> during + ", as before";
      case ALL_THERE_IS_TWICE -> "it took all there is twice running";
      case HARD -> "effort %s of 10".formatted(number(answers.effort()));
      case UNKNOWN -> unknown(answers);
      case NOT_WHOLE -> notWhole(answers);
      case ACHIEVED -> "it went well %d times".formatted(need);
    };
  }

  private static String unknown(Answers answers) {
    if (answers.during().isPresent()) {
      return "how hard it was is not known";
    }
    return answers.effort().isPresent()
        ? "whether it hurt is not known"
        : "how it was is not known";
  }

  private static String notWhole(Answers answers) {
    if (answers.donePercent() < ProgressRules.WHOLE_PERCENT) {
      return "%d %% of it was done%s"
          .formatted(
              answers.donePercent(), answers.shortfall().map(why -> " " + why.words()).orElse(""));
    } else if (answers.uneven()) {
      return "the hand was not even enough on keys";
    }
    return answers.duringAtLeast(ProgressRules.RISEN_PAIN)
        ? "pain %s while it was done, %d is usual"
            .formatted(number(answers.during()), answers.usual())
        : "pain %s the next morning, %d before"
            .formatted(number(answers.nextMorning()), answers.base());
  }

  private static String reason(RungDecision decision) {
    String words = ((RungDecision.Overruled) decision.cause()).reason();
    return words.endsWith(".") ? words : words + ".";
  }

  private static String number(OptionalInt value) {
    return value.isPresent() ? String.valueOf(value.getAsInt()) : "not known";
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  /** A side before a sentence: "Left: ", or nothing where both did the same. */
  public static String of(Side side) {
    return capital(side.word()) + ": ";
  }
}

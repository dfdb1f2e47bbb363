package org.nimblet.core.exercise;

import java.util.List;

/**
 * The words of an exercise.
 *
 * @param purpose one sentence: what it is for
 * @param setUp how to place the body and the hands
 * @param action what to do, in short steps
 * @param cue the one line to mind while doing it
 * @param breath how to breathe
 * @param feltAt where it should be felt
 * @param mistakes common mistakes
 * @param cautions what to mind
 * @param stopRules when to stop, beyond the rules that hold in every session
 * @param synonyms other words by which people look for it
 * @param ways what its ways are called, where it has some
 */
public record Guidance(
    String purpose,
    String setUp,
    List<String> action,
    String cue,
    String breath,
    String feltAt,
    List<String> mistakes,
    List<String> cautions,
    List<String> stopRules,
    List<String> synonyms,
    Ways ways) {

  /** Stands in the words for the digits that the activity works. */
  public static final String DIGITS_OF_ACTIVITY = "{digits}";

  /** What is said of them where no activity is known. */
  public static final String ANY_DIGITS = "digit that works the trigger";

  /** Copies the lists. */
  public Guidance {
    action = List.copyOf(action);
    mistakes = List.copyOf(mistakes);
    cautions = List.copyOf(cautions);
    stopRules = List.copyOf(stopRules);
    synonyms = List.copyOf(synonyms);
  }

  /** What to do where no activity is known. */
  public List<String> actionForAnybody() {
    return action.stream().map(step -> step.replace(DIGITS_OF_ACTIVITY, ANY_DIGITS)).toList();
  }
}

package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Method;

/**
 * Why an exercise was taken.
 *
 * @param exerciseId which
 * @param main what it is chiefly for
 * @param level of the usual dose, per cent
 * @param seconds what it was charged with, set-up included
 * @param served what it serves, the greatest share first
 * @param daysSince whole days since it was last done; empty if never
 * @param method by which method it is dosed
 * @param tastes what made it dearer, or less dear, than what it serves
 * @param pinned whether it was pinned and not chosen
 */
public record Choice(
    String exerciseId,
    Target main,
    int level,
    int seconds,
    List<Share> served,
    OptionalInt daysSince,
    Method method,
    List<Taste> tastes,
    boolean pinned) {

  /** A target takes part in the sentence from this share of the greatest one on (ours). */
  private static final int NAMED_SHARE_PERCENT = 40;

  private static final int NAMED_TARGETS = 3;

  /** Copies the lists. */
  public Choice {
    served = List.copyOf(served);
    tastes = List.copyOf(tastes);
  }

  /**
   * What an exercise gives to a target, over both sides.
   *
   * @param target what is served
   * @param points weight × contribution, summed over the sides
   */
  public record Share(Target target, int points) {}

  /** Why it stands in a circuit, where each set takes so long. */
  Choice inTurn(int setSeconds) {
    List<Taste> all = new ArrayList<>(tastes);
    all.add(Taste.IN_TURN);
    return new Choice(exerciseId, main, level, setSeconds, served, daysSince, method, all, pinned);
  }

  /** The reason as one sentence. */
  public String sentence() {
    StringBuilder text = new StringBuilder(pinned ? "Pinned. " : "");
    if (served.isEmpty()) {
      text.append("Fills its place in the routine");
    } else {
      int greatest = served.get(0).points();
      text.append("For ")
          .append(
              served.stream()
                  .filter(share -> share.points() * 100 >= greatest * NAMED_SHARE_PERCENT)
                  .limit(NAMED_TARGETS)
                  .map(share -> share.target().word())
                  .collect(Collectors.joining(", ")));
    }
    text.append("; ");
    if (daysSince.isEmpty()) {
      text.append("not done yet");
    } else if (daysSince.getAsInt() == 0) {
      text.append("done earlier today");
    } else {
      int days = daysSince.getAsInt();
      text.append(days == 1 ? "last done yesterday" : "last done " + days + " days ago");
    }
    if (level != 100) {
      text.append("; at ").append(level).append(" % of the usual dose");
    }
    tastes.stream()
        .map(taste -> taste.words(main, method))
        .filter(words -> !words.isEmpty())
        .forEach(words -> text.append("; ").append(words));
    return text.append('.').toString();
  }
}

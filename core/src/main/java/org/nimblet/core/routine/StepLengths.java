package org.nimblet.core.routine;

import java.util.Comparator;
import java.util.List;

/**
 * How long the steps of a version should be, beside those of another one: a condition under which
 * the choice is still the best there is. Exercises that are never so short or so long stand at
 * their shortest or longest.
 *
 * @param wish which steps are wanted
 * @param seconds the mean length of the steps of the other version
 */
public record StepLengths(Wish wish, int seconds) {

  /** Whatever is best. */
  public static final StepLengths ANY = new StepLengths(Wish.ANY, 0);

  /** Which steps are wanted. */
  public enum Wish {
    ANY,
    SHORTER,
    LONGER
  }

  /** Steps like those of another version, shorter or longer. */
  public static StepLengths beside(Wish wish, List<Integer> otherSeconds) {
    int sum = otherSeconds.stream().mapToInt(Integer::intValue).sum();
    return new StepLengths(wish, otherSeconds.isEmpty() ? 0 : sum / otherSeconds.size());
  }

  /** The options of one exercise that go with it; never none. */
  List<Option> of(List<Option> options) {
    if (wish == Wish.ANY || options.isEmpty()) {
      return options;
    }
    boolean shorter = wish == Wish.SHORTER;
    List<Option> kept =
        options.stream()
            .filter(o -> shorter ? o.charge() < seconds : o.charge() > seconds)
            .toList();
    if (!kept.isEmpty()) {
      return kept;
    }
    Comparator<Option> byLength = Comparator.comparingInt(Option::charge);
    return List.of(
        (shorter ? options.stream().min(byLength) : options.stream().max(byLength)).orElseThrow());
  }

  /** Whether steps of these seconds are what was wished for. */
  boolean isMetBy(List<Integer> stepSeconds) {
    double mean = stepSeconds.stream().mapToInt(Integer::intValue).average().orElse(0);
    return switch (wish) {
      case ANY -> true;
      case SHORTER -> mean < seconds;
      case LONGER -> mean > seconds;
    };
  }

  /** What is said when there is no such version. */
  String whyNone() {
    return "There is no version whose steps are %s on the whole; they take %d s now."
        .formatted(wish == Wish.SHORTER ? "shorter" : "longer", seconds);
  }
}

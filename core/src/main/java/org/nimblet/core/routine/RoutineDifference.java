package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What one routine has otherwise than another: the same exercise is tied, each step once, in the
 * order of the first.
 *
 * @param ties steps of the same exercise
 * @param onlyInFirst the places of steps that only the first has
 * @param onlyInSecond the places of steps that only the second has
 */
public record RoutineDifference(
    List<Tie> ties, List<Integer> onlyInFirst, List<Integer> onlyInSecond) {

  /**
   * The same exercise in both.
   *
   * @param first its place in the first routine
   * @param second its place in the second
   * @param sameDose whether it is dosed alike
   */
  public record Tie(int first, int second, boolean sameDose) {}

  /** Copies the lists. */
  public RoutineDifference {
    ties = List.copyOf(ties);
    onlyInFirst = List.copyOf(onlyInFirst);
    onlyInSecond = List.copyOf(onlyInSecond);
  }

  /** What the second routine has otherwise than the first. */
  public static RoutineDifference between(List<Step> first, List<Step> second) {
    List<Integer> free = new ArrayList<>(IntStream.range(0, second.size()).boxed().toList());
    List<Tie> ties = new ArrayList<>();
    List<Integer> onlyInFirst = new ArrayList<>();
    for (int i = 0; i < first.size(); i++) {
      Step step = first.get(i);
      Integer at =
          free.stream()
              .filter(j -> second.get(j).exercise().id().equals(step.exercise().id()))
              .findFirst()
              .orElse(null);
      if (at == null) {
        onlyInFirst.add(i);
      } else {
        free.remove(at);
        ties.add(new Tie(i, at, second.get(at).dose().equals(step.dose())));
      }
    }
    return new RoutineDifference(ties, onlyInFirst, free);
  }

  /** Whether both are the same but for the order. */
  public boolean onlyTheOrder() {
    return onlyInFirst.isEmpty() && onlyInSecond.isEmpty() && ties.stream().allMatch(Tie::sameDose);
  }
}

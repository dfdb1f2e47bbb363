package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.routine.Finding.Repair;

/** Large before small, gentle before intense. */
final class OrderRules {

  private static final int INTENSE = 4;
  private static final int GENTLE = 2;

  private OrderRules() {}

  static List<Finding> smallBeforeLarge(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>();
    List<Integer> mobilising = routine.where(step -> step.exercise().kind() == Kind.MOBILISE);
    for (List<Integer> piece : routine.pieces(mobilising)) {
      for (int i = 1; i < piece.size(); i++) {
        Step small = routine.steps().get(piece.get(i - 1));
        Step large = routine.steps().get(piece.get(i));
        if (segment(small) > segment(large)) {
          findings.add(
              new Finding(
                  RoutineRule.SMALL_BEFORE_LARGE,
                  "%s comes before %s; large movements come first."
                      .formatted(small.exercise().title(), large.exercise().title()),
                  List.of(piece.get(i - 1), piece.get(i)),
                  () ->
                      sorted(
                          routine,
                          piece,
                          Comparator.comparing(OrderRules::segment),
                          "large before small")));
          break;
        }
      }
    }
    return findings;
  }

  private static int segment(Step step) {
    return step.exercise().demands().segment().ordinal();
  }

  private static int intensity(Step step) {
    return step.exercise().demands().intensity();
  }

  static List<Finding> intenseEarly(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>();
    for (int p = 0; p < routine.plan().phases().size(); p++) {
      int phase = p;
      List<Integer> own =
          routine.where(
              step ->
                  step.exercise().kind() != Kind.MOBILISE
                      && routine.plan().placeOf(step.exercise()) == phase);
      for (List<Integer> piece : routine.pieces(own)) {
        early(routine, piece).ifPresent(findings::add);
      }
    }
    return findings;
  }

  private static Optional<Finding> early(CheckedRoutine routine, List<Integer> piece) {
    for (int i = 0; i < piece.size(); i++) {
      for (int j = i + 1; j < piece.size(); j++) {
        Step intense = routine.steps().get(piece.get(i));
        Step gentle = routine.steps().get(piece.get(j));
        if (intensity(intense) >= INTENSE && intensity(gentle) <= GENTLE) {
          return Optional.of(
              new Finding(
                  RoutineRule.INTENSE_EARLY,
                  "%s is far more intense than %s after it; gentle work comes first."
                      .formatted(intense.exercise().title(), gentle.exercise().title()),
                  List.of(piece.get(i), piece.get(j)),
                  () ->
                      sorted(
                          routine,
                          piece,
                          Comparator.comparing(OrderRules::intensity),
                          "gentle first")));
        }
      }
    }
    return Optional.empty();
  }

  /** The steps of a piece in another order, on the places that they had together. */
  private static Repair sorted(
      CheckedRoutine routine, List<Integer> piece, Comparator<Step> order, String words) {
    List<Step> own = piece.stream().map(routine.steps()::get).sorted(order).toList();
    List<Step> changed = new ArrayList<>(routine.steps());
    for (int i = 0; i < piece.size(); i++) {
      changed.set(piece.get(i), own.get(i));
    }
    return routine.whole(words, changed);
  }
}

package org.nimblet.core.routine;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Quality;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.SidedTarget;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Discipline;

/**
 * How much a routine should serve each target on each side, 0–10.
 *
 * @param points by target and side; what is not in it has weight 0
 */
public record Weights(SortedMap<SidedTarget, Integer> points) {

  private static final int GREATEST = 10;

  /** What a warm-up serves whatever the hands do (ours). */
  private static final Map<Target, Integer> EVERYONE =
      Map.of(
          Quality.WARMTH, 5,
          Tissue.WRIST, 3,
          Tissue.FINGER_JOINTS, 3,
          Tissue.SHOULDERS, 3,
          Quality.FEEL, 4,
          Quality.EASE, 1);

  /** What carries most in each discipline (common practice, no source; numbers ours). */
  private static final Map<Discipline, Map<Target, Integer>> BY_DISCIPLINE =
      Map.of(
          Discipline.PLUCKED_STRINGS,
          Map.of(
              Tissue.FINGER_FLEXORS, 7,
              Tissue.THUMB_MUSCLES, 6,
              Quality.INDEPENDENCE, 6,
              Quality.REACH, 4,
              Quality.EVENNESS, 4,
              Digit.LITTLE, 3),
          Discipline.BOWED_STRINGS,
          Map.of(
              Tissue.FINGER_FLEXORS, 6,
              Tissue.THUMB_MUSCLES, 5,
              Tissue.NECK_MUSCLES, 6,
              Tissue.SHOULDERS, 7,
              Digit.LITTLE, 5,
              Quality.INDEPENDENCE, 4),
          Discipline.KEYBOARD_INSTRUMENT,
          Map.of(
              Quality.EVENNESS, 7,
              Quality.INDEPENDENCE, 6,
              Digit.RING, 5,
              Digit.LITTLE, 5,
              Quality.REACH, 4,
              Tissue.WRIST, 5),
          Discipline.WINDS,
          Map.of(
              Tissue.FOREARM_ROTATORS, 5,
              Quality.EVENNESS, 6,
              Tissue.FINGER_EXTENSORS, 4,
              Tissue.CHEST, 4),
          Discipline.PERCUSSION,
          Map.of(
              Tissue.FOREARM_ROTATORS, 7,
              Tissue.WRIST, 7,
              Tissue.FINGER_FLEXORS, 4,
              Tissue.SHOULDERS, 5),
          Discipline.CONTROLLER,
          Map.of(
              Digit.INDEX, 6,
              Digit.THUMB, 6,
              Tissue.THUMB_MUSCLES, 5,
              Tissue.FINGER_FLEXORS, 6,
              Tissue.FINGER_EXTENSORS, 4,
              Tissue.FOREARM_ROTATORS, 3),
          Discipline.MOUSE,
          Map.of(
              Tissue.FINGER_EXTENSORS, 7,
              Tissue.WRIST, 6,
              Digit.INDEX, 4,
              Tissue.SHOULDERS, 4),
          Discipline.TYPING,
          Map.of(
              Tissue.FINGER_EXTENSORS, 7,
              Tissue.FOREARM_ROTATORS, 5,
              Tissue.SHOULDERS, 6,
              Tissue.NECK_MUSCLES, 6,
              Tissue.WRIST, 5),
          Discipline.PHONE,
          Map.of(
              Tissue.THUMB_MUSCLES, 8,
              Digit.THUMB, 6,
              Tissue.CHEST, 6,
              Tissue.SHOULDERS, 5,
              Tissue.WRIST, 4),
          Discipline.HANDWRITING,
          Map.of(
              Tissue.THUMB_MUSCLES, 6,
              Digit.THUMB, 4,
              Digit.INDEX, 4,
              Digit.MIDDLE, 4,
              Tissue.FINGER_FLEXORS, 5,
              Tissue.FOREARM_ROTATORS, 3));

  /** Added for each digit that carries the activity (ours). */
  private static final int CARRYING_DIGIT = 3;

  /** What the other hand gets of the working hand's weights, in per cent (ours). */
  private static final int OTHER_HAND_PERCENT = 40;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException if a weight is outside 0–10
   */
  public Weights {
    points = Collections.unmodifiableSortedMap(new TreeMap<>(points));
    points.forEach(
        (target, weight) -> {
          if (weight < 0 || weight > GREATEST) {
            throw new IllegalArgumentException(
                "weight of %s (%d) must be between 0 and 10".formatted(target, weight));
          }
        });
  }

  /**
   * The weights to start from for one activity.
   *
   * @param discipline what the hands do
   * @param workingSides which hand does it, one or both
   * @param digits the digits that carry it
   */
  public static Weights starting(Discipline discipline, Set<Side> workingSides, Set<Digit> digits) {
    SortedMap<SidedTarget, Integer> points = new TreeMap<>();
    for (Side side : EnumSet.allOf(Side.class)) {
      int percent = workingSides.contains(side) ? 100 : OTHER_HAND_PERCENT;
      EVERYONE.forEach((target, weight) -> points.put(new SidedTarget(target, side), weight));
      BY_DISCIPLINE
          .getOrDefault(discipline, Map.of())
          .forEach(
              (target, weight) ->
                  points.merge(new SidedTarget(target, side), weight * percent / 100, Math::max));
      if (workingSides.contains(side)) {
        for (Digit digit : digits) {
          points.merge(
              new SidedTarget(digit, side),
              CARRYING_DIGIT,
              (before, more) -> Math.min(GREATEST, before + more));
        }
      }
    }
    return new Weights(points);
  }

  /** The weight of a target on a side. */
  public int of(Target target, Side side) {
    return points.getOrDefault(new SidedTarget(target, side), 0);
  }
}

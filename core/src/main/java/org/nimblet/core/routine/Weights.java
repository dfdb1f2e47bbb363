package org.nimblet.core.routine;

import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import org.nimblet.core.exercise.Purpose;

/** How much a routine should serve each target on each side, 0–10. */
public final class Weights {

  private static final int GREATEST = 10;

  private final SortedMap<SidedTarget, Integer> points;
  private final Map<Target, int[]> bySide = new HashMap<>();

  /** Nothing is asked for. */
  public static final Weights NONE = new Weights(new TreeMap<>());

  /** What each purpose serves whatever the hands do (ours). */
  private static final Map<Purpose, Map<Target, Integer>> EVERYONE =
      Map.of(
          Purpose.WARM_UP,
          Map.of(
              Quality.WARMTH, 5,
              Tissue.WRIST, 3,
              Tissue.FINGER_JOINTS, 3,
              Tissue.SHOULDERS, 3,
              Quality.FEEL, 4,
              Quality.EASE, 1),
          Purpose.BREAK,
          Map.of(
              Quality.EASE, 4,
              Quality.POSTURE, 3,
              Tissue.SHOULDERS, 4,
              Tissue.NECK_MUSCLES, 3,
              Tissue.CHEST, 2,
              Tissue.FINGER_FLEXORS, 6,
              Tissue.FINGER_EXTENSORS, 6,
              Tissue.WRIST, 6,
              Tissue.FINGER_JOINTS, 3,
              Tissue.HAND_INTRINSICS, 3),
          Purpose.COOL_DOWN,
          Map.of(
              Quality.EASE, 5,
              Quality.WARMTH, 1,
              Tissue.FINGER_FLEXORS, 6,
              Tissue.FINGER_EXTENSORS, 6,
              Tissue.WRIST, 6,
              Tissue.FINGER_JOINTS, 3,
              Tissue.HAND_INTRINSICS, 3),
          Purpose.STRENGTH,
          Map.of(
              Quality.STRENGTH, 6,
              Quality.ENDURANCE, 4,
              Quality.WARMTH, 2,
              Tissue.WRIST, 3,
              Quality.POSTURE, 2,
              Quality.EASE, 1),
          Purpose.INDEPENDENCE,
          Map.of(
              Quality.INDEPENDENCE, 8,
              Quality.EVENNESS, 5,
              Digit.RING, 4,
              Digit.LITTLE, 4,
              Tissue.FINGER_JOINTS, 2,
              Quality.WARMTH, 2,
              Quality.EASE, 1),
          Purpose.REACH,
          Map.of(
              Quality.REACH, 8,
              Tissue.HAND_INTRINSICS, 5,
              Tissue.FINGER_JOINTS, 3,
              Digit.LITTLE, 3,
              Quality.WARMTH, 2,
              Quality.EASE, 1),
          Purpose.RECOVERY,
          Map.of(
              Quality.EASE, 5,
              Tissue.FINGER_FLEXORS, 6,
              Tissue.FINGER_EXTENSORS, 6,
              Tissue.WRIST, 6,
              Tissue.FINGER_JOINTS, 3,
              Tissue.HAND_INTRINSICS, 3,
              Quality.WARMTH, 2));

  /** What carries most in each discipline (common practice, no source; numbers ours). */
  private static final Map<Discipline, Map<Target, Integer>> BY_DISCIPLINE =
      Map.ofEntries(
          Map.entry(
              Discipline.PLUCKED_STRINGS,
              Map.of(
                  Tissue.FINGER_FLEXORS, 7,
                  Tissue.THUMB_MUSCLES, 6,
                  Quality.INDEPENDENCE, 6,
                  Quality.REACH, 4,
                  Quality.EVENNESS, 4,
                  Digit.LITTLE, 3)),
          Map.entry(
              Discipline.BOWED_STRINGS,
              Map.of(
                  Tissue.FINGER_FLEXORS, 6,
                  Tissue.THUMB_MUSCLES, 5,
                  Tissue.NECK_MUSCLES, 6,
                  Tissue.SHOULDERS, 7,
                  Digit.LITTLE, 5,
                  Quality.INDEPENDENCE, 4)),
          Map.entry(
              Discipline.KEYBOARD_INSTRUMENT,
              Map.of(
                  Quality.EVENNESS, 7,
                  Quality.INDEPENDENCE, 6,
                  Digit.RING, 5,
                  Digit.LITTLE, 5,
                  Quality.REACH, 4,
                  Tissue.WRIST, 5)),
          Map.entry(
              Discipline.WINDS,
              Map.of(
                  Tissue.FOREARM_ROTATORS, 5,
                  Quality.EVENNESS, 6,
                  Tissue.FINGER_EXTENSORS, 4,
                  Tissue.CHEST, 4)),
          Map.entry(
              Discipline.PERCUSSION,
              Map.of(
                  Tissue.FOREARM_ROTATORS, 7,
                  Tissue.WRIST, 7,
                  Tissue.FINGER_FLEXORS, 4,
                  Tissue.SHOULDERS, 5)),
          Map.entry(
              Discipline.CONTROLLER,
              Map.of(
                  Digit.INDEX, 6,
                  Digit.THUMB, 6,
                  Tissue.THUMB_MUSCLES, 5,
                  Tissue.FINGER_FLEXORS, 6,
                  Tissue.FINGER_EXTENSORS, 4,
                  Tissue.FOREARM_ROTATORS, 3)),
          Map.entry(
              Discipline.MOUSE,
              Map.of(
                  Tissue.FINGER_EXTENSORS, 7,
                  Tissue.WRIST, 6,
                  Digit.INDEX, 4,
                  Tissue.SHOULDERS, 4)),
          Map.entry(
              Discipline.TYPING,
              Map.of(
                  Tissue.FINGER_EXTENSORS, 7,
                  Tissue.FOREARM_ROTATORS, 5,
                  Tissue.SHOULDERS, 6,
                  Tissue.NECK_MUSCLES, 6,
                  Tissue.WRIST, 5)),
          Map.entry(
              Discipline.PHONE,
              Map.of(
                  Tissue.THUMB_MUSCLES, 8,
                  Digit.THUMB, 6,
                  Tissue.CHEST, 6,
                  Tissue.SHOULDERS, 5,
                  Tissue.WRIST, 4)),
          Map.entry(
              Discipline.HANDWRITING,
              Map.of(
                  Tissue.THUMB_MUSCLES, 6,
                  Digit.THUMB, 4,
                  Digit.INDEX, 4,
                  Digit.MIDDLE, 4,
                  Tissue.FINGER_FLEXORS, 5,
                  Tissue.FOREARM_ROTATORS, 3)),
          Map.entry(
              Discipline.MANUAL_WORK,
              Map.of(
                  Tissue.THUMB_MUSCLES, 6,
                  Tissue.FINGER_FLEXORS, 6,
                  Tissue.WRIST, 4,
                  Tissue.SHOULDERS, 4,
                  Tissue.NECK_MUSCLES, 5)),
          Map.entry(
              Discipline.TRAINING,
              Map.of(
                  Tissue.FINGER_FLEXORS, 7,
                  Tissue.WRIST, 7,
                  Tissue.SHOULDERS, 5,
                  Tissue.HAND_INTRINSICS, 4)));

  /** Added for each digit that carries the activity (ours). */
  private static final int CARRYING_DIGIT = 3;

  /** What the other hand gets of the working hand's weights, in per cent (ours). */
  private static final int OTHER_HAND_PERCENT = 40;

  private static final Set<Purpose> CARING =
      Collections.unmodifiableSet(EnumSet.of(Purpose.BREAK, Purpose.COOL_DOWN, Purpose.RECOVERY));

  private static final int SKILL_IN_CARE_PERCENT = 25;
  private static final int LIGHT_PAIN = 3;
  private static final int SORE_MORE = 2;
  private static final int TIGHT_MORE = 1;

  /**
   * Checks the ranges.
   *
   * @param points by target and side; what is not in it has weight 0
   * @throws IllegalArgumentException if a weight is outside 0–10
   */
  public Weights(SortedMap<SidedTarget, Integer> points) {
    this.points = Collections.unmodifiableSortedMap(new TreeMap<>(points));
    points.forEach(
        (sided, weight) -> {
          if (weight < 0 || weight > GREATEST) {
            throw new IllegalArgumentException(
                "weight of %s (%d) must be between 0 and 10".formatted(sided, weight));
          }
          bySide
                  .computeIfAbsent(sided.target(), target -> new int[Side.values().length])[
                  sided.side().ordinal()] =
              weight;
        });
  }

  /**
   * The weights that one activity asks for, before the purpose: what carries most in it, and the
   * digits that carry it.
   *
   * @param discipline what the hands do
   * @param workingSides which hand does it, one or both
   * @param digits the digits that carry it
   */
  public static Weights ofActivity(
      Discipline discipline, Set<Side> workingSides, Set<Digit> digits) {
    SortedMap<SidedTarget, Integer> points = new TreeMap<>();
    for (Side side : EnumSet.allOf(Side.class)) {
      int percent = workingSides.contains(side) ? 100 : OTHER_HAND_PERCENT;
      BY_DISCIPLINE
          .getOrDefault(discipline, Map.of())
          .forEach(
              (target, weight) ->
                  points.put(new SidedTarget(target, side), weight * percent / 100));
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

  /**
   * What one activity asks for, and how much of the week it takes.
   *
   * @param weights what it asks for
   * @param weeklyMinutes minutes a week, at least 0
   */
  public record Share(Weights weights, int weeklyMinutes) {}

  /**
   * The weights of a routine: what the purpose serves in everybody, and what the activities around
   * it ask for. The longest activity counts in full, the others between a half and in full by their
   * minutes (ours); of several the greatest counts.
   */
  public static Weights forRoutine(Purpose purpose, List<Share> activities) {
    SortedMap<SidedTarget, Integer> points = new TreeMap<>();
    for (Side side : Side.values()) {
      EVERYONE
          .get(purpose)
          .forEach((target, weight) -> points.put(new SidedTarget(target, side), weight));
    }
    int longest = activities.stream().mapToInt(Share::weeklyMinutes).max().orElse(0);
    for (Share activity : activities) {
      int percent = longest == 0 ? 100 : 50 + 50 * activity.weeklyMinutes() / longest;
      activity
          .weights()
          .points()
          .forEach(
              (target, weight) ->
                  points.merge(
                      target,
                      weight * percent * skillPercent(purpose, target.target()) / 10_000,
                      Math::max));
    }
    return new Weights(points);
  }

  /** Where care is the purpose, a skill of the activity counts a quarter, its tissues in full. */
  private static int skillPercent(Purpose purpose, Target target) {
    return CARING.contains(purpose) && target instanceof Quality ? SKILL_IN_CARE_PERCENT : 100;
  }

  /**
   * The same weights with what hurts a little and what is tighter cared for more: +2 for tissues of
   * a region with pain of 1 to 3, +1 for the tissues of the tighter side (ours). Only where the
   * purpose is care, not effort.
   */
  public Weights caringFor(Purpose purpose, List<Pain> pains, Optional<Side> tighter) {
    if (!CARING.contains(purpose)) {
      return this;
    }
    SortedMap<SidedTarget, Integer> cared = new TreeMap<>(points);
    for (Tissue tissue : Tissue.values()) {
      for (Side side : Side.values()) {
        boolean sore =
            pains.stream()
                .filter(pain -> pain.level() > 0 && pain.level() <= LIGHT_PAIN)
                .anyMatch(p -> tissue.regions().stream().anyMatch(r -> p.touches(r, side)));
        SidedTarget target = new SidedTarget(tissue, side);
        boolean tight = tighter.filter(side::equals).isPresent() && points.containsKey(target);
        int more = (sore ? SORE_MORE : 0) + (tight ? TIGHT_MORE : 0);
        if (more > 0) {
          cared.merge(target, more, (before, added) -> Math.min(GREATEST, before + added));
        }
      }
    }
    return new Weights(cared);
  }

  /** By target and side; what is not in it has weight 0. */
  public SortedMap<SidedTarget, Integer> points() {
    return points;
  }

  /** The weight of a target on a side. */
  public int of(Target target, Side side) {
    int[] weights = bySide.get(target);
    return weights == null ? 0 : weights[side.ordinal()];
  }

  @Override
  public boolean equals(Object that) {
    return that instanceof Weights other && points.equals(other.points);
  }

  @Override
  public int hashCode() {
    return points.hashCode();
  }

  @Override
  public String toString() {
    return "Weights" + points;
  }
}

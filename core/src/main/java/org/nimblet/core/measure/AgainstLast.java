package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Side;

/**
 * A tap test against the last one that asked for the same.
 *
 * @param last that one
 * @param unlike what was unlike at it, as sentences; where there is anything nothing is called
 *     better or worse
 * @param changes of each hand and measure that both of them have
 */
public record AgainstLast(
    TestedTaps last, List<String> unlike, Map<Side, Map<TapMeasure, Change>> changes) {

  /** Tempi count as equal up to this, about two rungs (ours). */
  private static final double TEMPO_APART = 0.1;

  /**
   * Compares.
   *
   * @param now the test
   * @param before all earlier ones of the same person, in any order
   * @return empty if nothing like it was tested before
   */
  public static Optional<AgainstLast> of(TestedTaps now, List<TestedTaps> before) {
    List<TestedTaps> like = now.like(before);
    if (like.isEmpty()) {
      return Optional.empty();
    }
    TestedTaps last = like.get(like.size() - 1);
    List<String> unlike = unlike(now, last);
    Map<Side, Map<TapMeasure, Change>> changes = new EnumMap<>(Side.class);
    now.tapping()
        .hands()
        .forEach(
            (side, hand) ->
                last.tapping()
                    .of(side)
                    .ifPresent(
                        then ->
                            changes.put(side, changes(side, hand, then, like, unlike.isEmpty()))));
    return Optional.of(new AgainstLast(last, unlike, changes));
  }

  /** What was unlike at another test, as sentences. */
  private static List<String> unlike(TestedTaps now, TestedTaps then) {
    List<String> unlike = new ArrayList<>(now.conditions().unlike(then.conditions()));
    OptionalInt tempo = now.tapping().task().tapsAMinute();
    OptionalInt other = then.tapping().task().tapsAMinute();
    if (tempo.isPresent()
        && other.isPresent()
        && Math.abs(tempo.getAsInt() - other.getAsInt()) > TEMPO_APART * other.getAsInt()) {
      unlike.add("It was %d taps a minute, now %d.".formatted(other.getAsInt(), tempo.getAsInt()));
    }
    return unlike;
  }

  private static Map<TapMeasure, Change> changes(
      Side side, HandTapping now, HandTapping then, List<TestedTaps> like, boolean equal) {
    Map<TapMeasure, Change> changes = new EnumMap<>(TapMeasure.class);
    for (TapMeasure measure : TapMeasure.values()) {
      OptionalDouble before = measure.of(then);
      OptionalDouble value = measure.of(now);
      if (before.isPresent() && value.isPresent()) {
        double a = before.getAsDouble();
        double b = value.getAsDouble();
        changes.put(
            measure, Change.of(a, b, counts(measure, side, like), measure.isBetter(a, b), equal));
      }
    }
    return changes;
  }

  /**
   * From which difference a change of a hand counts.
   *
   * @param like tests that asked for the same, the first first
   */
  public static SmallestChange counts(TapMeasure measure, Side side, List<TestedTaps> like) {
    List<SmallestChange.Pair> pairs = new ArrayList<>();
    for (int i = 1; i < like.size(); i++) {
      TestedTaps first = like.get(i - 1);
      TestedTaps second = like.get(i);
      if (isRepeat(first, second)) {
        OptionalDouble a = value(measure, side, first);
        OptionalDouble b = value(measure, side, second);
        if (a.isPresent() && b.isPresent()) {
          pairs.add(new SmallestChange.Pair(a.getAsDouble(), b.getAsDouble()));
        }
      }
    }
    return SmallestChange.of(measure.errorOfMeasurement(), pairs, 1);
  }

  private static OptionalDouble value(TapMeasure measure, Side side, TestedTaps tested) {
    return tested.tapping().of(side).map(measure::of).orElse(OptionalDouble.empty());
  }

  private static boolean isRepeat(TestedTaps first, TestedTaps second) {
    return second.conditions().repeats(first.conditions()) && unlike(second, first).isEmpty();
  }
}

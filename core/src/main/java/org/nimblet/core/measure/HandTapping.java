package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * What one hand tapped.
 *
 * @param order how many taps were what the row asked for
 * @param timing how even it was; empty where fewer than two intervals were tapped, or all at once
 * @param taps each tap of the row in turn, with how early or late it came
 * @param transitions how late each finger followed each other, those that were tapped
 * @param fingers how each finger did
 * @param loudness how evenly loud, in percent (standard deviation by mean), where the keys can tell
 * @param covariance what tells clock and hand apart
 * @param inTenSeconds how many taps fell into the first ten seconds, where that was the test
 */
public record HandTapping(
    Side side,
    Order order,
    Optional<Timing> timing,
    List<Placed> taps,
    List<Transition> transitions,
    List<Finger> fingers,
    OptionalDouble loudness,
    Autocovariance covariance,
    Optional<Integer> inTenSeconds) {

  private static final double MILLIS_A_MINUTE = 60_000;
  private static final double PERCENT = 100;
  private static final int DIGITS = Digit.values().length;

  /** Copies the lists. */
  public HandTapping {
    taps = List.copyOf(taps);
    transitions = List.copyOf(transitions);
    fingers = List.copyOf(fingers);
  }

  /**
   * Taps against the row.
   *
   * @param right by the finger that was asked for
   * @param wrong by another one at its place
   * @param missing not tapped
   * @param additional tapped where nothing was asked for
   */
  public record Order(int right, int wrong, int missing, int additional) {

    /** Right ones among all that was asked for or tapped, in percent; 0 of none. */
    public double percent() {
      int all = right + wrong + missing + additional;
      return all == 0 ? 0 : PERCENT * right / all;
    }
  }

  /**
   * How even.
   *
   * @param intervals how many were counted
   * @param meanMillis their mean
   * @param spreadMillis their standard deviation
   * @param driftPercent by how much of the mean they lengthen a minute; below 0 it gets faster
   */
  public record Timing(int intervals, double meanMillis, double spreadMillis, double driftPercent) {

    /** Standard deviation by mean (coefficient of variation), in percent. */
    public double spreadPercent() {
      return meanMillis == 0 ? 0 : PERCENT * spreadMillis / meanMillis;
    }
  }

  /**
   * A place of the row as it was tapped.
   *
   * @param place from 0 on
   * @param wanted by which finger
   * @param tapped by which it was
   * @param atMillis when
   * @param lateMillis against the click, or once that has stopped against the hand's own mean beat
   * @param counted whether it is measured, or still led by the click
   */
  public record Placed(
      int place, Digit wanted, Digit tapped, double atMillis, double lateMillis, boolean counted) {

    /** Whether it was the finger that was asked for. */
    public boolean right() {
      return wanted == tapped;
    }
  }

  /**
   * One finger after another.
   *
   * @param times how often it was tapped
   * @param lateMillis by how much longer its interval is than the hand's own
   * @param spreadMillis standard deviation of that
   */
  public record Transition(
      Digit from, Digit to, int times, double lateMillis, double spreadMillis) {}

  /**
   * One finger.
   *
   * @param taps how many
   * @param lateMillis by how much longer the intervals are that it ends
   * @param spreadMillis standard deviation of that
   * @param velocity mean of how hard, where the keys can tell
   */
  public record Finger(
      Digit digit, int taps, double lateMillis, double spreadMillis, OptionalDouble velocity) {}

  /** The transition that comes latest; empty if none was tapped. */
  public Optional<Transition> latest() {
    return transitions.stream().max(Comparator.comparingDouble(Transition::lateMillis));
  }

  /**
   * Measures one hand.
   *
   * @param taps of this hand, in the order of time
   */
  static HandTapping of(Side side, TapTask task, List<Tap> taps) {
    return task.pace() == Pace.SPEED
        ? speed(side, task, taps)
        : new Reading(side, task, taps).all();
  }

  private static HandTapping speed(Side side, TapTask task, List<Tap> all) {
    Digit wanted = task.rowOf(side).get(0);
    double end = all.isEmpty() ? 0 : all.get(0).atMillis() + TapTask.SPEED_SECONDS * 1000.0;
    List<Tap> taps = all.stream().filter(tap -> tap.atMillis() < end).toList();
    List<Tap> right = taps.stream().filter(tap -> tap.digit() == wanted).toList();
    int wrong = taps.size() - right.size();
    double[] at = right.stream().mapToDouble(Tap::atMillis).toArray();
    double[] intervals = new double[Math.max(0, at.length - 1)];
    for (int i = 0; i < intervals.length; i++) {
      intervals[i] = at[i + 1] - at[i];
    }
    return new HandTapping(
        side,
        new Order(right.size(), 0, 0, wrong),
        timing(intervals, Arrays.copyOfRange(at, Math.min(1, at.length), at.length)),
        List.of(),
        List.of(),
        List.of(),
        loudness(right),
        Autocovariance.NONE,
        Optional.of(right.size()));
  }

  private static Optional<Timing> timing(double[] intervals, double[] ends) {
    if (intervals.length < 2) {
      return Optional.empty();
    }
    double mean = Line.mean(intervals);
    if (mean <= 0) {
      return Optional.empty();
    }
    double slope = Line.through(ends, intervals).slope();
    return Optional.of(
        new Timing(
            intervals.length,
            mean,
            Line.spread(intervals),
            PERCENT * slope * MILLIS_A_MINUTE / mean));
  }

  private static OptionalDouble loudness(List<Tap> taps) {
    double[] known =
        taps.stream()
            .filter(tap -> tap.velocity().isPresent())
            .mapToDouble(tap -> tap.velocity().getAsInt())
            .toArray();
    return known.length < 2
        ? OptionalDouble.empty()
        : OptionalDouble.of(PERCENT * Line.spread(known) / Line.mean(known));
  }

  /** A hand's taps laid on its row. */
  private static final class Reading {
    private final Side side;
    private final TapTask task;
    private final List<Tap> taps;
    private final List<Digit> wanted;
    private final Alignment alignment;

    /** The first place that is measured. */
    private final int from;

    Reading(Side side, TapTask task, List<Tap> taps) {
      this.side = side;
      this.task = task;
      this.taps = taps;
      this.wanted = task.wanted(side);
      this.alignment = Alignment.of(wanted, taps);
      this.from = task.withClick() + TapTask.NOT_COUNTED;
    }

    HandTapping all() {
      List<Integer> ends = intervalEnds();
      double[] x = ends.stream().mapToDouble(place -> place).toArray();
      double[] millis = ends.stream().mapToDouble(place -> at(place) - at(place - 1)).toArray();
      double[] times = ends.stream().mapToDouble(this::at).toArray();
      Line drift = Line.through(x, millis);
      Map<Integer, List<Double>> late = new TreeMap<>();
      int[] kinds = new int[millis.length];
      for (int i = 0; i < millis.length; i++) {
        int place = ends.get(i);
        kinds[i] = kind(wanted.get(place - 1), wanted.get(place));
        if (isRight(place) && isRight(place - 1)) {
          late.computeIfAbsent(kinds[i], kind -> new ArrayList<>())
              .add(millis[i] - drift.at(place));
        }
      }
      int[] places = ends.stream().mapToInt(place -> place).toArray();
      return new HandTapping(
          side,
          order(),
          timing(millis, times),
          placed(),
          transitions(late),
          fingers(late),
          loudness(taps),
          Autocovariance.of(places, millis, kinds, kind(Digit.LITTLE, Digit.LITTLE) + 1),
          Optional.empty());
    }

    private static int kind(Digit from, Digit to) {
      return from.ordinal() * DIGITS + to.ordinal();
    }

    private boolean isTapped(int place) {
      return alignment.tapAt(place) != Alignment.MISSING;
    }

    private Tap tap(int place) {
      return taps.get(alignment.tapAt(place));
    }

    private double at(int place) {
      return tap(place).atMillis();
    }

    private boolean isRight(int place) {
      return tap(place).digit() == wanted.get(place);
    }

    /** Places whose interval is measured: it and the one before were tapped. */
    private List<Integer> intervalEnds() {
      List<Integer> ends = new ArrayList<>();
      for (int place = Math.max(1, from); place < wanted.size(); place++) {
        if (isTapped(place) && isTapped(place - 1)) {
          ends.add(place);
        }
      }
      return ends;
    }

    private Order order() {
      int right = 0;
      int wrong = 0;
      int missing = 0;
      for (int place = 0; place < wanted.size(); place++) {
        if (!isTapped(place)) {
          missing++;
        } else if (isRight(place)) {
          right++;
        } else {
          wrong++;
        }
      }
      return new Order(right, wrong, missing, alignment.additional());
    }

    private List<Placed> placed() {
      int[] measured =
          IntStream.range(Math.min(from, wanted.size()), wanted.size())
              .filter(this::isTapped)
              .toArray();
      double[] x = Arrays.stream(measured).asDoubleStream().toArray();
      double[] y = Arrays.stream(measured).mapToDouble(this::at).toArray();
      Line own = Line.through(x, y);
      List<Placed> placed = new ArrayList<>();
      for (int place = 0; place < wanted.size(); place++) {
        if (isTapped(place)) {
          double beat =
              place < task.withClick()
                  ? place * MILLIS_A_MINUTE / task.tapsAMinute().orElseThrow()
                  : own.at(place);
          placed.add(
              new Placed(
                  place,
                  wanted.get(place),
                  tap(place).digit(),
                  at(place),
                  at(place) - beat,
                  place >= from));
        }
      }
      return placed;
    }

    private static List<Transition> transitions(Map<Integer, List<Double>> late) {
      List<Transition> transitions = new ArrayList<>();
      late.forEach(
          (kind, values) -> {
            double[] of = values.stream().mapToDouble(value -> value).toArray();
            transitions.add(
                new Transition(
                    Digit.values()[kind / DIGITS],
                    Digit.values()[kind % DIGITS],
                    of.length,
                    Line.mean(of),
                    Line.spread(of)));
          });
      return transitions;
    }

    private List<Finger> fingers(Map<Integer, List<Double>> late) {
      List<Finger> fingers = new ArrayList<>();
      for (Digit digit : Digit.values()) {
        double[] of =
            late.entrySet().stream()
                .filter(entry -> entry.getKey() % DIGITS == digit.ordinal())
                .flatMap(entry -> entry.getValue().stream())
                .mapToDouble(value -> value)
                .toArray();
        if (of.length > 0) {
          fingers.add(
              new Finger(digit, of.length, Line.mean(of), Line.spread(of), velocity(digit)));
        }
      }
      return fingers;
    }

    private OptionalDouble velocity(Digit digit) {
      return taps.stream()
          .filter(tap -> tap.digit() == digit && tap.velocity().isPresent())
          .mapToInt(tap -> tap.velocity().getAsInt())
          .average();
    }
  }
}

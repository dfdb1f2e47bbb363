package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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

    /** The hand's own tempo, at least 1. */
    int tapsAMinute() {
      return (int) Math.max(1, Math.round(MILLIS_A_MINUTE / meanMillis));
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
    private static final Digit[] ALL = Digit.values();
    private static final int KINDS = ALL.length * ALL.length;

    private final Side side;
    private final TapTask task;
    private final List<Tap> taps;
    private final List<Digit> wanted;
    private final Alignment alignment;

    /** When each place was tapped; not a number where it was not. */
    private final double[] at;

    /** Whether it was by the finger that was asked for. */
    private final boolean[] right;

    /** The first place that is measured. */
    private final int from;

    Reading(Side side, TapTask task, List<Tap> taps) {
      this.side = side;
      this.task = task;
      this.taps = taps;
      this.wanted = task.wanted(side);
      this.alignment = Alignment.of(wanted, taps);
      this.from = task.withClick() + TapTask.NOT_COUNTED;
      this.at = new double[wanted.size()];
      this.right = new boolean[wanted.size()];
      for (int place = 0; place < at.length; place++) {
        if (alignment.tapAt(place) == Alignment.MISSING) {
          at[place] = Double.NaN;
        } else {
          at[place] = tap(place).atMillis();
          right[place] = tap(place).digit() == wanted.get(place);
        }
      }
    }

    HandTapping all() {
      int[] ends = intervalEnds();
      double[] x = new double[ends.length];
      double[] millis = new double[ends.length];
      double[] times = new double[ends.length];
      int[] kinds = new int[ends.length];
      for (int i = 0; i < ends.length; i++) {
        int place = ends[i];
        x[i] = place;
        times[i] = at[place];
        millis[i] = at[place] - at[place - 1];
        kinds[i] = kind(wanted.get(place - 1), wanted.get(place));
      }
      double[][] late = late(ends, millis, kinds, Line.through(x, millis));
      return new HandTapping(
          side,
          order(),
          timing(millis, times),
          placed(),
          transitions(late),
          fingers(late),
          loudness(taps),
          Autocovariance.of(ends, millis, kinds, KINDS),
          Optional.empty());
    }

    private static int kind(Digit from, Digit to) {
      return from.ordinal() * ALL.length + to.ordinal();
    }

    private boolean isTapped(int place) {
      return !Double.isNaN(at[place]);
    }

    private Tap tap(int place) {
      return taps.get(alignment.tapAt(place));
    }

    /** Places whose interval is measured: it and the one before were tapped. */
    private int[] intervalEnds() {
      int[] ends = new int[at.length];
      int count = 0;
      for (int place = Math.max(1, from); place < at.length; place++) {
        if (isTapped(place) && isTapped(place - 1)) {
          ends[count++] = place;
        }
      }
      return Arrays.copyOf(ends, count);
    }

    /** By how much longer than the hand's own each interval of right fingers is, by transition. */
    private double[][] late(int[] ends, double[] millis, int[] kinds, Line drift) {
      int[] counts = new int[KINDS];
      for (int i = 0; i < ends.length; i++) {
        counts[kinds[i]] += right[ends[i]] && right[ends[i] - 1] ? 1 : 0;
      }
      double[][] late = new double[KINDS][];
      Arrays.setAll(late, kind -> new double[counts[kind]]);
      for (int i = ends.length - 1; i >= 0; i--) {
        if (right[ends[i]] && right[ends[i] - 1]) {
          late[kinds[i]][--counts[kinds[i]]] = millis[i] - drift.at(ends[i]);
        }
      }
      return late;
    }

    private Order order() {
      int asked = 0;
      int missing = 0;
      for (int place = 0; place < at.length; place++) {
        asked += right[place] ? 1 : 0;
        missing += isTapped(place) ? 0 : 1;
      }
      return new Order(asked, at.length - asked - missing, missing, alignment.additional());
    }

    private List<Placed> placed() {
      double[] x = new double[at.length];
      double[] y = new double[at.length];
      int count = 0;
      for (int place = from; place < at.length; place++) {
        if (isTapped(place)) {
          x[count] = place;
          y[count++] = at[place];
        }
      }
      Line own = Line.through(Arrays.copyOf(x, count), Arrays.copyOf(y, count));
      double click = MILLIS_A_MINUTE / task.tapsAMinute().orElse(1);
      List<Placed> placed = new ArrayList<>(at.length);
      for (int place = 0; place < at.length; place++) {
        if (isTapped(place)) {
          double beat = place < task.withClick() ? place * click : own.at(place);
          placed.add(
              new Placed(
                  place,
                  wanted.get(place),
                  tap(place).digit(),
                  at[place],
                  at[place] - beat,
                  place >= from));
        }
      }
      return placed;
    }

    private static List<Transition> transitions(double[][] late) {
      List<Transition> transitions = new ArrayList<>();
      for (int kind = 0; kind < KINDS; kind++) {
        double[] of = late[kind];
        if (of.length > 0) {
          transitions.add(
              new Transition(
                  ALL[kind / ALL.length],
                  ALL[kind % ALL.length],
                  of.length,
                  Line.mean(of),
                  Line.spread(of)));
        }
      }
      return transitions;
    }

    private List<Finger> fingers(double[][] late) {
      List<Finger> fingers = new ArrayList<>();
      for (Digit digit : ALL) {
        double[] of =
            Arrays.stream(ALL)
                .flatMapToDouble(before -> Arrays.stream(late[kind(before, digit)]))
                .toArray();
        if (of.length > 0) {
          fingers.add(
              new Finger(digit, of.length, Line.mean(of), Line.spread(of), velocity(digit)));
        }
      }
      return fingers;
    }

    private OptionalDouble velocity(Digit digit) {
      int known = 0;
      double sum = 0;
      for (Tap tap : taps) {
        if (tap.digit() == digit && tap.velocity().isPresent()) {
          known++;
          sum += tap.velocity().getAsInt();
        }
      }
      return known == 0 ? OptionalDouble.empty() : OptionalDouble.of(sum / known);
    }
  }
}

package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.exercise.FingerState;

/**
 * A drill or a row judged by keys: what bends goes down. It is clean when every finger that had to
 * go down did so on time, none was missing and nothing else went down.
 *
 * @param wanted how many presses were asked for
 * @param onTime how many of them came on time
 * @param late how many came too early or too late
 * @param missing how many did not come
 * @param additional how many presses nobody asked for
 * @param spreadPercent standard deviation of how late the changes came, in percent of a beat
 */
public record MeasuredDrill(
    int wanted, int onTime, int late, int missing, int additional, double spreadPercent) {

  /** On time is up to this share of a beat early or late (ours). */
  public static final double ON_TIME = 0.25;

  /** And never less than this, which is what a tap differs by itself (ours). */
  private static final double LEAST_MILLIS = 60;

  /** So many keys held at once any computer keyboard reports (common practice, no source). */
  public static final int TOGETHER_ON_ANY_KEYBOARD = 2;

  /** So many may be early or late before it is not clean, of a hundred (ours). */
  private static final int MAY_BE_LATE_PERCENT = 10;

  private static final double MILLIS_A_MINUTE = 60_000;
  private static final int PERCENT = 100;

  /** Why a drill cannot be judged by keys, as a sentence; empty if it can. */
  public static Optional<String> unfit(Drill drill) {
    for (Side side : drill.hands()) {
      for (FingerState state : states(drill, side)) {
        if (!state.open().isEmpty()) {
          return Optional.of("Keys do not tell whether a gap is open.");
        }
      }
    }
    return Optional.empty();
  }

  /** How many keys of both hands are down at once at most. */
  public static int mostAtOnce(Drill drill) {
    int most = 0;
    for (int change = 0; change < drill.pattern().first().size(); change++) {
      int at = change;
      most =
          Math.max(
              most,
              drill.hands().stream()
                  .mapToInt(side -> states(drill, side).get(at).bent().size())
                  .sum());
    }
    return most;
  }

  private static List<FingerState> states(Drill drill, Side side) {
    boolean second = drill.hand().isEmpty() && side == Side.RIGHT;
    return second ? drill.pattern().second() : drill.pattern().first();
  }

  /**
   * Judges.
   *
   * @param aMinute changes a minute
   * @param changes how many changes were done
   * @param taps presses, their times from the first change on
   * @throws IllegalArgumentException if keys cannot judge it
   */
  public static MeasuredDrill of(Drill drill, int aMinute, int changes, List<Tap> taps) {
    unfit(drill)
        .ifPresent(
            why -> {
              throw new IllegalArgumentException("pattern must be one of keys: " + why);
            });
    return judged(wanted(drill, aMinute, changes), taps, MILLIS_A_MINUTE / aMinute);
  }

  /**
   * Judges a row that was shown and done again: one begins when one likes, so that the presses are
   * laid over the beats as well as they go.
   *
   * @param bpm one tap on each beat
   * @param taps presses, their times from any moment on
   */
  public static MeasuredDrill ofRow(List<Digit> row, Side side, int bpm, List<Tap> taps) {
    double beat = MILLIS_A_MINUTE / bpm;
    List<Tap> wanted = new ArrayList<>();
    for (Digit digit : row) {
      wanted.add(new Tap(side, digit, wanted.size() * beat, OptionalInt.empty()));
    }
    double began = 0;
    int pairs = Math.min(wanted.size(), taps.size());
    for (int i = 0; i < pairs; i++) {
      began += (taps.get(i).atMillis() - wanted.get(i).atMillis()) / pairs;
    }
    double zero = began;
    return judged(wanted, taps.stream().map(tap -> tap.earlier(zero)).toList(), beat);
  }

  private static MeasuredDrill judged(List<Tap> wanted, List<Tap> taps, double beat) {
    Set<Integer> used = new HashSet<>();
    List<Double> late = new ArrayList<>();
    int onTime = 0;
    int missing = 0;
    double near = Math.max(LEAST_MILLIS, ON_TIME * beat);
    for (Tap one : wanted) {
      Optional<Integer> nearest = nearest(one, taps, used, beat / 2);
      if (nearest.isEmpty()) {
        missing++;
        continue;
      }
      used.add(nearest.get());
      double by = taps.get(nearest.get()).atMillis() - one.atMillis();
      late.add(by);
      onTime += Math.abs(by) <= near ? 1 : 0;
    }
    double[] of = late.stream().mapToDouble(by -> by).toArray();
    return new MeasuredDrill(
        wanted.size(),
        onTime,
        late.size() - onTime,
        missing,
        taps.size() - used.size(),
        PERCENT * Line.spread(of) / beat);
  }

  /**
   * What goes down at each change, exactly on time: what is bent now and was not before.
   *
   * @param aMinute changes a minute
   * @param changes how many changes are done
   */
  public static List<Tap> wanted(Drill drill, int aMinute, int changes) {
    double beat = MILLIS_A_MINUTE / aMinute;
    List<Tap> wanted = new ArrayList<>();
    for (Side side : drill.hands()) {
      List<FingerState> states = states(drill, side);
      Set<Digit> down = EnumSet.noneOf(Digit.class);
      for (int change = 0; change < changes; change++) {
        List<Digit> bent = states.get(change % states.size()).bent();
        for (Digit digit : bent) {
          if (!down.contains(digit)) {
            wanted.add(new Tap(side, digit, change * beat, OptionalInt.empty()));
          }
        }
        down.clear();
        down.addAll(bent);
      }
    }
    return wanted;
  }

  private static Optional<Integer> nearest(
      Tap one, List<Tap> taps, Set<Integer> used, double within) {
    int best = -1;
    double least = within;
    for (int i = 0; i < taps.size(); i++) {
      Tap tap = taps.get(i);
      double apart = Math.abs(tap.atMillis() - one.atMillis());
      if (tap.side() == one.side()
          && tap.digit() == one.digit()
          && apart <= least
          && !used.contains(i)) {
        best = i;
        least = apart;
      }
    }
    return best < 0 ? Optional.empty() : Optional.of(best);
  }

  /** Whether it was clean. */
  public boolean clean() {
    return wanted > 0
        && missing == 0
        && additional == 0
        && late * PERCENT <= MAY_BE_LATE_PERCENT * wanted;
  }

  /** Whether it was clean and even enough to go faster at once. */
  public boolean even() {
    return clean() && spreadPercent <= Tapping.EVEN_SPREAD_PERCENT;
  }

  /** For people: "19 of 20 on time, 1 missing". */
  public String words() {
    List<String> words = new ArrayList<>();
    words.add("%d of %d on time".formatted(onTime, wanted));
    if (missing > 0) {
      words.add("%d missing".formatted(missing));
    }
    if (additional > 0) {
      words.add("%d besides".formatted(additional));
    }
    return String.join(", ", words);
  }
}

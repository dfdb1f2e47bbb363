package org.nimblet.server.standin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.Pace;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.measure.TapTask;

/**
 * Hands in place of real ones: they tap as the two-level model says (a clock with a spread that
 * both share, a finger with another), the ring and little finger later than the others, and take a
 * neighbour along when they lift. The same seed does the same again.
 *
 * @param evenness the clock's standard deviation, in percent of the interval; the fingers' is a
 *     third of it
 * @param tapsAMinute at one's own pace, and about half as fast as it can
 * @param leak how likely the little finger comes along with the ring finger, 0 to 1
 */
public record StandInHands(double evenness, int tapsAMinute, double leak, long seed) {

  /** How much later than even a finger comes, in percent of the interval. */
  private static final Map<Digit, Double> LATE =
      Map.of(
          Digit.THUMB, 0.0,
          Digit.INDEX, -1.5,
          Digit.MIDDLE, -1.0,
          Digit.RING, 2.5,
          Digit.LITTLE, 4.0);

  private static final double MILLIS_A_MINUTE = 60_000;
  private static final double PERCENT = 100;

  /** How far from the usual seconds each hand speeds. */
  private static final double OTHER_HAND = 1.1;

  /** While it clicks so much of being early or late is put right by the next tap. */
  private static final double LED = 0.5;

  private static final int USUAL_VELOCITY = 70;
  private static final int VELOCITY_SPREAD = 6;
  private static final double WRONG = 0.01;

  /** Checks the ranges. */
  public StandInHands {
    if (!(evenness >= 0 && evenness <= 50) || !(leak >= 0 && leak <= 1)) {
      throw new IllegalArgumentException(
          "evenness (%s) must be 0 to 50, leak (%s) 0 to 1".formatted(evenness, leak));
    }
    if (tapsAMinute < TapTask.LEAST_TAPS_A_MINUTE || tapsAMinute > TapTask.GREATEST_TAPS_A_MINUTE) {
      throw new IllegalArgumentException(
          "taps a minute (%d) must be %d to %d"
              .formatted(tapsAMinute, TapTask.LEAST_TAPS_A_MINUTE, TapTask.GREATEST_TAPS_A_MINUTE));
    }
  }

  /** All that they tap of a task, in the order of time. */
  public List<Tap> taps(TapTask task) {
    Random random = new Random(~seed);
    List<Tap> taps = new ArrayList<>();
    for (Side side : task.sides()) {
      double interval =
          MILLIS_A_MINUTE
              / task.tapsAMinute().orElse(task.pace() == Pace.SPEED ? 2 * tapsAMinute : tapsAMinute)
              * (side == Side.LEFT && task.pace() == Pace.SPEED ? OTHER_HAND : 1);
      int count =
          task.pace() == Pace.SPEED
              ? (int) Math.ceil(1000.0 * TapTask.SPEED_SECONDS / interval)
              : task.withClick() + task.alone();
      hand(side, task.rowOf(side), count, task.withClick(), interval, random, taps);
    }
    taps.sort(Comparator.comparingDouble(Tap::atMillis));
    return taps;
  }

  private void hand(
      Side side,
      List<Digit> row,
      int count,
      int withClick,
      double interval,
      Random random,
      List<Tap> taps) {
    double clock = interval * evenness / PERCENT;
    Random shared = new Random(seed);
    double at = 0;
    for (int i = 0; i < count; i++) {
      Digit wanted = row.get(i % row.size());
      boolean slips = row.size() > 1 && random.nextDouble() < WRONG;
      Digit digit = slips ? row.get((i + 1) % row.size()) : wanted;
      double late = row.size() > 1 ? interval * LATE.get(wanted) / PERCENT : 0;
      double hand = clock / 3 * random.nextGaussian();
      int velocity =
          USUAL_VELOCITY
              - (wanted == Digit.RING || wanted == Digit.LITTLE ? VELOCITY_SPREAD : 0)
              + (int) Math.round(VELOCITY_SPREAD * random.nextGaussian());
      taps.add(
          new Tap(
              side,
              digit,
              Math.max(0, at + late + hand),
              OptionalInt.of(Math.max(1, Math.min(Tap.GREATEST_VELOCITY, velocity)))));
      double led = i < withClick ? LED * (at - i * interval) : 0;
      at += interval - led + clock * shared.nextGaussian();
    }
  }

  /**
   * What they tap where so much is wanted.
   *
   * @param wanted exactly on time
   * @param beat milliseconds between two changes
   */
  public List<Tap> taps(List<Tap> wanted, double beat) {
    Random random = new Random(seed);
    return wanted.stream()
        .filter(tap -> random.nextDouble() >= WRONG)
        .map(tap -> follow(tap, beat, random))
        .sorted(Comparator.comparingDouble(Tap::atMillis))
        .toList();
  }

  private Tap follow(Tap wanted, double beat, Random random) {
    double off = (LATE.get(wanted.digit()) + evenness * random.nextGaussian()) * beat / PERCENT;
    return new Tap(
        wanted.side(), wanted.digit(), wanted.atMillis() + off, OptionalInt.of(USUAL_VELOCITY));
  }

  /**
   * The fingers that come up when one is asked for.
   *
   * @param turn the number of the asking; the same one does the same again
   */
  public Set<Digit> lift(Digit asked, int turn) {
    RandomGenerator random = new SplittableRandom(seed * 1_000_003 + turn);
    Set<Digit> up = EnumSet.of(asked);
    double draw = random.nextDouble();
    if (asked == Digit.RING && draw < leak) {
      up.add(Digit.LITTLE);
    } else if (asked == Digit.LITTLE && draw < leak * 0.7) {
      up.add(Digit.RING);
    } else if (asked == Digit.MIDDLE && draw < leak / 2) {
      up.add(Digit.RING);
    }
    if (asked == Digit.RING && random.nextDouble() < leak / 2) {
      up.add(Digit.MIDDLE);
    }
    return up;
  }
}

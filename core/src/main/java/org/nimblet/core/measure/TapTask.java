package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.drill.TwoHandedRow;

/**
 * What somebody taps in a test.
 *
 * @param pace who sets the pace
 * @param row the digits in turn, back to the first; one digit for a steady beat
 * @param hands how the hands share it
 * @param tapsAMinute the tempo of the click; empty unless there is one
 * @param taps how many a hand makes without the click; empty for as many as is usual
 */
public record TapTask(
    Pace pace, List<Digit> row, TwoHandedRow hands, OptionalInt tapsAMinute, OptionalInt taps) {

  /** The longest row: every three of five digits with repeats. */
  public static final int LONGEST_ROW = 125;

  /** The speed test lasts so long (common practice, no source). */
  public static final int SPEED_SECONDS = 10;

  /** The first taps after the click are still led by it and are not counted (model section 7). */
  public static final int NOT_COUNTED = 5;

  public static final int LEAST_TAPS_A_MINUTE = DrillTempo.LEAST;

  /** Four taps on each beat at the fastest tempo. */
  public static final int GREATEST_TAPS_A_MINUTE = 4 * DrillTempo.GREATEST;

  /** So many taps with the click settle the tempo (ours). */
  private static final int WITH_CLICK = 20;

  /** So many without it are measured at least, of which {@link #NOT_COUNTED} fall away. */
  private static final int ALONE = 60;

  private static final double MILLIS_A_MINUTE = 60_000;

  /**
   * Checks that it can be tapped.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public TapTask {
    row = List.copyOf(row);
    if (row.isEmpty() || row.size() > LONGEST_ROW) {
      throw new IllegalArgumentException(
          "row (%d digits) must hold 1 to %d".formatted(row.size(), LONGEST_ROW));
    }
    if ((pace == Pace.CLICK_THEN_ALONE) != tapsAMinute.isPresent()) {
      throw new IllegalArgumentException(
          "taps a minute (%s) must %s"
              .formatted(tapsAMinute, tapsAMinute.isPresent() ? "be left out" : "be given"));
    }
    tapsAMinute.ifPresent(TapTask::checkTempo);
    if (taps.isPresent() && (taps.getAsInt() < 1 || taps.getAsInt() > Tapping.MOST_TAPS)) {
      throw new IllegalArgumentException(
          "taps (%d) must be 1 to %d".formatted(taps.getAsInt(), Tapping.MOST_TAPS));
    }
    if (pace == Pace.SPEED && row.size() > 1) {
      throw new IllegalArgumentException(
          "row (%d digits) must hold one for speed".formatted(row.size()));
    }
  }

  /** With as many taps as is usual. */
  public TapTask(Pace pace, List<Digit> row, TwoHandedRow hands, OptionalInt tapsAMinute) {
    this(pace, row, hands, tapsAMinute, OptionalInt.empty());
  }

  private static void checkTempo(int tempo) {
    if (tempo < LEAST_TAPS_A_MINUTE || tempo > GREATEST_TAPS_A_MINUTE) {
      throw new IllegalArgumentException(
          "taps a minute (%d) must be between %d and %d"
              .formatted(tempo, LEAST_TAPS_A_MINUTE, GREATEST_TAPS_A_MINUTE));
    }
  }

  /** The hands that tap. */
  public List<Side> sides() {
    return List.copyOf(hands.sides());
  }

  /** What a hand taps in turn; empty if it rests. */
  public List<Digit> rowOf(Side side) {
    return side == Side.LEFT ? hands.left(row) : hands.right(row);
  }

  /** How many taps a hand makes with the click: whole rounds. */
  public int withClick() {
    return pace == Pace.CLICK_THEN_ALONE ? wholeRounds(WITH_CLICK) : 0;
  }

  /** How many it makes alone: whole rounds where nobody says; for speed as many as it can. */
  public int alone() {
    return pace == Pace.SPEED ? 0 : taps.orElse(wholeRounds(ALONE));
  }

  private int wholeRounds(int taps) {
    return (taps + row.size() - 1) / row.size() * row.size();
  }

  /** From one click to the next; empty where none sounds. */
  public OptionalInt clickMillis() {
    return tapsAMinute.isPresent()
        ? OptionalInt.of((int) Math.round(MILLIS_A_MINUTE / tapsAMinute.getAsInt()))
        : OptionalInt.empty();
  }

  /** All that a hand taps, first to last; for speed nothing is set. */
  List<Digit> wanted(Side side) {
    List<Digit> of = rowOf(side);
    List<Digit> wanted = new ArrayList<>();
    for (int i = 0; !of.isEmpty() && i < withClick() + alone(); i++) {
      wanted.add(of.get(i % of.size()));
    }
    return wanted;
  }

  /** Whether another test asks for the same taps, at whatever tempo. */
  public boolean isLike(TapTask other) {
    return pace == other.pace && row.equals(other.row) && hands == other.hands;
  }
}

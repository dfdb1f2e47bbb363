package org.nimblet.core.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.routine.PurposePlan;
import org.nimblet.core.schedule.Anchor.PartOfDay;

/**
 * What a programme asks for again and again.
 *
 * @param id tells the obligations of a programme apart
 * @param purpose what for
 * @param minutes how long a session is, 1 to 60
 * @param frequency how often, or attached to which side of a block
 * @param anchor where in the day a free-standing session belongs
 * @param heavy whether it is heavy strengthening, which needs a day of rest between
 * @param notOn days of the week that are left free
 * @param contents what its sessions are made of
 */
public record Obligation(
    String id,
    Purpose purpose,
    int minutes,
    Frequency frequency,
    Anchor anchor,
    boolean heavy,
    Set<DayOfWeek> notOn,
    Contents contents) {

  private static final int LONGEST = 60;

  /** What heavy strengthening loads, so that all of it shares one day of rest (ours). */
  private static final Set<Tissue> HEAVILY_WORKED =
      EnumSet.of(
          Tissue.FINGER_FLEXORS, Tissue.FINGER_EXTENSORS, Tissue.FOREARM_ROTATORS, Tissue.WRIST);

  /** How often it comes. */
  public enum Frequency {
    BEFORE_BLOCKS("before every block"),
    INSIDE_BLOCKS("inside long blocks"),
    AFTER_BLOCKS("after every block"),
    DAILY("daily"),
    MORNING_AND_NIGHT("daily, morning and night"),
    EVERY_SECOND_DAY("every second day"),
    ONCE_A_WEEK("once a week"),
    TWICE_A_WEEK("twice a week"),
    THREE_A_WEEK("three times a week"),
    BETWEEN_STRENGTH("on the days without strength"),
    BY_PAIN("as often as pain allows");

    private final String words;

    Frequency(String words) {
      this.words = words;
    }

    /** The frequency for people. */
    public String words() {
      return words;
    }

    /** Where in the day its sessions stand, if that is not for anybody to choose. */
    public Optional<String> ownPlace() {
      if (attached()) {
        return Optional.of("with the block");
      }
      return this == MORNING_AND_NIGHT ? Optional.of("morning and bedtime") : Optional.empty();
    }

    /** The next rarer one; itself where it is bound to something else, or the rarest. */
    public Frequency rarer() {
      return switch (this) {
        case MORNING_AND_NIGHT -> DAILY;
        case DAILY -> EVERY_SECOND_DAY;
        case EVERY_SECOND_DAY -> THREE_A_WEEK;
        case THREE_A_WEEK -> TWICE_A_WEEK;
        case TWICE_A_WEEK -> ONCE_A_WEEK;
        default -> this;
      };
    }

    /**
     * The next more frequent one; itself where it is bound to something else, or the most frequent.
     *
     * @param heavy whether a day of rest has to lie between
     */
    public Frequency oftener(boolean heavy) {
      return switch (this) {
        case ONCE_A_WEEK -> TWICE_A_WEEK;
        case TWICE_A_WEEK -> THREE_A_WEEK;
        case THREE_A_WEEK -> EVERY_SECOND_DAY;
        case EVERY_SECOND_DAY -> heavy ? this : DAILY;
        default -> this;
      };
    }

    /** Whether its sessions are composed for the block they stand before and hold nothing else. */
    public boolean isOfTheBlock() {
      return this == BEFORE_BLOCKS;
    }

    /** Whether its sessions belong to blocks instead of standing free in the day. */
    public boolean attached() {
      return this == BEFORE_BLOCKS || this == INSIDE_BLOCKS || this == AFTER_BLOCKS;
    }
  }

  /**
   * Checks the numbers and copies the set.
   *
   * @throws IllegalArgumentException if the length is out of range, heavy work would be daily, or
   *     the contents do not go with the frequency
   */
  public Obligation {
    notOn = Set.copyOf(notOn);
    if (minutes < 1 || minutes > LONGEST) {
      throw new IllegalArgumentException(
          "minutes (%d) must be 1 to %d".formatted(minutes, LONGEST));
    }
    refusal(purpose, frequency, heavy, contents)
        .ifPresent(
            why -> {
              throw new IllegalArgumentException(why);
            });
  }

  /** Why something cannot come so often, if it cannot. */
  private static Optional<String> refusal(
      Purpose purpose, Frequency frequency, boolean heavy, Contents contents) {
    if (heavy && (frequency == Frequency.DAILY || frequency == Frequency.MORNING_AND_NIGHT)) {
      return Optional.of(
          "heavy strengthening needs a day of rest between and cannot be %s; every second day is the most"
              .formatted(frequency.words()));
    }
    if (frequency == Frequency.BETWEEN_STRENGTH && purpose == Purpose.STRENGTH) {
      return Optional.of(
          "strength cannot come on the days without strength; every second day and daily can");
    }
    if (frequency.isOfTheBlock() && !contents.equals(Contents.ANEW)) {
      return Optional.of(
          "what comes before a block is composed for that block, so it holds nothing of its own");
    }
    if (frequency.attached() && contents instanceof Contents.Kept) {
      return Optional.of(
          "a routine of the shelf has its own length, so it needs a session that stands free");
    }
    return Optional.empty();
  }

  /** How often it could come as it is. */
  public List<Frequency> frequencies() {
    return Arrays.stream(Frequency.values())
        .filter(often -> refusal(purpose, often, heavy, contents).isEmpty())
        .toList();
  }

  /** Whether its sessions tire the hands. */
  public boolean tires() {
    return heavy || PurposePlan.of(purpose).mayTire();
  }

  /** Inside a sentence: "strength, heavy". */
  public String title() {
    return purpose.word().toLowerCase(java.util.Locale.ROOT) + (heavy ? ", heavy" : "");
  }

  /**
   * How often it comes with the pain there is: what is left to pain follows its table, everything
   * else stays.
   */
  public Frequency frequency(PainDose dose) {
    if (frequency != Frequency.BY_PAIN) {
      return frequency;
    }
    return switch (dose.often()) {
      case THREE_A_WEEK -> Frequency.THREE_A_WEEK;
      case MORNING_AND_NIGHT -> heavy ? Frequency.EVERY_SECOND_DAY : Frequency.MORNING_AND_NIGHT;
      case ONCE_A_DAY, NOT_AT_ALL -> heavy ? Frequency.EVERY_SECOND_DAY : Frequency.DAILY;
    };
  }

  /** Whether a line is one of its own; morning and night are two. */
  public boolean hasLine(String lineId) {
    return lineId.equals(id) || lineId.startsWith(id + ":");
  }

  /**
   * Whether a planned session is one of its own: by its line, or by how it is attached.
   *
   * @param lineId the line of a session that stands free; empty for one of a block
   */
  public boolean plans(Purpose planned, Optional<String> lineId) {
    return planned == purpose && lineId.map(this::hasLine).orElseGet(frequency::attached);
  }

  /** The most lines it can come to, whatever the pain: two where it may be morning and night. */
  public int mostLines() {
    if (frequency.attached()) {
      return 0;
    }
    boolean mayBeTwice =
        frequency == Frequency.MORNING_AND_NIGHT || (frequency == Frequency.BY_PAIN && !heavy);
    return mayBeTwice ? 2 : 1;
  }

  /** Whether, with some pain or none, it comes some times a week instead of daily. */
  public boolean maySpace() {
    return !frequency.attached()
        && frequency != Frequency.DAILY
        && frequency != Frequency.BETWEEN_STRENGTH
        && frequency != Frequency.MORNING_AND_NIGHT;
  }

  /**
   * What the planner gives a place: a line, two for morning and night, none if it is attached or if
   * pain forbids it.
   *
   * @param from the first date
   * @param until the last date
   * @param strength the lines of strength in the same programme, to come between
   */
  public List<Line> lines(LocalDate from, LocalDate until, PainDose dose, List<Line> strength) {
    Frequency often = frequency(dose);
    boolean forbidden = frequency == Frequency.BY_PAIN && dose.often() == PainDose.Often.NOT_AT_ALL;
    List<Line> lines = new ArrayList<>();
    if (often.attached() || forbidden) {
      return lines;
    }
    if (often == Frequency.MORNING_AND_NIGHT) {
      lines.add(line(id + ":morning", PartOfDay.MORNING, new Line.Daily(), from, until));
      lines.add(line(id + ":night", PartOfDay.BEDTIME, new Line.Daily(), from, until));
      return lines;
    }
    Line.Often rhythm =
        switch (often) {
          case EVERY_SECOND_DAY -> new Line.EverySecondDay();
          case ONCE_A_WEEK -> new Line.TimesAWeek(1);
          case TWICE_A_WEEK -> new Line.TimesAWeek(2);
          case THREE_A_WEEK -> new Line.TimesAWeek(3);
          case BETWEEN_STRENGTH ->
              strength.stream()
                  .filter(Line::spaced)
                  .findFirst()
                  .<Line.Often>map(line -> new Line.BetweenSessionsOf(line.id()))
                  .orElse(new Line.Daily());
          default -> new Line.Daily();
        };
    boolean afterPlay =
        frequency == Frequency.BY_PAIN && dose.often() == PainDose.Often.THREE_A_WEEK;
    lines.add(line(id, afterPlay ? new Anchor.AfterPlay(anchor) : anchor, rhythm, from, until));
    return lines;
  }

  private Line line(
      String lineId, Anchor where, Line.Often often, LocalDate from, LocalDate until) {
    return new Line(
        lineId,
        title(),
        purpose,
        minutes,
        where,
        often,
        notOn,
        from,
        until,
        tires(),
        heavy ? HEAVILY_WORKED : Set.of());
  }
}

package org.nimblet.core.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A day of practice: segments of technique with short breaks between them, a long break, then the
 * repertoire (common practice, no source).
 *
 * @param parts in the order of the day
 * @param spareMinutes what was left over where the end was given and nothing could take it
 */
public record PracticeDay(List<Part> parts, int spareMinutes) {

  /** A break between two techniques, unless somebody says otherwise. */
  public static final int REST_MINUTES = 10;

  /** The break between technique and repertoire, unless somebody says otherwise: 30 to 60 min. */
  public static final int LONG_BREAK_MINUTES = 45;

  /** What a part of the day is. */
  public enum PracticePartKind {
    TECHNIQUE,
    REST,
    LONG_BREAK,
    REPERTOIRE
  }

  /**
   * One part.
   *
   * @param startMinute minutes from the start of the day of practice
   */
  public record Part(PracticePartKind kind, String title, int startMinute, int minutes) {}

  /**
   * Something that is worked at.
   *
   * @param minutes at least 1
   */
  public record Segment(String title, int minutes) {
    /**
     * Checks the length.
     *
     * @throws IllegalArgumentException if it is shorter than a minute
     */
    public Segment {
      if (minutes < 1) {
        throw new IllegalArgumentException(
            "%s (%d min) must last 1 min or more".formatted(title, minutes));
      }
    }
  }

  /**
   * The breaks of a day.
   *
   * @param rest between two techniques, in minutes
   * @param beforeRepertoire between technique and repertoire, in minutes
   */
  public record Rests(int rest, int beforeRepertoire) {
    /** The usual breaks. */
    public static final Rests USUAL = new Rests(REST_MINUTES, LONG_BREAK_MINUTES);

    /**
     * Checks the lengths.
     *
     * @throws IllegalArgumentException if one is negative
     */
    public Rests {
      if (rest < 0 || beforeRepertoire < 0) {
        throw new IllegalArgumentException(
            "breaks (%d and %d min) must be 0 min or more".formatted(rest, beforeRepertoire));
      }
    }
  }

  /** Copies the parts. */
  public PracticeDay {
    parts = List.copyOf(parts);
  }

  /**
   * From the start on: when everything is.
   *
   * @throws IllegalArgumentException if there is nothing to practise
   */
  public static PracticeDay of(
      List<Segment> techniques, Rests rests, Optional<Segment> repertoire) {
    return day(techniques, rests, rests.beforeRepertoire(), repertoire, 0);
  }

  /**
   * Back from the end: the longest equal techniques, ⌊(time − Σ breaks − repertoire)/k⌋ whole
   * minutes; what is left over goes to the long break.
   *
   * @param minutes from the start to the end of the playing
   * @param techniques their titles, at least one
   * @param repertoire keeps its length
   * @throws IllegalArgumentException if not even a minute is left for each
   */
  public static PracticeDay within(
      int minutes, List<String> techniques, Rests rests, Optional<Segment> repertoire) {
    int count = techniques.size();
    if (count == 0) {
      throw new IllegalArgumentException("at least one technique is needed to share the time");
    }
    int held =
        (count - 1) * rests.rest()
            + repertoire.map(piece -> rests.beforeRepertoire() + piece.minutes()).orElse(0);
    int each = Math.floorDiv(minutes - held, count);
    if (each < 1) {
      throw new IllegalArgumentException(
          "%d min leave nothing for %d techniques: breaks and repertoire take %d min; at least %d min are needed"
              .formatted(minutes, count, held, held + count));
    }
    int over = minutes - held - each * count;
    boolean taken = repertoire.isPresent();
    return day(
        techniques.stream().map(title -> new Segment(title, each)).toList(),
        rests,
        rests.beforeRepertoire() + (taken ? over : 0),
        repertoire,
        taken ? 0 : over);
  }

  private static PracticeDay day(
      List<Segment> techniques,
      Rests rests,
      int longBreak,
      Optional<Segment> repertoire,
      int spare) {
    if (techniques.isEmpty() && repertoire.isEmpty()) {
      throw new IllegalArgumentException("a day of practice needs at least one segment");
    }
    List<Part> parts = new ArrayList<>();
    int at = 0;
    for (Segment technique : techniques) {
      if (at > 0) {
        at = add(parts, PracticePartKind.REST, "Break", at, rests.rest());
      }
      at = add(parts, PracticePartKind.TECHNIQUE, technique.title(), at, technique.minutes());
    }
    if (repertoire.isPresent()) {
      if (at > 0) {
        at = add(parts, PracticePartKind.LONG_BREAK, "Long break", at, longBreak);
      }
      add(
          parts,
          PracticePartKind.REPERTOIRE,
          repertoire.get().title(),
          at,
          repertoire.get().minutes());
    }
    return new PracticeDay(parts, spare);
  }

  private static int add(
      List<Part> parts, PracticePartKind kind, String title, int at, int minutes) {
    if (minutes > 0) {
      parts.add(new Part(kind, title, at, minutes));
    }
    return at + minutes;
  }

  /** From the start of the first part to the end of the last, in minutes. */
  public int minutes() {
    Part last = parts.get(parts.size() - 1);
    return last.startMinute() + last.minutes();
  }

  /** The playing alone, in minutes. */
  public int playingMinutes() {
    return parts.stream()
        .filter(
            part ->
                part.kind() == PracticePartKind.TECHNIQUE
                    || part.kind() == PracticePartKind.REPERTOIRE)
        .mapToInt(Part::minutes)
        .sum();
  }
}

package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * A way to clasp the hands from interlaced fingers, the hub: one or two pairs of twin fingers are
 * crossed and gripped by their neighbours (PRACTICE, section 7).
 */
public enum Clasp {
  LITTLE_PAIR(
      "a", List.of(Digit.LITTLE), List.of(Digit.MIDDLE, Digit.RING), "held by middle and ring"),
  LITTLE_AND_MIDDLE_PAIRS(
      "b",
      List.of(Digit.LITTLE, Digit.MIDDLE),
      List.of(Digit.RING, Digit.INDEX),
      "little by ring, middle by index"),
  RING_PAIR(
      "c", List.of(Digit.RING), List.of(Digit.MIDDLE), "held by middle; index and little free"),
  INDEX_PAIR(
      "d", List.of(Digit.INDEX), List.of(Digit.MIDDLE, Digit.RING), "held by middle and ring"),
  INDEX_AND_RING_PAIRS(
      "e",
      List.of(Digit.INDEX, Digit.RING),
      List.of(Digit.MIDDLE, Digit.LITTLE),
      "index by middle, ring by little"),
  MIDDLE_PAIR("f", List.of(Digit.MIDDLE), List.of(Digit.RING), "held by ring");

  private final String letter;
  private final List<Digit> crossed;
  private final List<Digit> gripping;
  private final String held;

  Clasp(String letter, List<Digit> crossed, List<Digit> gripping, String held) {
    this.letter = letter;
    this.crossed = crossed;
    this.gripping = gripping;
    this.held = held;
  }

  /** The letter by which it is known: a to f. */
  public String letter() {
    return letter;
  }

  /** The pairs of twin fingers that are crossed. */
  public List<Digit> crossed() {
    return crossed;
  }

  /** What is neither crossed nor grips, thumbs included: with these one drills in the clasp. */
  public List<Digit> free() {
    return Stream.of(Digit.values())
        .filter(digit -> !crossed.contains(digit) && !gripping.contains(digit))
        .toList();
  }

  /**
   * What the free digits do in the clasp, a touch of the twins a beat: from the thumb outward and
   * back. Staggered, the other hand is one ahead.
   */
  public List<Digit> freeRow() {
    List<Digit> row = new ArrayList<>(free());
    for (int i = free().size() - 2; i > 0; i--) {
      row.add(free().get(i));
    }
    return List.copyOf(row);
  }

  /** The clasps of one pair that make it up; itself where it is one of them. */
  public List<Clasp> grips() {
    return crossed.stream()
        .map(
            pair ->
                Stream.of(values())
                    .filter(clasp -> clasp.crossed.equals(List.of(pair)))
                    .findFirst()
                    .orElseThrow())
        .toList();
  }

  /** By which fingers, as words. */
  public String held() {
    return held;
  }

  /** For people: "little and middle pairs". */
  public String words() {
    List<String> names = crossed.stream().map(Digit::shortWord).toList();
    return String.join(" and ", names) + (names.size() == 1 ? " pair" : " pairs");
  }

  /**
   * A clasp with what lies on top in it.
   *
   * @param tops for each crossed pair the side whose finger lies on top
   */
  public record Form(Clasp clasp, List<Side> tops) {

    /**
     * Checks that each crossed pair has a top.
     *
     * @throws IllegalArgumentException if there are more or fewer
     */
    public Form {
      tops = List.copyOf(tops);
      if (tops.size() != clasp.crossed().size()) {
        throw new IllegalArgumentException(
            "tops (%d) must be %d: one for each crossed pair"
                .formatted(tops.size(), clasp.crossed().size()));
      }
    }

    /** The same with another finger of one pair on top. */
    Form changed(int pair) {
      List<Side> other = new ArrayList<>(tops);
      other.set(pair, tops.get(pair).other());
      return new Form(clasp, other);
    }

    /** For people: "left little and right middle on top". */
    public String words() {
      List<String> words = new ArrayList<>();
      for (int i = 0; i < tops.size(); i++) {
        words.add(tops.get(i).word() + " " + clasp.crossed().get(i).shortWord());
      }
      return String.join(" and ", words) + " on top";
    }

    /** The name of the pose that shows it. */
    public String pose() {
      StringBuilder pose = new StringBuilder("CLASP");
      for (int i = 0; i < tops.size(); i++) {
        pose.append('_').append(clasp.crossed().get(i)).append('_').append(tops.get(i));
      }
      return pose.toString();
    }
  }

  /** All forms of it: each pair with the left or the right finger on top. */
  public List<Form> forms() {
    List<List<Side>> tops = new ArrayList<>(List.of(List.of()));
    for (int pair = 0; pair < crossed.size(); pair++) {
      List<List<Side>> more = new ArrayList<>();
      for (List<Side> before : tops) {
        for (Side side : Side.values()) {
          List<Side> with = new ArrayList<>(before);
          with.add(side);
          more.add(with);
        }
      }
      tops = more;
    }
    return tops.stream().map(each -> new Form(this, each)).toList();
  }

  /**
   * A move of the walk.
   *
   * @param from the form it leaves; empty at the hub
   * @param to the form it reaches; empty at the hub
   */
  public record Move(Optional<Form> from, Optional<Form> to) {

    /** Whether only what lies on top changes. */
    public boolean changesTop() {
      return from.isPresent() && to.isPresent();
    }

    /** What to do, for people. */
    public String words() {
      if (to.isEmpty()) {
        return "let go, back to the interlaced fingers";
      }
      if (from.isEmpty()) {
        return to.get().clasp().words() + ": " + to.get().words();
      }
      for (int pair = 0; pair < to.get().tops().size(); pair++) {
        if (to.get().tops().get(pair) != from.get().tops().get(pair)) {
          return "%s pair: %s finger on top"
              .formatted(
                  to.get().clasp().crossed().get(pair).shortWord(),
                  to.get().tops().get(pair).word());
        }
      }
      throw new IllegalStateException("a move must change something: " + this);
    }
  }

  /**
   * A walk from the hub and back that visits every form of these clasps and makes every change of
   * what is on top both ways.
   */
  public static List<Move> walk(List<Clasp> clasps) {
    List<Move> moves = new ArrayList<>();
    for (Clasp clasp : clasps) {
      List<Form> forms = clasp.forms();
      Form here = forms.get(0);
      moves.add(new Move(Optional.empty(), Optional.of(here)));
      List<Integer> pairs = changes(clasp.crossed().size());
      for (int pair : pairs) {
        Form there = here.changed(pair);
        moves.add(new Move(Optional.of(here), Optional.of(there)));
        here = there;
      }
      moves.add(new Move(Optional.of(here), Optional.empty()));
    }
    return moves;
  }

  /**
   * The pairs whose top changes, one after the other: there and back with one pair; with two, round
   * the four forms one way and then the other.
   */
  private static List<Integer> changes(int pairs) {
    return pairs == 1 ? List.of(0, 0) : List.of(0, 1, 0, 1, 1, 0, 1, 0);
  }
}

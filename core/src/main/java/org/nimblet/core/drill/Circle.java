package org.nimblet.core.drill;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.nimblet.core.anatomy.Digit;

/**
 * A row of taps that goes round and round and holds each group of two or three successive fingers
 * exactly once (a cyclic de Bruijn sequence, or one without repeats).
 *
 * @param what what is held once
 * @param taps the fingers in turn, back to the first
 */
public record Circle(What what, List<Digit> taps) {

  /** Copies the taps. */
  public Circle {
    taps = List.copyOf(taps);
  }

  /** What a circle holds once each. For k digits there are so many. */
  public enum What {
    /** Each finger after each other one: k (k − 1). */
    TRANSITIONS(2, "every transition once, no finger twice running"),
    /** Each finger after each, itself too: k². */
    TRANSITIONS_AND_REPEATS(2, "every transition once, the same finger too"),
    /** Each group of three without a finger twice running: k (k − 1)². */
    TRIPLES(3, "every three once, no finger twice running"),
    /** Each group of three: k³. */
    TRIPLES_AND_REPEATS(3, "every three once, the same finger too"),
    /** Each group of three different fingers: k (k − 1) (k − 2); for three digits there is none. */
    THREE_DIFFERENT(3, "every three different fingers once");

    private final int length;
    private final String words;

    What(int length, String words) {
      this.length = length;
      this.words = words;
    }

    /** How many successive taps make a group: 2 or 3. */
    public int length() {
      return length;
    }

    /** For people. */
    public String words() {
      return words;
    }

    /** Whether a finger may follow these. */
    private boolean mayFollow(List<Digit> before, Digit next) {
      return switch (this) {
        case TRANSITIONS, TRIPLES -> before.get(before.size() - 1) != next;
        case TRANSITIONS_AND_REPEATS, TRIPLES_AND_REPEATS -> true;
        case THREE_DIFFERENT -> !before.contains(next);
      };
    }

    private boolean mayStand(List<Digit> group) {
      for (int i = 1; i < group.size(); i++) {
        if (!mayFollow(group.subList(0, i), group.get(i))) {
          return false;
        }
      }
      return true;
    }
  }

  /**
   * One of the circles.
   *
   * @param digits the digits that take part, two or more
   * @param another which of them: a number that picks a circle, the same one each time
   * @throws IllegalArgumentException if these digits have no such circle
   */
  public static Circle of(What what, List<Digit> digits, int another) {
    if (digits.size() < 2 || digits.stream().distinct().count() != digits.size()) {
      throw new IllegalArgumentException(
          "digits (%d) must be two or more different ones".formatted(digits.size()));
    }
    Map<List<Digit>, Deque<Digit>> ways = ways(what, digits, another);
    long edges = ways.values().stream().mapToLong(Deque::size).sum();
    List<Digit> taps = edges == 0 ? List.of() : walk(ways);
    if (edges == 0 || taps.size() != edges) {
      throw new IllegalArgumentException(
          "digits (%d) must be more: with so few there is no circle of %s"
              .formatted(digits.size(), what.words()));
    }
    return new Circle(what, taps);
  }

  /** From each group of taps, short of its last, the taps that may follow it. */
  private static Map<List<Digit>, Deque<Digit>> ways(What what, List<Digit> digits, int another) {
    List<List<Digit>> nodes = new ArrayList<>(digits.stream().map(List::of).toList());
    for (int length = 2; length < what.length(); length++) {
      List<List<Digit>> longer = new ArrayList<>();
      for (List<Digit> node : nodes) {
        for (Digit digit : digits) {
          List<Digit> more = new ArrayList<>(node);
          more.add(digit);
          if (what.mayStand(more)) {
            longer.add(List.copyOf(more));
          }
        }
      }
      nodes = longer;
    }
    Map<List<Digit>, Deque<Digit>> ways = new HashMap<>();
    Random random = new Random(another);
    for (List<Digit> node : nodes) {
      List<Digit> next =
          new ArrayList<>(digits.stream().filter(digit -> what.mayFollow(node, digit)).toList());
      if (another > 0) {
        Collections.shuffle(next, random);
      }
      ways.put(node, new ArrayDeque<>(next));
    }
    return ways;
  }

  /**
   * A closed walk that takes each way once (Hierholzer 1873); shorter if they do not hang together.
   */
  private static List<Digit> walk(Map<List<Digit>, Deque<Digit>> ways) {
    List<Digit> start =
        ways.keySet().stream()
            .min(
                Comparator.comparing(
                    node -> node.get(0).ordinal() * 5 + node.get(node.size() - 1).ordinal()))
            .orElseThrow();
    Deque<List<Digit>> path = new ArrayDeque<>(List.of(start));
    Deque<Digit> circuit = new ArrayDeque<>();
    while (!path.isEmpty()) {
      List<Digit> here = path.peek();
      Digit next = ways.get(here).poll();
      if (next != null) {
        List<Digit> there = new ArrayList<>(here.subList(1, here.size()));
        there.add(next);
        path.push(List.copyOf(there));
      } else {
        path.pop();
        if (!path.isEmpty()) {
          circuit.push(here.get(here.size() - 1));
        }
      }
    }
    return List.copyOf(circuit);
  }

  /** All orders of some digits, each digit once in each. */
  public static List<List<Digit>> orders(List<Digit> digits) {
    if (digits.isEmpty()) {
      return List.of(List.of());
    }
    List<List<Digit>> orders = new ArrayList<>();
    for (Digit first : digits) {
      List<Digit> rest = digits.stream().filter(digit -> digit != first).toList();
      for (List<Digit> order : orders(rest)) {
        List<Digit> whole = new ArrayList<>(List.of(first));
        whole.addAll(order);
        orders.add(List.copyOf(whole));
      }
    }
    return orders;
  }

  /**
   * A row that is shown and done again, one tap longer each time: the first taps of it.
   *
   * @param digits the digits that take part
   * @param seed picks the row, the same one each time
   * @param length how many taps
   */
  public static List<Digit> followMe(List<Digit> digits, long seed, int length) {
    Random random = new Random(seed);
    List<Digit> row = new ArrayList<>();
    while (row.size() < length) {
      Digit next = digits.get(random.nextInt(digits.size()));
      int size = row.size();
      boolean thrice = size > 1 && row.get(size - 1) == next && row.get(size - 2) == next;
      if (!thrice) {
        row.add(next);
      }
    }
    return List.copyOf(row);
  }
}

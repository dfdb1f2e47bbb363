package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nimblet.core.routine.SelectionProblem.Composite;

/**
 * What can be picked of a group: one to three exercises, of each family one, the ones to prefer
 * among equals first: earlier exercises and lower levels before others. Of those that look alike to
 * the choice only the best is kept, and one that adds nothing is not picked. What is pinned of the
 * group counts as picked.
 *
 * <p>Some thousand picks are looked at for each group, so options are numbers in arrays here, and
 * only what is kept becomes an object.
 */
final class Picking {

  /** So many exercises of a group may stand in a routine. */
  private static final int MOST_OF_A_GROUP = 3;

  private final List<Option> options = new ArrayList<>();
  private final List<Option> pins;
  private final int heldAtMost;
  private final int secondsAtMost;
  private final long wanted;
  private final long pinnedQuarters;

  /** By option: the exercise of which it is one, counted from the first member on. */
  private final int[] member;

  /** By member: its first option. The last number is how many options there are. */
  private final int[] first;

  private final int[] family;
  private final long[] points;
  private final int[] quarters;
  private final int[] seconds;
  private final int[] held;

  /** By option: how it looks to the choice by itself. */
  private final int[] look;

  private final Map<String, Integer> families = new HashMap<>();

  /** Options on the way to a value; those of a circuit and three more at most. */
  private final int[] byWorth = new int[Circuits.MOST_STATIONS + MOST_OF_A_GROUP];

  /**
   * Picks of one group.
   *
   * @param members the options of each exercise that can be picked
   * @param pins what is pinned of the group
   * @param heldAtMost seconds for which its tissue may be held on each side
   * @param secondsAtMost seconds that there are for it; what takes longer is no pick
   * @param wanted quarters of a second after which more is worth half
   */
  Picking(
      List<List<Option>> members,
      List<Option> pins,
      Attempts.Asked asked,
      int heldAtMost,
      int secondsAtMost,
      long wanted) {
    members.forEach(options::addAll);
    this.pins = pins;
    this.heldAtMost = heldAtMost;
    this.secondsAtMost = secondsAtMost;
    this.wanted = wanted;
    this.pinnedQuarters = pins.stream().mapToLong(Option::quarters).sum();
    int count = options.size();
    this.member = new int[count];
    this.first = new int[members.size() + 1];
    for (int m = 0; m < members.size(); m++) {
      first[m + 1] = first[m] + members.get(m).size();
      Arrays.fill(member, first[m], first[m + 1], m);
    }
    this.family = new int[count];
    this.points = new long[count];
    this.quarters = new int[count];
    this.seconds = new int[count];
    this.held = new int[count];
    this.look = new int[count];
    for (int o = 0; o < count; o++) {
      Option option = options.get(o);
      family[o] = familyOf(option);
      points[o] = option.worth().points();
      quarters[o] = option.quarters();
      seconds[o] = option.charge();
      held[o] = option.heldSeconds();
      int counted = asked.limits().countOf(option.exercise());
      look[o] = Look.of(option.charge(), option.floor(), freshOf(asked, option), counted);
    }
  }

  private int familyOf(Option option) {
    return families.computeIfAbsent(option.family(), name -> families.size());
  }

  /** For each earlier routine whether it has it not, in the digits of a count. */
  private static int freshOf(Attempts.Asked asked, Option option) {
    int fresh = 0;
    int place = 1;
    for (Set<String> known : asked.earlier()) {
      fresh += known.contains(option.exercise().id()) ? 0 : place;
      place *= SelectionProblem.DIFFERING + 1;
    }
    return fresh;
  }

  /** Whether an option is of this group. */
  boolean holds(Option option) {
    return options.contains(option);
  }

  /**
   * What can be picked beside others of the group that stand there in any case, with what it adds
   * to their value.
   */
  Picks beside(List<Option> others) {
    return new Search(others).all();
  }

  private int[] numbers(List<Option> some) {
    return some.stream().mapToInt(options::indexOf).toArray();
  }

  /** What some options are worth together. */
  private long value(int[] some) {
    int count = 0;
    for (int option : some) {
      insert(option, count++);
    }
    return valueOf(count);
  }

  /** Puts one more option among the first so many of {@link #byWorth}, the dearest first. */
  private void insert(int option, int count) {
    int place = count;
    while (place > 0 && points[byWorth[place - 1]] < points[option]) {
      byWorth[place] = byWorth[place - 1];
      place--;
    }
    byWorth[place] = option;
  }

  /**
   * What the first so many of {@link #byWorth} are worth: each quarter of a second in full up to
   * what is wanted, then by half.
   */
  private long valueOf(int count) {
    long used = pinnedQuarters;
    long value = 0;
    for (int i = 0; i < count; i++) {
      int option = byWorth[i];
      long upTo = used + quarters[option];
      long full = Math.max(0, Math.min(upTo, wanted) - used);
      long half = Math.max(0, Math.min(upTo, 2 * wanted) - Math.max(used, wanted));
      value += points[option] * (2 * full + half);
      used = upTo;
    }
    return value;
  }

  /** Some options of the group as one alternative of the choice. */
  Composite composite(List<Option> some) {
    int[] picked = numbers(some);
    int all = Look.NOTHING;
    for (int option : picked) {
      all = Look.and(all, look[option]);
    }
    return Look.worth(all, value(picked));
  }

  /** How some options look to the choice, but for their value, in one number. */
  private static final class Look {
    static final int NOTHING = 0;
    private static final int FRESH_COUNTS = 9;
    private static final int SECOND = 2 * FRESH_COUNTS * Limits.COUNTS;

    static int of(int seconds, boolean floor, int fresh, int counted) {
      return seconds * SECOND + ((floor ? FRESH_COUNTS : 0) + fresh) * Limits.COUNTS + counted;
    }

    static int seconds(int look) {
      return look / SECOND;
    }

    private static boolean floor(int look) {
      return look % SECOND >= FRESH_COUNTS * Limits.COUNTS;
    }

    private static int fresh(int look) {
      return look / Limits.COUNTS % FRESH_COUNTS;
    }

    private static int counted(int look) {
      return look % Limits.COUNTS;
    }

    static int and(int one, int other) {
      return of(
          seconds(one) + seconds(other),
          floor(one) || floor(other),
          Composite.freshTogether(fresh(one), fresh(other)),
          counted(one) + counted(other));
    }

    static Composite worth(int look, long value) {
      return new Composite(seconds(look), value, floor(look), fresh(look), counted(look));
    }
  }

  /** What can be picked, the one to prefer among equals first. */
  final class Picks {
    static final long NOTHING = 0;

    /** A group has fewer options than fit into so many bits. */
    private static final int BITS = 20;

    private final List<Composite> composites;
    private final long[] packed;

    private Picks(List<Composite> composites, long[] packed) {
      this.composites = composites;
      this.packed = packed;
    }

    /** Each as an alternative of the choice. */
    List<Composite> composites() {
      return composites;
    }

    /** The one to three different exercises of a pick. */
    List<Option> options(int pick) {
      List<Option> those = new ArrayList<>(MOST_OF_A_GROUP);
      for (long rest = packed[pick]; rest != NOTHING; rest >>= BITS) {
        those.add(options.get((int) (rest & (1L << BITS) - 1) - 1));
      }
      return List.copyOf(those);
    }

    /** The numbers of some options, each one more than it is, so that none is {@link #NOTHING}. */
    private static long packed(int[] picked, int count) {
      long packed = NOTHING;
      for (int i = count - 1; i >= 0; i--) {
        packed = (packed << BITS) + picked[i] + 1;
      }
      return packed;
    }
  }

  /** Goes through everything that can be picked beside some others. */
  private final class Search {
    private final int[] others;
    private final int most;
    private final long valueOfOthers;
    private final boolean[] taken = new boolean[options.size() + pins.size()];
    private final int[] picked = new int[MOST_OF_A_GROUP];
    private final Kept kept = new Kept();

    Search(List<Option> there) {
      this.others = numbers(there);
      this.most = Math.max(1, MOST_OF_A_GROUP - others.length - pins.size());
      this.valueOfOthers = value(others);
      pins.forEach(pin -> taken[familyOf(pin)] = true);
      for (int other : others) {
        taken[family[other]] = true;
      }
    }

    Picks all() {
      int heldBefore = pins.stream().mapToInt(Option::heldSeconds).sum();
      heldBefore += Arrays.stream(others).map(other -> held[other]).sum();
      extend(0, 0, Look.NOTHING, heldBefore, valueOfOthers);
      return kept.inOrder();
    }

    private void extend(int depth, int fromMember, int before, int heldBefore, long valueBefore) {
      for (int option = first[fromMember]; option < options.size(); option++) {
        int allHeld = heldBefore + held[option];
        if (taken[family[option]]
            || Look.seconds(before) + seconds[option] > secondsAtMost
            || allHeld > heldAtMost) {
          continue;
        }
        picked[depth] = option;
        long value = valueOfPicked(depth + 1);
        boolean alone = depth == 0 && others.length == 0;
        if (alone || value > valueBefore) {
          int together = Look.and(before, look[option]);
          kept.keep(together, value - valueOfOthers, picked, depth + 1);
          if (depth + 1 < most) {
            taken[family[option]] = true;
            extend(depth + 1, member[option] + 1, together, allHeld, value);
            taken[family[option]] = false;
          }
        }
      }
    }

    private long valueOfPicked(int count) {
      int all = 0;
      for (int other : others) {
        insert(other, all++);
      }
      for (int i = 0; i < count; i++) {
        insert(picked[i], all++);
      }
      return valueOf(all);
    }
  }

  /** Of the picks that look alike to the choice the best, the one that was there first. */
  private final class Kept {
    /** So many places there are for each option to begin with; always a power of two. */
    private static final int PICKS_AN_OPTION = 8;

    private int[] looks = new int[PICKS_AN_OPTION * Integer.highestOneBit(options.size())];
    private long[] values = new long[looks.length];
    private long[] turns = new long[looks.length];
    private long[] picks = new long[looks.length];
    private int size;
    private int turn;

    void keep(int look, long value, int[] picked, int count) {
      int at = place(look);
      if (picks[at] != Picks.NOTHING && value <= values[at]) {
        return;
      }
      if (picks[at] == Picks.NOTHING) {
        size++;
      }
      looks[at] = look;
      values[at] = value;
      turns[at] = turn++;
      picks[at] = Picks.packed(picked, count);
      if (2 * size > looks.length) {
        grow();
      }
    }

    private int place(int look) {
      int at = (look * 0x9E3779B9) >>> 16 & looks.length - 1;
      while (picks[at] != Picks.NOTHING && looks[at] != look) {
        at = at + 1 & looks.length - 1;
      }
      return at;
    }

    private void grow() {
      int[] oldLooks = looks;
      long[] oldValues = values;
      long[] oldTurns = turns;
      long[] oldPicks = picks;
      looks = new int[2 * oldLooks.length];
      values = new long[looks.length];
      turns = new long[looks.length];
      picks = new long[looks.length];
      for (int old = 0; old < oldLooks.length; old++) {
        if (oldPicks[old] != Picks.NOTHING) {
          int at = place(oldLooks[old]);
          looks[at] = oldLooks[old];
          values[at] = oldValues[old];
          turns[at] = oldTurns[old];
          picks[at] = oldPicks[old];
        }
      }
    }

    /** What was kept, the earliest first. */
    Picks inOrder() {
      long[] turnsAndPlaces = new long[size];
      int count = 0;
      for (int at = 0; at < looks.length; at++) {
        if (picks[at] != Picks.NOTHING) {
          turnsAndPlaces[count++] = turns[at] * looks.length + at;
        }
      }
      Arrays.sort(turnsAndPlaces);
      Composite[] composites = new Composite[size];
      long[] ordered = new long[size];
      for (int pick = 0; pick < size; pick++) {
        int at = (int) (turnsAndPlaces[pick] % looks.length);
        composites[pick] = Look.worth(looks[at], values[at]);
        ordered[pick] = picks[at];
      }
      return new Picks(List.of(composites), ordered);
    }
  }
}

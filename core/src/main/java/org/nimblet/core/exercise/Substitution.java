package org.nimblet.core.exercise;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A thing that can stand for another, and what that changes (common practice, no source).
 *
 * @param wanted the thing an exercise names
 * @param standIn what can be taken instead
 * @param load how the load changes
 * @param pressure how the pressure on the skin and muscle changes
 * @param difficulty how the difficulty changes
 * @param words what to mind, as one sentence
 */
public record Substitution(
    Thing wanted, Thing standIn, Change load, Change pressure, Change difficulty, String words) {

  /** How something changes with a stand-in. */
  public enum Change {
    LESS("less"),
    SAME("the same"),
    MORE("more");

    private final String word;

    Change(String word) {
      this.word = word;
    }

    /** The change as a word. */
    public String word() {
      return word;
    }
  }

  /** All substitutions, the nearest to the wanted thing first. */
  public static final List<Substitution> ALL =
      List.of(
          of(
              Thing.LIGHT_WEIGHT,
              Thing.BOTTLE,
              Change.SAME,
              Change.SAME,
              Change.SAME,
              "How full the bottle is sets the load; close it well."),
          of(
              Thing.LIGHT_WEIGHT,
              Thing.FOOD_CAN,
              Change.SAME,
              Change.SAME,
              Change.MORE,
              "A can is thicker to hold; take it in the middle."),
          of(
              Thing.HARD_BALL,
              Thing.TIN,
              Change.SAME,
              Change.MORE,
              Change.SAME,
              "A tin is harder: less weight on it, and off the bone."),
          of(
              Thing.HARD_BALL,
              Thing.OWN_FOREARM,
              Change.LESS,
              Change.LESS,
              Change.SAME,
              "Roll one forearm over the other; the pressure is yours to set."),
          of(
              Thing.SOFT_BALL,
              Thing.CLAY,
              Change.LESS,
              Change.LESS,
              Change.LESS,
              "Clay gives way: an easier squeeze."),
          of(
              Thing.SOFT_BALL,
              Thing.ROLLED_SOCK,
              Change.SAME,
              Change.LESS,
              Change.SAME,
              "Roll the sock to the size of an egg."),
          of(
              Thing.SOFT_BALL,
              Thing.OWN_FIST,
              Change.LESS,
              Change.LESS,
              Change.LESS,
              "Close the empty hand: the easiest squeeze."),
          of(
              Thing.CLAY,
              Thing.ROLLED_SOCK,
              Change.MORE,
              Change.SAME,
              Change.MORE,
              "A sock springs back a little more than clay."),
          of(
              Thing.CLAY,
              Thing.OWN_FIST,
              Change.LESS,
              Change.LESS,
              Change.LESS,
              "Close the empty hand: the easiest squeeze."),
          of(
              Thing.ROLLER,
              Thing.KITCHEN_ROLL,
              Change.SAME,
              Change.MORE,
              Change.SAME,
              "A hard roll presses more: roll more lightly."),
          of(
              Thing.ROLLER,
              Thing.OWN_FOREARM,
              Change.LESS,
              Change.LESS,
              Change.SAME,
              "Roll with the other forearm; the pressure is yours to set."),
          of(
              Thing.TABLE_EDGE,
              Thing.LAP,
              Change.SAME,
              Change.LESS,
              Change.SAME,
              "The knee is softer and lower: keep the shoulder down."),
          of(
              Thing.BOW,
              Thing.PENCIL,
              Change.LESS,
              Change.SAME,
              Change.LESS,
              "A pencil is far lighter to hold than the bow."),
          of(
              Thing.MAT,
              Thing.CARPET,
              Change.SAME,
              Change.MORE,
              Change.SAME,
              "A carpet is thinner: something soft under the knees."),
          of(
              Thing.MAT,
              Thing.TOWEL,
              Change.SAME,
              Change.MORE,
              Change.SAME,
              "Fold the towel under the knees."),
          of(
              Thing.BAND,
              Thing.TOWEL,
              Change.MORE,
              Change.SAME,
              Change.MORE,
              "Stand on the towel and curl against it: it does not give, so hold instead of moving."));

  private static Substitution of(
      Thing wanted, Thing standIn, Change load, Change pressure, Change difficulty, String words) {
    return new Substitution(wanted, standIn, load, pressure, difficulty, words);
  }

  /** What can stand for this thing, the nearest first. */
  public static List<Substitution> standInsFor(Thing wanted) {
    return ALL.stream().filter(substitution -> substitution.wanted == wanted).toList();
  }

  /**
   * The nearest stand-in for each needed thing that is not owned.
   *
   * @param needed what an exercise names
   * @param owned what is at hand
   * @return the substitutions, by the wanted thing; none if everything is owned; empty if something
   *     is missing and nothing at hand can stand for it
   */
  public static Optional<Map<Thing, Substitution>> resolve(Set<Thing> needed, Set<Thing> owned) {
    Map<Thing, Substitution> found = new EnumMap<>(Thing.class);
    for (Thing wanted : missing(needed, owned).toList()) {
      Optional<Substitution> standIn =
          standInsFor(wanted).stream()
              .filter(s -> owned.contains(s.standIn()) || s.standIn().partOfTheBody())
              .findFirst();
      if (standIn.isEmpty()) {
        return Optional.empty();
      }
      found.put(wanted, standIn.get());
    }
    return Optional.of(found);
  }

  /** The needed things that neither are owned nor have a stand-in. */
  public static Set<Thing> unresolved(Set<Thing> needed, Set<Thing> owned) {
    Set<Thing> unresolved = new HashSet<>();
    missing(needed, owned)
        .filter(wanted -> resolve(Set.of(wanted), owned).isEmpty())
        .forEach(unresolved::add);
    return unresolved;
  }

  private static Stream<Thing> missing(Set<Thing> needed, Set<Thing> owned) {
    return needed.stream()
        .filter(thing -> !owned.contains(thing) && !thing.partOfTheBody())
        .sorted(Comparator.naturalOrder());
  }
}

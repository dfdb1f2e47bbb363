package org.nimblet.core.drill;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.exercise.Contact;

/**
 * Where somebody stands with finger patterns, folded from what they tried, and what they do next.
 * The numbers of choosing stand here; all of them are ours.
 */
public final class Drilling {

  /** Below this share clean, in enough tries, a pattern is weak. */
  public static final double WEAK_SHARE = 0.6;

  /** From so many tries on a share says something. */
  public static final int TELLING_TRIES = 4;

  /** A family opens when of the one before so many of the patterns went cleanly the last time. */
  private static final double OPENS_AT_SHARE = 0.5;

  /** Or when its easiest pattern is done as cleanly as this, by what the ability says. */
  private static final double OPENS_AT_EXPECTED = 0.6;

  /** What was not clean the last time comes back as if it were this much nearer. */
  private static final double BACK_SOONER = 1.2;

  /** What was never tried is a little nearer, so that all of a family is met. */
  private static final double UNTRIED = 0.15;

  /** What went cleanly today waits; yesterday's a little. */
  private static final double CLEAN_TODAY = 1.5;

  private static final double CLEAN_YESTERDAY = 0.5;

  private final Side dominant;
  private final Map<Side, Ability> abilities = new EnumMap<>(Side.class);
  private final Map<Drill, SoFar> records = new HashMap<>();
  private final Map<String, Double> shifts;
  private final List<Refit.Evidence> evidence = new ArrayList<>();

  /** Worked out once: the same few patterns are asked for again and again. */
  private final Map<Asked, Difficulty> known = new ConcurrentHashMap<>();

  private record Asked(Pattern pattern, boolean otherHand, OptionalInt aMinute) {}

  /**
   * How a drill went so far.
   *
   * @param tries how often it was tried
   * @param clean how often it was clean
   * @param lastClean whether the last try was
   * @param lastOn the date of the last try
   * @param tempo at which it is done next
   */
  public record SoFar(int tries, int clean, boolean lastClean, LocalDate lastOn, DrillTempo tempo) {

    private static final SoFar NOTHING = new SoFar(0, 0, false, LocalDate.MIN, DrillTempo.UNTRIED);

    private SoFar after(Try tried) {
      return new SoFar(
          tries + 1,
          clean + (tried.clean() ? 1 : 0),
          tried.clean(),
          tried.at().toLocalDate(),
          tempo.after(tried));
    }

    /** Whether it goes badly, as far as that can be said. */
    public boolean isWeak() {
      return tries >= TELLING_TRIES && clean < WEAK_SHARE * tries;
    }
  }

  private Drilling(Side dominant, Map<String, Double> shifts) {
    this.dominant = dominant;
    this.shifts = Map.copyOf(shifts);
    for (Side side : Side.values()) {
      abilities.put(side, Ability.UNKNOWN);
    }
  }

  /**
   * Folds what was tried.
   *
   * @param dominant the hand that is used more
   * @param tries in any order
   */
  public static Drilling of(Side dominant, List<Try> tries) {
    return of(dominant, tries, Map.of());
  }

  /**
   * Folds what was tried.
   *
   * @param shifts by how much patterns are harder than their movements say, by identifier, as it
   *     was taken over from a {@link Refit}
   */
  public static Drilling of(Side dominant, List<Try> tries, Map<String, Double> shifts) {
    Drilling drilling = new Drilling(dominant, shifts);
    tries.stream().sorted(Comparator.comparing(Try::at)).forEach(drilling::fold);
    return drilling;
  }

  private void fold(Try tried) {
    double difficulty = difficulty(tried.drill(), tried.aMinute()).total();
    Ability able = abilityFor(tried.drill());
    double expected = able.expected(difficulty);
    evidence.add(
        new Refit.Evidence(tried.drill().pattern(), able.theta(), difficulty, tried.clean()));
    for (Side side : tried.drill().hands()) {
      abilities.compute(side, (each, before) -> before.moved(expected, tried.clean()));
    }
    records.put(tried.drill(), records.getOrDefault(tried.drill(), SoFar.NOTHING).after(tried));
  }

  /** What each try says of a difficulty, in their order. */
  List<Refit.Evidence> evidence() {
    return List.copyOf(evidence);
  }

  /** How able a hand is. */
  public Ability ability(Side hand) {
    return abilities.get(hand);
  }

  /** How able each hand is. */
  public Abilities abilities() {
    return new Abilities(ability(Side.LEFT), ability(Side.RIGHT));
  }

  /** How able whoever does a drill is: of both hands the less able one. */
  public Ability abilityFor(Drill drill) {
    return Ability.together(drill.hands().stream().map(abilities::get).toList());
  }

  /** How hard a drill is for this person. */
  public Difficulty difficulty(Drill drill, OptionalInt aMinute) {
    boolean otherHand = drill.hand().filter(side -> side != dominant).isPresent();
    Difficulty own =
        known.computeIfAbsent(
            new Asked(drill.pattern(), otherHand, aMinute),
            asked -> drill.pattern().difficulty(otherHand, aMinute));
    Double shift = shifts.isEmpty() ? null : shifts.get(drill.pattern().id());
    return shift == null ? own : own.and("as your clients' tries say", shift);
  }

  /** How likely a drill is done cleanly, 0 to 1. */
  public double expected(Drill drill, OptionalInt aMinute) {
    return abilityFor(drill).expected(difficulty(drill, aMinute).total());
  }

  /** How a drill went so far; empty if it was never tried. */
  public Optional<SoFar> soFar(Drill drill) {
    return Optional.ofNullable(records.get(drill));
  }

  /** At which tempo a drill is done next. */
  public DrillTempo tempo(Drill drill) {
    return soFar(drill).map(SoFar::tempo).orElse(DrillTempo.UNTRIED);
  }

  // ---- families

  /** The families that are open, in the order of learning: each follows from the one before. */
  public List<Family> openFamilies() {
    List<Family> open = new ArrayList<>();
    for (Family family : Family.values()) {
      if (!open.isEmpty() && !isDone(open.get(open.size() - 1)) && !isEasy(family)) {
        break;
      }
      open.add(family);
    }
    return open;
  }

  /** The family that opens next; empty if all are open. */
  public Optional<Family> nextFamily() {
    int open = openFamilies().size();
    return open < Family.values().length ? Optional.of(Family.values()[open]) : Optional.empty();
  }

  /** How many more patterns of the last open family have to go cleanly for the next one to open. */
  public int cleanUntilNextFamily() {
    List<Family> open = openFamilies();
    Family last = open.get(open.size() - 1);
    return Math.max(0, (int) Math.ceil(OPENS_AT_SHARE * drills(last).size() - cleanIn(last)));
  }

  private boolean isDone(Family family) {
    return cleanIn(family) >= OPENS_AT_SHARE * drills(family).size();
  }

  private long cleanIn(Family family) {
    return drills(family).stream()
        .filter(drill -> soFar(drill).filter(SoFar::lastClean).isPresent())
        .count();
  }

  private boolean isEasy(Family family) {
    return drills(family).stream()
        .anyMatch(drill -> expected(drill, OptionalInt.empty()) >= OPENS_AT_EXPECTED);
  }

  /** The drills of a family: each pattern of one hand by either. */
  public static List<Drill> drills(Family family) {
    List<Drill> drills = new ArrayList<>();
    for (Pattern pattern : Patterns.of(family)) {
      if (pattern.isForOneHand()) {
        for (Side side : Side.values()) {
          drills.add(new Drill(pattern, Optional.of(side)));
        }
      } else {
        drills.add(new Drill(pattern, Optional.empty()));
      }
    }
    return drills;
  }

  // ---- choosing

  /**
   * The drills of a round: those whose success is nearest to four of five tries, what went badly
   * sooner, and nothing that may be rude; a pattern twice only where there are too few, by the
   * other hand.
   *
   * @param count how many, at least 1
   * @param aMinute changes a minute; empty for each at its own tempo
   * @param today on the person's clock
   * @param open whether a drill may be done
   */
  public List<Drill> round(int count, OptionalInt aMinute, LocalDate today, Predicate<Drill> open) {
    List<Drill> offered =
        openFamilies().stream()
            .flatMap(family -> drills(family).stream())
            .filter(drill -> !drill.pattern().mayBeRude() && open.test(drill))
            .map(drill -> new Ranked(drill, distance(drill, aMinute, today)))
            .sorted(
                Comparator.comparingDouble(Ranked::distance)
                    .thenComparing(ranked -> ranked.drill().pattern().id())
                    .thenComparing(ranked -> ranked.drill().hand().map(Side::ordinal).orElse(-1)))
            .map(Ranked::drill)
            .toList();
    List<Drill> chosen = new ArrayList<>();
    Set<Pattern> patterns = new HashSet<>();
    offered.stream()
        .filter(drill -> patterns.add(drill.pattern()))
        .limit(count)
        .forEach(chosen::add);
    // Where there are too few patterns the other hand does them too.
    offered.stream()
        .filter(drill -> !chosen.contains(drill))
        .limit(count - (long) chosen.size())
        .toList()
        .forEach(chosen::add);
    chosen.sort(Comparator.comparingDouble(drill -> difficultyAt(drill, aMinute)));
    return chosen;
  }

  /**
   * The drills of a round for one transition: first those that go straight from the one finger to
   * the other, then those in which one of them moves while the other does not, the nearest to this
   * person's ability first.
   *
   * @param hand which hand it is for; empty for both
   * @param count how many, at least 1
   * @param open whether a drill may be done
   */
  public List<Drill> roundFor(
      DigitPair pair, Optional<Side> hand, int count, LocalDate today, Predicate<Drill> open) {
    List<Drill> chosen =
        Arrays.stream(Family.values())
            .flatMap(family -> drills(family).stream())
            .filter(drill -> drill.pattern().contact() == Contact.NONE)
            .filter(drill -> !drill.pattern().mayBeRude() && open.test(drill))
            .filter(drill -> hand.isEmpty() || drill.hands().contains(hand.get()))
            .filter(drill -> drill.pattern().goesBetween(pair) || drill.pattern().parts(pair))
            .sorted(
                Comparator.comparing((Drill drill) -> !drill.pattern().goesBetween(pair))
                    .thenComparingDouble(drill -> distance(drill, OptionalInt.empty(), today))
                    .thenComparing(drill -> drill.pattern().id())
                    .thenComparing(drill -> drill.hand().map(Side::ordinal).orElse(-1)))
            .limit(count)
            .collect(Collectors.toCollection(ArrayList::new));
    chosen.sort(Comparator.comparingDouble(drill -> difficultyAt(drill, OptionalInt.empty())));
    return chosen;
  }

  private record Ranked(Drill drill, double distance) {}

  private double difficultyAt(Drill drill, OptionalInt aMinute) {
    OptionalInt own = OptionalInt.of(tempo(drill).aMinute());
    return difficulty(drill, aMinute.isPresent() ? aMinute : own).total();
  }

  private double distance(Drill drill, OptionalInt aMinute, LocalDate today) {
    double difficulty = difficultyAt(drill, aMinute);
    double distance = Math.abs(difficulty - abilityFor(drill).difficultyAt(Ability.OFFERED));
    Optional<SoFar> before = soFar(drill);
    if (before.isEmpty()) {
      return distance - UNTRIED;
    }
    if (!before.get().lastClean()) {
      return distance - BACK_SOONER;
    }
    LocalDate last = before.get().lastOn();
    return distance
        + (last.equals(today)
            ? CLEAN_TODAY
            : last.equals(today.minusDays(1)) ? CLEAN_YESTERDAY : 0);
  }
}

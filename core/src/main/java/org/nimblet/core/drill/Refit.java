package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Difficulties estimated anew from what the clients of a coach tried, beside those that are worked
 * out from the movements. Nothing follows from them until the coach takes them over.
 *
 * <p>Of each pattern that is the difficulty at which what happened is likeliest, given how able
 * everybody was at the time (Rasch 1960), where a departure from the starting value has to be paid
 * for as if real ones lay {@link #SPREAD} about it (a normal prior; ours). So few tries move little
 * and many move as far as they say.
 *
 * @param lines what was tried, the greatest departure first
 * @param tries how many tries it comes from
 */
public record Refit(List<Line> lines, int tries) {

  /** Fewer tries of all clients together say too little (ours). */
  public static final int LEAST_TRIES = 200;

  /** How far real difficulties lie from the starting ones, about (ours). */
  static final double SPREAD = 0.5;

  private static final int NEWTON_STEPS = 25;
  private static final double NEAR_ENOUGH = 1e-9;

  /** Copies the lines. */
  public Refit {
    lines = List.copyOf(lines);
  }

  /**
   * One pattern.
   *
   * @param from its movements by the starting values
   * @param shift by how much it is harder, as it was tried
   */
  public record Line(Pattern pattern, double from, double shift, int tries) {}

  /**
   * A try as it speaks of a difficulty.
   *
   * @param theta how able whoever tried was before it
   * @param difficulty how hard it should have been by the starting values
   */
  record Evidence(Pattern pattern, double theta, double difficulty, boolean clean) {}

  /**
   * The estimate from everybody's tries, folded with the starting values; empty where they are
   * fewer than {@link #LEAST_TRIES}.
   */
  public static Optional<Refit> of(Collection<Drilling> everybody) {
    Map<Pattern, List<Evidence>> byPattern = new LinkedHashMap<>();
    everybody.stream()
        .flatMap(one -> one.evidence().stream())
        .forEach(
            each -> byPattern.computeIfAbsent(each.pattern(), p -> new ArrayList<>()).add(each));
    int tries = byPattern.values().stream().mapToInt(List::size).sum();
    if (tries < LEAST_TRIES) {
      return Optional.empty();
    }
    List<Line> lines = new ArrayList<>();
    byPattern.forEach(
        (pattern, all) -> lines.add(new Line(pattern, pattern.movement(), shift(all), all.size())));
    lines.sort(
        Comparator.comparing((Line line) -> -Math.abs(line.shift()))
            .thenComparing(line -> line.pattern().id()));
    return Optional.of(new Refit(lines, tries));
  }

  /** What is taken over: by how much each pattern is harder, by its identifier. */
  public Map<String, Double> shifts() {
    Map<String, Double> shifts = new LinkedHashMap<>();
    lines.forEach(line -> shifts.put(line.pattern().id(), line.shift()));
    return shifts;
  }

  /** The likeliest shift, by Newton's method: the likelihood with its price has one summit. */
  static double shift(List<Evidence> all) {
    double shift = 0;
    for (int step = 0; step < NEWTON_STEPS; step++) {
      double slope = -shift / (SPREAD * SPREAD);
      double bend = -1 / (SPREAD * SPREAD);
      for (Evidence each : all) {
        double expected = new Ability(each.theta(), 0).expected(each.difficulty() + shift);
        slope += expected - (each.clean() ? 1 : 0);
        bend -= expected * (1 - expected);
      }
      double move = slope / bend;
      shift -= move;
      if (Math.abs(move) < NEAR_ENOUGH) {
        break;
      }
    }
    return shift;
  }
}

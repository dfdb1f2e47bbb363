package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Notation;

/** An entry of the library; what follows from its parts is worked out once. */
public final class Exercise implements Comparable<Exercise> {

  /** Holds of a single finger never last longer (common practice, no source). */
  public static final int SINGLE_FINGER_HOLD_SECONDS = 10;

  private final String id;
  private final String title;
  private final Kind kind;
  private final Guidance guidance;
  private final Service service;
  private final Uses uses;
  private final Demands demands;
  private final Method usualMethod;
  private final Map<Method, DosePlan> doses;
  private final Progression progression;
  private final Figure figure;
  private final Standing standing;
  private final List<ClosingRule> closingRules;
  private final ClosedWith closedWith;

  /**
   * Checks that the parts fit together.
   *
   * @param id lower case, words joined by hyphens; never changed once used
   * @param title what people call it
   * @param kind what sort of work it is
   * @param guidance the words
   * @param service what it trains; it opens and closes nothing
   * @param uses what it uses of the body, the hand that helps included
   * @param demands what it asks of the body and the place
   * @param usualMethod the method to dose it by unless the person likes another that it has
   * @param doses its dose by method; at least the usual one
   * @param progression how it is made easier and harder
   * @param figure how it is drawn
   * @param standing how it stands among the others
   * @throws IllegalArgumentException naming the field and what is allowed
   */
  public Exercise(
      String id,
      String title,
      Kind kind,
      Guidance guidance,
      Service service,
      Uses uses,
      Demands demands,
      Method usualMethod,
      Map<Method, DosePlan> doses,
      Progression progression,
      Figure figure,
      Standing standing) {
    this.id = id;
    this.title = title;
    this.kind = kind;
    this.guidance = guidance;
    this.service = service;
    this.uses = uses;
    this.demands = demands;
    this.usualMethod = usualMethod;
    this.doses = Collections.unmodifiableMap(new TreeMap<>(doses));
    this.progression = progression;
    this.figure = figure;
    this.standing = standing;
    if (!id.matches("[a-z][a-z0-9]*(-[a-z0-9]+)*")) {
      throw new IllegalArgumentException(
          "id (%s) must be lower-case words joined by hyphens".formatted(id));
    }
    if (!doses.containsKey(usualMethod)) {
      throw new IllegalArgumentException(
          "usual method (%s) must have a dose; there are doses for %s"
              .formatted(usualMethod, doses.keySet()));
    }
    if (kind == Kind.STRETCH) {
      doses.values().forEach(Exercise::checkSingleFingers);
    }
    doses.values().forEach(plan -> checkWays(plan.usual().units()));
    checkStaples();
    checkLadder();
    this.closingRules = ClosingRule.of(this);
    ClosedWith all = demands.closedWith();
    for (ClosingRule rule : closingRules) {
      all = all.and(rule.closedWith());
    }
    this.closedWith = all;
  }

  /** Ways that are drawn differently are all drawn. */
  private void checkWays(Units units) {
    boolean byWay = units.each() == Units.Each.WAYS;
    int drawn = figure.ways().size();
    if (drawn > 1 && (!byWay || drawn != units.ways())) {
      throw new IllegalArgumentException(
          "figure ways (%d) must be as many as the ways of the dose (%d)"
              .formatted(drawn, byWay ? units.ways() : 1));
    }
  }

  /** The first pose that has no form for digits which a dose counts, told in a sentence. */
  public Optional<String> undrawnUnit() {
    return doses.values().stream()
        .map(plan -> plan.usual().units())
        .flatMap(
            units ->
                IntStream.range(0, units.count())
                    .mapToObj(units::digits)
                    .flatMap(
                        digits ->
                            figure.poses().stream()
                                .filter(pose -> !pose.shows(digits))
                                .map(
                                    pose ->
                                        "(%s) must have a form for %s, which the dose counts"
                                            .formatted(
                                                pose.text(), Notation.NAMES.format(digits)))))
        .findFirst();
  }

  private void checkStaples() {
    standing
        .staples()
        .keySet()
        .forEach(
            target -> {
              if (!service.contributions().containsKey(target)) {
                throw new IllegalArgumentException(
                    "staple (%s) must be one of what it serves: %s"
                        .formatted(target, String.join(", ", service.contributions().keySet())));
              }
            });
  }

  /** Where a weight is taken into the hand, the things of a ladder must have a weight. */
  private void checkLadder() {
    boolean weighed =
        doses.values().stream()
            .anyMatch(
                plan -> plan.usual().load().filter(Load.Weight.class::isInstance).isPresent());
    if (weighed && progression.steps() instanceof Progression.Things things) {
      List<Thing> weightless =
          things.things().stream().filter(thing -> !OwnedLoads.hasAWeight(thing)).toList();
      if (!weightless.isEmpty()) {
        throw new IllegalArgumentException(
            "ladder things (%s) must have a weight, since the dose has one; allowed: %s"
                .formatted(words(weightless), words(OwnedLoads.THINGS_WITH_A_WEIGHT)));
      }
    }
  }

  private static String words(List<Thing> things) {
    return things.stream().map(LibraryWriter::word).collect(Collectors.joining(", "));
  }

  /** Lower case, words joined by hyphens; never changed once used. */
  public String id() {
    return id;
  }

  /** What people call it. */
  public String title() {
    return title;
  }

  /** What sort of work it is. */
  public Kind kind() {
    return kind;
  }

  /** The words. */
  public Guidance guidance() {
    return guidance;
  }

  /** What it trains. */
  public Service service() {
    return service;
  }

  /** What it uses of the body. */
  public Uses uses() {
    return uses;
  }

  /** What it asks of the body and the place. */
  public Demands demands() {
    return demands;
  }

  /** The method to dose it by unless the person likes another that it has. */
  public Method usualMethod() {
    return usualMethod;
  }

  /** Its dose by method. */
  public Map<Method, DosePlan> doses() {
    return doses;
  }

  /** How it is made easier and harder. */
  public Progression progression() {
    return progression;
  }

  /** How it is drawn. */
  public Figure figure() {
    return figure;
  }

  /** How it stands among the others. */
  public Standing standing() {
    return standing;
  }

  /** With what it is closed, by what it is and by what was written. */
  public ClosedWith closedWith() {
    return closedWith;
  }

  /** The rules that close it by what it is. */
  public List<ClosingRule> closingRules() {
    return closingRules;
  }

  /** What to mind, with what leaves it out altogether. */
  public List<String> cautions() {
    return Stream.concat(guidance.cautions().stream(), closedWith.sentences().stream()).toList();
  }

  /** Whether a dose holds one finger after another, each on its own. */
  public static boolean holdsSingleFingers(Dose dose) {
    return dose.units().singleDigits() && dose.form().isStatic();
  }

  private static void checkSingleFingers(DosePlan plan) {
    DoseForm form = plan.usual().form();
    if (!holdsSingleFingers(plan.usual())) {
      return;
    }
    if (form instanceof DoseForm.Breaths) {
      throw new IllegalArgumentException(
          "breaths (%s) must be seconds for a single finger, %d s at most"
              .formatted(form.quantity(), SINGLE_FINGER_HOLD_SECONDS));
    }
    if (plan.bounds().greatest() > SINGLE_FINGER_HOLD_SECONDS) {
      throw new IllegalArgumentException(
          "hold (up to %d s) must be at most %d s for a single finger; shorten it or choose a group stretch"
              .formatted(plan.bounds().greatest(), SINGLE_FINGER_HOLD_SECONDS));
    }
  }

  /** The dose by this method, if the exercise has one. */
  public Optional<DosePlan> dose(Method method) {
    return Optional.ofNullable(doses.get(method));
  }

  /** The dose by the method a person likes if there is one, else the usual one. */
  public DosePlan doseFor(Method liked) {
    return dose(liked).or(() -> dose(usualMethod)).orElseThrow();
  }

  /**
   * The plan that a dose of it follows: by the liked method if it fits there, else the first of its
   * methods whose form and bounds it fits, else the first of its form, else the usual one.
   */
  public DosePlan planOf(Dose dose, Method liked) {
    List<DosePlan> plans = new ArrayList<>(doses.size() + 2);
    dose(liked).ifPresent(plans::add);
    dose(usualMethod).ifPresent(plans::add);
    plans.addAll(doses.values());
    plans.removeIf(plan -> plan.usual().form().getClass() != dose.form().getClass());
    for (DosePlan plan : plans) {
      if (plan.bounds().contains(dose.quantity())) {
        return plan;
      }
    }
    return plans.isEmpty() ? doseFor(usualMethod) : plans.get(0);
  }

  /** The language of its doses by a method, for a person. */
  public DoseText doseText(Method method, Notation notation) {
    return new DoseText(doseFor(method).usual(), notation, guidance.ways());
  }

  /** Whether it is for one of these disciplines. */
  public boolean suits(Set<Discipline> disciplines) {
    return disciplines.stream().anyMatch(this::suits);
  }

  /** Whether it is for this discipline. */
  public boolean suits(Discipline discipline) {
    return demands.disciplines().isEmpty() || demands.disciplines().contains(discipline);
  }

  @Override
  public int compareTo(Exercise that) {
    return id.compareTo(that.id);
  }

  private List<Object> parts() {
    return List.of(
        id,
        title,
        kind,
        guidance,
        service,
        uses,
        demands,
        usualMethod,
        doses,
        progression,
        figure,
        standing);
  }

  @Override
  public boolean equals(Object that) {
    return this == that || (that instanceof Exercise other && parts().equals(other.parts()));
  }

  @Override
  public int hashCode() {
    return id.hashCode();
  }

  @Override
  public String toString() {
    return "Exercise[%s]".formatted(id);
  }
}

package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pace;

/**
 * The circuits that a phase of strengthening may hold: two or three exercises at the dose that is
 * due, of as many sets each, of which none works a muscle that another works. What one of them
 * would rest, the others work, so that the same work takes less time; only such are offered.
 */
final class CircuitChoices {

  private final Comparator<Option> order;
  private final int number;
  private final Pace pace;

  /**
   * Circuits of one routine.
   *
   * @param order how the stations follow one another
   * @param number of the circuit in the routine
   */
  CircuitChoices(Comparator<Option> order, int number, Pace pace) {
    this.order = order;
    this.number = number;
    this.pace = pace;
  }

  /**
   * A circuit that may be chosen as a whole.
   *
   * @param stations each exercise at its whole dose
   * @param sets the same set by set, in turn; their charges sum up to what it takes
   */
  record Offered(List<Option> stations, List<Option> sets) {
    Offered {
      stations = List.copyOf(stations);
      sets = List.copyOf(sets);
    }

    int charge() {
      return sets.stream().mapToInt(Option::charge).sum();
    }
  }

  /**
   * All of them.
   *
   * @param members the options of each exercise of the phase
   */
  List<Offered> of(List<List<Option>> members) {
    List<Option> able =
        members.stream()
            .flatMap(options -> options.stream().filter(CircuitChoices::restsBetweenSets))
            .sorted(order)
            .toList();
    List<Offered> offered = new ArrayList<>();
    for (int a = 0; a < able.size(); a++) {
      for (int b = a + 1; b < able.size(); b++) {
        List<Option> two = List.of(able.get(a), able.get(b));
        if (!fit(two)) {
          continue;
        }
        addIfShorter(offered, two);
        for (int c = b + 1; c < able.size(); c++) {
          List<Option> three = List.of(able.get(a), able.get(b), able.get(c));
          if (fit(three)) {
            addIfShorter(offered, three);
          }
        }
      }
    }
    return offered;
  }

  private static boolean restsBetweenSets(Option option) {
    Dose dose = option.step().dose();
    return option.choice().level() == Options.USUAL
        && dose.sets() > 1
        && dose.restSeconds() > 0
        && dose.exception().isEmpty()
        && dose.laterality() != Laterality.IN_TURN;
  }

  /**
   * Nobody runs from the floor to the table and back, and nothing gentle comes after the hardest.
   */
  private static boolean fit(List<Option> stations) {
    Option first = stations.get(0);
    for (int i = 1; i < stations.size(); i++) {
      Option other = stations.get(i);
      if (other.step().position() != first.step().position()
          || other.step().dose().sets() != first.step().dose().sets()) {
        return false;
      }
      for (Option before : stations.subList(0, i)) {
        if (before.family().equals(other.family())
            || !Collections.disjoint(worked(before), worked(other))) {
          return false;
        }
      }
    }
    Set<Boolean> intense =
        stations.stream()
            .map(o -> o.exercise().demands().intensity() >= Limits.INTENSE)
            .collect(Collectors.toSet());
    return intense.size() == 1;
  }

  private static Set<Tissue> worked(Option option) {
    return option.exercise().service().workedTissues().stream()
        .filter(tissue -> !tissue.isJoint())
        .collect(Collectors.toSet());
  }

  private void addIfShorter(List<Offered> offered, List<Option> stations) {
    Offered circuit = new Offered(stations, sets(stations));
    if (circuit.charge() < stations.stream().mapToInt(Option::charge).sum()) {
      offered.add(circuit);
    }
  }

  private List<Option> sets(List<Option> stations) {
    List<Step> steps = List.of(stations.get(0).step());
    for (Option another : stations.subList(1, stations.size())) {
      List<Step> more = new ArrayList<>(steps);
      more.add(another.step());
      steps = Circuits.inTurn(more, steps.size() - 1);
    }
    RoutineTime time = RoutineTime.of(steps, pace);
    long readyAt = time.endMillis(0) - time.workMillis().get(0);
    Option first = stations.get(0);
    int setUp = first.charge() - StepTime.chargedSeconds(first.step(), pace);
    List<Option> sets = new ArrayList<>();
    int charged = 0;
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i).inCircuit(number);
      int until = setUp + (int) ((time.endMillis(i) - readyAt + 999) / 1000);
      sets.add(station(stations, step.exercise()).asSet(step, until - charged));
      charged = until;
    }
    return sets;
  }

  private static Option station(List<Option> stations, Exercise exercise) {
    return stations.stream().filter(o -> o.exercise().equals(exercise)).findFirst().orElseThrow();
  }
}

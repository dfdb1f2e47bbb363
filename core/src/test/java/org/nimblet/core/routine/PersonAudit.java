package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Use;
import org.nimblet.core.schedule.Line;
import org.nimblet.core.schedule.PlanDay;
import org.nimblet.core.schedule.PlanRequest;
import org.nimblet.core.schedule.WeekGenerator;
import org.nimblet.core.schedule.WeekPlan.PlannedSession;
import org.nimblet.core.schedule.WeekPlanner;

/**
 * Makes routines and weeks for people drawn from a seed and looks whether a rule is broken: once by
 * the rules that the program shows, and once by reading the data of the exercises anew, past all
 * gates.
 */
public final class PersonAudit {

  private static final int PINNED = 2;
  private static final int THOUGHTLESS_STEPS = 8;
  private static final int MOST_LINES = 6;

  private final ExerciseLibrary library;
  private final RoutineCheck check;

  /** An audit of what a library gives. */
  public PersonAudit(ExerciseLibrary library) {
    this.library = library;
    this.check = new RoutineCheck(library);
  }

  /** How something comes to be done. */
  public enum Way {
    COMPOSED,
    PINNED,
    REPAIRED,
    PLANNED
  }

  /**
   * What came of one person.
   *
   * @param made whether there was anything to look at; a composer may refuse
   * @param broken what was broken
   */
  public record Outcome(boolean made, List<String> broken) {
    private static final Outcome REFUSED = new Outcome(false, List.of());
  }

  /** Looks at one person in one way. */
  public Outcome of(Way way, long seed) {
    RequestGenerator generator = new RequestGenerator(seed);
    Purpose purpose = generator.purpose();
    RoutineRequest asked = generator.request(library, purpose);
    return switch (way) {
      case COMPOSED -> composed(purpose, asked, false);
      case PINNED -> composed(purpose, pinning(asked, seed), true);
      case REPAIRED -> repaired(purpose, asked, seed);
      case PLANNED -> planned(seed);
    };
  }

  private RoutineRequest pinning(RoutineRequest asked, long seed) {
    return new RoutineRequest(
        asked.budgetSeconds(),
        asked.facts(),
        asked.use(),
        asked.weights(),
        asked.recent(),
        asked.around(),
        new RoutineGenerator(seed).routine(library, PINNED));
  }

  /** What a coach pins may bend the order and the length, never what stops. */
  private Outcome composed(Purpose purpose, RoutineRequest asked, boolean pinned) {
    if (!(new Composer(library, purpose).compose(asked) instanceof Composition.Composed made)) {
      return Outcome.REFUSED;
    }
    List<String> broken = new ArrayList<>(unsafe(asked, made.steps()));
    made.steps().stream()
        .filter(step -> step.exercise().demands().coachOnly() && !asked.pinned().contains(step))
        .forEach(step -> broken.add("%s is for a coach to give".formatted(step.exercise().id())));
    if (!pinned) {
      check.findings(purpose, asked, made.steps()).forEach(found -> broken.add(found.sentence()));
    }
    return new Outcome(true, broken);
  }

  private Outcome repaired(Purpose purpose, RoutineRequest asked, long seed) {
    List<Step> thoughtless = new RoutineGenerator(seed).routine(library, THOUGHTLESS_STEPS);
    List<Step> repaired;
    try {
      repaired = check.repaired(purpose, asked, thoughtless);
    } catch (IllegalStateException e) {
      return new Outcome(false, List.of(e.getMessage()));
    }
    List<String> broken = new ArrayList<>(unsafe(asked, repaired));
    check.findings(purpose, asked, repaired).forEach(found -> broken.add(found.sentence()));
    broken.addAll(unsafe(asked, check.safe(purpose, asked, thoughtless).steps()));
    return new Outcome(!repaired.isEmpty(), broken);
  }

  private static Outcome planned(long seed) {
    PlanRequest asked = new WeekGenerator(seed).whole(1, 1 + (int) (seed % MOST_LINES));
    List<String> broken = new ArrayList<>();
    List<PlannedSession> free =
        WeekPlanner.plan(asked).sessions().stream().filter(s -> !s.fixed()).toList();
    for (PlannedSession session : free) {
      Line line =
          asked.lines().stream()
              .filter(one -> one.id().equals(session.key().lineId()))
              .findFirst()
              .orElseThrow();
      for (PlanDay day : asked.days()) {
        boolean inPlay = day.blocks().stream().anyMatch(b -> b.span().overlaps(session.span()));
        boolean tooNear =
            line.tires()
                && day.blocks().stream()
                    .anyMatch(b -> b.span().widened(60, 20).overlaps(session.span()));
        if (inPlay || tooNear || day.busy().stream().anyMatch(session.span()::overlaps)) {
          broken.add("%s on %s".formatted(line.id(), session.key().date()));
        }
      }
    }
    return new Outcome(!free.isEmpty(), broken);
  }

  private static List<String> unsafe(RoutineRequest asked, List<Step> steps) {
    Health health = asked.facts().health();
    List<String> found = new ArrayList<>();
    RoutineTime time = RoutineTime.of(steps, asked.facts().pace());
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      Exercise exercise = step.exercise();
      boolean allowed = health.allowed().containsKey(exercise.id());
      for (Side acting : step.sides()) {
        for (Pain pain : health.pains()) {
          boolean works =
              exercise
                  .uses()
                  .of(acting, pain.side(), pain.region())
                  .filter(use -> use.isAtLeast(Use.WORKS))
                  .isPresent();
          if (works && pain.level() >= SafetyRules.ENDING_PAIN) {
            found.add(
                "%s by the %s side works the %s %s at pain %d"
                    .formatted(exercise.id(), acting, pain.side(), pain.region(), pain.level()));
          }
        }
        for (Exclusion exclusion : health.exclusions()) {
          if (!allowed
              && exclusion.subject() instanceof Exclusion.OfRegion out
              && exercise.uses().of(acting, out.side(), out.region()).isPresent()) {
            found.add("%s uses the %s".formatted(exercise.id(), exclusion.subject().name()));
          }
          if (!allowed
              && exclusion.subject() instanceof Exclusion.OfMovement out
              && out.side() == acting
              && exercise.demands().reaches(out.movement())) {
            found.add("%s reaches %s".formatted(exercise.id(), out.movement()));
          }
        }
      }
      long rest = (time.lengthMillis() - time.endMillis(i)) / 60_000;
      boolean tooNear =
          exercise.demands().tires()
              && asked.around().minutesToPlay().stream()
                  .anyMatch(minutes -> minutes + rest < SafetyRules.STRENGTH_BEFORE_PLAY_MINUTES);
      if (tooNear) {
        found.add("%s tires before play".formatted(exercise.id()));
      }
    }
    return found;
  }
}

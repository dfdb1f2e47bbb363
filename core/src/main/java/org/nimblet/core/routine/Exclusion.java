package org.nimblet.core.routine;

import java.time.LocalDate;
import java.util.Optional;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Use;

/**
 * What a clinician or the coach has taken out.
 *
 * @param subject what is left alone
 * @param reason who said so and why, for people
 * @param until the last day on which it holds, if that is known
 */
public record Exclusion(Subject subject, String reason, Optional<LocalDate> until) {

  /** What is left alone. */
  public sealed interface Subject {
    /** Whether an exercise is left out by it while a side acts. */
    boolean closes(Exercise exercise, Side side);

    /** What an exercise does that is to be left alone: "Loads the palm on the left". */
    String words();

    /** What is left alone, at the beginning of a sentence: "Left palm". */
    String name();
  }

  /** A region on one side. */
  public record OfRegion(Side side, Region region) implements Subject {
    @Override
    public boolean closes(Exercise exercise, Side acting) {
      return exercise.uses().of(acting, side, region).isPresent();
    }

    @Override
    public String words() {
      return "Uses the %s on the %s".formatted(region.word(), side.word());
    }

    @Override
    public String name() {
      return capital(side) + " " + region.word();
    }
  }

  /** A direction of movement on one side. */
  public record OfMovement(Side side, Movement movement) implements Subject {
    @Override
    public boolean closes(Exercise exercise, Side acting) {
      return ((side == acting || !sided()) && exercise.demands().reaches(movement))
          || (side != acting && movement == Movement.GRIP && helps(exercise));
    }

    private boolean sided() {
      return movement != Movement.NECK_MOVEMENT && movement != Movement.TRUNK_MOVEMENT;
    }

    /** A hand that pulls or presses for the other one grips. */
    private static boolean helps(Exercise exercise) {
      return exercise.uses().helping().values().stream().anyMatch(use -> use.isAtLeast(Use.WORKS));
    }

    @Override
    public String words() {
      return "Asks for %s, to its end or under load, on the %s"
          .formatted(movement.word(), side.word());
    }

    @Override
    public String name() {
      return "%s: %s".formatted(capital(side), movement.word());
    }
  }

  /** One exercise, on both sides. */
  public record OfExercise(String exerciseId) implements Subject {
    @Override
    public boolean closes(Exercise exercise, Side acting) {
      return exercise.id().equals(exerciseId);
    }

    @Override
    public String words() {
      return "Is left out";
    }

    @Override
    public String name() {
      return "The exercise " + exerciseId.replace('-', ' ');
    }
  }

  private static String capital(Side side) {
    return side == Side.LEFT ? "Left" : "Right";
  }

  /** A region that is left alone until somebody says otherwise. */
  public static Exclusion ofRegion(Side side, Region region, String reason) {
    return new Exclusion(new OfRegion(side, region), reason, Optional.empty());
  }
}

package org.nimblet.core.routine;

import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Thing;

/**
 * Why an exercise was left out.
 *
 * @param exercise which
 * @param reason why
 */
public record Rejection(Exercise exercise, Reason reason) {

  /** Why an exercise was left out. */
  public sealed interface Reason {
    /** The reason as one sentence. */
    String sentence(Exercise exercise);
  }

  /** A referral sign stands against it. */
  public record Signed(Sign sign) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Waits for a clinician: %s, %s%s."
          .formatted(
              sign.sign().word(),
              sign.place(),
              sign.since().isEmpty() ? "" : ", since " + sign.since());
    }
  }

  /** A session of this day was stopped for safety. */
  public record StoppedToday(Stop stop) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "A session was stopped today: %s, %s. Nothing like it for the rest of the day."
          .formatted(stop.place(), stop.words());
    }
  }

  /** Something that it does was taken out. */
  public record Excluded(Exclusion exclusion) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      String until = exclusion.until().map(day -> " Until " + day + ".").orElse("");
      return "%s: %s%s".formatted(exclusion.subject().words(), exclusion.reason(), until);
    }
  }

  /** A known condition stands against it. */
  public record Conditioned(Condition condition) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      String word = condition.word();
      return "Not with %s. %s".formatted(word, condition.adaptation());
    }
  }

  /** It is not for this age. */
  public record NotForAge(AgeGroup age) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Not for people %s. %s".formatted(age.word(), age.adaptation());
    }
  }

  /** A region that it uses hurts too much. */
  public record Painful(Pain pain) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Uses the %s on the %s, where pain is %d of 10."
          .formatted(pain.region().word(), pain.side().word(), pain.level());
    }
  }

  /** With the pain there is, it was done often enough today. */
  public record OftenEnough(Pain pain, PainDose allowed) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Done today already; with pain %d of 10, %s, it is done %s."
          .formatted(pain.level(), pain.course().word(), allowed.often().words());
    }
  }

  /** Its kind, or what it moves, has no place in the purpose. */
  public record NotForPurpose(PurposePlan plan) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      String purpose = plan.purpose().withArticle();
      Optional<Phase> ofItsKind =
          plan.phases().stream()
              .filter(phase -> phase.kinds().contains(exercise.kind()))
              .findFirst();
      if (ofItsKind.isPresent()) {
        return "In %s the phase %s takes only %s."
            .formatted(purpose, ofItsKind.get().name(), ofItsKind.get().scope().words());
      }
      return "%s has no place in %s.".formatted(exercise.kind().word(), purpose);
    }
  }

  /** It is more intense than its phase allows. */
  public record TooIntense(String phase, int allowed) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Intensity %d; in the phase %s at most %d."
          .formatted(exercise.demands().intensity(), phase, allowed);
    }
  }

  /** Only a coach puts it into a routine. */
  public record CoachOnly() implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Only a coach puts it into a routine, for one person at a time.";
    }
  }

  /**
   * It tires what is about to be used, or stretches it strongly; minutes to play, if it is near.
   */
  public record TooNearToPlay(OptionalInt minutesToPlay) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      String what = exercise.demands().tires() ? "It tires" : "It stretches strongly";
      return minutesToPlay.isEmpty()
          ? what + " what is about to be used."
          : "%s, and play is %d min away; at least %d min are wanted between."
              .formatted(what, minutesToPlay.getAsInt(), SafetyRules.minutesBeforePlay(exercise));
    }
  }

  /** The same tissue was worked hard the day before or today. */
  public record NeedsRest(Set<Tissue> tissues) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Works the %s, worked hard today or yesterday; a day of rest comes between."
          .formatted(tissues.stream().sorted().map(Tissue::word).collect(Collectors.joining(", ")));
    }
  }

  /** A performance is on the next day. */
  public record BeforePerformance() implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Too heavy for the day before a performance.";
    }
  }

  /** What it loads of the hands is not asked for in the stretch part. */
  public record NotWorked() implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Stretches what is not strengthened here.";
    }
  }

  /** It is for other disciplines. */
  public record OtherDiscipline() implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      if (exercise.demands().role().isPresent()) {
        return "Made for %s; no activity here has one."
            .formatted(exercise.demands().role().get().word());
      }
      return "Made for %s."
          .formatted(
              exercise.demands().disciplines().stream()
                  .sorted()
                  .map(Discipline::word)
                  .collect(Collectors.joining(", ")));
    }
  }

  /** None of its positions can be taken. */
  public record NoPosition(Set<Position> needed) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Needs to be done %s, which is not possible here."
          .formatted(
              needed.stream().sorted().map(Position::word).collect(Collectors.joining(" or ")));
    }
  }

  /** Something is not at hand. */
  public record NoThing(Set<Thing> missing) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Needs %s, which is not at hand."
          .formatted(
              missing.stream().sorted().map(Thing::word).collect(Collectors.joining(" and ")));
    }
  }

  /** No weight that is at hand is light enough, or known. */
  public record NoLoad(int wantedGrams, OptionalInt lightestGrams) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return lightestGrams.isEmpty()
          ? "Needs a weight of about %d g; how heavy the weights at hand are was never said."
              .formatted(wantedGrams)
          : "Needs a weight of about %d g; the lightest at hand is %s."
              .formatted(wantedGrams, new Load.Weight(lightestGrams.getAsInt()).words());
    }
  }

  /** Its shortest dose holds a tissue for too long. */
  public record HoldsTooLong(int allowedSeconds) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Would hold a tissue for more than %d s.".formatted(allowedSeconds);
    }
  }

  /** Each of its doses would break a rule that belongs to the dose. */
  public record NoSoundDose(String why) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return why;
    }
  }

  /** The hands would not be warm enough. */
  public record NotWarm(int warmingSeconds) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Only %d s of heat and mobilising before it: too cold for it."
          .formatted(warmingSeconds);
    }
  }

  /** Its shortest dose does not fit into the phase. */
  public record NoRoom(String phase, int neededSeconds, int greatestSeconds) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "Takes at least %d s; the phase %s has at most %d s."
          .formatted(neededSeconds, phase, greatestSeconds);
    }
  }

  /** Others of the same kind for the same tissue are worth more. */
  public record SameServedBetter(Set<String> by) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "%s %s more for the same here."
          .formatted(
              by.stream().sorted(Comparator.naturalOrder()).collect(Collectors.joining(" and ")),
              by.size() == 1 ? "does" : "do");
    }
  }

  /** The seconds of the phase or the budget went to what is worth more. */
  public record WorthLess(String phase) implements Reason {
    @Override
    public String sentence(Exercise exercise) {
      return "The time of the phase %s went to work that is worth more here.".formatted(phase);
    }
  }

  /**
   * Why an exercise does not suit a person, whatever it would be for; empty if it does.
   *
   * @param use what their hands do
   */
  public static Optional<Rejection> unsuited(Exercise exercise, ClientFacts facts, HandUse use) {
    return Gate.closedFor(
            exercise,
            Gate.OF_THE_PERSON,
            PurposePlan.of(Purpose.WARM_UP),
            RoutineRequest.ofThePerson(facts, use))
        .map(reason -> new Rejection(exercise, reason));
  }

  /** The reason as one sentence. */
  public String sentence() {
    return reason.sentence(exercise);
  }
}

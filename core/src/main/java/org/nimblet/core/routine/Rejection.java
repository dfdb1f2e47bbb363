package org.nimblet.core.routine;

import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.ClientFacts.Exclusion;
import org.nimblet.core.routine.ClientFacts.Pain;

/**
 * Why an exercise was left out.
 *
 * @param exercise which
 * @param reason why
 */
public record Rejection(Exercise exercise, Reason reason) {

  /** Why an exercise was left out; the text of each is made in {@link Rejection#sentence()}. */
  public sealed interface Reason {}

  /** Its kind has no place in the purpose. */
  public record NotForPurpose(Purpose purpose) implements Reason {}

  /** It is more intense than its phase allows. */
  public record TooIntense(String phase, int allowed) implements Reason {}

  /** It tires what is about to be used. */
  public record Tires() implements Reason {}

  /** It is for other disciplines. */
  public record OtherDiscipline() implements Reason {}

  /** None of its positions can be taken. */
  public record NoPosition(Set<Position> needed) implements Reason {}

  /** Something is not at hand. */
  public record NoThing(Set<Thing> missing) implements Reason {}

  /** A region that it loads hurts too much. */
  public record Painful(Pain pain) implements Reason {}

  /** A region that it loads was taken out. */
  public record Excluded(Exclusion exclusion) implements Reason {}

  /** Its shortest dose holds a tissue for too long. */
  public record HoldsTooLong(int allowedSeconds) implements Reason {}

  /** The hands would not be warm enough. */
  public record NotWarm(int warmingSeconds) implements Reason {}

  /** Its shortest dose does not fit into the phase. */
  public record NoRoom(String phase, int neededSeconds, int greatestSeconds) implements Reason {}

  /** Others of the same kind for the same tissue are worth more. */
  public record SameServedBetter(Set<String> by) implements Reason {}

  /** The seconds of the phase or the budget went to what is worth more. */
  public record WorthLess(String phase) implements Reason {}

  /**
   * Why an exercise does not suit a person, whatever it would be for; empty if it does.
   *
   * @param disciplines what their hands do, at least one
   */
  public static Optional<Rejection> unsuited(
      Exercise exercise, ClientFacts facts, Set<Discipline> disciplines) {
    return Gate.unsuited(exercise, facts, disciplines)
        .map(reason -> new Rejection(exercise, reason));
  }

  /** The reason as one sentence. */
  public String sentence() {
    if (reason instanceof NotForPurpose r) {
      return "%s has no place in a %s."
          .formatted(exercise.kind().word(), r.purpose().word().toLowerCase(java.util.Locale.ROOT));
    } else if (reason instanceof TooIntense r) {
      return "Intensity %d; in the phase %s at most %d."
          .formatted(exercise.demands().intensity(), r.phase(), r.allowed());
    } else if (reason instanceof Tires) {
      return "It tires what is about to be used.";
    } else if (reason instanceof OtherDiscipline) {
      return "Made for %s."
          .formatted(
              exercise.demands().disciplines().stream()
                  .sorted()
                  .map(discipline -> discipline.word())
                  .collect(Collectors.joining(", ")));
    } else if (reason instanceof NoPosition r) {
      return "Needs to be done %s, which is not possible here."
          .formatted(
              r.needed().stream().sorted().map(Position::word).collect(Collectors.joining(" or ")));
    } else if (reason instanceof NoThing r) {
      return "Needs %s, which is not at hand."
          .formatted(
              r.missing().stream().sorted().map(Thing::word).collect(Collectors.joining(" and ")));
    } else if (reason instanceof Painful r) {
      return "Loads the %s on the %s, where pain is %d of 10."
          .formatted(r.pain().region().word(), r.pain().side().word(), r.pain().level());
    } else if (reason instanceof Excluded r) {
      return "Loads the %s on the %s: %s"
          .formatted(
              r.exclusion().region().word(), r.exclusion().side().word(), r.exclusion().reason());
    } else if (reason instanceof HoldsTooLong r) {
      return "Would hold a tissue for more than %d s before play.".formatted(r.allowedSeconds());
    } else if (reason instanceof NotWarm r) {
      return "Only %d s of heat and mobilising before it: too cold for it."
          .formatted(r.warmingSeconds());
    } else if (reason instanceof NoRoom r) {
      return "Takes at least %d s; the phase %s has at most %d s."
          .formatted(r.neededSeconds(), r.phase(), r.greatestSeconds());
    } else if (reason instanceof SameServedBetter r) {
      return "%s %s more for the same here."
          .formatted(
              r.by().stream()
                  .sorted(Comparator.naturalOrder())
                  .collect(Collectors.joining(" and ")),
              r.by().size() == 1 ? "does" : "do");
    }
    return "The time of the phase %s went to work that is worth more here."
        .formatted(((WorthLess) reason).phase());
  }
}

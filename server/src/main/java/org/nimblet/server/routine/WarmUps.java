package org.nimblet.server.routine;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.schedule.AttachedPlace;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.person.Person;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.springframework.stereotype.Service;

/**
 * Composes the warm-up of a block, and other planned sessions as text. The composer always gives
 * the same routine for the same request, so its answers are remembered by request and never go
 * stale.
 */
@Service
public class WarmUps {

  private static final int REMEMBERED = 2000;

  private final Cache<Asked, Composition> remembered =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  /** A request to the composer, with the library that it composes from. */
  private record Asked(String libraryRevision, Purpose purpose, RoutineRequest request) {}

  /**
   * A warm-up with its time; it ends as the block starts.
   *
   * @param start when to begin
   * @param end the start of the block
   * @param composed the routine
   * @param reason why it is so long
   */
  public record PlannedWarmUp(
      Instant start, Instant end, Composition.Composed composed, String reason) {}

  /**
   * What there is for a block.
   *
   * @param planned the warm-up, if there is one
   * @param reason why it is as it is, or why there is none
   */
  public record Answer(Optional<PlannedWarmUp> planned, String reason) {}

  /** The warm-up of a block of this day. */
  public Answer forBlock(Person person, DaySchedule day, DayBlock block) {
    if (block.warmUp() instanceof AttachedPlace.Placed placed) {
      Composition composition =
          composition(
              person,
              day.date(),
              Purpose.WARM_UP,
              Math.toIntExact(placed.length().toSeconds()),
              Optional.of(block.activityId()),
              Around.NOTHING);
      if (composition instanceof Composition.Composed composed) {
        PlannedWarmUp planned =
            new PlannedWarmUp(
                block.start().minusMillis(composed.cueSheet().lengthMillis()),
                block.start(),
                composed,
                placed.reason());
        return new Answer(Optional.of(planned), placed.reason());
      }
      return new Answer(Optional.empty(), ((Composition.NotComposed) composition).reason());
    }
    return new Answer(Optional.empty(), block.warmUp().reason());
  }

  /**
   * The steps of a session as text, one a line, for places that show nothing else; empty if nothing
   * can be composed as things stand.
   *
   * @param start when it begins
   * @param activityId what it is around, if it is
   * @param days at least those about it
   */
  public List<String> stepTexts(
      Person person,
      Purpose purpose,
      Instant start,
      Duration length,
      Optional<UUID> activityId,
      List<DaySchedule> days) {
    ClientFile client = person.client();
    LocalDate date = LocalDate.ofInstant(start, client.zone());
    Composition composition =
        composition(
            person,
            person.today(),
            purpose,
            Math.toIntExact(length.toSeconds()),
            activityId,
            purpose == Purpose.WARM_UP
                ? Around.NOTHING
                : Surroundings.of(days, date, start, start.plus(length)));
    return composition instanceof Composition.Composed composed
        ? composed.steps().stream()
            .map(
                step ->
                    "%s: %s"
                        .formatted(
                            step.exercise().title(),
                            step.doseWords(client.method(), client.notation())))
            .toList()
        : List.of();
  }

  private Composition composition(
      Person person,
      LocalDate date,
      Purpose purpose,
      int seconds,
      Optional<UUID> activityId,
      Around around) {
    RoutineRequest request =
        RoutineRequests.of(person, date, purpose, seconds, activityId, around, List.of());
    CoachLibrary library = person.library();
    return remembered.get(
        new Asked(library.revision(), purpose, request),
        asked -> library.composer(purpose).compose(asked.request()));
  }
}

package org.nimblet.server.routine;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.Composer;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.PurposePlan;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.Weights;
import org.nimblet.core.schedule.WarmUpPlace;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.session.History;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.springframework.stereotype.Service;

/**
 * Composes the warm-up of a block. The composer always gives the same routine for the same request,
 * so its answers are remembered by request and never go stale.
 */
@Service
public class WarmUps {

  /** What hands do of whose activity nothing is known (ours). */
  static final Discipline ASSUMED_DISCIPLINE = Discipline.TYPING;

  private static final int REMEMBERED = 2000;

  private final CoachLibraries libraries;
  private final History history;
  private final Cache<Asked, Composition> remembered =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  WarmUps(CoachLibraries libraries, History history) {
    this.libraries = libraries;
    this.history = history;
  }

  /** A request to the composer, with the library that it composes from. */
  private record Asked(String libraryRevision, RoutineRequest request) {}

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
  public Answer forBlock(ClientFile client, DaySchedule day, DayBlock block) {
    if (block.warmUp() instanceof WarmUpPlace.Placed placed) {
      RoutineRequest request =
          request(client, day, block, Math.toIntExact(placed.length().toSeconds()));
      CoachLibrary library = libraries.of(client.coachId());
      Composition composition =
          remembered.get(
              new Asked(library.revision(), request),
              asked ->
                  new Composer(library.library(), PurposePlan.WARM_UP).compose(asked.request()));
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

  private RoutineRequest request(ClientFile client, DaySchedule day, DayBlock block, int seconds) {
    Optional<ClientFile.ActivityFile> activity = client.activity(block.activityId());
    Discipline discipline =
        activity.map(ClientFile.ActivityFile::discipline).orElse(ASSUMED_DISCIPLINE);
    Set<Side> hands =
        activity.map(ClientFile.ActivityFile::hands).orElse(EnumSet.allOf(Side.class));
    Set<Digit> digits = activity.map(ClientFile.ActivityFile::digits).orElse(Set.of());
    return new RoutineRequest(
        seconds,
        facts(client, day.date()),
        discipline,
        hands,
        Weights.starting(discipline, hands, digits),
        history.daysSinceDone(client, day.date()),
        false);
  }

  /** What is known of a client on a date. */
  ClientFacts facts(ClientFile client, LocalDate date) {
    return new ClientFacts(
        client.dominantHand(),
        client.notation(),
        new Pace(client.breathsPerMinute()),
        client.method(),
        client.positions(),
        client.things(),
        history.latestPains(client).stream()
            .map(pain -> new ClientFacts.Pain(pain.side(), pain.region(), pain.level()))
            .toList(),
        exclusions(client, date));
  }

  private static List<ClientFacts.Exclusion> exclusions(ClientFile client, LocalDate date) {
    return client.exclusionsOn(date).stream()
        .map(out -> new ClientFacts.Exclusion(out.side(), out.region(), out.reason()))
        .toList();
  }
}

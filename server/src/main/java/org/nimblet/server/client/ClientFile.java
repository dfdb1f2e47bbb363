package org.nimblet.server.client;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;

/**
 * All that is known of a client, as other features read it.
 *
 * @param id which client
 * @param coachId whose client
 * @param version how often it was changed
 * @param name what they are called
 * @param occupation what they do, in a few words
 * @param dominantHand the dominant hand
 * @param notation how they write fingers
 * @param method the stretching method they like
 * @param breathsPerMinute how fast they breathe
 * @param warmUpMinutes how long a warm-up should be
 * @param zone their time zone
 * @param wakesAt when their day begins
 * @param sleepsAt when it ends; midnight or a time before {@code wakesAt} is past midnight
 * @param positions the positions they can take
 * @param things what they have at hand
 * @param weightsGrams the weights they own, the lightest first
 * @param activities what their hands do
 * @param exclusions what a clinician keeps out
 */
public record ClientFile(
    UUID id,
    UUID coachId,
    long version,
    String name,
    String occupation,
    Side dominantHand,
    Notation notation,
    Method method,
    int breathsPerMinute,
    int warmUpMinutes,
    ZoneId zone,
    LocalTime wakesAt,
    LocalTime sleepsAt,
    Set<Position> positions,
    Set<Thing> things,
    List<Integer> weightsGrams,
    List<ActivityFile> activities,
    List<ExclusionFile> exclusions) {

  /** What loads the hands. */
  public record ActivityFile(
      UUID id,
      ActivityKind kind,
      String title,
      Discipline discipline,
      Set<Side> hands,
      Set<Digit> digits,
      int weeklyMinutes) {}

  /** What a clinician keeps out, and until when if that is known. */
  public record ExclusionFile(Side side, Region region, String reason, Optional<LocalDate> until) {}

  /** The activity with this identifier, if it is one of theirs. */
  public Optional<ActivityFile> activity(UUID activityId) {
    return activities.stream().filter(activity -> activity.id().equals(activityId)).findFirst();
  }

  /** What is kept out on a date. */
  public List<ExclusionFile> exclusionsOn(LocalDate date) {
    return exclusions.stream()
        .filter(out -> out.until().map(until -> !until.isBefore(date)).orElse(true))
        .toList();
  }
}

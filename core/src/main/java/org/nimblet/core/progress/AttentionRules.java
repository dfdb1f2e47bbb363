package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.Recent;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.routine.Sign;
import org.nimblet.core.routine.Stop;

/** Who needs a word from the coach, and why (common practice, no source; numbers ours). */
public final class AttentionRules {

  /** Days that are looked back over. */
  public static final int DAYS = 7;

  /** A rise of this many points is pointed out: 2 of 10 matter (Farrar 2001, from memory). */
  public static final int RISE = 2;

  /** Pain below this is not pointed out as a rise. */
  public static final int NOTABLE_PAIN = 3;

  /** This many missed sessions are pointed out. */
  public static final int MISSED = 2;

  private AttentionRules() {}

  /**
   * One dated word about pain.
   *
   * @param date when
   * @param side on which side
   * @param region where
   * @param level 0–10
   * @param sensation what it felt like, if it was said
   */
  public record PainReading(
      LocalDate date, Side side, Region region, int level, Optional<Sensation> sensation) {}

  /**
   * What is known of a person when somebody looks.
   *
   * @param today the person's date
   * @param readings what was said about pain, in any order
   * @param asked the dates of two weeks on which they were asked what hurts; what they did not name
   *     did not
   * @param missedDates the dates of missed sessions
   * @param health what signs there are and what a clinician keeps out
   * @param reviewsOn when the programme is to be looked at, if they are on one
   * @param minutes how long they played or worked in the last days
   * @param usualMinutes how long they do in a week, as they say
   * @param closed exercises that are stopped or paused
   * @param stuck exercises that have held for long
   * @param ready exercises one step before a step
   * @param planned whether there is a programme, or any block
   */
  public record Situation(
      LocalDate today,
      List<PainReading> readings,
      Set<LocalDate> asked,
      List<LocalDate> missedDates,
      Health health,
      Optional<LocalDate> reviewsOn,
      int minutes,
      int usualMinutes,
      List<String> closed,
      List<String> stuck,
      List<String> ready,
      boolean planned) {}

  /** Every reason for a word, the most urgent first. */
  public static List<Attention> reasons(Situation now) {
    List<Attention> reasons =
        new ArrayList<>(
            reasons(now.today(), now.readings(), now.asked(), now.missedDates(), now.health()));
    stays(now.today(), now.readings()).stream()
        .filter(stays -> reasons.stream().noneMatch(reason -> isOf(reason, stays)))
        .toList()
        .forEach(reasons::add);
    if (now.usualMinutes() > 0
        && now.minutes() * 100L > (long) now.usualMinutes() * Recent.JUMP_PERCENT) {
      reasons.add(new Attention.HoursJumped(now.minutes(), now.usualMinutes()));
    }
    now.reviewsOn()
        .filter(on -> !on.isAfter(now.today()))
        .map(on -> new Attention.ReviewDue(ChronoUnit.DAYS.between(on, now.today())))
        .ifPresent(reasons::add);
    if (!now.closed().isEmpty()) {
      reasons.add(new Attention.WaitsForTheCoach(now.closed()));
    }
    if (!now.stuck().isEmpty()) {
      reasons.add(new Attention.HeldForLong(now.stuck()));
    }
    if (!now.ready().isEmpty()) {
      reasons.add(new Attention.ReadyToStepUp(now.ready()));
    }
    if (!now.planned()) {
      reasons.add(new Attention.NothingPlanned());
    }
    reasons.sort(Comparator.comparingInt(Attention::rank));
    return List.copyOf(reasons);
  }

  /** Whether pain of a place is said already: that it rose, or that it alarms. */
  private static boolean isOf(Attention reason, Attention.PainStays stays) {
    return (reason instanceof Attention.PainUp up
            && up.side() == stays.side()
            && up.region() == stays.region())
        || (reason instanceof Attention.Alarming alarming
            && alarming.side() == stays.side()
            && alarming.region() == stays.region());
  }

  /** Places that hurt notably on two days running, the later of them today or yesterday. */
  private static List<Attention.PainStays> stays(LocalDate today, List<PainReading> readings) {
    Map<String, NavigableMap<LocalDate, PainReading>> byPlace = new TreeMap<>();
    readings.forEach(
        reading ->
            byPlace
                .computeIfAbsent(reading.side() + " " + reading.region(), place -> new TreeMap<>())
                .merge(reading.date(), reading, (a, b) -> a.level() >= b.level() ? a : b));
    List<Attention.PainStays> found = new ArrayList<>();
    for (NavigableMap<LocalDate, PainReading> days : byPlace.values()) {
      PainReading last = days.lastEntry().getValue();
      PainReading before = days.get(last.date().minusDays(1));
      boolean lately = !last.date().isBefore(today.minusDays(1));
      if (lately && before != null && Math.min(last.level(), before.level()) >= NOTABLE_PAIN) {
        found.add(new Attention.PainStays(last.side(), last.region(), last.level()));
      }
    }
    return found;
  }

  /**
   * The reasons for a word that pain, signs and missed sessions give, the most urgent first.
   *
   * @param today the client's date
   * @param readings what was said about pain, in any order
   * @param asked the dates of two weeks on which they were asked what hurts
   * @param missedDates the dates of missed sessions
   * @param health what signs there are and what a clinician keeps out
   */
  public static List<Attention> reasons(
      LocalDate today,
      Collection<PainReading> readings,
      Set<LocalDate> asked,
      Collection<LocalDate> missedDates,
      Health health) {
    List<Attention> reasons = new ArrayList<>();
    Map<String, List<PainReading>> byPlace =
        readings.stream()
            .sorted(Comparator.comparing(PainReading::date))
            .collect(
                Collectors.groupingBy(
                    reading -> reading.side() + " " + reading.region(),
                    TreeMap::new,
                    Collectors.toList()));
    health.stops().stream()
        .map(stop -> new Attention.Stopped(stop, isSigned(stop, health)))
        .distinct()
        .forEach(reasons::add);
    byPlace
        .values()
        .forEach(place -> pain(today, place, asked, health.stops()).ifPresent(reasons::add));
    health.signs().stream()
        .filter(sign -> reasons.stream().noneMatch(reason -> saysAlready(reason, sign)))
        .map(Attention.Signed::new)
        .toList()
        .forEach(reasons::add);
    health.exclusions().forEach(out -> reasons.add(new Attention.KeptOut(out)));
    long missed =
        missedDates.stream().filter(date -> !date.isBefore(today.minusDays(DAYS - 1L))).count();
    if (missed >= MISSED) {
      reasons.add(new Attention.Missed(Math.toIntExact(missed), DAYS));
    }
    reasons.sort(Comparator.comparingInt(Attention::rank));
    return List.copyOf(reasons);
  }

  private static boolean isSigned(Stop stop, Health health) {
    return health.signs().stream()
        .anyMatch(
            sign ->
                sign.side() == stop.side()
                    && sign.regions().stream().anyMatch(stop.regions()::contains));
  }

  private static Optional<Attention> pain(
      LocalDate today, List<PainReading> place, Set<LocalDate> asked, List<Stop> stops) {
    LocalDate since = today.minusDays(DAYS - 1L);
    PainReading last = place.get(place.size() - 1);
    if (last.date().isBefore(since)) {
      return Optional.empty();
    }
    Optional<PainReading> ending =
        place.stream()
            .filter(reading -> reading.date().equals(last.date()))
            .filter(AttentionRules::endsSession)
            .max(Comparator.comparing(PainReading::level));
    if (ending.isPresent()) {
      boolean stopped =
          stops.stream()
              .anyMatch(s -> s.side() == last.side() && s.regions().contains(last.region()));
      return stopped
          ? Optional.empty()
          : Optional.of(
              new Attention.Alarming(
                  last.side(), last.region(), ending.get().level(), ending.get().sensation()));
    }
    LocalDate back = today.minusDays(2L * DAYS);
    List<PainReading> lately =
        place.stream().filter(reading -> !reading.date().isBefore(back)).toList();
    LocalDate first = lately.get(0).date();
    boolean wasNotThere = asked.stream().anyMatch(date -> date.isBefore(first));
    int least =
        wasNotThere ? Pain.NONE : lately.stream().mapToInt(PainReading::level).min().orElseThrow();
    return last.level() >= NOTABLE_PAIN && last.level() - least >= RISE
        ? Optional.of(new Attention.PainUp(last.side(), last.region(), least, last.level()))
        : Optional.empty();
  }

  /** Strong pain of a place is said once, whether it is told as pain or stands as a sign. */
  private static boolean saysAlready(Attention reason, Sign sign) {
    if (sign.sign() != ReferralSign.STRONG_PAIN) {
      return false;
    }
    return (reason instanceof Attention.Alarming alarming
            && alarming.side() == sign.side()
            && sign.regions().contains(alarming.region()))
        || (reason instanceof Attention.Stopped stopped
            && stopped.stop().side() == sign.side()
            && stopped.stop().regions().containsAll(sign.regions()));
  }

  private static boolean endsSession(PainReading reading) {
    return reading.level() >= SafetyRules.ENDING_PAIN
        || reading
            .sensation()
            .filter(sensation -> SafetyRules.endsSession(reading.level(), sensation))
            .isPresent();
  }
}

package org.nimblet.core.schedule;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.Anchor.AfterPlay;
import org.nimblet.core.schedule.Anchor.AtClock;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.Line.Daily;
import org.nimblet.core.schedule.Line.EverySecondDay;
import org.nimblet.core.schedule.Line.TimesAWeek;
import org.nimblet.core.schedule.PlanDay.ActivityTime;
import org.nimblet.core.schedule.PlanRequest.Fixed;
import org.nimblet.core.schedule.PlanRequest.Limits;
import org.nimblet.core.schedule.PlanRequest.SessionKey;

/** Weeks of people with full days, drawn from a seed. */
public final class WeekGenerator {

  static final LocalDate MONDAY = LocalDate.of(2026, 10, 19);
  static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

  private final RandomGenerator random;

  /** The same seed gives the same weeks. */
  public WeekGenerator(long seed) {
    this.random = new SplittableRandom(seed);
  }

  /**
   * A request that a general solver can still prove: few lines, few possible starts.
   *
   * @param most the most lines
   */
  PlanRequest small(int most) {
    return request(1, random.nextInt(1, most + 1), 4);
  }

  /** A request as a coach would have it: weeks with every start there is. */
  public PlanRequest whole(int weeks, int lines) {
    return request(weeks, lines, Integer.MAX_VALUE);
  }

  private PlanRequest request(int weeks, int lineCount, int slotsADay) {
    LocalDate last = MONDAY.plusDays(7L * weeks - 1);
    List<Line> lines = new ArrayList<>();
    int spaced = 0;
    for (int i = 0; i < lineCount; i++) {
      boolean daily = spaced == PlanRequest.MOST_SPACED || random.nextBoolean();
      spaced += daily ? 0 : 1;
      lines.add(line("line-" + i, daily, last));
    }
    Instant now =
        random.nextInt(3) == 0
            ? MONDAY.plusDays(random.nextInt(3)).atTime(11, 0).atZone(ZONE).toInstant()
            : MONDAY.atStartOfDay(ZONE).toInstant();
    List<PlanDay> days =
        MONDAY.datesUntil(last.plusDays(1)).map(date -> day(date, now, slotsADay)).toList();
    List<Fixed> fixed = new ArrayList<>();
    Map<SessionKey, Long> agreed = new HashMap<>();
    Set<SessionKey> missed = new HashSet<>();
    for (Line line : lines) {
      for (PlanDay day : days) {
        SessionKey key = new SessionKey(line.id(), day.date());
        int what = random.nextInt(24);
        if (what == 0 && !day.slots().isEmpty()) {
          long start = any(day.slots());
          fixed.add(new Fixed(key, new Span(start, start + line.minutes())));
        } else if (what == 1 && day.awake().end() <= Span.minuteOf(now)) {
          missed.add(key);
        } else if (what < 6 && !day.slots().isEmpty()) {
          agreed.put(key, any(day.slots()));
        }
      }
    }
    Map<String, LocalDate> lastBefore = new HashMap<>();
    for (Line line : lines) {
      if (random.nextBoolean()) {
        lastBefore.put(line.id(), MONDAY.minusDays(random.nextInt(1, 12)));
      }
    }
    return new PlanRequest(
        days,
        random.nextInt(4) == 0,
        lines,
        fixed,
        agreed,
        missed,
        lastBefore,
        new Limits(random.nextInt(1, 5), random.nextInt(10, 60)));
  }

  private Line line(String id, boolean daily, LocalDate last) {
    Set<Tissue> rest =
        daily || random.nextInt(3) == 0
            ? Set.of()
            : EnumSet.of(any(List.of(Tissue.FINGER_FLEXORS, Tissue.WRIST)));
    Set<DayOfWeek> notOn =
        random.nextInt(3) == 0 ? Set.of(DayOfWeek.of(random.nextInt(1, 8))) : Set.of();
    return new Line(
        id,
        id,
        any(List.of(Purpose.STRENGTH, Purpose.INDEPENDENCE, Purpose.RECOVERY)),
        random.nextInt(2, 21),
        any(
            List.of(
                PartOfDay.MORNING,
                PartOfDay.NOON,
                PartOfDay.EVENING,
                PartOfDay.BEDTIME,
                new AfterPlay(PartOfDay.MORNING),
                new AtClock(LocalTime.of(random.nextInt(8, 22), 15)))),
        daily
            ? new Daily()
            : random.nextInt(3) == 0 ? new EverySecondDay() : new TimesAWeek(random.nextInt(1, 4)),
        notOn,
        MONDAY.minusWeeks(4),
        last.plusWeeks(4),
        !rest.isEmpty() || random.nextBoolean(),
        rest);
  }

  private PlanDay day(LocalDate date, Instant now, int slotsADay) {
    List<ActivityTime> blocks = new ArrayList<>();
    for (int i = random.nextInt(4); i > 0; i--) {
      blocks.add(
          new ActivityTime(
              "activity-" + i, span(date, random.nextInt(30, 180)), random.nextInt(8) == 0));
    }
    List<Span> busy = new ArrayList<>();
    for (int i = random.nextInt(3); i > 0; i--) {
      busy.add(span(date, random.nextInt(30, 240)));
    }
    PlanDay whole =
        PlanDay.of(
            date,
            ZONE,
            LocalTime.of(7, 0),
            LocalTime.of(23, 0),
            blocks,
            busy,
            random.nextBoolean() ? List.of() : List.of(span(date, 10)),
            now);
    List<Long> slots = new ArrayList<>(whole.slots());
    while (slots.size() > slotsADay) {
      slots.remove(random.nextInt(slots.size()));
    }
    slots.sort(Comparator.naturalOrder());
    return new PlanDay(
        date,
        ZONE,
        whole.awake(),
        slots,
        whole.blocks(),
        whole.busy(),
        whole.attached(),
        whole.now());
  }

  private Span span(LocalDate date, int minutes) {
    Instant start = date.atTime(random.nextInt(7, 21), random.nextInt(60)).atZone(ZONE).toInstant();
    return new Span(Span.minuteOf(start), Span.minuteOf(start) + minutes);
  }

  private <T> T any(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }
}

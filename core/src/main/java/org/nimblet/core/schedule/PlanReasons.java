package org.nimblet.core.schedule;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import org.nimblet.core.schedule.DayChoices.Choice;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.WeekPlan.Hindrance;
import org.nimblet.core.schedule.WeekPlan.PlannedSession;
import org.nimblet.core.schedule.WeekPlan.Unmet;

/** Why a session is where it is, and what leaves no room for another. */
final class PlanReasons {

  private final PlanRequest request;
  private final int first;
  private final List<PlannedSession> placed;
  private final List<DayChoices> days;
  private final boolean[] performanceTomorrow;

  PlanReasons(
      PlanRequest request,
      int first,
      List<PlannedSession> placed,
      List<DayChoices> days,
      boolean[] performanceTomorrow) {
    this.request = request;
    this.first = first;
    this.placed = placed;
    this.days = days;
    this.performanceTomorrow = performanceTomorrow;
  }

  /** Why a session stands at its start. */
  static String why(Choice choice, PlanDay day, boolean performanceTomorrow, long start) {
    Line line = choice.line();
    LocalTime anchorAt = day.clock(choice.anchor());
    long away = start - choice.anchor();
    String anchor =
        line.anchor() instanceof Anchor.AtClock
            ? anchorAt.toString()
            : "%s (%s)".formatted(line.anchor().word(), anchorAt);
    if (Math.abs(away) < PlanDay.STEP_MINUTES) {
      return "At its time: %s.".formatted(anchor);
    }
    String distance =
        "%d min %s %s".formatted(Math.abs(away), away > 0 ? "after" : "before", anchor);
    Set<Hindrance> there =
        WeekRules.against(line, day, performanceTomorrow, choice.anchor(), choice.anchor());
    boolean agreed = choice.agreed().isPresent() && choice.agreed().getAsLong() == start;
    if (agreed && there.isEmpty()) {
      return "Kept where it was agreed, %s.".formatted(distance);
    }
    String cause =
        there.isEmpty()
            ? "other sessions or the hour stand nearer"
            : there.iterator().next().words();
    return "%s: %s.".formatted(capital(distance), cause);
  }

  /**
   * What has no place in this week.
   *
   * @param missing how many sessions of each spaced line have none
   */
  List<Unmet> unmet(Map<Line, Integer> missing) {
    List<Unmet> found = new ArrayList<>();
    LocalDate monday = request.days().get(first).date();
    for (int d = 0; d < PlanRequest.WEEK; d++) {
      LocalDate date = request.days().get(first + d).date();
      for (Choice choice : days.get(d).choices()) {
        if (choice.wanted() && !isPlaced(choice.line(), date) && !givesWay(choice.line(), date)) {
          Optional<Hindrance> hindrance = hindrance(choice.line(), List.of(d));
          found.add(
              new Unmet(
                  choice.line().id(),
                  Optional.of(date),
                  monday,
                  hindrance,
                  sentence(choice.line(), day(date), hindrance)));
        }
      }
    }
    missing.forEach(
        (line, count) -> {
          List<Integer> open = new ArrayList<>();
          for (int d = 0; d < PlanRequest.WEEK; d++) {
            LocalDate date = request.days().get(first + d).date();
            boolean offered =
                days.get(d).choices().stream().anyMatch(c -> c.line().id().equals(line.id()));
            if (offered && !isPlaced(line, date)) {
              open.add(d);
            }
          }
          for (int i = 0; i < count; i++) {
            Optional<Hindrance> hindrance = hindrance(line, open);
            found.add(
                new Unmet(
                    line.id(),
                    Optional.empty(),
                    monday,
                    hindrance,
                    sentence(line, "this week", hindrance)));
          }
        });
    return found;
  }

  private boolean givesWay(Line line, LocalDate date) {
    return placed.stream()
        .filter(session -> session.key().date().equals(date))
        .anyMatch(session -> line.givesWayTo(session.key().lineId()));
  }

  private static String day(LocalDate date) {
    String name = date.getDayOfWeek().name();
    return "on " + name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT);
  }

  private static String sentence(Line line, String when, Optional<Hindrance> hindrance) {
    return "No room for %s %s: %s."
        .formatted(
            line.title(), when, hindrance.map(Hindrance::words).orElse("several rules together"));
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  private boolean isPlaced(Line line, LocalDate date) {
    return placed.stream().anyMatch(s -> s.key().equals(new SessionKey(line.id(), date)));
  }

  /** The first rule whose removal alone lets a session in on one of these days. */
  private Optional<Hindrance> hindrance(Line line, List<Integer> open) {
    for (Hindrance removed : Hindrance.values()) {
      for (int d : open) {
        if (fitsWithout(removed, line, d)) {
          return Optional.of(removed);
        }
      }
    }
    return Optional.empty();
  }

  private boolean fitsWithout(Hindrance removed, Line line, int d) {
    PlanDay day = request.days().get(first + d);
    OptionalLong anchor = day.minuteOf(line.anchor());
    if (anchor.isEmpty()) {
      return false;
    }
    Set<Hindrance> ofDay = EnumSet.noneOf(Hindrance.class);
    List<PlannedSession> sameDay =
        placed.stream().filter(s -> s.key().date().equals(day.date())).toList();
    long minutes =
        line.minutes() + sameDay.stream().mapToLong(session -> session.span().minutes()).sum();
    if (sameDay.size() >= request.limits().sessions() || minutes > request.limits().minutes()) {
      ofDay.add(Hindrance.DAY_IS_FULL);
    }
    if (!line.restDay().isEmpty() && !isRested(line, day.date())) {
      ofDay.add(Hindrance.DAY_OF_REST);
    }
    for (long start : day.slots()) {
      if (!WeekRules.inTime(line, day, start)) {
        continue;
      }
      Set<Hindrance> all = EnumSet.copyOf(ofDay);
      all.addAll(WeekRules.against(line, day, performanceTomorrow[d], start, anchor.getAsLong()));
      Span span = WeekRules.at(line, start);
      if (sameDay.stream()
          .anyMatch(
              s ->
                  s.span()
                      .widened(WeekRules.BETWEEN_SESSIONS, WeekRules.BETWEEN_SESSIONS)
                      .overlaps(span))) {
        all.add(Hindrance.DISTANCE);
      }
      all.remove(removed);
      if (all.isEmpty()) {
        return true;
      }
    }
    return false;
  }

  private boolean isRested(Line line, LocalDate date) {
    for (Line other : request.lines()) {
      if (!line.sharesTissueWith(other)) {
        continue;
      }
      LocalDate before = request.lastBefore().get(other.id());
      boolean tail = before != null && before.equals(date.minusDays(1));
      boolean near =
          placed.stream()
              .filter(s -> s.key().lineId().equals(other.id()))
              .map(s -> s.key().date())
              .anyMatch(d -> !d.isBefore(date.minusDays(1)) && !d.isAfter(date.plusDays(1)));
      if (tail || near) {
        return false;
      }
    }
    return true;
  }
}

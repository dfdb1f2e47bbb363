package org.nimblet.server.programme;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.ActivityKind;
import org.nimblet.core.schedule.AttachedPlace;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.core.schedule.BreakPlan;
import org.nimblet.core.schedule.CoolDownPlacement;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.core.schedule.WarmUpPlacement.Busy;
import org.nimblet.core.schedule.WorkRhythm;
import org.nimblet.core.session.PlannedSession;
import org.nimblet.core.session.PlannedSession.Will;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;

/** Breaks inside blocks and cool-downs after them, as a programme asks for them. */
final class AttachedSessions {

  private AttachedSessions() {}

  static List<PlannedSession> of(ClientFile client, DaySchedule day, List<Obligation> obligations) {
    List<PlannedSession> sessions = new ArrayList<>();
    find(obligations, Frequency.INSIDE_BLOCKS)
        .ifPresent(
            o -> day.blocks().forEach(block -> sessions.addAll(breaks(client, day, block, o))));
    find(obligations, Frequency.AFTER_BLOCKS)
        .ifPresent(o -> sessions.addAll(coolDowns(client, day, o)));
    return sessions;
  }

  private static Optional<Obligation> find(List<Obligation> obligations, Frequency frequency) {
    return obligations.stream().filter(o -> o.frequency() == frequency).findFirst();
  }

  private static List<PlannedSession> breaks(
      ClientFile client, DaySchedule day, DayBlock block, Obligation obligation) {
    Optional<ActivityKind> kind =
        client.activity(block.activityId()).map(ClientFile.ActivityFile::kind);
    int minutes = (int) Duration.between(block.start(), block.end()).toMinutes();
    Optional<WorkRhythm> rhythm =
        block.performance() ? Optional.empty() : kind.flatMap(ActivityKind::rhythm);
    List<PlannedSession> sessions = new ArrayList<>();
    for (BreakPlan.Break one : BlockPart.breaks(minutes, block.parts(), rhythm).breaks()) {
      Instant start = block.start().plus(Duration.ofMinutes(one.startMinute()));
      int length = Math.min(one.minutes(), obligation.minutes());
      sessions.add(
          attached(
              "break-" + (sessions.size() + 1),
              day,
              block,
              obligation.purpose(),
              start,
              start.plus(Duration.ofMinutes(length)),
              why(block, one)));
    }
    return sessions;
  }

  private static PlannedSession attached(
      String name,
      DaySchedule day,
      DayBlock block,
      Purpose purpose,
      Instant start,
      Instant end,
      String why) {
    return new PlannedSession(
        name + "." + block.id(),
        purpose,
        Optional.of(block.id()),
        Optional.empty(),
        day.date(),
        start,
        end,
        Will.AS_PLANNED,
        why);
  }

  private static String why(DayBlock block, BreakPlan.Break one) {
    return "After %d min of %s%s; %d min off."
        .formatted(
            one.workMinutes(),
            block.title(),
            one.atBoundary() ? ", where a part of it ends" : "",
            one.minutes());
  }

  private static List<PlannedSession> coolDowns(
      ClientFile client, DaySchedule day, Obligation obligation) {
    Map<String, AttachedPlace> places =
        CoolDownPlacement.place(
            day.sleeps(),
            day.blocks().stream()
                .map(
                    block ->
                        new org.nimblet.core.schedule.Block(
                            block.id().toString(),
                            block.start(),
                            block.end(),
                            java.util.EnumSet.allOf(org.nimblet.core.anatomy.Side.class),
                            block.performance()))
                .toList(),
            day.busy().stream().map(busy -> new Busy(busy.start(), busy.end())).toList(),
            Duration.ofMinutes(obligation.minutes()),
            Duration.ofMinutes(client.warmUpMinutes()));
    List<PlannedSession> sessions = new ArrayList<>();
    for (DayBlock block : day.blocks()) {
      if (places.get(block.id().toString()) instanceof AttachedPlace.Placed placed) {
        sessions.add(
            attached(
                "cool-down",
                day,
                block,
                obligation.purpose(),
                block.end(),
                block.end().plus(placed.length()),
                placed.reason()));
      }
    }
    return sessions;
  }
}

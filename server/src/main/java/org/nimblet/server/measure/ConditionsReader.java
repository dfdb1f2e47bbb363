package org.nimblet.server.measure;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.Optional;
import org.nimblet.core.measure.Conditions;
import org.nimblet.core.measure.Device;
import org.nimblet.core.session.PastSession;
import org.nimblet.server.person.Person;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedules;
import org.springframework.stereotype.Component;

/** Under which conditions somebody is tested: what the day has asked of the hands until then. */
@Component
class ConditionsReader {

  private final DaySchedules days;

  ConditionsReader(DaySchedules days) {
    this.days = days;
  }

  /** As things are for somebody who is tested at a moment of today. */
  Conditions of(Person person, Instant at, Device device) {
    return new Conditions(
        LocalDateTime.ofInstant(at, person.client().zone()),
        warmth(person, at),
        worked(person, at),
        device);
  }

  private static Optional<Conditions.Warmth> warmth(Person person, Instant at) {
    return person.past().stream()
        .filter(
            done -> length(done).compareTo(Conditions.WARMS) >= 0 && !done.endedAt().isAfter(at))
        .max(Comparator.comparing(PastSession::endedAt))
        .map(
            done ->
                new Conditions.Warmth(
                    done.purpose().word(), (int) Duration.between(done.endedAt(), at).toMinutes()))
        .filter(warmth -> warmth.minutesAgo() <= Conditions.WARM_MINUTES);
  }

  private static Duration length(PastSession done) {
    return Duration.between(done.beganAt(), done.endedAt());
  }

  private int worked(Person person, Instant at) {
    DaySchedule day =
        days.day(
            person.client(), LocalDateTime.ofInstant(at, person.client().zone()).toLocalDate());
    Duration blocks =
        day.blocks().stream()
            .filter(block -> block.start().isBefore(at))
            .map(block -> Duration.between(block.start(), earlier(block.end(), at)))
            .reduce(Duration.ZERO, Duration::plus);
    Duration sessions =
        person.past().stream()
            .filter(done -> done.date().equals(day.date()) && !done.endedAt().isAfter(at))
            .map(ConditionsReader::length)
            .reduce(Duration.ZERO, Duration::plus);
    return (int) blocks.plus(sessions).toMinutes();
  }

  private static Instant earlier(Instant one, Instant other) {
    return one.isBefore(other) ? one : other;
  }
}

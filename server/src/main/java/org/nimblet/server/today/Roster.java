package org.nimblet.server.today;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.People;
import org.nimblet.server.today.DayViews.Glance;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.NonTransientDataAccessException;
import org.springframework.stereotype.Component;

/** All clients of a coach at a glance; what does not fit together of one leaves the others be. */
@Component
class Roster {

  private static final Logger LOG = LoggerFactory.getLogger(Roster.class);

  private final People people;
  private final DayViews days;

  Roster(People people, DayViews days) {
    this.people = people;
    this.days = days;
  }

  /** A date of some clients, read together, and apart only where that fails. */
  List<Glance> glances(List<ClientFile> clients, LocalDate date) {
    try {
      return days.glances(people.of(clients), date);
    } catch (IllegalArgumentException
        | IllegalStateException
        | ArithmeticException
        | DateTimeException
        | NonTransientDataAccessException e) {
      if (clients.size() == 1) {
        LOG.error("The day of client {} cannot be worked out.", clients.get(0).id(), e);
        return List.of(DayViews.unreadable(clients.get(0), date));
      }
      int half = clients.size() / 2;
      return Stream.of(clients.subList(0, half), clients.subList(half, clients.size()))
          .flatMap(some -> glances(some, date).stream())
          .toList();
    }
  }
}

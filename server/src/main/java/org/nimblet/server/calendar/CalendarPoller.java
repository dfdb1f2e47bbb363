package org.nimblet.server.calendar;

import java.util.List;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.BackgroundWork;
import org.nimblet.server.platform.BackgroundWork.Task;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Reads calendars again that have an address. */
@Component
class CalendarPoller {

  private final CalendarSources sources;
  private final CalendarService calendars;
  private final ClientFiles clients;
  private final BackgroundWork work;

  CalendarPoller(
      CalendarSources sources,
      CalendarService calendars,
      ClientFiles clients,
      BackgroundWork work) {
    this.sources = sources;
    this.calendars = calendars;
    this.clients = clients;
    this.work = work;
  }

  @Scheduled(
      fixedDelayString = "#{@rhythms.calendars()}",
      initialDelayString = "#{@rhythms.calendars()}")
  void pollAll() {
    work.alone(
        Task.READ_CALENDARS,
        () ->
            work.each(
                Task.READ_CALENDARS,
                sources.findByAddressNotNullOrderByClientIdAscIdAsc(),
                source -> source.id,
                source ->
                    clients
                        .forBackgroundWork(List.of(source.clientId))
                        .forEach(client -> calendars.poll(client, source))));
  }
}

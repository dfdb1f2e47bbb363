package org.nimblet.server.programme;

import java.util.List;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.BackgroundWork;
import org.nimblet.server.platform.BackgroundWork.Task;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Carries the plans on as the days pass, so that the weeks ahead are always agreed. */
@Component
class PlanKeeper {

  private final Programmes programmes;
  private final PlanService plans;
  private final ClientFiles clients;
  private final BackgroundWork work;

  PlanKeeper(Programmes programmes, PlanService plans, ClientFiles clients, BackgroundWork work) {
    this.programmes = programmes;
    this.plans = plans;
    this.clients = clients;
    this.work = work;
  }

  @EventListener(ApplicationReadyEvent.class)
  @Scheduled(fixedDelayString = "#{@rhythms.plans()}", initialDelayString = "#{@rhythms.plans()}")
  void carryOn() {
    work.alone(
        Task.CARRY_PLANS_ON,
        () -> {
          List<Programme> running = programmes.findByEndedAtNullOrderByClientIdAsc();
          List<ClientFile> files =
              clients.forBackgroundWork(
                  running.stream().map(programme -> programme.clientId).toList());
          work.each(Task.CARRY_PLANS_ON, files, ClientFile::id, plans::agree);
        });
  }
}

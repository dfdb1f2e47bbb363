package org.nimblet.server.reminder;

import java.util.List;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.mail.Outbox;
import org.nimblet.server.platform.BackgroundWork;
import org.nimblet.server.platform.BackgroundWork.Task;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Every minute: writes the mail that is due. */
@Component
class Reminders {

  private final ReminderChoices choices;
  private final ReminderService reminders;
  private final Outbox outbox;
  private final ClientFiles clients;
  private final BackgroundWork work;

  Reminders(
      ReminderChoices choices,
      ReminderService reminders,
      Outbox outbox,
      ClientFiles clients,
      BackgroundWork work) {
    this.choices = choices;
    this.reminders = reminders;
    this.outbox = outbox;
    this.clients = clients;
    this.work = work;
  }

  @Scheduled(fixedDelayString = "#{@rhythms.mail()}", initialDelayString = "#{@rhythms.mail()}")
  void tick() {
    if (outbox.isOpen()) {
      work.alone(Task.REMIND, this::write);
    }
  }

  private void write() {
    work.each(
        Task.REMIND,
        choices.findByMailTrueOrDigestTrueOrderByClientId(),
        choice -> choice.clientId,
        choice ->
            clients
                .forBackgroundWork(List.of(choice.clientId))
                .forEach(client -> reminders.writeDue(client, choice)));
  }
}

package org.nimblet.server.reminder;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.BackgroundWork;
import org.nimblet.server.platform.BackgroundWork.Task;
import org.springframework.mail.MailException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Every minute: writes the mail that is due, and sends what waits. */
@Component
class Reminders {

  /** After so many tries a mail is left; the waits double from a minute on. */
  private static final int MOST_TRIES = 8;

  private static final int LONGEST_FAILURE = 300;

  private final ReminderChoices choices;
  private final ReminderService reminders;
  private final OutgoingMails mails;
  private final MailDoor door;
  private final ClientFiles clients;
  private final BackgroundWork work;
  private final Clock clock;

  Reminders(
      ReminderChoices choices,
      ReminderService reminders,
      OutgoingMails mails,
      MailDoor door,
      ClientFiles clients,
      BackgroundWork work,
      Clock clock) {
    this.choices = choices;
    this.reminders = reminders;
    this.mails = mails;
    this.door = door;
    this.clients = clients;
    this.work = work;
    this.clock = clock;
  }

  @Scheduled(fixedDelayString = "#{@rhythms.mail()}", initialDelayString = "#{@rhythms.mail()}")
  void tick() {
    if (door.isOpen()) {
      work.alone(Task.REMIND, this::write);
      work.alone(Task.SEND_MAIL, this::send);
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

  private void send() {
    work.each(
        Task.SEND_MAIL,
        mails.findTop100BySentAtNullAndTriesLessThanAndNextTryAtLessThanEqualOrderByMadeAt(
            MOST_TRIES, clock.instant()),
        mail -> mail.id,
        this::send);
  }

  private void send(OutgoingMail mail) {
    mail.tries++;
    try {
      door.send(mail);
      mail.sentAt = clock.instant();
      mail.failure = null;
    } catch (MailException e) {
      String reason = String.valueOf(e.getMessage());
      mail.failure = reason.substring(0, Math.min(reason.length(), LONGEST_FAILURE));
      mail.nextTryAt = clock.instant().plus(Duration.ofMinutes(1L << (mail.tries - 1)));
    }
    mails.save(mail);
  }
}

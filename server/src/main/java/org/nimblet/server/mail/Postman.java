package org.nimblet.server.mail;

import java.time.Clock;
import java.time.Duration;
import org.nimblet.server.platform.BackgroundWork;
import org.nimblet.server.platform.BackgroundWork.Task;
import org.springframework.mail.MailException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Sends what waits in the outbox: at once, and again later what could not be sent. */
@Component
class Postman {

  /** After so many tries a mail is left; the waits double from a minute on. */
  private static final int MOST_TRIES = 8;

  private static final int LONGEST_FAILURE = 300;
  private static final String FORGOTTEN = "(It held a link that opens once.)";

  private final OutgoingMails mails;
  private final MailDoor door;
  private final BackgroundWork work;
  private final Clock clock;

  Postman(OutgoingMails mails, MailDoor door, BackgroundWork work, Clock clock) {
    this.mails = mails;
    this.door = door;
    this.work = work;
    this.clock = clock;
  }

  @TransactionalEventListener(classes = Outbox.LetterPut.class)
  void atOnce() {
    work.soon(this::empty);
  }

  @Scheduled(fixedDelayString = "#{@rhythms.mail()}", initialDelayString = "#{@rhythms.mail()}")
  void empty() {
    if (door.isOpen()) {
      work.alone(Task.SEND_MAIL, this::send);
    }
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
      if (mail.secret) {
        mail.body = FORGOTTEN;
      }
    } catch (MailException e) {
      String reason = String.valueOf(e.getMessage());
      mail.failure = reason.substring(0, Math.min(reason.length(), LONGEST_FAILURE));
      mail.nextTryAt = clock.instant().plus(Duration.ofMinutes(1L << (mail.tries - 1)));
    }
    mails.save(mail);
  }
}

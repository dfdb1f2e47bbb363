package org.nimblet.server.mail;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where every feature leaves its mail; it goes out once what wrote it is stored. */
@Service
public class Outbox {

  private final OutgoingMails mails;
  private final MailDoor door;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Outbox(OutgoingMails mails, MailDoor door, ApplicationEventPublisher events, Clock clock) {
    this.mails = mails;
    this.door = door;
    this.events = events;
    this.clock = clock;
  }

  /**
   * What is to be sent.
   *
   * @param coachId whose practice it is of; empty before there is one
   * @param clientId the client whom it tells something; empty if it goes to an account
   * @param occasion what it is about; a client is told the same only once
   * @param secret whether it holds a link that opens a door; its words are forgotten once sent
   */
  public record Letter(
      Optional<UUID> coachId,
      Optional<UUID> clientId,
      String occasion,
      String recipient,
      String subject,
      String body,
      boolean secret) {}

  /** A mail as it is shown: sent, waiting, or why it could not be sent; null where it is not so. */
  public record Posted(String subject, Instant madeAt, Instant sentAt, String failure) {}

  /** Something new lies in the outbox. */
  record LetterPut() {}

  /** Whether mail can go out at all. */
  public boolean isOpen() {
    return door.isOpen();
  }

  /** Puts a mail in, unless its client was told of the occasion already. */
  @Transactional
  public void put(Letter letter) {
    if (letter.clientId().isPresent()
        && mails.existsByClientIdAndOccasion(letter.clientId().get(), letter.occasion())) {
      return;
    }
    OutgoingMail mail = new OutgoingMail();
    mail.id = UUID.randomUUID();
    mail.coachId = letter.coachId().orElse(null);
    mail.clientId = letter.clientId().orElse(null);
    mail.occasion = letter.occasion();
    mail.recipient = letter.recipient();
    mail.subject = letter.subject();
    mail.body = letter.body();
    mail.secret = letter.secret();
    mail.madeAt = clock.instant();
    mail.nextTryAt = mail.madeAt;
    mails.save(mail);
    events.publishEvent(new LetterPut());
  }

  /** The latest that went to a client, the newest first. */
  @Transactional(readOnly = true)
  public List<Posted> latestOf(UUID clientId) {
    return mails.findTop10ByClientIdOrderByMadeAtDesc(clientId).stream()
        .map(mail -> new Posted(mail.subject, mail.madeAt, mail.sentAt, mail.failure))
        .toList();
  }
}

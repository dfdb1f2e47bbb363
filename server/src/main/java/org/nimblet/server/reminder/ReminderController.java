package org.nimblet.server.reminder;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.ReminderTime;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.programme.UpcomingSessions.Upcoming;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ReminderController {

  private final Scope scope;
  private final ClientFiles clients;
  private final ReminderService reminders;

  ReminderController(Scope scope, ClientFiles clients, ReminderService reminders) {
    this.scope = scope;
    this.clients = clients;
    this.reminders = reminders;
  }

  /**
   * How somebody wants to be reminded.
   *
   * @param inApp a quiet notice in the open application
   * @param mail a mail before each session
   * @param digest a mail with the sessions of the day
   * @param digestAt when it comes
   * @param minutesBefore how long before a session they are told
   */
  record ReminderForm(
      boolean inApp,
      boolean mail,
      boolean digest,
      @Schema(type = "string", example = "08:00") @NotNull(message = "A time such as 08:00.")
          LocalTime digestAt,
      @Min(value = 0, message = "0 to 120 minutes.")
          @Max(value = ReminderTime.LONGEST_MINUTES, message = "0 to 120 minutes.")
          int minutesBefore) {}

  /**
   * How a client is reminded.
   *
   * @param address where mail goes; null if none can, as without an account
   * @param mails the latest, the newest first
   */
  record ReminderView(
      ReminderForm choice, @Schema(nullable = true) String address, List<MailView> mails) {}

  /** A mail: sent, waiting, or why it could not be sent. */
  record MailView(
      String subject,
      Instant madeAt,
      @Schema(nullable = true) Instant sentAt,
      @Schema(nullable = true) String failure) {}

  /** What to tell of in the open application. */
  record NoticeView(
      String uid,
      String title,
      Purpose purpose,
      Instant start,
      @Schema(type = "string") LocalTime startsAt) {}

  @GetMapping("/clients/{clientId}/reminders")
  ReminderView reminders(@PathVariable("clientId") ClientFile client) {
    return view(client);
  }

  @PutMapping("/clients/{clientId}/reminders")
  ReminderView chooseReminders(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody ReminderForm form) {
    ReminderChoice choice = new ReminderChoice();
    choice.clientId = client.id();
    choice.coachId = client.coachId();
    choice.inApp = form.inApp();
    choice.mail = form.mail();
    choice.digest = form.digest();
    choice.digestAt = form.digestAt();
    choice.minutesBefore = form.minutesBefore();
    reminders.choose(choice);
    return view(client);
  }

  /** What the signed-in client is told now: one session, or nothing. */
  @GetMapping("/my/notices")
  List<NoticeView> notices() {
    ClientFile client = clients.require(scope.current().clientId().orElseThrow());
    return reminders.notice(client).stream().map(session -> notice(client, session)).toList();
  }

  private static NoticeView notice(ClientFile client, Upcoming session) {
    return new NoticeView(
        session.uid(),
        session.title(),
        session.purpose(),
        session.start(),
        session.start().atZone(client.zone()).toLocalTime().withNano(0));
  }

  private ReminderView view(ClientFile client) {
    ReminderChoice choice = reminders.choice(client);
    return new ReminderView(
        new ReminderForm(
            choice.inApp, choice.mail, choice.digest, choice.digestAt, choice.minutesBefore),
        reminders.address(client).orElse(null),
        reminders.latestMails(client).stream()
            .map(mail -> new MailView(mail.subject(), mail.madeAt(), mail.sentAt(), mail.failure()))
            .toList());
  }
}

package org.nimblet.server.reminder;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.ReminderTime;
import org.nimblet.core.schedule.Span;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.mail.Outbox;
import org.nimblet.server.mail.Outbox.Letter;
import org.nimblet.server.mail.Outbox.Posted;
import org.nimblet.server.person.People;
import org.nimblet.server.programme.UpcomingSessions;
import org.nimblet.server.programme.UpcomingSessions.Outlook;
import org.nimblet.server.programme.UpcomingSessions.Upcoming;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says whom to tell of what, and writes the mail for it. */
@Service
class ReminderService {

  /** A digest that could not be written for so long is not written any more (ours). */
  private static final Duration DIGEST_STILL_OF_USE = Duration.ofHours(2);

  private static final int USUAL_MINUTES = 10;
  private static final LocalTime USUAL_DIGEST = LocalTime.of(8, 0);
  private static final String STOP = "Stop if it hurts, tingles or goes numb, and tell your coach.";
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

  private final ReminderChoices choices;
  private final Outbox outbox;
  private final UpcomingSessions upcoming;
  private final People people;
  private final AccountService accounts;
  private final Clock clock;

  ReminderService(
      ReminderChoices choices,
      Outbox outbox,
      UpcomingSessions upcoming,
      People people,
      AccountService accounts,
      Clock clock) {
    this.choices = choices;
    this.outbox = outbox;
    this.upcoming = upcoming;
    this.people = people;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** What a client chose; everything off if they never did. */
  @Transactional(readOnly = true)
  ReminderChoice choice(ClientFile client) {
    return choices.findById(client.id()).orElseGet(() -> off(client));
  }

  private static ReminderChoice off(ClientFile client) {
    ReminderChoice off = new ReminderChoice();
    off.clientId = client.id();
    off.coachId = client.coachId();
    off.digestAt = USUAL_DIGEST;
    off.minutesBefore = USUAL_MINUTES;
    return off;
  }

  @Transactional
  void choose(ReminderChoice choice) {
    choices.save(choice);
  }

  /** Whether mail could reach a client, and where. */
  Optional<String> address(ClientFile client) {
    return outbox.isOpen() ? accounts.addressOfClient(client.id()) : Optional.empty();
  }

  List<Posted> latestMails(ClientFile client) {
    return outbox.latestOf(client.id());
  }

  /** The session to tell of in the open application now, if there is one and it is wanted. */
  Optional<Upcoming> notice(ClientFile client) {
    ReminderChoice choice = choice(client);
    if (!choice.inApp) {
      return Optional.empty();
    }
    Instant now = clock.instant();
    Outlook today = today(client, now);
    List<Span> blocks = blocks(today);
    return ReminderTime.isIn(blocks, now)
        ? Optional.empty()
        : today.sessions().stream()
            .filter(session -> isDue(session, choice, today, blocks, now))
            .findFirst();
  }

  /** Writes the mail that is due for a client; each occasion once. */
  void writeDue(ClientFile client, ReminderChoice choice) {
    Optional<String> address = address(client);
    if (address.isEmpty()) {
      return;
    }
    Instant now = clock.instant();
    Outlook today = today(client, now);
    List<Span> blocks = blocks(today);
    if (ReminderTime.isIn(blocks, now)) {
      return;
    }
    if (choice.digest) {
      writeDigest(client, choice, today, address.get(), now);
    }
    if (choice.mail) {
      today.sessions().stream()
          .filter(session -> isDue(session, choice, today, blocks, now))
          .forEach(
              session ->
                  write(
                      client,
                      "%s %s".formatted(session.uid(), session.start()),
                      address.get(),
                      "%s at %s".formatted(session.title(), clock(client, session.start())),
                      line(client, session) + "\n\n" + STOP));
    }
  }

  private static boolean isDue(
      Upcoming session,
      ReminderChoice choice,
      Outlook today,
      Collection<Span> blocks,
      Instant now) {
    return session.purpose() != Purpose.BREAK
        && ReminderTime.of(
                session.start(),
                Duration.ofMinutes(choice.minutesBefore),
                today.days().get(0).wakes(),
                blocks)
            .filter(moment -> !moment.isAfter(now))
            .isPresent();
  }

  private void writeDigest(
      ClientFile client, ReminderChoice choice, Outlook today, String address, Instant now) {
    LocalDate date = today.days().get(0).date();
    ZonedDateTime at = date.atTime(choice.digestAt).atZone(client.zone());
    if (now.isBefore(at.toInstant())
        || now.isAfter(at.plus(DIGEST_STILL_OF_USE).toInstant())
        || today.sessions().isEmpty()) {
      return;
    }
    String lines =
        today.sessions().stream()
            .filter(session -> session.purpose() != Purpose.BREAK)
            .map(session -> line(client, session))
            .collect(Collectors.joining("\n"));
    write(
        client,
        "digest " + date,
        address,
        "Your hands on " + DAY.format(date),
        lines + "\n\n" + STOP);
  }

  private void write(
      ClientFile client, String occasion, String address, String subject, String body) {
    outbox.put(
        new Letter(
            Optional.of(client.coachId()),
            Optional.of(client.id()),
            occasion,
            address,
            subject,
            body,
            false));
  }

  private Outlook today(ClientFile client, Instant now) {
    LocalDate date = LocalDate.ofInstant(now, client.zone());
    return upcoming.of(people.of(client), date, date);
  }

  private static List<Span> blocks(Outlook outlook) {
    return outlook.days().stream()
        .flatMap(day -> day.blocks().stream())
        .map(block -> Span.covering(block.start(), block.end()))
        .toList();
  }

  private static String line(ClientFile client, Upcoming session) {
    long minutes =
        Math.max(1, Math.round(ChronoUnit.SECONDS.between(session.start(), session.end()) / 60.0));
    return "%s  %s, %d min".formatted(clock(client, session.start()), session.title(), minutes);
  }

  private static String clock(ClientFile client, Instant moment) {
    return CLOCK.format(moment.atZone(client.zone()));
  }
}

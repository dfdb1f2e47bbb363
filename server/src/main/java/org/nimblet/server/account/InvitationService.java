package org.nimblet.server.account;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.nimblet.server.account.Links.Made;
import org.nimblet.server.mail.Outbox;
import org.nimblet.server.mail.Outbox.Letter;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NimbletSettings;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.platform.PublicAddress;
import org.nimblet.server.platform.SecurityLog;
import org.nimblet.server.platform.SecurityLog.Event;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Asks clients and other coaches in, and lets them in when they come. */
@Service
public class InvitationService {

  private static final LinkKind[] INVITATIONS = {
    LinkKind.FIRST_COACH, LinkKind.COACH, LinkKind.CLIENT
  };
  private static final Set<LinkKind> SHOWN = Set.of(LinkKind.CLIENT, LinkKind.COACH);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH).withZone(ZoneOffset.UTC);

  private final AccountLinks links;
  private final Links making;
  private final AccountService accounts;
  private final Outbox outbox;
  private final PublicAddress address;
  private final NimbletSettings settings;
  private final SecurityLog log;
  private final Clock clock;

  InvitationService(
      AccountLinks links,
      Links making,
      AccountService accounts,
      Outbox outbox,
      PublicAddress address,
      NimbletSettings settings,
      SecurityLog log,
      Clock clock) {
    this.links = links;
    this.making = making;
    this.accounts = accounts;
    this.outbox = outbox;
    this.address = address;
    this.settings = settings;
    this.log = log;
    this.clock = clock;
  }

  /**
   * An invitation as it is told once.
   *
   * @param link the page that opens the account
   * @param sent whether it went out by mail as well
   */
  public record Invited(String link, Instant expiresAt, boolean sent) {}

  /** Whom an invitation is for: shown until they have come or it is too old. */
  public record Waiting(
      UUID id,
      String name,
      @Schema(nullable = true) String address,
      boolean coach,
      Instant madeAt,
      Instant expiresAt) {}

  /**
   * What somebody sees who opens an invitation.
   *
   * @param kind what it opens
   * @param from who invites; empty for the first account
   * @param name whom it is for; empty for the first account
   * @param guardian whether a grown-up has to consent
   */
  record Opened(LinkKind kind, String from, String name, boolean guardian) {}

  /** What somebody says who comes in. */
  record Coming(String name, String email, String password, boolean consent, String guardian) {}

  /**
   * Invites a client; an invitation from before is void from then on.
   *
   * @param email where to send it; empty if the link is handed on
   * @param guardian whether they are under 16
   */
  @Transactional
  public Invited inviteClient(
      UUID coachId, UUID clientId, String name, Optional<String> email, boolean guardian) {
    if (accounts.addressOfClient(clientId).isPresent()) {
      throw new InvalidFieldException("email", "%s has an account already.".formatted(name));
    }
    links.deleteByKindAndClientId(LinkKind.CLIENT, clientId);
    Made made = making.make(LinkKind.CLIENT, settings.account().invitationLasts());
    made.link().coachId = coachId;
    made.link().clientId = clientId;
    made.link().name = name;
    made.link().guardian = guardian;
    return hand(made, email);
  }

  /** Invites another coach to a practice of their own. */
  @Transactional
  public Invited inviteCoach(UUID coachId, String email) {
    Made made = making.make(LinkKind.COACH, settings.account().invitationLasts());
    made.link().coachId = coachId;
    made.link().name = email;
    return hand(made, Optional.of(email));
  }

  /** The very first account; what was made for it before is void. */
  @Transactional
  String firstCoach() {
    links.deleteByKind(LinkKind.FIRST_COACH);
    Made made = making.make(LinkKind.FIRST_COACH, settings.account().invitationLasts());
    links.save(made.link());
    return address.of("/begin/" + made.token());
  }

  private Invited hand(Made made, Optional<String> email) {
    AccountLink link = made.link();
    link.address = email.map(AccountService::plain).orElse(null);
    links.save(link);
    String page =
        address.of((link.kind == LinkKind.CLIENT ? "/invitation/" : "/begin/") + made.token());
    boolean sent = email.isPresent() && outbox.isOpen();
    if (sent) {
      String coach = accounts.coachName(link.coachId);
      outbox.put(
          new Letter(
              Optional.of(link.coachId),
              Optional.empty(),
              "invitation " + link.id,
              link.address,
              coach + " invites you to Nimblet",
              """
              %s invites you to Nimblet, where your sessions for the hands are kept.

              Open this page to begin; it works once, until %s:
              %s

              If you do not know %s, throw this mail away: nothing happens then.
              """
                  .formatted(coach, DAY.format(link.expiresAt), page, coach),
              true));
    }
    log.note(Event.INVITED, link.id);
    return new Invited(page, link.expiresAt, sent);
  }

  /** Who was invited by a coach and has not come yet, the latest first. */
  @Transactional(readOnly = true)
  public List<Waiting> waiting(UUID coachId) {
    return links
        .findByCoachIdAndKindInAndExpiresAtAfterOrderByMadeAtDesc(coachId, SHOWN, clock.instant())
        .stream()
        .map(
            link ->
                new Waiting(
                    link.id,
                    link.name,
                    link.address,
                    link.kind == LinkKind.COACH,
                    link.madeAt,
                    link.expiresAt))
        .toList();
  }

  /** Makes an invitation anew, to the same address; the one before is void. */
  @Transactional
  public Invited again(UUID coachId, UUID id) {
    AccountLink before = require(coachId, id);
    links.delete(before);
    Optional<String> email = Optional.ofNullable(before.address);
    return before.kind == LinkKind.COACH
        ? inviteCoach(coachId, before.name)
        : inviteClient(coachId, before.clientId, before.name, email, before.guardian);
  }

  /** Takes an invitation back. */
  @Transactional
  public void takeBack(UUID coachId, UUID id) {
    links.delete(require(coachId, id));
    log.note(Event.INVITATION_TAKEN_BACK, id);
  }

  private AccountLink require(UUID coachId, UUID id) {
    return links
        .findByIdAndCoachId(id, coachId)
        .filter(link -> SHOWN.contains(link.kind))
        .orElseThrow(() -> new NotFoundException("invitation"));
  }

  /** What an invitation opens, as long as it opens anything. */
  @Transactional(readOnly = true)
  Optional<Opened> look(String token) {
    return making
        .find(token, INVITATIONS)
        .map(
            link ->
                new Opened(
                    link.kind,
                    link.coachId == null ? "" : accounts.coachName(link.coachId),
                    link.kind == LinkKind.CLIENT ? link.name : "",
                    link.guardian));
  }

  /** Uses an invitation up and opens the account. */
  @Transactional
  SignedIn accept(String token, Coming coming) {
    AccountLink link = making.open(token, INVITATIONS);
    if (link.kind != LinkKind.CLIENT) {
      links.delete(link);
      return accounts.openCoach(coming.name(), coming.email(), coming.password());
    }
    if (!coming.consent()) {
      throw new InvalidFieldException(
          "consent", "Without consent nothing that you tell of your hands may be kept.");
    }
    String guardian = coming.guardian() == null ? "" : coming.guardian().strip();
    if (link.guardian && guardian.isEmpty()) {
      throw new InvalidFieldException(
          "guardian",
          "Under 16 a parent or guardian consents; write their name, up to 80 letters.");
    }
    links.delete(link);
    return accounts.openClient(
        link.coachId,
        link.clientId,
        coming.name(),
        coming.email(),
        coming.password(),
        link.guardian ? guardian : null);
  }
}

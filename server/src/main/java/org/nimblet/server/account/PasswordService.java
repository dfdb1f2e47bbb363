package org.nimblet.server.account;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.account.Links.Made;
import org.nimblet.server.account.Slowing.What;
import org.nimblet.server.mail.Outbox;
import org.nimblet.server.mail.Outbox.Letter;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NimbletSettings;
import org.nimblet.server.platform.PublicAddress;
import org.nimblet.server.platform.SecurityLog;
import org.nimblet.server.platform.SecurityLog.Event;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Passwords and addresses: changed by whoever knows the one there is, or by mail. */
@Service
class PasswordService {

  private final Accounts accounts;
  private final AccountLinks links;
  private final Links making;
  private final OpenSessions sessions;
  private final Slowing slowing;
  private final PasswordEncoder passwords;
  private final Outbox outbox;
  private final PublicAddress address;
  private final NimbletSettings settings;
  private final SecurityLog log;
  private final Clock clock;

  PasswordService(
      Accounts accounts,
      AccountLinks links,
      Links making,
      OpenSessions sessions,
      Slowing slowing,
      PasswordEncoder passwords,
      Outbox outbox,
      PublicAddress address,
      NimbletSettings settings,
      SecurityLog log,
      Clock clock) {
    this.accounts = accounts;
    this.links = links;
    this.making = making;
    this.sessions = sessions;
    this.slowing = slowing;
    this.passwords = passwords;
    this.outbox = outbox;
    this.address = address;
    this.settings = settings;
    this.log = log;
    this.clock = clock;
  }

  /**
   * The account, for something that asks for its password once more.
   *
   * @throws InvalidFieldException if it is another one
   */
  Account confirmed(UUID accountId, String password, String from) {
    Slowing.Try attempt = slowing.begin(What.SIGN_IN, accountId.toString(), from);
    Account account = accounts.findById(accountId).orElseThrow();
    if (!passwords.matches(password, account.passwordHash)) {
      log.note(Event.SIGN_IN_REFUSED, accountId);
      throw new InvalidFieldException("password", "This is not your present password.");
    }
    attempt.wasRight();
    return account;
  }

  /** Changes the password; all other sessions end. */
  @Transactional
  void change(UUID accountId, String password, String wanted, String from, String session) {
    set(confirmed(accountId, password, from), "wanted", wanted);
    sessions.endOthers(accountId, session);
    log.note(Event.PASSWORD_CHANGED, accountId);
  }

  private void set(Account account, String field, String wanted) {
    PasswordRule.check(field, wanted, account.name, account.email);
    account.passwordHash = passwords.encode(wanted);
    account.passwordChangedAt = clock.instant();
    links.deleteByKindAndAccountId(LinkKind.RESET, account.id);
    tellOfChange(account, "Your password was changed", "The password of your account");
  }

  /** Tells whoever has an account that something by which it is kept was changed. */
  void tellOfChange(Account account, String subject, String what) {
    if (outbox.isOpen()) {
      outbox.put(
          letter(
              account,
              account.email,
              subject,
              """
              %s at Nimblet was changed just now.

              If it was not you, ask for a new password here, and look at where you are signed in:
              %s
              """
                  .formatted(what, address.of("/forgotten")),
              false));
    }
  }

  private Letter letter(
      Account account, String recipient, String subject, String body, boolean secret) {
    return new Letter(
        Optional.of(account.coachId),
        Optional.empty(),
        subject + " " + account.id,
        recipient,
        subject,
        body,
        secret);
  }

  /** Sends a link for a new password, if there is such an account; nobody is told which. */
  @Transactional
  public void forgotten(String email) {
    Account account = accounts.findByEmail(AccountService.plain(email)).orElse(null);
    if (account == null) {
      return;
    }
    links.deleteByKindAndAccountId(LinkKind.RESET, account.id);
    Made made = making.make(LinkKind.RESET, settings.account().resetLasts());
    made.link().accountId = account.id;
    made.link().coachId = account.coachId;
    links.save(made.link());
    outbox.put(
        letter(
            account,
            account.email,
            "A new password",
            """
            Somebody asked for a new password for your account at Nimblet.

            If it was you, open this page within an hour; it works once:
            %s

            If not, do nothing: your password stays as it is.
            """
                .formatted(address.of("/reset/" + made.token())),
            true));
    log.note(Event.PASSWORD_RESET_ASKED, account.id);
  }

  /** Sets the password of whoever came by the link of a mail; all sessions end. */
  @Transactional
  SignedIn reset(String token, String wanted) {
    AccountLink link = making.open(token, LinkKind.RESET);
    Account account = accounts.findById(link.accountId).orElseThrow();
    set(account, "password", wanted);
    sessions.endAll(account.id);
    log.note(Event.PASSWORD_RESET, account.id);
    return account.signedIn();
  }

  /** Sends a link to a new address; the account has it once the link is opened. */
  @Transactional
  void move(UUID accountId, String email, String password, String from) {
    Account account = confirmed(accountId, password, from);
    if (!outbox.isOpen()) {
      throw new InvalidFieldException(
          "email", "This server sends no mail, so that a new address cannot be tried; ask there.");
    }
    links.deleteByKindAndAccountId(LinkKind.ADDRESS, account.id);
    Made made = making.make(LinkKind.ADDRESS, settings.account().resetLasts());
    made.link().accountId = account.id;
    made.link().coachId = account.coachId;
    made.link().address = AccountService.plain(email);
    links.save(made.link());
    outbox.put(
        letter(
            account,
            made.link().address,
            "Your new address",
            """
            Open this page within an hour, and your account at Nimblet has this address:
            %s
            """
                .formatted(address.of("/address/" + made.token())),
            true));
  }

  /** Gives an account the address whose mail was read; the one before is told. */
  @Transactional
  void moved(String token) {
    AccountLink link = making.open(token, LinkKind.ADDRESS);
    Account account = accounts.findById(link.accountId).orElseThrow();
    String before = account.email;
    account.email = link.address;
    links.delete(link);
    accounts.flush();
    sessions.endAll(account.id);
    outbox.put(
        letter(
            account,
            before,
            "Your address was changed",
            """
            Your account at Nimblet has another address from now on. If it was not you, tell whoever
            runs the server at once.
            """,
            false));
    log.note(Event.ADDRESS_CHANGED, account.id);
  }
}

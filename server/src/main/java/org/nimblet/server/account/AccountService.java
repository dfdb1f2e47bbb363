package org.nimblet.server.account;

import java.time.Clock;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.platform.SecurityLog;
import org.nimblet.server.platform.SecurityLog.Event;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens accounts, finds them again, and closes them. */
@Service
public class AccountService {

  private final Accounts accounts;
  private final Coaches coaches;
  private final AccountLinks links;
  private final OpenSessions sessions;
  private final PasswordEncoder passwords;
  private final SecurityLog log;
  private final Clock clock;

  AccountService(
      Accounts accounts,
      Coaches coaches,
      AccountLinks links,
      OpenSessions sessions,
      PasswordEncoder passwords,
      SecurityLog log,
      Clock clock) {
    this.accounts = accounts;
    this.coaches = coaches;
    this.links = links;
    this.sessions = sessions;
    this.passwords = passwords;
    this.log = log;
    this.clock = clock;
  }

  /** The account with this address, if there is one. */
  @Transactional(readOnly = true)
  public Optional<SignedIn> find(String email) {
    return accounts.findByEmail(plain(email)).map(Account::signedIn);
  }

  /** Whether nobody has an account yet. */
  @Transactional(readOnly = true)
  public boolean isEmpty() {
    return accounts.count() == 0;
  }

  /** The name of a coach. */
  @Transactional(readOnly = true)
  public String coachName(UUID coachId) {
    return coaches.findById(coachId).orElseThrow(() -> new NotFoundException("coach")).name;
  }

  /** The address of a client's account, if they have one. */
  @Transactional(readOnly = true)
  public Optional<String> addressOfClient(UUID clientId) {
    return accounts.findByClientId(clientId).map(account -> account.email);
  }

  /** Opens a coach's account. */
  @Transactional
  public SignedIn openCoach(String name, String email, String password) {
    Coach coach = new Coach();
    coach.id = UUID.randomUUID();
    coach.name = name.strip();
    coach.createdAt = clock.instant();
    coaches.save(coach);
    return open(coach.id, null, Role.COACH, coach.name, email, password, null);
  }

  /**
   * Opens a client's account; a client has at most one.
   *
   * @param guardian who consents for a client under 16; null where they do it themselves
   */
  @Transactional
  public SignedIn openClient(
      UUID coachId, UUID clientId, String name, String email, String password, String guardian) {
    if (accounts.findByClientId(clientId).isPresent()) {
      throw new InvalidFieldException("token", "This client already has an account; sign in.");
    }
    return open(coachId, clientId, Role.CLIENT, name, email, password, guardian);
  }

  private SignedIn open(
      UUID coachId,
      UUID clientId,
      Role role,
      String name,
      String email,
      String password,
      String guardian) {
    PasswordRule.check("password", password, name, email);
    Account account = new Account();
    account.id = UUID.randomUUID();
    account.coachId = coachId;
    account.clientId = clientId;
    account.role = role;
    account.email = plain(email);
    account.passwordHash = passwords.encode(password);
    account.name = name;
    account.createdAt = clock.instant();
    account.passwordChangedAt = account.createdAt;
    account.consentedAt = role == Role.CLIENT ? account.createdAt : null;
    account.guardianName = guardian;
    log.note(Event.ACCOUNT_OPENED, account.id);
    return accounts.saveAndFlush(account).signedIn();
  }

  /** Closes the account of a client, if they have one: their sessions end, their links are void. */
  @Transactional
  public void closeOfClient(UUID clientId) {
    links.deleteByKindAndClientId(LinkKind.CLIENT, clientId);
    accounts.findByClientId(clientId).ifPresent(this::close);
  }

  private void close(Account account) {
    sessions.endAll(account.id);
    accounts.delete(account);
    log.note(Event.ACCOUNT_DELETED, account.id);
  }

  /** An address as it is kept and looked for. */
  static String plain(String email) {
    return email.strip().toLowerCase(Locale.ROOT);
  }
}

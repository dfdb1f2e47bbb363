package org.nimblet.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.platform.Secrets;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens accounts and finds them again. */
@Service
public class AccountService implements UserDetailsService {

  private static final Duration INVITATION_LASTS = Duration.ofDays(14);

  private final Accounts accounts;
  private final Coaches coaches;
  private final Invitations invitations;
  private final PasswordEncoder passwords;
  private final Clock clock;
  private final Secrets secrets;

  AccountService(
      Accounts accounts,
      Coaches coaches,
      Invitations invitations,
      PasswordEncoder passwords,
      Clock clock,
      Secrets secrets) {
    this.accounts = accounts;
    this.coaches = coaches;
    this.invitations = invitations;
    this.passwords = passwords;
    this.clock = clock;
    this.secrets = secrets;
  }

  /** A token to hand to a client, shown once. */
  public record Token(String token, Instant expiresAt) {}

  @Override
  @Transactional(readOnly = true)
  public UserDetails loadUserByUsername(String email) {
    return find(email)
        .orElseThrow(() -> new UsernameNotFoundException("No account with this address."));
  }

  /** The account with this address, if there is one. */
  @Transactional(readOnly = true)
  public Optional<SignedIn> find(String email) {
    return accounts.findByEmail(plain(email)).map(Account::signedIn);
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
    return open(coach.id, null, Role.COACH, coach.name, email, password);
  }

  /** Opens a client's account; a client has at most one. */
  @Transactional
  public SignedIn openClient(
      UUID coachId, UUID clientId, String name, String email, String password) {
    if (accounts.findByClientId(clientId).isPresent()) {
      throw new InvalidFieldException("token", "This client already has an account; sign in.");
    }
    return open(coachId, clientId, Role.CLIENT, name, email, password);
  }

  private SignedIn open(
      UUID coachId, UUID clientId, Role role, String name, String email, String password) {
    Account account = new Account();
    account.id = UUID.randomUUID();
    account.coachId = coachId;
    account.clientId = clientId;
    account.role = role;
    account.email = plain(email);
    account.passwordHash = passwords.encode(password);
    account.name = name;
    account.createdAt = clock.instant();
    return accounts.saveAndFlush(account).signedIn();
  }

  /** Makes an invitation for a client; only its hash is kept. */
  @Transactional
  public Token invite(UUID coachId, UUID clientId) {
    String token = secrets.make();
    Invitation invitation = new Invitation();
    invitation.tokenHash = Secrets.hash(token);
    invitation.coachId = coachId;
    invitation.clientId = clientId;
    invitation.expiresAt = clock.instant().plus(INVITATION_LASTS);
    invitations.save(invitation);
    return new Token(token, invitation.expiresAt);
  }

  /** Uses an invitation up and opens the client's account. */
  @Transactional
  public SignedIn accept(String token, String name, String email, String password) {
    Invitation invitation =
        invitations
            .findById(Secrets.hash(token))
            .filter(found -> found.expiresAt.isAfter(clock.instant()))
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        "token", "This invitation is used up or too old; ask for a new one."));
    invitations.delete(invitation);
    return openClient(invitation.coachId, invitation.clientId, name, email, password);
  }

  private static String plain(String email) {
    return email.strip().toLowerCase(Locale.ROOT);
  }
}

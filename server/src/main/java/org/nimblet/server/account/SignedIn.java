package org.nimblet.server.account;

import java.io.Serializable;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.AuthenticatedPrincipal;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;

/**
 * The account behind a web session. What it is never changes while it lives; a session ends with
 * its account.
 *
 * @param accountId the account
 * @param coachId the coach to whom everything it sees belongs
 * @param ownClientId the client it is, null for a coach
 * @param role what it is
 * @param name what it is called
 * @param email its address
 */
public record SignedIn(
    UUID accountId, UUID coachId, UUID ownClientId, Role role, String name, String email)
    implements AuthenticatedPrincipal, Serializable {

  private static final long serialVersionUID = 2L;

  /** The client it is; empty for a coach. */
  public Optional<UUID> clientId() {
    return Optional.ofNullable(ownClientId);
  }

  /** What it may do. */
  Collection<? extends GrantedAuthority> authorities() {
    return List.of(new SimpleGrantedAuthority("ROLE_" + role));
  }

  /** By what its web sessions are found: the number of the account, which never changes. */
  @Override
  public String getName() {
    return accountId.toString();
  }
}

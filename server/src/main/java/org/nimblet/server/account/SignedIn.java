package org.nimblet.server.account;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * The account behind a web session.
 *
 * @param accountId the account
 * @param coachId the coach to whom everything it sees belongs
 * @param ownClientId the client it is, null for a coach
 * @param role what it is
 * @param name what it is called
 * @param email its address
 * @param passwordHash its hashed password
 */
public record SignedIn(
    UUID accountId,
    UUID coachId,
    UUID ownClientId,
    Role role,
    String name,
    String email,
    String passwordHash)
    implements UserDetails {

  private static final long serialVersionUID = 1L;

  /** The client it is; empty for a coach. */
  public Optional<UUID> clientId() {
    return Optional.ofNullable(ownClientId);
  }

  @Override
  public Collection<? extends GrantedAuthority> getAuthorities() {
    return List.of(new SimpleGrantedAuthority("ROLE_" + role));
  }

  @Override
  public String getPassword() {
    return passwordHash;
  }

  @Override
  public String getUsername() {
    return email;
  }
}

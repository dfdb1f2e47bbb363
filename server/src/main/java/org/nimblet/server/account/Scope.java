package org.nimblet.server.account;

import java.util.UUID;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** The signed-in account of the present request. Every query of a feature starts here. */
@Component
public class Scope {

  /**
   * Who is signed in.
   *
   * @throws IllegalStateException if nobody is; the security chain lets nobody through unsigned
   */
  public SignedIn current() {
    if (find() instanceof SignedIn signedIn) {
      return signedIn;
    }
    throw new IllegalStateException("nobody is signed in");
  }

  /** The coach to whom everything belongs that the present request may touch. */
  public UUID coachId() {
    return current().coachId();
  }

  /** Whether the account may see this client of its coach. */
  public boolean mayBe(UUID clientId) {
    return current().clientId().map(clientId::equals).orElse(true);
  }

  /** Does some work as somebody, where no request of theirs asks for it. */
  public void as(SignedIn who, Runnable work) {
    SecurityContext before = SecurityContextHolder.getContext();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(who, null, who.authorities()));
    SecurityContextHolder.setContext(context);
    try {
      work.run();
    } finally {
      SecurityContextHolder.setContext(before);
    }
  }

  /** The principal, or null if nobody is signed in. */
  Object find() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    return authentication == null || authentication instanceof AnonymousAuthenticationToken
        ? null
        : authentication.getPrincipal();
  }
}

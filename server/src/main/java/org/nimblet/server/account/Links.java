package org.nimblet.server.account;

import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.Secrets;
import org.springframework.stereotype.Component;

/** Makes links that open once, and looks at those that come back. */
@Component
class Links {

  private final AccountLinks links;
  private final Secrets secrets;
  private final Clock clock;

  Links(AccountLinks links, Secrets secrets, Clock clock) {
    this.links = links;
    this.secrets = secrets;
    this.clock = clock;
  }

  /** A link that is about to be kept, and the secret that it is opened with, told only now. */
  record Made(AccountLink link, String token) {}

  /** A new link of a kind; what else it is about is written on it before it is kept. */
  Made make(LinkKind kind, Duration lasts) {
    String token = secrets.make();
    AccountLink link = new AccountLink();
    link.id = UUID.randomUUID();
    link.tokenHash = Secrets.hash(token);
    link.kind = kind;
    link.name = "";
    link.madeAt = clock.instant();
    link.expiresAt = link.madeAt.plus(lasts);
    return new Made(link, token);
  }

  /** The link behind a secret, unless it is none, used up, too old, or of another kind. */
  Optional<AccountLink> find(String token, LinkKind... kinds) {
    return links
        .findByTokenHashAndExpiresAtAfter(Secrets.hash(token), clock.instant())
        .filter(link -> Arrays.asList(kinds).contains(link.kind));
  }

  /**
   * The link behind a secret.
   *
   * @throws InvalidFieldException if it is none, used up, too old, or of another kind
   */
  AccountLink open(String token, LinkKind... kinds) {
    return find(token, kinds)
        .orElseThrow(
            () ->
                new InvalidFieldException(
                    "token", "This link is used up or too old; ask for a new one."));
  }
}

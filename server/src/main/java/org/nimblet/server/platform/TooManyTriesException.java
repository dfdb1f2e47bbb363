package org.nimblet.server.platform;

import java.time.Duration;
import org.springframework.security.core.AuthenticationException;

/** Somebody tried too often; until some time has passed nothing more is looked at. */
public final class TooManyTriesException extends AuthenticationException {
  private static final long serialVersionUID = 1L;

  private final Duration patience;

  /**
   * Too often.
   *
   * @param patience how long until the next try is looked at
   */
  public TooManyTriesException(Duration patience) {
    super("Too many tries. Wait %d min and try again.".formatted(minutes(patience)));
    this.patience = patience;
  }

  private static long minutes(Duration patience) {
    return Math.max(1, patience.plusSeconds(59).toMinutes());
  }

  /** How long until the next try is looked at. */
  public Duration patience() {
    return patience;
  }
}

package org.nimblet.server.platform;

import org.springframework.security.core.AuthenticationException;

/** The password is right, and a code of the second factor is asked for as well. */
public final class CodeNeededException extends AuthenticationException {
  private static final long serialVersionUID = 1L;

  /**
   * A code is asked for.
   *
   * @param given whether one was given, that does not hold
   */
  public CodeNeededException(boolean given) {
    super(
        given
            ? "This code does not hold. Type the six digits that your authenticator shows now."
            : "Type the six digits that your authenticator shows now.");
  }
}

package org.nimblet.server.platform;

import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * What matters for security, a line each under a name of its own, without names, addresses or words
 * of people: who it was is said by the number of the account.
 */
@Component
public class SecurityLog {

  private static final Logger LOG = LoggerFactory.getLogger("nimblet.security");

  /** What happened. */
  public enum Event {
    SIGNED_IN,
    SIGN_IN_REFUSED,
    SIGN_IN_SLOWED,
    CODE_REFUSED,
    ACCOUNT_OPENED,
    ACCOUNT_DELETED,
    PASSWORD_CHANGED,
    PASSWORD_RESET_ASKED,
    PASSWORD_RESET,
    ADDRESS_CHANGED,
    SESSION_ENDED,
    SECOND_FACTOR_ON,
    SECOND_FACTOR_OFF,
    INVITED,
    INVITATION_TAKEN_BACK,
    CLEARED,
    CLIENT_DELETED,
    PRACTICE_LEAVING,
    PRACTICE_STAYS,
    PRACTICE_DELETED,
    NOT_ALLOWED
  }

  /** Notes what happened to an account, a client or a practice. */
  public void note(Event event, UUID whom) {
    LOG.info("{} {}", event, whom);
  }

  /** Notes what somebody did of whom nothing is known. */
  public void note(Event event) {
    LOG.info("{} -", event);
  }
}

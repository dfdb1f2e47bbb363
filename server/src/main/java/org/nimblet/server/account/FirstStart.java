package org.nimblet.server.account;

import org.nimblet.server.platform.NimbletSettings;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The first start outside the demo: whoever can read what the server prints sets up the first
 * account, and nobody else.
 */
@Component
class FirstStart {

  private static final Logger LOG = LoggerFactory.getLogger(FirstStart.class);

  private final AccountService accounts;
  private final InvitationService invitations;
  private final NimbletSettings settings;

  FirstStart(AccountService accounts, InvitationService invitations, NimbletSettings settings) {
    this.accounts = accounts;
    this.invitations = invitations;
    this.settings = settings;
  }

  @EventListener(ApplicationReadyEvent.class)
  void offer() {
    if (!settings.demo() && !settings.account().signUpOpen() && accounts.isEmpty()) {
      LOG.warn(
          "Nobody has an account yet. Set up the practice here; the address works once, until the"
              + " next start: {}",
          invitations.firstCoach());
    }
  }
}

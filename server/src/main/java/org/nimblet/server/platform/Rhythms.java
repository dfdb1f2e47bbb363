package org.nimblet.server.platform;

import org.springframework.stereotype.Component;

/** How often work in the background comes round, as the scheduler asks for it. */
@Component("rhythms")
public class Rhythms {

  private final NimbletSettings settings;

  Rhythms(NimbletSettings settings) {
    this.settings = settings;
  }

  /** Milliseconds between two looks through the outbox. */
  public long mail() {
    return settings.mail().every().toMillis();
  }

  /** Milliseconds between two readings of addresses. */
  public long calendars() {
    return settings.calendar().every().toMillis();
  }

  /** Milliseconds between two plannings as days pass. */
  public long plans() {
    return settings.plan().every().toMillis();
  }

  /** Milliseconds between two signs of life to open pages. */
  public long heartbeat() {
    return settings.live().heartbeat().toMillis();
  }
}

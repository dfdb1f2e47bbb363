package org.nimblet.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;

/**
 * The clock of the demo: the machine's own, but for whoever tells of weeks gone by, to whom it
 * shows the moment of which they tell.
 */
@Component
@Primary
@ConditionalOnProperty("nimblet.demo")
class DemoClock extends Clock {

  private static final ThreadLocal<Instant> TOLD = new ThreadLocal<>();

  private final Clock machine = Clock.systemUTC();

  /** Does some work as if it were then. */
  void at(Instant then, Runnable work) {
    TOLD.set(then);
    try {
      work.run();
    } finally {
      TOLD.remove();
    }
  }

  @Override
  public Instant instant() {
    Instant then = TOLD.get();
    return then == null ? machine.instant() : then;
  }

  @Override
  public ZoneId getZone() {
    return machine.getZone();
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return new Clock() {
      @Override
      public Instant instant() {
        return DemoClock.this.instant();
      }

      @Override
      public ZoneId getZone() {
        return zone;
      }

      @Override
      public Clock withZone(ZoneId other) {
        return DemoClock.this.withZone(other);
      }
    };
  }
}

package org.nimblet.server.platform;

import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of the product.
 *
 * @param demo whether the invented harbour town is loaded and can be entered without a password
 * @param signUpOpen whether anyone may open a coach's account
 * @param calendarHosts from which hosts calendars may be fetched, such as calendar.example:443
 * @param standIns whether the simulated calendar service and mail server run
 * @param standInCalendarPort where the simulated calendar service listens; 0 for any free port
 * @param mailHost the mail server; empty for none, or the simulated one if that runs
 * @param mailPort where it listens
 * @param mailFrom from whom mail comes
 */
@ConfigurationProperties("nimblet")
public record NimbletSettings(
    boolean demo,
    boolean signUpOpen,
    List<String> calendarHosts,
    boolean standIns,
    int standInCalendarPort,
    String mailHost,
    int mailPort,
    String mailFrom) {

  /** Copies the list. */
  public NimbletSettings {
    calendarHosts = calendarHosts == null ? List.of() : List.copyOf(calendarHosts);
  }
}

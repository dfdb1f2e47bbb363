package org.nimblet.server.platform;

import java.time.Duration;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Settings of the product, under {@code nimblet}; docs/settings.md lists them.
 *
 * @param demo whether the invented harbour town is loaded and can be entered without a password
 * @param address where people find the program, such as https://hands.example; empty for where it
 *     listens on this machine
 * @param account who may come in
 * @param calendar calendars that are read from elsewhere
 * @param mail how mail goes out
 * @param live how open pages hear of changes
 * @param plan how plans are kept up
 * @param standIn simulated outside services
 */
@ConfigurationProperties("nimblet")
public record NimbletSettings(
    @DefaultValue("false") boolean demo,
    @DefaultValue("") String address,
    @DefaultValue Account account,
    @DefaultValue Calendar calendar,
    @DefaultValue Mail mail,
    @DefaultValue Live live,
    @DefaultValue Plan plan,
    @DefaultValue StandIn standIn) {

  /**
   * Who may come in.
   *
   * @param signUpOpen whether anyone may open a coach's account
   * @param sessionLasts after how long anybody signs in again, however busy they were
   * @param invitationLasts how long an invitation is good
   * @param resetLasts how long the link for a new password or address is good
   * @param tries how often one account may be tried
   * @param triesOfAPlace how often one place of the network may try
   * @param triesWithin within which time; after it as many may be tried again
   */
  public record Account(
      @DefaultValue("false") boolean signUpOpen,
      @DefaultValue("30d") Duration sessionLasts,
      @DefaultValue("14d") Duration invitationLasts,
      @DefaultValue("1h") Duration resetLasts,
      @DefaultValue("10") int tries,
      @DefaultValue("100") int triesOfAPlace,
      @DefaultValue("15m") Duration triesWithin) {}

  /**
   * Calendars that are read from elsewhere.
   *
   * @param hosts from which hosts calendars may be fetched, such as calendar.example:443
   * @param patience how long a calendar may take to arrive
   * @param every how often addresses are read again
   */
  public record Calendar(
      @DefaultValue({}) List<String> hosts,
      @DefaultValue("5s") Duration patience,
      @DefaultValue("15m") Duration every) {
    /** Copies the list. */
    public Calendar {
      hosts = List.copyOf(hosts);
    }
  }

  /**
   * How mail goes out.
   *
   * @param host the mail server; empty for none, or the simulated one if that runs
   * @param port where it listens
   * @param user by what name it lets in; empty if it asks for none
   * @param password with which password
   * @param security how what is said to it is kept from others
   * @param from from whom mail comes
   * @param patience how long it may take to answer
   * @param every how often the outbox is looked through
   */
  public record Mail(
      @DefaultValue("") String host,
      @DefaultValue("25") int port,
      @DefaultValue("") String user,
      @DefaultValue("") String password,
      @DefaultValue("NONE") MailSecurity security,
      @DefaultValue("nimblet@localhost") String from,
      @DefaultValue("5s") Duration patience,
      @DefaultValue("1m") Duration every) {}

  /** How a mail server is spoken with. */
  public enum MailSecurity {
    /** In the open; for a server on the same machine. */
    NONE,
    /** Begun in the open and then under TLS, or not at all (RFC 3207). */
    STARTTLS,
    /** Under TLS from the first word (RFC 8314). */
    TLS
  }

  /**
   * How open pages hear of changes.
   *
   * @param heartbeat how often a line to a page is tried, so that nobody in between closes it
   * @param listens how long a page listens before it asks anew
   * @param remembers for how long changes are told to a page whose line begins after it asked
   */
  public record Live(
      @DefaultValue("20s") Duration heartbeat,
      @DefaultValue("10m") Duration listens,
      @DefaultValue("1m") Duration remembers) {}

  /**
   * How plans are kept up.
   *
   * @param every how often weeks are planned further as days pass
   */
  public record Plan(@DefaultValue("6h") Duration every) {}

  /**
   * Simulated outside services, for the demo and the tests.
   *
   * @param runs whether the simulated calendar service, mail server and hands on keys are there
   * @param calendarPort where the simulated calendar service listens; 0 for any free port
   * @param password one that everybody knows: it is hashed once; empty where there is none
   */
  public record StandIn(
      @DefaultValue("false") boolean runs,
      @DefaultValue("0") int calendarPort,
      @DefaultValue("") String password) {}
}

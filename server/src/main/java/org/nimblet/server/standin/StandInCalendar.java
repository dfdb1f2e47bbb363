package org.nimblet.server.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.nimblet.server.platform.NimbletSettings;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * A calendar service in place of a real one: it serves the calendar of an invented ensemble, which
 * changes whenever somebody posts to {@code /move-on}, and fails as it is asked to by {@code
 * ?fault=}.
 */
@Component
@ConditionalOnProperty("nimblet.stand-in.runs")
public class StandInCalendar {

  /** The one calendar that is served. */
  public static final String PATH = "/harbour-players.ics";

  private static final long SLOW_MILLIS = 8_000;
  private static final long DRIP_MILLIS = 200;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("uuuuMMdd", Locale.ROOT);

  /** How it fails when it is asked to. */
  enum Fault {
    NONE,
    SLOW,
    DRIP,
    MISSING,
    HALF
  }

  private final Clock clock;
  private final HttpServer server;
  private final ExecutorService threads = Executors.newCachedThreadPool();
  private final AtomicInteger moved = new AtomicInteger();

  StandInCalendar(Clock clock, NimbletSettings settings) {
    this.clock = clock;
    try {
      server =
          HttpServer.create(
              new InetSocketAddress(
                  InetAddress.getLoopbackAddress(), settings.standIn().calendarPort()),
              0);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    server.createContext(PATH, this::serve);
    server.createContext("/move-on", this::moveOn);
    server.setExecutor(threads);
    server.start();
  }

  @PreDestroy
  void stop() {
    server.stop(0);
    threads.shutdownNow();
  }

  /** Host and port. */
  public String host() {
    return "127.0.0.1:" + server.getAddress().getPort();
  }

  /** Where the calendar is. */
  public String address() {
    return "http://" + host() + PATH;
  }

  private void moveOn(HttpExchange exchange) throws IOException {
    moved.incrementAndGet();
    exchange.sendResponseHeaders(204, -1);
    exchange.close();
  }

  private void serve(HttpExchange exchange) throws IOException {
    Fault fault = fault(exchange.getRequestURI().getQuery());
    byte[] text = calendar(LocalDate.now(clock), moved.get()).getBytes(StandardCharsets.UTF_8);
    if (fault == Fault.SLOW) {
      pause(SLOW_MILLIS);
    }
    if (fault == Fault.MISSING) {
      exchange.sendResponseHeaders(404, -1);
      exchange.close();
      return;
    }
    byte[] body = fault == Fault.HALF ? Arrays.copyOf(text, text.length / 2) : text;
    exchange.getResponseHeaders().set("Content-Type", "text/calendar;charset=utf-8");
    exchange.sendResponseHeaders(200, body.length);
    try (OutputStream out = exchange.getResponseBody()) {
      for (int i = 0; fault == Fault.DRIP && i < SLOW_MILLIS / DRIP_MILLIS; i++) {
        out.write(body, i, 1);
        out.flush();
        pause(DRIP_MILLIS);
      }
      if (fault != Fault.DRIP) {
        out.write(body);
      }
    }
  }

  private static void pause(long millis) {
    try {
      Thread.sleep(millis);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static Fault fault(String query) {
    for (Fault fault : Fault.values()) {
      if (("fault=" + fault.name().toLowerCase(Locale.ROOT)).equals(query)) {
        return fault;
      }
    }
    return Fault.NONE;
  }

  /**
   * The ensemble's calendar.
   *
   * @param moved how often it was changed: the third rehearsal begins later each time, and every
   *     other time the visit to the lighthouse is cancelled
   */
  static String calendar(LocalDate today, int moved) {
    LocalDate thursday = today.with(TemporalAdjusters.nextOrSame(DayOfWeek.THURSDAY));
    LocalDate saturday = thursday.plusDays(9);
    String zone = ";TZID=Europe/Oslo:";
    String third = DAY.format(thursday.plusWeeks(2));
    StringBuilder text = new StringBuilder();
    lines(
        text,
        "BEGIN:VCALENDAR",
        "VERSION:2.0",
        "PRODID:-//Harbour players//Stand-in//EN",
        "X-WR-CALNAME:Harbour players",
        "BEGIN:VEVENT",
        "UID:rehearsal@harbour.example",
        "DTSTAMP:" + DAY.format(today) + "T000000Z",
        "DTSTART" + zone + DAY.format(thursday) + "T190000",
        "DTEND" + zone + DAY.format(thursday) + "T213000",
        "RRULE:FREQ=WEEKLY;COUNT=8",
        "SUMMARY:Rehearsal",
        "LOCATION:Net loft",
        "END:VEVENT",
        "BEGIN:VEVENT",
        "UID:rehearsal@harbour.example",
        "DTSTAMP:" + DAY.format(today) + "T000000Z",
        "RECURRENCE-ID" + zone + third + "T190000",
        "SEQUENCE:" + moved,
        "DTSTART" + zone + third + "T%02d3000".formatted(18 + moved % 3),
        "DTEND" + zone + third + "T220000",
        "SUMMARY:Rehearsal",
        "END:VEVENT");
    if (moved % 2 == 0) {
      lines(
          text,
          "BEGIN:VEVENT",
          "UID:lighthouse@harbour.example",
          "DTSTAMP:" + DAY.format(today) + "T000000Z",
          "DTSTART;VALUE=DATE:" + DAY.format(saturday),
          "SUMMARY:Visit to the lighthouse",
          "END:VEVENT");
    }
    lines(text, "END:VCALENDAR");
    return text.toString();
  }

  private static void lines(StringBuilder text, String... lines) {
    for (String line : lines) {
      text.append(line).append("\r\n");
    }
  }
}

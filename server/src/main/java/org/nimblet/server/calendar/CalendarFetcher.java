package org.nimblet.server.calendar;

import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.nimblet.server.platform.NimbletSettings;
import org.nimblet.server.standin.StandInCalendar;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Fetches calendars from addresses. Only hosts that the settings name are asked, so that nobody can
 * make the server call at doors inside its own network.
 */
@Component
class CalendarFetcher {

  private static final Set<String> SCHEMES = Set.of("http", "https");

  private final List<String> hosts;
  private final ObjectProvider<StandInCalendar> standIn;
  private final Duration patience;
  private final HttpClient client;

  CalendarFetcher(NimbletSettings settings, ObjectProvider<StandInCalendar> standIn) {
    this.hosts = settings.calendar().hosts();
    this.standIn = standIn;
    this.patience = settings.calendar().patience();
    this.client =
        HttpClient.newBuilder()
            .connectTimeout(patience)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
  }

  /**
   * The text of a calendar.
   *
   * @throws UnreadableCalendarException if there is none to be had
   */
  String fetch(String address) {
    URI uri = uri(address);
    CompletableFuture<HttpResponse<byte[]>> answer =
        client.sendAsync(
            HttpRequest.newBuilder(uri).timeout(patience).build(),
            head -> new FirstBytes(CalendarReader.LARGEST_BYTES + 1));
    try {
      HttpResponse<byte[]> response = answer.get(patience.toMillis(), TimeUnit.MILLISECONDS);
      if (response.statusCode() != HttpStatus.OK.value()) {
        throw new UnreadableCalendarException(
            "There is no calendar at %s (answer %d).".formatted(address, response.statusCode()));
      }
      return new String(response.body(), StandardCharsets.UTF_8);
    } catch (TimeoutException e) {
      answer.cancel(true);
      throw slow(address);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof HttpTimeoutException) {
        throw slow(address);
      }
      throw new UnreadableCalendarException(
          e.getCause() instanceof ConnectException
              ? "%s cannot be reached.".formatted(address)
              : "%s broke off while it was read.".formatted(address));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw slow(address);
    }
  }

  private UnreadableCalendarException slow(String address) {
    return new UnreadableCalendarException(
        "%s did not answer within %d s.".formatted(address, patience.toSeconds()));
  }

  /** A subscription's address is a web address by another name. */
  private URI uri(String address) {
    URI uri;
    try {
      uri = URI.create(address.strip().replaceFirst("(?i)^webcal:", "http:"));
    } catch (IllegalArgumentException e) {
      throw new UnreadableCalendarException(
          "(%s) is no address such as https://calendar.example/mine.ics.".formatted(address));
    }
    String scheme = String.valueOf(uri.getScheme()).toLowerCase(Locale.ROOT);
    String host = String.valueOf(uri.getAuthority());
    boolean allowed =
        hosts.contains(host) || standIn.stream().anyMatch(service -> service.host().equals(host));
    if (!SCHEMES.contains(scheme) || !allowed) {
      throw new UnreadableCalendarException(
          "(%s) is not read from: the settings of this server (nimblet.calendar.hosts) allow %s. Save the calendar as a file and bring that in."
              .formatted(address, hosts.isEmpty() ? "no host" : String.join(", ", hosts)));
    }
    return uri;
  }
}

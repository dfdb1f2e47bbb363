package org.nimblet.server.calendar;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.nimblet.server.calendar.CalendarForms.FeedForm;
import org.nimblet.server.calendar.CalendarForms.FeedView;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.platform.PublicAddress;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The planned sessions as a calendar. */
@RestController
class FeedController {

  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  private final FeedService feeds;
  private final PublicAddress address;

  FeedController(FeedService feeds, PublicAddress address) {
    this.feeds = feeds;
    this.address = address;
  }

  @GetMapping("/api/clients/{clientId}/feed")
  FeedView feed(@PathVariable("clientId") ClientFile client) {
    return view(client, null);
  }

  /** Makes the feed or gives it a new secret; only this answer tells the address. */
  @PostMapping("/api/clients/{clientId}/feed")
  @ResponseStatus(HttpStatus.CREATED)
  FeedView renewFeed(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody FeedForm form) {
    String secret = feeds.renew(client, form);
    return view(client, address.of("/feed/" + secret + ".ics"));
  }

  @DeleteMapping("/api/clients/{clientId}/feed")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeFeed(@PathVariable("clientId") ClientFile client) {
    feeds.remove(client);
  }

  /** The calendar as a file. */
  @GetMapping("/api/clients/{clientId}/calendar.ics")
  ResponseEntity<String> calendarFile(
      @PathVariable("clientId") ClientFile client,
      @RequestParam(defaultValue = "0") int alarmMinutes,
      @RequestParam(defaultValue = "false") boolean breaks) {
    if (alarmMinutes < 0 || alarmMinutes > CalendarForms.LONGEST_ALARM) {
      throw new InvalidFieldException(
          "alarmMinutes",
          "(%d) must be 0 to %d.".formatted(alarmMinutes, CalendarForms.LONGEST_ALARM));
    }
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("sessions.ics").build().toString())
        .body(feeds.calendar(client, alarmMinutes, breaks));
  }

  /** The calendar for whoever knows the address, as calendar programs fetch it. */
  @GetMapping("/feed/{secret}.ics")
  ResponseEntity<String> secretFeed(@PathVariable String secret) {
    String calendar = feeds.behind(secret).orElseThrow(() -> new NotFoundException("calendar"));
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .cacheControl(CacheControl.maxAge(Duration.ofMinutes(15)).cachePrivate())
        .body(calendar);
  }

  private FeedView view(ClientFile client, String address) {
    return feeds
        .of(client)
        .map(feed -> new FeedView(true, feed.alarmMinutes, feed.breaks, feed.madeAt, address))
        .orElseGet(() -> new FeedView(false, 0, false, null, null));
  }
}

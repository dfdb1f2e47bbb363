package org.nimblet.server.live;

import jakarta.validation.constraints.PositiveOrZero;
import java.time.Duration;
import org.nimblet.server.account.Scope;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
class ChangesController {

  private final Scope scope;
  private final OpenPages pages;

  ChangesController(Scope scope, OpenPages pages) {
    this.scope = scope;
    this.pages = pages;
  }

  /**
   * Server-sent events: "person" with the identifier of a client of whom something changed, or with
   * nothing where it may have been anybody.
   *
   * @param silentMillis for how many milliseconds the page has shown answers without this line;
   *     what changed meanwhile is told first
   */
  @GetMapping(path = "/api/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter changes(
      @RequestParam(defaultValue = "0") @PositiveOrZero(message = "0 or more milliseconds.")
          long silentMillis) {
    return pages.open(scope.current(), Duration.ofMillis(silentMillis));
  }
}

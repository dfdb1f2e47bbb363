package org.nimblet.server.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.TwoAtOnce;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reasons for a word are dealt with, put off, and taken back. */
@RestController
@RequestMapping("/api/clients/{clientId}/attention/{reasonId}")
class DealingController {

  /** The farthest that something is put off. */
  private static final int DAYS = 60;

  private final DealingService dealing;
  private final Clock clock;

  DealingController(DealingService dealing, Clock clock) {
    this.clock = clock;
    this.dealing = dealing;
  }

  /** Dealt with; or put off until a day. */
  @PutMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void deal(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID reasonId,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          LocalDate until) {
    LocalDate today = LocalDate.ofInstant(clock.instant(), client.zone());
    if (until != null && (!until.isAfter(today) || until.isAfter(today.plusDays(DAYS)))) {
      throw new InvalidFieldException(
          "until", "(%s) must lie after today and within %d days.".formatted(until, DAYS));
    }
    TwoAtOnce.settle(() -> dealing.deal(client, reasonId, Optional.ofNullable(until)));
  }

  /** It shows again. */
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable("clientId") ClientFile client, @PathVariable UUID reasonId) {
    dealing.takeBack(client, reasonId);
  }
}

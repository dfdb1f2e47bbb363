package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.week.BlockBook.DayTime;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Times that are taken otherwise. */
@RestController
@RequestMapping("/api/clients/{clientId}/busy-times")
class BusyTimeController {

  private final BlockBook book;

  BusyTimeController(BlockBook book) {
    this.book = book;
  }

  /** A busy time; the next date if it ends before it starts. */
  record BusyTimeForm(
      @NotNull(message = "A date such as 2026-03-02.") LocalDate date,
      @Schema(type = "string", example = "14:00") @NotNull(message = "A time such as 14:00.")
          LocalTime startsAt,
      @Schema(type = "string", example = "15:30") @NotNull(message = "A time such as 15:30.")
          LocalTime endsAt) {}

  /** A busy time as stored. */
  record BusyTimeView(UUID id, BusyTimeForm time) {}

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  BusyTimeView createBusyTime(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody BusyTimeForm form) {
    if (form.startsAt().equals(form.endsAt())) {
      throw new InvalidFieldException(
          "endsAt", "(%s) must differ from the start.".formatted(form.endsAt()));
    }
    UUID id = book.putBusy(client, new DayTime(form.date(), form.startsAt(), form.endsAt()));
    book.changed(client);
    return new BusyTimeView(id, form);
  }

  @DeleteMapping("/{busyTimeId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void deleteBusyTime(@PathVariable("clientId") ClientFile client, @PathVariable UUID busyTimeId) {
    book.requireBusy(client, busyTimeId);
    book.removeBusy(client, busyTimeId);
    book.changed(client);
  }
}

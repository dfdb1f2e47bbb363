package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.BlockSentence;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.Preview;
import org.nimblet.server.week.BlockBook.BlockContent;
import org.nimblet.server.week.BlockBook.DayTime;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Blocks and busy times as people write them. */
@RestController
@RequestMapping("/api/clients/{clientId}/sentences")
class SentenceController {

  private final BlockBook book;
  private final SeriesDates seriesDates;
  private final Clock clock;

  SentenceController(BlockBook book, SeriesDates seriesDates, Clock clock) {
    this.book = book;
    this.seriesDates = seriesDates;
    this.clock = clock;
  }

  /** A sentence such as "Mon Wed Fri 18-20:30 practice from 1 Dec". */
  record SentenceForm(
      @NotNull(message = "A sentence.")
          @Size(max = BlockSentence.LONGEST, message = "Up to 200 characters.")
          @Schema(example = "Mon Wed Fri 18-20:30 practice from 1 Dec")
          String text) {}

  /**
   * What was understood.
   *
   * @param words for people
   * @param first the date of the first one
   * @param made how many blocks or busy times it is
   * @param blockIds the blocks that were made, in order; empty before
   * @param busyIds the busy times that were made, in order; empty before
   */
  record SentenceView(
      String words, LocalDate first, int made, List<UUID> blockIds, List<UUID> busyIds) {}

  /** What a sentence means; nothing is stored. */
  @PostMapping("/preview")
  Preview<SentenceView> readSentence(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody SentenceForm form) {
    BlockSentence sentence = read(client, form);
    return Preview.of(
        new SentenceView(
            sentence.words(), sentence.first(), dates(sentence).size(), List.of(), List.of()));
  }

  /** Puts what a sentence means into the days. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  SentenceView writeSentence(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody SentenceForm form) {
    BlockSentence sentence = read(client, form);
    List<DayTime> times =
        dates(sentence).stream()
            .map(date -> new DayTime(date, sentence.startsAt(), sentence.endsAt()))
            .toList();
    List<UUID> blocks = List.of();
    List<UUID> busy = List.of();
    if (sentence.activityId().isPresent()) {
      UUID activityId = UUID.fromString(sentence.activityId().get());
      ActivityFile activity = client.activity(activityId).orElseThrow();
      blocks =
          book.putBlocks(
              client,
              times.stream()
                  .map(
                      time ->
                          new BlockContent(
                              activity,
                              sentence.title(),
                              sentence.performance(),
                              time,
                              Optional.of(List.of())))
                  .toList(),
              sentence.rule());
    } else {
      busy = times.stream().map(time -> book.putBusy(client, time)).toList();
    }
    book.changed(client);
    return new SentenceView(sentence.words(), sentence.first(), times.size(), blocks, busy);
  }

  private List<LocalDate> dates(BlockSentence sentence) {
    return sentence
        .rule()
        .map(rule -> seriesDates.of("text", rule, sentence.first()))
        .orElse(List.of(sentence.first()));
  }

  private BlockSentence read(ClientFile client, SentenceForm form) {
    try {
      return BlockSentence.read(
          form.text(),
          LocalDate.ofInstant(clock.instant(), client.zone()),
          client.activities().stream()
              .map(
                  activity ->
                      new BlockSentence.Named(
                          activity.id().toString(),
                          activity.title(),
                          activity.kind(),
                          activity.discipline().alsoCalled()))
              .toList());
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException("text", e.getMessage());
    }
  }
}

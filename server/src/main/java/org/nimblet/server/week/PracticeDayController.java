package org.nimblet.server.week;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.core.schedule.PracticeDay;
import org.nimblet.core.schedule.PracticeDay.Part;
import org.nimblet.core.schedule.PracticeDay.PracticePartKind;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.Preview;
import org.nimblet.server.week.BlockBook.BlockContent;
import org.nimblet.server.week.BlockBook.DayTime;
import org.nimblet.server.week.PracticeDayForms.PracticeDayForm;
import org.nimblet.server.week.PracticeDayForms.PracticeDayView;
import org.nimblet.server.week.PracticeDayForms.PracticeProposal;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Days of practice: techniques with their breaks, a long break, the repertoire. */
@RestController
@RequestMapping("/api/clients/{clientId}/practice-days")
class PracticeDayController {

  private final BlockBook book;
  private final Clock clock;

  PracticeDayController(BlockBook book, Clock clock) {
    this.book = book;
    this.clock = clock;
  }

  /** What a day of practice begins as, and whether it could be put anywhere. */
  @GetMapping("/proposal")
  PracticeProposal proposal(@PathVariable("clientId") ClientFile client) {
    return PracticeDayForms.proposal(client, clock);
  }

  /** When everything would be; nothing is stored. */
  @PostMapping("/preview")
  Preview<PracticeDayView> previewPracticeDay(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody PracticeDayForm form) {
    activity(client, form);
    return Preview.of(PracticeDayForms.view(form, PracticeDayForms.day(form), List.of()));
  }

  /**
   * Puts it into the day: the techniques as one block with their breaks, the repertoire as another.
   */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  PracticeDayView putPracticeDay(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody PracticeDayForm form) {
    ActivityFile activity = activity(client, form);
    PracticeDay day = PracticeDayForms.day(form);
    List<BlockContent> contents = new ArrayList<>();
    List<Part> techniques =
        day.parts().stream()
            .filter(
                part ->
                    part.kind() == PracticePartKind.TECHNIQUE
                        || part.kind() == PracticePartKind.REST)
            .toList();
    if (!techniques.isEmpty()) {
      contents.add(
          new BlockContent(
              activity,
              "Technique",
              false,
              time(form, techniques.get(0), techniques.get(techniques.size() - 1)),
              Optional.of(parts(techniques))));
    }
    day.parts().stream()
        .filter(part -> part.kind() == PracticePartKind.REPERTOIRE)
        .map(
            part ->
                new BlockContent(
                    activity, part.title(), false, time(form, part, part), Optional.of(List.of())))
        .forEach(contents::add);
    if (!contents.isEmpty()
        && contents.stream().allMatch(content -> book.stands(client, content))) {
      throw new InvalidFieldException(
          "startsAt", "This day of practice stands there already; choose another start or day.");
    }
    List<UUID> ids = contents.stream().map(content -> book.putBlock(client, content)).toList();
    book.changed(client);
    return PracticeDayForms.view(form, day, ids);
  }

  private static ActivityFile activity(ClientFile client, PracticeDayForm form) {
    return client
        .activity(form.activityId())
        .orElseThrow(
            () ->
                new InvalidFieldException("activityId", "Choose one of the client's activities."));
  }

  private static DayTime time(PracticeDayForm form, Part first, Part last) {
    LocalDateTime start = form.date().atTime(form.startsAt());
    LocalDateTime from = start.plusMinutes(first.startMinute());
    return new DayTime(
        from.toLocalDate(),
        from.toLocalTime(),
        start.plusMinutes((long) last.startMinute() + last.minutes()).toLocalTime());
  }

  private static List<BlockPart> parts(List<Part> techniques) {
    List<BlockPart> parts = new ArrayList<>();
    for (int i = 0; i < techniques.size(); i++) {
      Part part = techniques.get(i);
      if (part.kind() == PracticePartKind.TECHNIQUE) {
        boolean rests =
            i + 1 < techniques.size() && techniques.get(i + 1).kind() == PracticePartKind.REST;
        parts.add(
            new BlockPart(
                part.title(),
                part.minutes(),
                rests ? techniques.get(i + 1).minutes() : 0,
                BlockPart.Certainty.KNOWN));
      }
    }
    return parts;
  }
}

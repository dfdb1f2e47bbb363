package org.nimblet.server.health;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.HealthRecord;
import org.nimblet.core.progress.HealthRecord.PainNow;
import org.nimblet.core.progress.HealthRecord.Raised;
import org.nimblet.core.progress.HealthWord.OfMinded;
import org.nimblet.core.progress.HealthWord.OfSign;
import org.nimblet.core.progress.PainHistory;
import org.nimblet.core.progress.SignAnswer;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.routine.Sign;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.health.HealthForms.ConditionView;
import org.nimblet.server.health.HealthForms.EarlierView;
import org.nimblet.server.health.HealthForms.HealthView;
import org.nimblet.server.health.HealthForms.MindedView;
import org.nimblet.server.health.HealthForms.MovementView;
import org.nimblet.server.health.HealthForms.PainNowView;
import org.nimblet.server.health.HealthForms.ScreeningEntryView;
import org.nimblet.server.health.HealthForms.SignView;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.CoachLibrary;
import org.springframework.stereotype.Component;

/** Shows what is known of somebody's health. */
@Component
class HealthViews {

  private static final int EARLIER = 6;

  private final HealthFiles files;
  private final HealthService service;
  private final CoachLibraries libraries;
  private final Clock clock;

  HealthViews(HealthFiles files, HealthService service, CoachLibraries libraries, Clock clock) {
    this.files = files;
    this.service = service;
    this.libraries = libraries;
    this.clock = clock;
  }

  HealthView of(ClientFile client) {
    Instant now = clock.instant();
    HealthRecord told = files.of(client);
    return new HealthView(
        told.pains(now).stream().map(HealthViews::pain).toList(),
        signs(told, now),
        entries(told),
        minded(client, told, LocalDate.ofInstant(now, client.zone())),
        Arrays.stream(Condition.values())
            .map(c -> new ConditionView(c, c.word(), c.adaptation(), c.hasPlace()))
            .toList(),
        Arrays.stream(Movement.values()).map(m -> new MovementView(m, m.word())).toList(),
        SafetyRules.ENDING_PAIN,
        PainHistory.STEADY_DAYS);
  }

  private static PainNowView pain(PainNow now) {
    Pain pain = now.pain();
    return new PainNowView(
        pain.side(),
        pain.region(),
        pain.region().word(),
        pain.level(),
        pain.course(),
        now.saidOn(),
        now.since().orElse(null),
        PainDose.of(pain.level(), pain.course()).words(),
        now.earlier().stream()
            .limit(EARLIER)
            .map(earlier -> new EarlierView(earlier.date(), earlier.level()))
            .toList());
  }

  private List<SignView> signs(HealthRecord told, Instant now) {
    List<OfSign> open = told.openSigns();
    List<Raised> raised = told.raised(now);
    List<SignView> views = new ArrayList<>();
    for (ReferralSign sign : ReferralSign.values()) {
      String raisedBy =
          raised.stream()
              .filter(one -> one.sign().sign() == sign)
              .map(Raised::words)
              .collect(Collectors.joining("; "));
      List<OfSign> standing = open.stream().filter(said -> said.sign() == sign).toList();
      standing.forEach(said -> views.add(standing(said, told, raisedBy)));
      if (standing.isEmpty()) {
        views.add(notStanding(sign, last(told, sign), told, raisedBy));
      }
    }
    return views;
  }

  private static Optional<OfSign> last(HealthRecord told, ReferralSign sign) {
    return told.signs().stream()
        .filter(said -> said.sign() == sign)
        .reduce((earlier, later) -> later);
  }

  private SignView standing(OfSign said, HealthRecord told, String raisedBy) {
    Sign sign = told.sign(said);
    return new SignView(
        said.sign(),
        said.sign().word(),
        SignAnswer.YES,
        said.id(),
        sign.side(),
        said.regions(),
        sign.place(),
        said.since(),
        told.dateOf(said),
        sign.consequence(),
        said.words(),
        raisedBy,
        service.mayTakeBack(said));
  }

  private static SignView notStanding(
      ReferralSign sign, Optional<OfSign> said, HealthRecord told, String raisedBy) {
    return new SignView(
        sign,
        sign.word(),
        said.map(OfSign::answer).orElse(SignAnswer.NOT_ASKED),
        null,
        said.flatMap(OfSign::side).orElse(null),
        said.map(OfSign::regions).orElse(List.of()),
        said.map(one -> place(one, told)).orElse(""),
        said.map(OfSign::since).orElse(""),
        said.map(told::dateOf).orElse(null),
        "",
        said.map(OfSign::words).orElse(""),
        raisedBy,
        false);
  }

  private static String place(OfSign said, HealthRecord told) {
    return said.side().isEmpty() ? "" : told.sign(said).place();
  }

  private static List<ScreeningEntryView> entries(HealthRecord told) {
    List<ScreeningEntryView> views = new ArrayList<>();
    for (OfSign said : told.signs()) {
      views.add(
          new ScreeningEntryView(
              told.dateOf(said),
              said.sign(),
              said.sign().word(),
              said.answer(),
              place(said, told),
              said.answer() == SignAnswer.YES ? said.since() : said.words()));
    }
    Collections.reverse(views);
    return views;
  }

  private List<MindedView> minded(ClientFile client, HealthRecord told, LocalDate today) {
    CoachLibrary library = libraries.of(client.coachId());
    List<UUID> holding = told.holding(today).stream().map(OfMinded::id).toList();
    return told.minded().stream()
        .map(
            thing ->
                new MindedView(
                    thing.id(),
                    thing.kind(),
                    thing.sides(),
                    thing.condition().orElse(null),
                    thing.region().orElse(null),
                    thing.movement().orElse(null),
                    thing.exerciseId().orElse(null),
                    thing
                        .exerciseId()
                        .flatMap(library::find)
                        .map(Exercise::title)
                        .orElseGet(thing::name),
                    thing.words(),
                    told.dateOf(thing),
                    thing.until().orElse(null),
                    thing.endedAt().map(at -> LocalDate.ofInstant(at, client.zone())).orElse(null),
                    holding.contains(thing.id())))
        .toList();
  }
}

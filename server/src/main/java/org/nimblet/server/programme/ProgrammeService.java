package org.nimblet.server.programme;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.Anchor;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.PlanRequest;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.programme.ProgrammeFiles.ProgrammeFile;
import org.nimblet.server.programme.ProgrammeForms.ObligationForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeChoices;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what clients are on. */
@Service
public class ProgrammeService {

  private final Programmes programmes;
  private final StoredObligations obligations;
  private final ProgrammeFiles files;
  private final PlanService plans;
  private final Clock clock;

  ProgrammeService(
      Programmes programmes,
      StoredObligations obligations,
      ProgrammeFiles files,
      PlanService plans,
      Clock clock) {
    this.programmes = programmes;
    this.obligations = obligations;
    this.files = files;
    this.plans = plans;
    this.clock = clock;
  }

  /** The programme a person is on, if they are on one. */
  @Transactional(readOnly = true)
  public Optional<ProgrammeView> current(Person person) {
    return programmes
        .findFirstByClientIdAndEndedAtNullOrderByStartsOnDescIdAsc(person.id())
        .map(programme -> view(person, programme));
  }

  /** What can be chosen while the programme of a person is written. */
  @Transactional(readOnly = true)
  public ProgrammeChoices choices(Person person) {
    return ProgrammeViews.choices(
        person.client(),
        LocalDate.now(clock.withZone(person.client().zone())),
        programmes.findFirstByClientIdAndEndedAtNullOrderByStartsOnDescIdAsc(person.id()));
  }

  private ProgrammeView view(Person person, Programme programme) {
    return ProgrammeViews.of(
        person,
        programme,
        obligations.findByProgrammeIdOrderByPlaceAsc(programme.id),
        files.current(person.client()).map(ProgrammeFile::obligations).orElse(List.of()));
  }

  /** Puts a person on a programme, or changes the one they are on. */
  @Transactional
  public ProgrammeView save(Person person, ProgrammeForm form) {
    ClientFile client = person.client();
    check(client, form);
    Programme programme =
        programmes
            .findFirstByClientIdAndEndedAtNullOrderByStartsOnDescIdAsc(client.id())
            .orElse(null);
    if (programme == null) {
      programme = new Programme();
      programme.id = UUID.randomUUID();
      programme.coachId = client.coachId();
      programme.clientId = client.id();
      programme.madeAt = clock.instant();
    } else if (programme.version != form.version()) {
      throw new ConflictException(
          "Somebody else changed this programme meanwhile.",
          view(person, programme),
          List.of("obligations"));
    }
    programme.title = form.title().strip();
    programme.target = form.target().strip();
    programme.startsOn = form.startsOn();
    programme.reviewsOn = form.reviewsOn();
    programme.endsOn = form.endsOn();
    programme.dailySessions = form.sessionsADay();
    programme.dailyMinutes = form.minutesADay();
    programme = programmes.saveAndFlush(programme);
    write(client, programme, form.obligations());
    plans.agree(client);
    return view(person, programme);
  }

  /** Obligations keep their row where they keep their place, so that what was agreed stays. */
  private void write(ClientFile client, Programme programme, List<ObligationForm> forms) {
    List<StoredObligation> before = obligations.findByProgrammeIdOrderByPlaceAsc(programme.id);
    for (int i = 0; i < forms.size(); i++) {
      ObligationForm form = forms.get(i);
      StoredObligation row = i < before.size() ? before.get(i) : new StoredObligation();
      if (row.id == null) {
        row.id = UUID.randomUUID();
        row.coachId = programme.coachId;
        row.clientId = programme.clientId;
        row.programmeId = programme.id;
      }
      row.place = i;
      row.purpose = form.purpose();
      row.minutes = form.minutes();
      row.frequency = form.frequency();
      row.anchor = StoredAnchor.of(AnchorText.parse(form.anchor(), client));
      row.heavy = form.heavy();
      row.notOn = form.notOn().stream().sorted().toList();
      obligations.save(row);
    }
    if (forms.size() < before.size()) {
      obligations.deleteAll(before.subList(forms.size(), before.size()));
    }
    obligations.flush();
  }

  /** Ends the programme; what was done under it stays in the log. */
  @Transactional
  public void end(ClientFile client) {
    Programme programme =
        programmes
            .findFirstByClientIdAndEndedAtNullOrderByStartsOnDescIdAsc(client.id())
            .orElseThrow(() -> new NotFoundException("programme"));
    programme.endedAt = clock.instant();
    programmes.saveAndFlush(programme);
    plans.agree(client);
  }

  private static void check(ClientFile client, ProgrammeForm form) {
    if (form.endsOn().isBefore(form.startsOn())) {
      throw new InvalidFieldException(
          "endsOn", "(%s) must not come before %s.".formatted(form.endsOn(), form.startsOn()));
    }
    if (form.reviewsOn().isBefore(form.startsOn()) || form.reviewsOn().isAfter(form.endsOn())) {
      throw new InvalidFieldException(
          "reviewsOn",
          "(%s) must lie from %s to %s."
              .formatted(form.reviewsOn(), form.startsOn(), form.endsOn()));
    }
    List<Obligation> all = new ArrayList<>();
    for (int i = 0; i < form.obligations().size(); i++) {
      ObligationForm one = form.obligations().get(i);
      String field = "obligations[%d].".formatted(i);
      Anchor anchor;
      try {
        anchor = AnchorText.parse(one.anchor(), client);
      } catch (IllegalArgumentException e) {
        throw new InvalidFieldException(
            field + "anchor", "(%s) must be %s".formatted(one.anchor(), AnchorText.RULE));
      }
      try {
        all.add(
            new Obligation(
                String.valueOf(i),
                one.purpose(),
                one.minutes(),
                one.frequency(),
                anchor,
                one.heavy(),
                one.notOn()));
      } catch (IllegalArgumentException e) {
        throw new InvalidFieldException(field + "frequency", e.getMessage() + ".");
      }
    }
    long spaced = all.stream().filter(Obligation::maySpace).count();
    int lines = all.stream().mapToInt(Obligation::mostLines).sum();
    if (spaced > PlanRequest.MOST_SPACED || lines > PlanRequest.MOST_LINES) {
      throw new InvalidFieldException(
          "obligations",
          "At most %d sessions a day stand free of blocks, at most %d of them some times a week."
              .formatted(PlanRequest.MOST_LINES, PlanRequest.MOST_SPACED));
    }
  }
}

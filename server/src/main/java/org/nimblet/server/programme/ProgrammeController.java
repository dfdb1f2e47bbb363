package org.nimblet.server.programme;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.schedule.Anchor;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.core.schedule.PlanRequest;
import org.nimblet.core.schedule.ProgrammeTemplate;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.programme.ProgrammeFiles.Work;
import org.nimblet.server.programme.ProgrammeForms.ObligationForm;
import org.nimblet.server.programme.ProgrammeForms.ObligationView;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeTemplateView;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeView;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ProgrammeController {

  private final ClientFiles clients;
  private final Programmes programmes;
  private final StoredObligations obligations;
  private final ProgrammeFiles files;
  private final PlanService plans;
  private final Clock clock;

  ProgrammeController(
      ClientFiles clients,
      Programmes programmes,
      StoredObligations obligations,
      ProgrammeFiles files,
      PlanService plans,
      Clock clock) {
    this.clients = clients;
    this.programmes = programmes;
    this.obligations = obligations;
    this.files = files;
    this.plans = plans;
    this.clock = clock;
  }

  /** The programmes that ship. */
  @GetMapping("/programmes")
  List<ProgrammeTemplateView> templates() {
    return ProgrammeTemplate.all().stream()
        .map(
            template ->
                new ProgrammeTemplateView(
                    template.id(),
                    template.title(),
                    template.aim(),
                    template.weeks(),
                    template.reviewWeeks(),
                    PlanRequest.Limits.USUAL.sessions(),
                    PlanRequest.Limits.USUAL.minutes(),
                    template.obligations().stream()
                        .map(
                            o ->
                                new ObligationForm(
                                    o.purpose(),
                                    o.minutes(),
                                    o.frequency(),
                                    o.anchor().word().toUpperCase(Locale.ROOT),
                                    o.heavy(),
                                    o.notOn()))
                        .toList()))
        .toList();
  }

  /** The programme a client is on: a list of one, or an empty one. */
  @GetMapping("/clients/{clientId}/programme")
  @Transactional(readOnly = true)
  public List<ProgrammeView> programme(@PathVariable UUID clientId) {
    ClientFile client = clients.require(clientId);
    return programmes
        .findFirstByClientIdAndEndedAtNullOrderByStartsOnDescIdAsc(client.id())
        .map(programme -> List.of(view(programme, client)))
        .orElse(List.of());
  }

  /** Puts a client on a programme, or changes the one they are on. */
  @PutMapping("/clients/{clientId}/programme")
  @Transactional
  public ProgrammeView save(@PathVariable UUID clientId, @Valid @RequestBody ProgrammeForm form) {
    ClientFile client = clients.require(clientId);
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
          view(programme, client),
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
    write(programme, form.obligations());
    plans.agree(client);
    return view(programme, client);
  }

  /** Obligations keep their row where they keep their place, so that what was agreed stays. */
  private void write(Programme programme, List<ObligationForm> forms) {
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
      row.anchor = form.anchor();
      row.heavy = form.heavy();
      row.notOn = form.notOn().stream().sorted().map(Enum::name).toList();
      obligations.save(row);
    }
    if (forms.size() < before.size()) {
      obligations.deleteAll(before.subList(forms.size(), before.size()));
    }
    obligations.flush();
  }

  /** Ends the programme; what was done under it stays in the log. */
  @DeleteMapping("/clients/{clientId}/programme")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void end(@PathVariable UUID clientId) {
    ClientFile client = clients.require(clientId);
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

  private ProgrammeView view(Programme programme, ClientFile client) {
    List<StoredObligation> rows = obligations.findByProgrammeIdOrderByPlaceAsc(programme.id);
    List<Obligation> all =
        files.current(client).map(ProgrammeFiles.ProgrammeFile::obligations).orElse(List.of());
    Map<String, Work> works = files.works(client, all);
    return new ProgrammeView(
        programme.id,
        new ProgrammeForm(
            programme.version,
            programme.title,
            programme.target,
            programme.startsOn,
            programme.reviewsOn,
            programme.endsOn,
            programme.dailySessions,
            programme.dailyMinutes,
            rows.stream()
                .map(
                    row ->
                        new ObligationForm(
                            row.purpose,
                            row.minutes,
                            row.frequency,
                            row.anchor,
                            row.heavy,
                            row.notOn.stream().map(DayOfWeek::valueOf).collect(Collectors.toSet())))
                .toList()),
        all.stream().map(o -> view(o, works.get(o.id()))).toList(),
        painWords(all, works));
  }

  private static ObligationView view(Obligation obligation, Work work) {
    Frequency often = obligation.frequency(work.dose());
    boolean forbidden =
        obligation.frequency() == Frequency.BY_PAIN
            && work.dose().often() == PainDose.Often.NOT_AT_ALL;
    boolean ownPlace = !often.attached() && often != Frequency.MORNING_AND_NIGHT;
    return new ObligationView(
        obligation.id(),
        obligation.purpose(),
        obligation.minutes(),
        often,
        forbidden
            ? work.dose().words()
            : often.words() + (ownPlace ? ", " + obligation.anchor().word() : ""),
        obligation.frequency() == Frequency.BY_PAIN,
        obligation.heavy(),
        limits(work));
  }

  private static List<String> limits(Work work) {
    if (work.forbidden().isPresent()) {
      return List.of("Not placed: " + work.forbidden().get());
    }
    return work.forbiddenToday()
        .map(why -> List.of("Not placed today: " + why))
        .orElse(work.limits());
  }

  /** What pain makes of the obligations that follow it. */
  private static String painWords(List<Obligation> all, Map<String, Work> works) {
    return all.stream()
        .filter(o -> o.frequency() == Frequency.BY_PAIN)
        .map(o -> works.get(o.id()))
        .map(work -> "%s: %s.".formatted(words(work.pains()), work.dose().words()))
        .distinct()
        .collect(Collectors.joining(" "));
  }

  private static String words(List<Pain> pains) {
    return pains.stream()
        .max(Comparator.comparingInt(Pain::level))
        .map(ProgrammeController::words)
        .orElse("No pain told of what this works");
  }

  private static String words(Pain pain) {
    return "%s %s %d, %s"
        .formatted(
            pain.side() == Side.LEFT ? "Left" : "Right",
            pain.region().word(),
            pain.level(),
            pain.course().word());
  }
}

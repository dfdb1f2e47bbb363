package org.nimblet.server.programme;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.Anchor;
import org.nimblet.core.schedule.Contents;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.PlanRequest;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.programme.ProgrammeFiles.ProgrammeFile;
import org.nimblet.server.programme.ProgrammeForms.ContentsAsked;
import org.nimblet.server.programme.ProgrammeForms.ContentsForm;
import org.nimblet.server.programme.ProgrammeForms.ContentsView;
import org.nimblet.server.programme.ProgrammeForms.ObligationForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeChoices;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeView;
import org.nimblet.server.routine.RoutineRequests;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.nimblet.server.routine.SessionContents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what clients are on. */
@Service
public class ProgrammeService {

  private final Programmes programmes;
  private final StoredObligations obligations;
  private final ProgrammeFiles files;
  private final PlanService plans;
  private final SessionContents contents;
  private final Clock clock;

  ProgrammeService(
      Programmes programmes,
      StoredObligations obligations,
      ProgrammeFiles files,
      PlanService plans,
      SessionContents contents,
      Clock clock) {
    this.programmes = programmes;
    this.obligations = obligations;
    this.files = files;
    this.plans = plans;
    this.contents = contents;
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
        files.current(person.client()).map(ProgrammeFile::obligations).orElse(List.of()),
        kept -> contents.words(person, kept));
  }

  /** What would be in a session of an obligation, as things stand. */
  @Transactional(readOnly = true)
  public ContentsView look(Person person, ContentsAsked asked) {
    Contents wanted = contents(person, asked.purpose(), asked.contents(), "contents");
    boolean kept = wanted instanceof Contents.Kept;
    return new ContentsView(
        contents.look(person, asked.purpose(), asked.minutes(), wanted),
        kept ? contents.minutes(person, (Contents.Kept) wanted) : asked.minutes(),
        kept ? contents.newest(person.client(), (Contents.Kept) wanted) : 0,
        ProgrammeViews.zones(
            RoutineRequests.lineOfWork(
                person, RoutineRequests.factsToday(person), asked.purpose(), asked.heavy())));
  }

  /** What the programme of a person asks for; nothing if they are on none. */
  @Transactional(readOnly = true)
  public List<Obligation> asked(Person person) {
    return files.current(person.client()).map(ProgrammeFile::obligations).orElse(List.of());
  }

  /** How many minutes a day may stand free in the programme of a person, if they are on one. */
  @Transactional(readOnly = true)
  public OptionalInt minutesADay(Person person) {
    return files
        .current(person.client())
        .map(file -> OptionalInt.of(file.limits().minutes()))
        .orElseGet(OptionalInt::empty);
  }

  /**
   * A planned session, ready to be played.
   *
   * @param lineId the line it was planned for; empty if it belongs to a block
   */
  @Transactional(readOnly = true)
  public RoutineView play(Person person, Purpose purpose, int minutes, Optional<String> lineId) {
    Contents wanted =
        files
            .current(person.client())
            .flatMap(programme -> programme.obligationOf(purpose, lineId))
            .map(Obligation::contents)
            .orElse(Contents.ANEW);
    return contents.play(person, purpose, minutes, wanted);
  }

  private Contents contents(Person person, Purpose purpose, ContentsForm form, String field) {
    if (form == null) {
      return Contents.ANEW;
    }
    if (form.routineId() != null) {
      return contents.kept(
          person.client(),
          form.routineId(),
          Optional.ofNullable(form.routineVersion()),
          purpose,
          field);
    }
    try {
      Contents.Composed composed =
          new Contents.Composed(form.required(), Optional.ofNullable(form.theme()));
      contents.check(person.library().library(), purpose, composed, field);
      return composed;
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException(field + ".required", e.getMessage() + ".");
    }
  }

  private List<Obligation> obligations(Person person, ProgrammeForm form) {
    List<Obligation> all = new ArrayList<>();
    for (int i = 0; i < form.obligations().size(); i++) {
      all.add(obligation(person, form.obligations().get(i), i));
    }
    return all;
  }

  /** An obligation as it was written; one with a routine of the shelf is as long as that. */
  private Obligation obligation(Person person, ObligationForm form, int index) {
    String field = "obligations[%d].".formatted(index);
    Anchor anchor;
    try {
      anchor = AnchorText.parse(form.anchor(), person.client());
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException(
          field + "anchor", "(%s) must be %s".formatted(form.anchor(), AnchorText.RULE));
    }
    Contents wanted = contents(person, form.purpose(), form.contents(), field + "contents");
    try {
      return new Obligation(
          String.valueOf(index),
          form.purpose(),
          wanted instanceof Contents.Kept kept ? contents.minutes(person, kept) : form.minutes(),
          form.frequency(),
          anchor,
          form.heavy(),
          form.notOn(),
          wanted);
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException(field + "frequency", e.getMessage() + ".");
    }
  }

  /** Puts a person on a programme, or changes the one they are on. */
  @Transactional
  public ProgrammeView save(Person person, ProgrammeForm form) {
    ClientFile client = person.client();
    checkDates(form);
    List<Obligation> wanted = obligations(person, form);
    checkCounts(wanted);
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
    write(programme, wanted);
    plans.agree(client);
    return view(person, programme);
  }

  /** Obligations keep their row where they keep their place, so that what was agreed stays. */
  private void write(Programme programme, List<Obligation> wanted) {
    List<StoredObligation> before = obligations.findByProgrammeIdOrderByPlaceAsc(programme.id);
    for (int i = 0; i < wanted.size(); i++) {
      Obligation obligation = wanted.get(i);
      StoredObligation row = i < before.size() ? before.get(i) : new StoredObligation();
      if (row.id == null) {
        row.id = UUID.randomUUID();
        row.coachId = programme.coachId;
        row.clientId = programme.clientId;
        row.programmeId = programme.id;
      }
      row.place = i;
      row.purpose = obligation.purpose();
      row.minutes = obligation.minutes();
      row.frequency = obligation.frequency();
      row.anchor = StoredAnchor.of(obligation.anchor());
      row.heavy = obligation.heavy();
      row.notOn = obligation.notOn().stream().sorted().toList();
      row.contents = StoredContents.of(obligation.contents());
      obligations.save(row);
    }
    if (wanted.size() < before.size()) {
      obligations.deleteAll(before.subList(wanted.size(), before.size()));
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

  private static void checkDates(ProgrammeForm form) {
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
  }

  private static void checkCounts(List<Obligation> all) {
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

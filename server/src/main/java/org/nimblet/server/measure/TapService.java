package org.nimblet.server.measure;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.measure.Device;
import org.nimblet.core.measure.Pace;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.measure.TapTask;
import org.nimblet.core.measure.Tapping;
import org.nimblet.core.measure.TestedTaps;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.OpenDrills;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.TapForms.TapForm;
import org.nimblet.server.measure.TapForms.TapKeptView;
import org.nimblet.server.measure.TapForms.TapResultView;
import org.nimblet.server.measure.TapForms.TapRow;
import org.nimblet.server.measure.TapForms.TapTaskForm;
import org.nimblet.server.measure.TapForms.TapTaskView;
import org.nimblet.server.measure.TapForms.TapTestForm;
import org.nimblet.server.measure.TapForms.TapTestsView;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.routine.RoutineRequests;
import org.nimblet.server.routine.SafetyView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tap tests of a person: what is asked, what was tapped, what it says. */
@Service
class TapService {

  private static final int SECONDS_OF_A_TEST = 60;

  private final TapTests tests;
  private final ConditionsReader conditions;
  private final TestSessions sessions;

  TapService(TapTests tests, ConditionsReader conditions, TestSessions sessions) {
    this.tests = tests;
    this.conditions = conditions;
    this.sessions = sessions;
  }

  /** A test with what it said. */
  record Kept(TapTest row, TestedTaps tested) {}

  private List<Kept> all(ClientFile client) {
    return tests.findByClientIdOrderByTestedAtAscIdAsc(client.id()).stream()
        .map(row -> read(row, client))
        .toList();
  }

  private static Kept read(TapTest row, ClientFile client) {
    return new Kept(
        row,
        new TestedTaps(
            row.conditions.read(row.testedAt, client.zone()),
            Tapping.of(
                row.task(),
                row.conditions.read(row.testedAt, client.zone()).device(),
                row.taps.stream().map(TapTest.StoredTap::tap).toList())));
  }

  /** All tests, the latest first. */
  @Transactional(readOnly = true)
  TapTestsView all(Person person, boolean standIn) {
    List<Kept> kept = all(person.client());
    return new TapViews(person.client().notation())
        .all(kept, bpm(kept, everyTransition(false)), standIn);
  }

  private static List<Digit> everyTransition(boolean thumb) {
    return Circle.of(Circle.What.TRANSITIONS, thumb ? List.of(Digit.values()) : Digit.FINGERS, 0)
        .taps();
  }

  /** At which tempo somebody taps a row next: a rung up once it was even, else where they were. */
  private static int bpm(List<Kept> kept, List<Digit> digits) {
    return kept.stream()
        .filter(one -> one.row().bpm != null && one.row().digits.equals(digits))
        .reduce((first, second) -> second)
        .map(last -> nextBpm(last) == null ? last.row().bpm : nextBpm(last))
        .orElse(Tapping.FIRST_BPM);
  }

  /** The next tempo where a test was even enough; null where it was not, or nothing clicked. */
  static Integer nextBpm(Kept kept) {
    if (kept.row().bpm == null) {
      return null;
    }
    OptionalInt faster = kept.tested().tapping().faster(kept.row().bpm);
    return faster.isPresent() ? faster.getAsInt() : null;
  }

  /** A test, ready to be tapped. */
  @Transactional(readOnly = true)
  TapTaskView task(Person person, TapTaskForm form) {
    Integer bpm = bpm(person, form);
    TapTask task = asked(form, bpm);
    return new TapViews(person.client().notation())
        .task(task, form, bpm, closed(person, task).orElse(null), SafetyView.of(person));
  }

  /** What is asked for, at the tempo at which it would be asked for now. */
  @Transactional(readOnly = true)
  TapTask asked(Person person, TapTaskForm form) {
    return asked(form, bpm(person, form));
  }

  private Integer bpm(Person person, TapTaskForm form) {
    if (form.pace() != Pace.CLICK_THEN_ALONE) {
      return null;
    }
    return form.bpm() == null
        ? Integer.valueOf(bpm(all(person.client()), digits(form)))
        : form.bpm();
  }

  private static TapTask asked(TapTaskForm form, Integer bpm) {
    return new TapTask(
        form.pace(),
        digits(form),
        form.hands(),
        bpm == null ? OptionalInt.empty() : OptionalInt.of(bpm * form.notesABeat()));
  }

  private static List<Digit> digits(TapTaskForm form) {
    if (form.pace() == Pace.SPEED && form.what() != TapRow.ONE) {
      throw new InvalidFieldException("what", "ONE: speed is counted of one finger.");
    }
    return switch (form.what()) {
      case TRANSITIONS -> everyTransition(form.thumb());
      case ORDER -> form.thumb() ? List.of(Digit.values()) : Digit.FINGERS;
      case PAIR -> pair(form);
      case ONE -> List.of(given("from", form.from()));
    };
  }

  private static List<Digit> pair(TapTaskForm form) {
    Digit from = given("from", form.from());
    Digit to = given("to", form.to());
    if (from == to) {
      throw new InvalidFieldException("to", "Another finger than the first.");
    }
    return List.of(from, to);
  }

  private static Digit given(String field, Digit digit) {
    if (digit == null) {
      throw new InvalidFieldException(field, MeasureForms.DIGIT_RULE);
    }
    return digit;
  }

  private static Optional<String> closed(Person person, TapTask task) {
    OpenDrills open = open(person);
    return task.sides().stream()
        .flatMap(side -> open.closed(side, new HashSet<>(task.rowOf(side))).stream())
        .findFirst();
  }

  /** What is open to somebody to be tested. */
  static OpenDrills open(Person person) {
    return new OpenDrills(
        RoutineRequests.of(
            person,
            person.today(),
            Purpose.INDEPENDENCE,
            SECONDS_OF_A_TEST,
            Optional.empty(),
            Around.NOTHING,
            List.of()));
  }

  /**
   * Keeps a test as a session, and what was tapped if it was done to its end; what is known already
   * is passed over.
   */
  @Transactional
  TapKeptView keep(Person person, TapTestForm form) {
    TapTask task = checked(form);
    String doing = new TapViews(person.client().notation()).doing(task, form.notesABeat());
    boolean done = form.frame().ending() == SessionEnding.DONE;
    List<Evenness> evenness = List.of();
    if (done && !tests.existsById(form.frame().testId())) {
      List<Tap> taps = form.taps().stream().map(TapForm::tap).toList();
      evenness = measured(task, form.device().device(), taps).evenness();
      save(person, form, taps);
    }
    sessions.keep(person, form.frame(), "Tap test", doing, task.sides(), evenness);
    return new TapKeptView(done ? result(person, form.frame().testId()) : null);
  }

  private static TapTask checked(TapTestForm form) {
    if (form.pace() == Pace.SPEED && form.digits().size() > 1) {
      throw new InvalidFieldException("digits", "One digit: speed is counted of one finger.");
    }
    if ((form.pace() == Pace.CLICK_THEN_ALONE) != (form.bpm() != null)) {
      throw new InvalidFieldException(
          "bpm", form.bpm() == null ? "The tempo of the click." : "Left out: without a click.");
    }
    return form.task();
  }

  /**
   * Measures.
   *
   * @throws InvalidFieldException if what was tapped is too unlike what was asked for
   */
  static Tapping measured(TapTask task, Device device, List<Tap> taps) {
    try {
      return Tapping.of(task, device, taps);
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException("taps", e.getMessage() + ".");
    }
  }

  private void save(Person person, TapTestForm form, List<Tap> taps) {
    TapTest row = new TapTest();
    row.id = form.frame().testId();
    row.testedAt = form.frame().beganAt();
    row.pace = form.pace();
    row.digits = form.digits();
    row.hands = form.hands();
    row.bpm = form.bpm();
    row.perBeat = form.notesABeat();
    save(person, row, form.device().device(), taps);
  }

  private void save(Person person, TapTest row, Device device, List<Tap> taps) {
    row.coachId = person.client().coachId();
    row.clientId = person.id();
    row.taps = taps.stream().map(TapTest.StoredTap::of).toList();
    row.conditions = StoredConditions.of(conditions.of(person, row.testedAt, device));
    tests.save(row);
  }

  /** Keeps a test that was played elsewhere. */
  @Transactional
  TapResultView file(Person person, TapTaskForm form, TapFile file) {
    if (form.pace() == Pace.CLICK_THEN_ALONE) {
      throw new InvalidFieldException(
          "pace", "OWN or SPEED: a file does not say when a click sounded.");
    }
    TapTask asked = asked(form, null);
    OptionalInt made =
        form.pace() == Pace.OWN ? OptionalInt.of(file.most(asked.sides())) : OptionalInt.empty();
    List<Tap> taps = file.taps(asked.sides(), asked.row());
    TapTask task = new TapTask(asked.pace(), asked.row(), asked.hands(), OptionalInt.empty(), made);
    Device device = new Device(Device.DeviceKind.MIDI_FILE, "");
    measured(task, device, taps);
    TapTest row = new TapTest();
    row.id = UUID.randomUUID();
    row.testedAt = person.now();
    row.pace = task.pace();
    row.digits = task.row();
    row.hands = task.hands();
    row.perBeat = form.notesABeat();
    row.made = made.isPresent() ? made.getAsInt() : null;
    save(person, row, device, taps);
    return result(person, row.id);
  }

  /** What a test says. */
  @Transactional(readOnly = true)
  TapResultView result(Person person, UUID id) {
    List<Kept> all = new ArrayList<>(all(person.client()));
    Kept kept =
        all.stream()
            .filter(one -> one.row().id.equals(id))
            .findFirst()
            .orElseThrow(() -> new NotFoundException("test"));
    return new TapViews(person.client().notation()).result(kept, all);
  }

  /** What was tapped, a line each, as it was kept. */
  @Transactional(readOnly = true)
  TapTest raw(ClientFile client, UUID id) {
    return tests
        .findByIdAndClientId(id, client.id())
        .orElseThrow(() -> new NotFoundException("test"));
  }

  /** Forgets a test that went wrong; its session stays, without what keys said in it. */
  @Transactional
  void forget(ClientFile client, UUID id) {
    tests.delete(raw(client, id));
    sessions.forgetEvenness(client, id);
  }

  /** Which row some digits are. */
  static TapRow rowOf(List<Digit> digits) {
    if (digits.size() == 1) {
      return TapRow.ONE;
    }
    if (digits.size() == 2) {
      return TapRow.PAIR;
    }
    return digits.equals(Digit.FINGERS) || digits.equals(List.of(Digit.values()))
        ? TapRow.ORDER
        : TapRow.TRANSITIONS;
  }
}

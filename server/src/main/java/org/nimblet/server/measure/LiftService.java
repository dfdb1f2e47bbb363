package org.nimblet.server.measure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.HandIndependence;
import org.nimblet.core.measure.Lift;
import org.nimblet.core.measure.TestedLifts;
import org.nimblet.core.routine.OpenDrills;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.LiftForms.AskView;
import org.nimblet.server.measure.LiftForms.LiftKeptView;
import org.nimblet.server.measure.LiftForms.LiftResultView;
import org.nimblet.server.measure.LiftForms.LiftTaskView;
import org.nimblet.server.measure.LiftForms.LiftTestForm;
import org.nimblet.server.measure.LiftForms.LiftTestsView;
import org.nimblet.server.measure.LiftForms.MoveForm;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.routine.SafetyView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tests of holding and lifting: what is asked, what was done, what it says. */
@Service
class LiftService {

  private final LiftTests tests;
  private final ConditionsReader conditions;
  private final TestSessions sessions;

  LiftService(LiftTests tests, ConditionsReader conditions, TestSessions sessions) {
    this.tests = tests;
    this.conditions = conditions;
    this.sessions = sessions;
  }

  /** A test as it is read. */
  record Kept(LiftTest row, TestedLifts tested) {}

  private List<Kept> all(ClientFile client) {
    return tests.findByClientIdOrderByTestedAtAscIdAsc(client.id()).stream()
        .map(row -> read(row, client))
        .toList();
  }

  private static Kept read(LiftTest row, ClientFile client) {
    return new Kept(
        row,
        TestedLifts.of(
            row.conditions.read(row.testedAt, client.zone()), row.digits, lifts(row.moves)));
  }

  /** From each asking to the next: which fingers of that hand came up. */
  static List<Lift> lifts(List<LiftTest.Move> moves) {
    List<Lift> lifts = new ArrayList<>();
    for (int i = 0; i < moves.size(); i++) {
      LiftTest.Move asked = moves.get(i);
      if (asked.what() != LiftTest.KeyMove.ASKED) {
        continue;
      }
      Set<Digit> up = EnumSet.noneOf(Digit.class);
      for (int j = i + 1; j < moves.size(); j++) {
        LiftTest.Move move = moves.get(j);
        if (move.what() == LiftTest.KeyMove.ASKED) {
          break;
        }
        if (move.what() == LiftTest.KeyMove.UP && move.side() == asked.side()) {
          up.add(move.digit());
        }
      }
      lifts.add(new Lift(asked.side(), asked.digit(), up));
    }
    return lifts;
  }

  @Transactional(readOnly = true)
  LiftTestsView all(Person person, boolean standIn) {
    return new LiftViews(person.client()).all(all(person.client()), standIn);
  }

  /**
   * A test, ready to be done: each finger of each hand so many times, in an order nobody can guess.
   *
   * @param side the one hand that is tested; empty for both
   * @param seed picks the order, the same one each time
   */
  LiftTaskView task(Person person, Optional<Side> side, boolean thumb, long seed) {
    List<Digit> digits = thumb ? List.of(Digit.values()) : HandIndependence.NEEDED;
    OpenDrills open = TapService.open(person);
    List<AskView> asks = new ArrayList<>();
    Optional<String> closed = Optional.empty();
    for (Side hand : side.map(List::of).orElse(List.of(Side.values()))) {
      closed = closed.or(() -> open.closed(hand, new HashSet<>(digits)));
      List<AskView> own = new ArrayList<>();
      for (Digit digit : digits) {
        own.addAll(Collections.nCopies(HandIndependence.TIMES, new AskView(hand, digit)));
      }
      Collections.shuffle(own, new Random(seed));
      asks.addAll(own);
    }
    return new LiftTaskView(digits, asks, closed.orElse(null), SafetyView.of(person));
  }

  /** Keeps a test as a session, and what was done if it was done to its end. */
  @Transactional
  LiftKeptView keep(Person person, LiftTestForm form) {
    boolean done = form.frame().ending() == SessionEnding.DONE;
    if (done && !tests.existsById(form.frame().testId())) {
      LiftTest row = new LiftTest();
      row.id = form.frame().testId();
      row.coachId = person.client().coachId();
      row.clientId = person.id();
      row.testedAt = form.frame().beganAt();
      row.digits = form.digits().stream().distinct().sorted().toList();
      row.moves = form.moves().stream().map(MoveForm::move).toList();
      row.conditions =
          StoredConditions.of(
              conditions.of(person, form.frame().beganAt(), form.device().device()));
      tests.save(row);
    }
    sessions.keep(person, form.frame(), "Hold and lift", doing(form), sides(form), List.of());
    return new LiftKeptView(done ? result(person, form.frame().testId()) : null);
  }

  private static List<Side> sides(LiftTestForm form) {
    List<Side> sides = form.moves().stream().map(MoveForm::side).distinct().sorted().toList();
    return sides.isEmpty() ? List.of(Side.values()) : sides;
  }

  private static String doing(LiftTestForm form) {
    long asked =
        form.moves().stream().filter(move -> move.what() == LiftTest.KeyMove.ASKED).count();
    return "All keys held, %d lifts of one finger".formatted(asked);
  }

  @Transactional(readOnly = true)
  LiftResultView result(Person person, UUID id) {
    List<Kept> all = all(person.client());
    Kept kept =
        all.stream()
            .filter(one -> one.row().id.equals(id))
            .findFirst()
            .orElseThrow(() -> new NotFoundException("test"));
    return new LiftViews(person.client()).result(kept, all);
  }

  @Transactional(readOnly = true)
  LiftTest raw(ClientFile client, UUID id) {
    return tests
        .findByIdAndClientId(id, client.id())
        .orElseThrow(() -> new NotFoundException("test"));
  }

  /** Forgets a test that went wrong; its session stays. */
  @Transactional
  void forget(ClientFile client, UUID id) {
    tests.delete(raw(client, id));
  }
}

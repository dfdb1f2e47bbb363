package org.nimblet.server.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.Change;
import org.nimblet.core.measure.Change.ChangeVerdict;
import org.nimblet.core.measure.HandIndependence;
import org.nimblet.core.measure.HandIndependence.Leak;
import org.nimblet.core.measure.SmallestChange;
import org.nimblet.core.measure.TestedLifts;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.LiftForms.AlongView;
import org.nimblet.server.measure.LiftForms.LeakView;
import org.nimblet.server.measure.LiftForms.LiftLineView;
import org.nimblet.server.measure.LiftForms.LiftPointView;
import org.nimblet.server.measure.LiftForms.LiftResultView;
import org.nimblet.server.measure.LiftForms.LiftTestsView;
import org.nimblet.server.measure.LiftForms.LiftView;
import org.nimblet.server.measure.LiftForms.LiftedFingerView;
import org.nimblet.server.measure.LiftForms.LiftedHandView;
import org.nimblet.server.measure.LiftService.Kept;
import org.nimblet.server.measure.MeasureForms.LastView;
import org.nimblet.server.measure.MeasureForms.ValueView;

/** Tests of holding and lifting as they are shown. */
final class LiftViews {

  private static final int PERCENT = 100;

  private final ClientFile client;
  private final Notation notation;

  LiftViews(ClientFile client) {
    this.client = client;
    this.notation = client.notation();
  }

  LiftTestsView all(List<Kept> kept, boolean standIn) {
    List<LiftLineView> lines = new ArrayList<>();
    for (int i = kept.size() - 1; i >= 0; i--) {
      Kept one = kept.get(i);
      lines.add(
          new LiftLineView(one.row().id, one.tested().conditions().at(), title(one.tested())));
    }
    return new LiftTestsView(HandIndependence.NEEDED, HandIndependence.TIMES, standIn, lines);
  }

  private String title(TestedLifts tested) {
    return tested
        .worst()
        .map(
            leak ->
                "The %s %s takes %s along"
                    .formatted(leak.side().word(), finger(leak.asked()), other(leak.along())))
        .orElse("Every finger lifts alone");
  }

  private String finger(Digit digit) {
    return notation == Notation.NAMES ? digit.word() : "finger " + notation.format(digit);
  }

  private String other(Digit digit) {
    return notation == Notation.NAMES ? "the " + digit.shortWord() : notation.format(digit);
  }

  LiftResultView result(Kept kept, List<Kept> all) {
    TestedLifts tested = kept.tested();
    List<TestedLifts> like = tested.like(all.stream().map(Kept::tested).toList());
    Optional<TestedLifts> last = like.stream().reduce((first, second) -> second);
    List<LiftView> lifts = tested.hands().stream().flatMap(hand -> lifts(hand).stream()).toList();
    Leak worst = tested.worst().orElse(null);
    Side side = worst == null ? client.dominantHand() : worst.side();
    Digit digit = worst == null ? Digit.RING : worst.asked();
    return new LiftResultView(
        kept.row().id,
        tested.conditions().at(),
        title(tested),
        tested.conditions().words(),
        lifts.size(),
        (int) lifts.stream().filter(LiftView::alone).count(),
        tested.hands().stream().map(hand -> hand(hand, tested, like)).toList(),
        worst == null ? null : new LeakView(worst.side(), worst.asked(), worst.along()),
        last.map(one -> last(one, tested, all)).orElse(null),
        TestedLifts.counts(side, digit, like).amount(),
        points(tested, like),
        changeWords(digit, tested, like));
  }

  private static LastView last(TestedLifts last, TestedLifts now, List<Kept> all) {
    Kept of = all.stream().filter(one -> one.tested().equals(last)).findFirst().orElseThrow();
    return new LastView(
        of.row().id, last.conditions().at(), null, now.conditions().unlike(last.conditions()));
  }

  private LiftedHandView hand(HandIndependence hand, TestedLifts tested, List<TestedLifts> like) {
    return new LiftedHandView(
        hand.side(),
        hand.side() == client.dominantHand(),
        hand.digits().stream().map(digit -> finger(hand, digit, tested, like)).toList(),
        lifts(hand));
  }

  private static List<LiftView> lifts(HandIndependence hand) {
    return hand.lifts().stream()
        .map(
            lift ->
                new LiftView(lift.asked(), lift.cameUp().stream().sorted().toList(), lift.alone()))
        .toList();
  }

  private static LiftedFingerView finger(
      HandIndependence hand, Digit digit, TestedLifts tested, List<TestedLifts> like) {
    return new LiftedFingerView(
        digit,
        hand.times(digit),
        hand.digits().stream()
            .filter(other -> other != digit)
            .map(other -> new AlongView(other, hand.along(digit, other)))
            .toList(),
        hand.independence(digit).map(LiftViews::percent).orElse(null),
        hand.stillness(digit).map(LiftViews::percent).orElse(null),
        hand.alone(digit),
        hand.leakage(digit),
        hand.independence(digit)
            .map(now -> value(now, hand.side(), digit, tested, like))
            .orElse(null));
  }

  private static ValueView value(
      double now, Side side, Digit digit, TestedLifts tested, List<TestedLifts> like) {
    SmallestChange counts = TestedLifts.counts(side, digit, like);
    Optional<TestedLifts> last =
        like.stream()
            .filter(one -> one.independence(side, digit).isPresent())
            .reduce((first, second) -> second);
    Optional<Change> change =
        last.map(
            one ->
                HandIndependence.change(
                    one.independence(side, digit).orElseThrow(), now, counts, tested.equalTo(one)));
    return new ValueView(
        side,
        now * PERCENT,
        change.map(Change::before).orElse(null),
        counts.amount(),
        change.map(Change::verdict).orElse(null),
        change.map(c -> c.verdict().words()).orElse("first test"));
  }

  private static int percent(double share) {
    return (int) Math.round(share * PERCENT);
  }

  private static List<LiftPointView> points(TestedLifts tested, List<TestedLifts> like) {
    List<TestedLifts> tests = new ArrayList<>(like);
    tests.add(tested);
    List<LiftPointView> points = new ArrayList<>();
    for (TestedLifts test : tests) {
      for (HandIndependence hand : test.hands()) {
        hand.independences()
            .forEach(
                (digit, value) ->
                    points.add(
                        new LiftPointView(
                            test.conditions().at(),
                            hand.side(),
                            digit,
                            percent(value),
                            tested.equalTo(test))));
      }
    }
    return points;
  }

  /** From the first test under equal conditions to this one: "Left 43 → 63 %, a real change." */
  private static String changeWords(Digit digit, TestedLifts tested, List<TestedLifts> like) {
    List<String> words = new ArrayList<>();
    for (HandIndependence hand : tested.hands()) {
      Optional<Double> now = hand.independence(digit);
      Optional<Double> first =
          like.stream()
              .filter(tested::equalTo)
              .flatMap(one -> one.independence(hand.side(), digit).stream())
              .findFirst();
      if (now.isPresent() && first.isPresent()) {
        SmallestChange counts = TestedLifts.counts(hand.side(), digit, like);
        Change change = HandIndependence.change(first.get(), now.get(), counts, true);
        words.add(
            "%s %d → %d %%, %s."
                .formatted(
                    hand.side() == Side.LEFT ? "Left" : "Right",
                    percent(first.get()),
                    percent(now.get()),
                    change.verdict() == ChangeVerdict.NO_CHANGE
                        ? "no real change"
                        : "a real change"));
      }
    }
    if (words.isEmpty()) {
      words.add("No earlier test was made under equal conditions.");
    }
    words.add(
        "%.0f points between the hands are usual."
            .formatted(PERCENT * HandIndependence.USUAL_BETWEEN_HANDS));
    return String.join(" ", words);
  }
}

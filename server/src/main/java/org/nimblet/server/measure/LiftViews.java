package org.nimblet.server.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.Change;
import org.nimblet.core.measure.HandIndependence;
import org.nimblet.core.measure.HandIndependence.Leak;
import org.nimblet.core.measure.SmallestChange;
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

  /** Below this a finger takes others along noticeably, in percent (ours). */
  private static final int WEAK_PERCENT = 70;

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
      lines.add(new LiftLineView(one.row().id, one.conditions().at(), title(one)));
    }
    return new LiftTestsView(HandIndependence.NEEDED, HandIndependence.TIMES, standIn, lines);
  }

  private static Optional<Leak> worst(Kept kept) {
    return kept.hands().stream()
        .flatMap(hand -> hand.worst().stream())
        .max(Comparator.comparingDouble(Leak::share));
  }

  private String title(Kept kept) {
    return worst(kept)
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
    List<Kept> before =
        all.stream().filter(one -> one.row().testedAt.isBefore(kept.row().testedAt)).toList();
    Optional<Kept> last = before.stream().reduce((first, second) -> second);
    List<String> unlike =
        last.map(one -> kept.conditions().unlike(one.conditions())).orElse(List.of());
    SmallestChange counts = HandIndependence.counts(List.of());
    List<LiftedHandView> hands =
        kept.hands().stream().map(hand -> hand(hand, last, counts, unlike.isEmpty())).toList();
    List<Kept> until = new ArrayList<>(before);
    until.add(kept);
    Optional<Leak> worst = worst(kept);
    return new LiftResultView(
        kept.row().id,
        kept.conditions().at(),
        title(kept),
        kept.conditions().words(),
        kept.hands().stream().mapToInt(hand -> hand.lifts().size()).sum(),
        kept.hands().stream()
            .mapToInt(hand -> (int) hand.lifts().stream().filter(l -> l.alone()).count())
            .sum(),
        hands,
        worst.map(leak -> new LeakView(leak.side(), leak.asked(), leak.along())).orElse(null),
        last.map(one -> new LastView(one.row().id, one.conditions().at(), null, unlike))
            .orElse(null),
        counts.amount(),
        points(until),
        changeWords(worst.map(Leak::asked).orElse(Digit.RING), until, counts));
  }

  private LiftedHandView hand(
      HandIndependence hand, Optional<Kept> last, SmallestChange counts, boolean equal) {
    return new LiftedHandView(
        hand.side(),
        hand.side() == client.dominantHand(),
        hand.digits().stream()
            .map(
                digit ->
                    finger(
                        hand,
                        digit,
                        last.flatMap(one -> one.of(hand.side()))
                            .flatMap(then -> then.independence(digit)),
                        counts,
                        equal))
            .toList(),
        hand.lifts().stream()
            .map(
                lift ->
                    new LiftView(
                        lift.asked(), lift.cameUp().stream().sorted().toList(), lift.alone()))
            .toList());
  }

  private LiftedFingerView finger(
      HandIndependence hand,
      Digit digit,
      Optional<Double> before,
      SmallestChange counts,
      boolean equal) {
    Optional<Double> now = hand.independence(digit);
    Optional<Change> change =
        now.flatMap(n -> before.map(b -> HandIndependence.change(b, n, counts, equal)));
    return new LiftedFingerView(
        digit,
        hand.times(digit),
        hand.digits().stream()
            .filter(other -> other != digit)
            .map(other -> new AlongView(other, hand.along(digit, other)))
            .toList(),
        now.map(LiftViews::percent).orElse(null),
        hand.stillness(digit).map(LiftViews::percent).orElse(null),
        hand.alone(digit),
        now.filter(n -> percent(n) < WEAK_PERCENT).isPresent(),
        now.map(
                n ->
                    new ValueView(
                        hand.side(),
                        n * PERCENT,
                        change.map(Change::before).orElse(null),
                        counts.amount(),
                        change.map(Change::verdict).orElse(null),
                        change.map(c -> c.verdict().words()).orElse("first test")))
            .orElse(null));
  }

  private static int percent(double share) {
    return (int) Math.round(share * PERCENT);
  }

  private static List<LiftPointView> points(List<Kept> tests) {
    List<LiftPointView> points = new ArrayList<>();
    for (Kept test : tests) {
      for (HandIndependence hand : test.hands()) {
        hand.independences()
            .forEach(
                (digit, value) ->
                    points.add(
                        new LiftPointView(
                            test.conditions().at(), hand.side(), digit, percent(value))));
      }
    }
    return points;
  }

  /** From the first test to this one: "Left 43 → 63 %, a real change." */
  private static String changeWords(Digit digit, List<Kept> tests, SmallestChange counts) {
    List<String> words = new ArrayList<>();
    for (Side side : Side.values()) {
      List<Double> values =
          tests.stream()
              .flatMap(test -> test.of(side).stream())
              .flatMap(hand -> hand.independence(digit).stream())
              .toList();
      if (values.size() > 1) {
        int first = percent(values.get(0));
        int now = percent(values.get(values.size() - 1));
        words.add(
            "%s %d → %d %%, %s."
                .formatted(
                    side == Side.LEFT ? "Left" : "Right",
                    first,
                    now,
                    Math.abs(now - first) > counts.amount() ? "a real change" : "no real change"));
      }
    }
    words.add(
        "A change counts from %.0f points on; %.0f between the hands are usual."
            .formatted(counts.amount(), PERCENT * HandIndependence.USUAL_BETWEEN_HANDS));
    return String.join(" ", words);
  }
}

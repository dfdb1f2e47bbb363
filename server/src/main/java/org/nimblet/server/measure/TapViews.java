package org.nimblet.server.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.measure.AgainstLast;
import org.nimblet.core.measure.Change;
import org.nimblet.core.measure.ClockAndHand;
import org.nimblet.core.measure.HandTapping;
import org.nimblet.core.measure.Pace;
import org.nimblet.core.measure.TapMeasure;
import org.nimblet.core.measure.TapTask;
import org.nimblet.core.measure.Tapping;
import org.nimblet.core.measure.TestedTaps;
import org.nimblet.server.measure.MeasureForms.LastView;
import org.nimblet.server.measure.MeasureForms.ValueView;
import org.nimblet.server.measure.TapForms.ClockView;
import org.nimblet.server.measure.TapForms.FingerView;
import org.nimblet.server.measure.TapForms.LateTransitionView;
import org.nimblet.server.measure.TapForms.LateView;
import org.nimblet.server.measure.TapForms.PlacedView;
import org.nimblet.server.measure.TapForms.TapLineView;
import org.nimblet.server.measure.TapForms.TapMeasureView;
import org.nimblet.server.measure.TapForms.TapResultView;
import org.nimblet.server.measure.TapForms.TapRow;
import org.nimblet.server.measure.TapForms.TapTaskForm;
import org.nimblet.server.measure.TapForms.TapTaskView;
import org.nimblet.server.measure.TapForms.TapTestsView;
import org.nimblet.server.measure.TapForms.TappedHandView;
import org.nimblet.server.measure.TapService.Kept;
import org.nimblet.server.routine.SafetyView;

/** Tap tests as they are shown, fingers in the person's own way to write them. */
final class TapViews {

  private static final int PERCENT = 100;
  private static final List<String> NOTES = List.of("", "two", "three", "four");

  private final Notation notation;

  TapViews(Notation notation) {
    this.notation = notation;
  }

  /** What is tapped: "every transition once, both hands mirrored, two taps a beat". */
  String doing(TapTask task, int notesABeat) {
    List<String> words = new ArrayList<>();
    if (task.pace() == Pace.SPEED) {
      words.add(name(task.row().get(0)) + " as fast as stays loose");
    } else {
      words.add(rowWords(task.row()));
    }
    words.add(handsWords(task.hands()));
    if (task.pace() == Pace.OWN) {
      words.add(Pace.OWN.words());
    } else if (task.pace() == Pace.CLICK_THEN_ALONE && notesABeat > 1) {
      words.add(NOTES.get(notesABeat - 1) + " taps a beat");
    }
    return String.join(", ", words);
  }

  private String rowWords(List<Digit> row) {
    TapRow what = TapService.rowOf(row);
    if (what == TapRow.TRANSITIONS) {
      return row.contains(Digit.THUMB)
          ? "every transition once, with the thumb"
          : "every transition once";
    }
    return row.size() == 1
        ? name(row.get(0)) + " alone"
        : row.stream().map(this::name).collect(Collectors.joining(", "));
  }

  private static String handsWords(TwoHandedRow hands) {
    return switch (hands) {
      case LEFT -> "left hand";
      case RIGHT -> "right hand";
      case PARALLEL -> "both hands parallel";
      case MIRRORED -> "both hands mirrored";
      case OPPOSITE -> "both hands, the left one backwards";
    };
  }

  private String name(Digit digit) {
    return notation.format(digit);
  }

  TapTaskView task(TapTask task, TapTaskForm form, Integer bpm, String closed, SafetyView safety) {
    return new TapTaskView(
        task.pace(),
        form.what(),
        task.row(),
        task.hands(),
        bpm,
        form.notesABeat(),
        doing(task, form.notesABeat()),
        task.rowOf(Side.LEFT),
        task.rowOf(Side.RIGHT),
        task.withClick(),
        task.alone(),
        TapTask.NOT_COUNTED,
        task.clickMillis().isPresent() ? task.clickMillis().getAsInt() : null,
        task.pace() == Pace.SPEED ? TapTask.SPEED_SECONDS : null,
        closed,
        safety);
  }

  TapTestsView all(List<Kept> kept, int bpm, boolean standIn) {
    List<TapLineView> lines = new ArrayList<>();
    for (int i = kept.size() - 1; i >= 0; i--) {
      Kept one = kept.get(i);
      lines.add(
          new TapLineView(
              one.row().id,
              one.tested().conditions().at(),
              doing(one.tested().tapping().task(), one.row().perBeat),
              one.row().bpm,
              inShort(one.tested().tapping()),
              one.tested().tapping().evenEnough()));
    }
    return new TapTestsView(bpm, DrillTempo.LEAST, DrillTempo.GREATEST, standIn, lines);
  }

  /** "left 5.6 %, right 4.4 %", or how many taps for speed. */
  private static String inShort(Tapping tapping) {
    boolean speed = tapping.task().pace() == Pace.SPEED;
    TapMeasure measure = speed ? TapMeasure.TEN_SECONDS : TapMeasure.SPREAD;
    return hands(tapping).stream()
        .map(
            hand ->
                hand.side().word()
                    + " "
                    + (measure.of(hand).isPresent()
                        ? number(measure, measure.of(hand).getAsDouble()) + (speed ? "" : " %")
                        : "too few taps"))
        .collect(Collectors.joining(", "));
  }

  private static List<HandTapping> hands(Tapping tapping) {
    return tapping.hands().values().stream()
        .sorted(Comparator.comparing(HandTapping::side))
        .toList();
  }

  private static String number(TapMeasure measure, double value) {
    boolean whole = measure != TapMeasure.SPREAD && measure != TapMeasure.DRIFT;
    return String.format(Locale.ROOT, whole ? "%.0f" : "%.1f", value).replace('-', '−');
  }

  TapResultView result(Kept kept, List<Kept> all) {
    TestedTaps tested = kept.tested();
    Tapping tapping = tested.tapping();
    List<TestedTaps> others =
        all.stream().map(Kept::tested).filter(one -> !one.equals(tested)).toList();
    List<TestedTaps> like = tested.like(others);
    Optional<AgainstLast> against = AgainstLast.of(tested, others);
    double lateCounts = AgainstLast.counts(TapMeasure.LATEST_TRANSITION, Side.LEFT, like).amount();
    return new TapResultView(
        kept.row().id,
        tested.conditions().at(),
        title(kept),
        doing(tapping.task(), kept.row().perBeat),
        tested.conditions().words(),
        tapping.task().pace(),
        TapService.rowOf(tapping.task().row()),
        tapping.task().row(),
        tapping.task().hands(),
        kept.row().bpm,
        kept.row().perBeat,
        tapping.task().withClick(),
        Tapping.EVEN_SPREAD_PERCENT,
        lateCounts,
        tapping.evenEnough(),
        verdict(tapping),
        TapService.nextBpm(kept),
        between(tapping),
        late(tapping, lateCounts).orElse(null),
        against.map(a -> last(a, all)).orElse(null),
        measures(tapping, against, like),
        hands(tapping).stream().map(hand -> hand(hand, tested, others)).toList());
  }

  private String title(Kept kept) {
    Tapping tapping = kept.tested().tapping();
    if (tapping.task().pace() == Pace.SPEED) {
      return "Ten seconds: " + inShort(tapping);
    }
    String at = kept.row().bpm == null ? "" : " at %d bpm".formatted(kept.row().bpm);
    return (tapping.evenEnough() ? "Even" : "Not even yet") + at;
  }

  private static String verdict(Tapping tapping) {
    if (tapping.task().pace() == Pace.SPEED) {
      return tapping
          .asymmetry(TapMeasure.TEN_SECONDS)
          .map(
              apart ->
                  "The hands are %.0f %% apart; about 10 %% is usual, with more on the dominant"
                          .formatted(PERCENT * apart)
                      + " side.")
          .orElse("A count of speed says nothing of evenness.");
    }
    return "Spread %s %%, wanted %.0f or less; right order %s %%, wanted %.0f or more."
        .formatted(
            joined(tapping, TapMeasure.SPREAD),
            Tapping.EVEN_SPREAD_PERCENT,
            joined(tapping, TapMeasure.RIGHT_ORDER),
            Tapping.RIGHT_ORDER_PERCENT);
  }

  private static String joined(Tapping tapping, TapMeasure measure) {
    return hands(tapping).stream()
        .map(measure::of)
        .map(value -> value.isPresent() ? number(measure, value.getAsDouble()) : "unknown")
        .collect(Collectors.joining(" and "));
  }

  private static String between(Tapping tapping) {
    return tapping
        .between()
        .map(
            b ->
                "The %s hand came %.0f ms before the %s on average."
                        .formatted(
                            b.leftFirstMillis() >= 0 ? "left" : "right",
                            Math.abs(b.leftFirstMillis()),
                            b.leftFirstMillis() >= 0 ? "right" : "left")
                    + apart(tapping))
        .orElse(null);
  }

  private static String apart(Tapping tapping) {
    return tapping
        .asymmetry(TapMeasure.SPREAD)
        .map(apart -> " In spread they are %.0f %% apart.".formatted(PERCENT * apart))
        .orElse("");
  }

  /** The transition that is latest, said of both hands if it is late in both. */
  private Optional<LateView> late(Tapping tapping, double counts) {
    return tapping
        .late(counts)
        .map(
            late -> {
              Map<Side, Double> in = late.lateMillis();
              Side only = in.size() == 1 ? in.keySet().iterator().next() : null;
              String where =
                  only == null
                      ? "late in both hands: left %.0f ms, right %.0f ms."
                          .formatted(in.get(Side.LEFT), in.get(Side.RIGHT))
                      : "late in the %s hand: %.0f ms.".formatted(only.word(), in.get(only));
              return new LateView(
                  late.from(),
                  late.to(),
                  only,
                  "%s to %s is %s".formatted(capital(name(late.from())), name(late.to()), where));
            });
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  private static LastView last(AgainstLast against, List<Kept> all) {
    Kept last =
        all.stream().filter(one -> one.tested().equals(against.last())).findFirst().orElseThrow();
    return new LastView(
        last.row().id, last.tested().conditions().at(), last.row().bpm, against.unlike());
  }

  private static List<TapMeasureView> measures(
      Tapping tapping, Optional<AgainstLast> against, List<TestedTaps> like) {
    List<TapMeasureView> views = new ArrayList<>();
    for (TapMeasure measure : TapMeasure.values()) {
      List<ValueView> values = new ArrayList<>();
      for (HandTapping hand : hands(tapping)) {
        OptionalDouble now = measure.of(hand);
        if (now.isPresent()) {
          Optional<Change> change =
              against.flatMap(
                  a ->
                      Optional.ofNullable(a.changes().get(hand.side())).map(of -> of.get(measure)));
          values.add(
              new ValueView(
                  hand.side(),
                  now.getAsDouble(),
                  change.map(Change::before).orElse(null),
                  AgainstLast.counts(measure, hand.side(), like).amount(),
                  change.map(Change::verdict).orElse(null),
                  change.map(c -> c.verdict().words()).orElse("first test")));
        }
      }
      if (!values.isEmpty()) {
        views.add(new TapMeasureView(measure.id(), measure.words(), measure.unit(), values));
      }
    }
    return views;
  }

  private TappedHandView hand(HandTapping hand, TestedTaps tested, List<TestedTaps> others) {
    return new TappedHandView(
        hand.side(),
        hand.timing().map(HandTapping.Timing::meanMillis).orElse(null),
        hand.order().right(),
        hand.order().wrong(),
        hand.order().missing(),
        hand.order().additional(),
        hand.taps().stream()
            .map(
                tap ->
                    new PlacedView(
                        tap.place(), tap.wanted(), tap.tapped(), tap.lateMillis(), tap.counted()))
            .toList(),
        hand.transitions().stream()
            .map(t -> new LateTransitionView(t.from(), t.to(), t.times(), t.lateMillis()))
            .toList(),
        hand.fingers().stream()
            .map(
                f ->
                    new FingerView(
                        f.digit(),
                        f.taps(),
                        f.lateMillis(),
                        f.spreadMillis(),
                        f.velocity().isPresent() ? f.velocity().getAsDouble() : null))
            .toList(),
        hand.loudness().isPresent() ? hand.loudness().getAsDouble() : null,
        clock(tested.clockAndHand(hand.side(), others)));
  }

  private static ClockView clock(ClockAndHand of) {
    return of instanceof ClockAndHand.Separated s
        ? new ClockView(null, s.clock(), s.hand(), s.device(), s.intervals())
        : new ClockView(((ClockAndHand.Inseparable) of).why(), 0, 0, 0, 0);
  }
}

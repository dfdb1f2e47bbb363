package org.nimblet.server.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.measure.DeviceDemand;
import org.nimblet.core.measure.PieceDemand;
import org.nimblet.core.measure.PieceDemand.OfHand;
import org.nimblet.core.measure.PieceDemand.Reach;
import org.nimblet.core.measure.PieceDemand.Stretch;
import org.nimblet.core.measure.PieceNote;
import org.nimblet.server.measure.DemandForms.DeviceDemandForm;
import org.nimblet.server.measure.DemandForms.DeviceDemandView;
import org.nimblet.server.measure.DemandForms.DeviceHandView;
import org.nimblet.server.measure.DemandForms.FingerStepView;
import org.nimblet.server.measure.DemandForms.KeyStretchView;
import org.nimblet.server.measure.DemandForms.PieceDemandView;
import org.nimblet.server.measure.DemandForms.PieceForm;
import org.nimblet.server.measure.DemandForms.PieceHandView;
import org.nimblet.server.measure.DemandForms.PressesView;
import org.nimblet.server.measure.DemandForms.VoiceView;

/** Demands as they are shown. */
final class DemandViews {

  private static final List<String> KEYS =
      List.of("C", "C♯", "D", "E♭", "E", "F", "F♯", "G", "A♭", "A", "B♭", "B");

  private final Notation notation;

  DemandViews(Notation notation) {
    this.notation = notation;
  }

  PieceDemandView piece(byte[] bytes, PieceForm form) {
    PieceFile file = PieceFile.read(bytes);
    PieceFile.Hands hands =
        file.hands(Optional.ofNullable(form.left()), Optional.ofNullable(form.right()));
    List<PieceNote> notes = file.notes(hands);
    if (notes.isEmpty()) {
      throw PieceFile.wrong("No voice of it is of either hand; choose them.");
    }
    Optional<Reach> reach = Optional.ofNullable(form.span()).map(Reach::ofSpan);
    PieceDemand demand = PieceDemand.of(notes, reach);
    return new PieceDemandView(
        demand.notes(),
        demand.guessed(),
        demand.guessed() > 0 ? PieceDemand.RULE : null,
        reachWords(reach),
        voices(file, hands),
        demand.hands().stream().map(hand -> hand(hand, reach)).toList());
  }

  /** The voices of a file, with the hands that play them. */
  static List<VoiceView> voices(PieceFile file, PieceFile.Hands hands) {
    List<VoiceView> voices = new ArrayList<>();
    for (PieceFile.Voice voice : file.voices()) {
      int number = voices.size() + 1;
      voices.add(
          new VoiceView(
              number,
              voice.name().isEmpty() ? "Voice " + number : voice.name(),
              voice.notes().size(),
              hands.of(number - 1).orElse(null)));
    }
    return voices;
  }

  private static String reachWords(Optional<Reach> reach) {
    return reach
        .map(
            r ->
                "Marked from %.0f mm on, which is as far as this hand reaches comfortably; %.0f mm are just possible."
                    .formatted(r.comfortable(), r.possible()))
        .orElse("Without a span nothing can be called beyond reach.");
  }

  private PieceHandView hand(OfHand hand, Optional<Reach> reach) {
    return new PieceHandView(
        hand.side(),
        hand.all(),
        presses(hand.presses(), hand.all()),
        hand.steps().stream().map(s -> new FingerStepView(s.from(), s.to(), s.times())).toList(),
        hand.stretches().stream().map(s -> stretch(s, reach)).toList(),
        hand.beyond().stream().map(s -> stretch(s, reach)).toList(),
        hand.impossible());
  }

  private static List<PressesView> presses(Map<Digit, Integer> presses, int all) {
    return Arrays.stream(Digit.values())
        .map(
            digit -> {
              int times = presses.getOrDefault(digit, 0);
              return new PressesView(digit, times, all == 0 ? 0 : times / (double) all);
            })
        .toList();
  }

  private static KeyStretchView stretch(Stretch stretch, Optional<Reach> reach) {
    return new KeyStretchView(
        stretch.pair().nearer(),
        stretch.pair().farther(),
        stretch.millimetres(),
        key(stretch.lowKey()) + "–" + key(stretch.highKey()),
        stretch.bar(),
        reach.filter(r -> stretch.millimetres() > r.possible()).isPresent());
  }

  /** As it is written, middle C as C4. */
  private static String key(int key) {
    return KEYS.get(key % KEYS.size()) + (key / KEYS.size() - 1);
  }

  DeviceDemandView device(DeviceDemandForm form) {
    DeviceDemand demand =
        DeviceDemand.of(
            form.bindings().stream()
                .map(b -> new DeviceDemand.Binding(b.side(), b.digit(), b.what(), b.aMinute()))
                .toList(),
            form.minutes());
    return new DeviceDemandView(
        demand.minutes(),
        demand.hands().stream()
            .map(
                hand ->
                    new DeviceHandView(
                        hand.side(),
                        hand.all(),
                        presses(hand.presses(), hand.all()),
                        steadying(hand, demand.minutes())))
            .toList());
  }

  private String steadying(DeviceDemand.OfHand hand, int minutes) {
    List<String> words = new ArrayList<>();
    if (!hand.steadying().isEmpty()) {
      words.add(
          "%s press nothing: they hold still or steady the device for %d min."
              .formatted(names(hand.steadying()), minutes));
    }
    if (!hand.holding().isEmpty()) {
      words.add("%s hold something down besides.".formatted(names(hand.holding())));
    }
    return words.isEmpty() ? "Every finger presses something." : String.join(" ", words);
  }

  private String names(Collection<Digit> digits) {
    String names = digits.stream().sorted().map(notation::format).collect(Collectors.joining(", "));
    return notation == Notation.NAMES
        ? names.substring(0, 1).toUpperCase(Locale.ROOT) + names.substring(1)
        : "Fingers " + names;
  }
}

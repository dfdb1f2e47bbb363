package org.nimblet.server.workshop;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.IntStream;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.DrillLength;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.drill.Phrase;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.measure.MeasuredDrill;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.routine.SafetyView;
import org.nimblet.server.session.SessionForms.PainForm;

/** What goes over the wire about the workshop. */
public final class WorkshopForms {

  static final int LEAST_A_MINUTE = DrillTempo.LEAST;
  static final int GREATEST_A_MINUTE = DrillTempo.GREATEST;

  /** A round where nobody says (ours). */
  static final int ROUND_MINUTES = 5;

  static final String A_MINUTE_RULE = "20 to 240 changes a minute.";
  static final int MOST_MINUTES = 15;
  static final String MINUTES_RULE = "1 to 15 minutes.";
  static final int GREATEST_SEED = 999_999;
  static final String SEED_RULE = "0 to 999999.";

  /** Nobody has come so far (ours). */
  static final int LONGEST_ROW = 60;

  /** A session is kept with so many steps at most. */
  static final int MOST_DRILLS = 60;

  private static final String ROW_RULE = "1 to 60 digits.";
  private static final String DRILLS_RULE = "1 to 60 drills.";
  private static final String CHANGES_RULE = "0 to 112 changes.";
  private static final String PRESS_RULE = "Within ten minutes of the first change.";
  private static final String PRESSES_RULE = "Up to 2000 presses.";
  private static final String PATTERN_RULE = "One of the patterns.";

  private WorkshopForms() {}

  /**
   * A state of one hand, as it is drawn.
   *
   * @param bent the fingers that are bent
   * @param open the gaps that are open, by the nearer of their fingers
   */
  public record StateView(List<Digit> bent, List<Digit> open) {}

  /** A part of a difficulty. */
  public record DifficultyPartView(String words, double amount) {}

  /**
   * A pattern as somebody stands with it.
   *
   * @param hand the hand that does it; without one both do
   * @param first the states of that hand, or of the left one
   * @param second the states of the right one, where both do it
   * @param expected how likely it is clean, 0 to 1
   * @param tempo at which this person does it next, changes a minute
   * @param nextTempo what it takes to do it faster, as words; null at the fastest
   * @param closed why it may not be done
   */
  public record DrillView(
      String pattern,
      @Schema(nullable = true) Side hand,
      String title,
      String doing,
      List<StateView> first,
      List<StateView> second,
      double difficulty,
      double expected,
      boolean rude,
      int tries,
      int clean,
      boolean weak,
      boolean next,
      int tempo,
      @Schema(nullable = true) String nextTempo,
      @Schema(nullable = true) String closed) {}

  /**
   * Which tempi can be chosen; a screen shows no faster ones.
   *
   * @param step faster or slower by this, as one hears it
   * @param first where nobody has chosen
   */
  public record TempoRange(int least, int greatest, int step, int first) {

    private static final int STEP = 4;

    static TempoRange from(int first) {
      return new TempoRange(LEAST_A_MINUTE, GREATEST_A_MINUTE, STEP, first);
    }

    /** The nearest tempo that can be chosen. */
    static int within(int tempo) {
      return Math.max(LEAST_A_MINUTE, Math.min(GREATEST_A_MINUTE, tempo));
    }
  }

  /**
   * How long a round may be chosen to be, in minutes, and how long it is where nobody says (ours).
   */
  public record MinutesChoice(List<Integer> choices, int usual) {
    static final MinutesChoice OF_A_ROUND =
        new MinutesChoice(List.of(2, 3, ROUND_MINUTES, 8, 10, MOST_MINUTES), ROUND_MINUTES);
  }

  /** Which phrases can be chosen: as music is mostly written (common practice, no source). */
  public record PhraseChoice(List<Integer> bars, List<Integer> beatsABar, int usualBeatsABar) {
    static final PhraseChoice ALL =
        new PhraseChoice(
            List.of(1, 2, 4, 8, 12, Phrase.MOST_BARS),
            IntStream.rangeClosed(Phrase.LEAST_BEATS_A_BAR, Phrase.MOST_BEATS_A_BAR)
                .boxed()
                .toList(),
            Phrase.USUAL_BEATS_A_BAR);
  }

  /** A family with its patterns, from easy to hard. */
  public record FamilyView(String id, String words, boolean open, List<DrillView> drills) {}

  /**
   * All patterns for one hand and tempo.
   *
   * @param offeredAt the difficulty of which four of five are clean
   * @param easyAt the difficulty of which nine of ten are
   * @param hardAt the difficulty of which seven of ten are
   * @param forecast what opens the next family, as a sentence
   */
  public record PatternsView(
      int aMinute,
      TempoRange tempo,
      MinutesChoice minutes,
      PhraseChoice phrases,
      double offeredAt,
      double easyAt,
      double hardAt,
      int tries,
      int clean,
      String forecast,
      List<FamilyView> families) {}

  /**
   * One pattern with its difficulty in parts, and at other tempi.
   *
   * @param exercise the exercise of the library that its family belongs to
   * @param how it is done, as a sentence
   * @param tempoWords at which tempo, and when faster, as a sentence
   */
  public record PatternView(
      String exercise,
      DrillView drill,
      List<DifficultyPartView> parts,
      List<TempoView> faster,
      String how,
      String tempoWords,
      SafetyView safety) {}

  /** A pattern at a tempo. */
  public record TempoView(int aMinute, double difficulty, double expected) {}

  /**
   * A drill of a round.
   *
   * @param aMinute at which tempo
   * @param readMillis to see what comes
   * @param changes how many changes it lasts
   * @param keysAtOnce how many keys go down at once where keys can judge it; null where they cannot
   */
  public record RoundDrillView(
      DrillView drill,
      int aMinute,
      long readMillis,
      int changes,
      @Schema(nullable = true) Integer keysAtOnce) {}

  /**
   * A round, to be drilled now.
   *
   * @param beatsABar how changes are counted where the round is set to a phrase
   * @param keysTogether so many keys held at once any computer keyboard reports
   * @param standIn whether simulated hands can play it
   */
  public record DrillRoundView(
      UUID roundId,
      int minutes,
      @Schema(nullable = true) Integer beatsABar,
      TempoRange tempo,
      List<RoundDrillView> drills,
      int keysTogether,
      boolean standIn,
      SafetyView safety) {}

  /**
   * What is asked for; whoever leaves a number out gets the usual one.
   *
   * @param aMinute at which tempo
   * @param minutes how long
   * @param bars of a phrase that it is set to; without them there is none
   * @param from one finger of the transition that it is for; without it it is for all of them
   * @param to the other finger
   * @param hand which hand's transition; without it both hands'
   */
  public record DrillRoundForm(
      @Schema(nullable = true)
          @Min(value = LEAST_A_MINUTE, message = A_MINUTE_RULE)
          @Max(value = GREATEST_A_MINUTE, message = A_MINUTE_RULE)
          Integer aMinute,
      @Schema(nullable = true)
          @Min(value = 1, message = MINUTES_RULE)
          @Max(value = MOST_MINUTES, message = MINUTES_RULE)
          Integer minutes,
      @Schema(nullable = true)
          @Min(value = 1, message = MusicForms.BARS_RULE)
          @Max(value = Phrase.MOST_BARS, message = MusicForms.BARS_RULE)
          Integer bars,
      @Schema(nullable = true)
          @Min(value = Phrase.LEAST_BEATS_A_BAR, message = MusicForms.BEATS_RULE)
          @Max(value = Phrase.MOST_BEATS_A_BAR, message = MusicForms.BEATS_RULE)
          Integer beatsABar,
      @Schema(nullable = true) Digit from,
      @Schema(nullable = true) Digit to,
      @Schema(nullable = true) Side hand) {

    /** A round for all that is learned now. */
    public static DrillRoundForm usual() {
      return new DrillRoundForm(null, null, null, null, null, null, null);
    }

    Optional<Phrase> phrase() {
      return MusicForms.phrase(bars, beatsABar);
    }

    /**
     * The fingers of the transition that it is for, if it is for one.
     *
     * @throws InvalidFieldException if they are no two fingers
     */
    Optional<DigitPair> pair() {
      if (from == null && to == null) {
        return Optional.empty();
      }
      if (from == null || to == null || from == to || from == Digit.THUMB || to == Digit.THUMB) {
        throw new InvalidFieldException("to", "Two different ones of the four fingers.");
      }
      return Optional.of(
          from.compareTo(to) < 0 ? new DigitPair(from, to) : new DigitPair(to, from));
    }

    /** At which tempo; empty for each drill at its own. */
    OptionalInt tempo() {
      return aMinute == null ? OptionalInt.empty() : OptionalInt.of(aMinute);
    }

    int length() {
      return minutes == null ? ROUND_MINUTES : minutes;
    }
  }

  /** What became of a drill of a round. */
  public enum DrillOutcome {
    CLEAN,
    NOT_CLEAN,
    /** Not judged: the round ended in it, or before it. */
    SKIPPED,
    /** It hurt. */
    HURT
  }

  /**
   * A drill of a round, with what became of it.
   *
   * @param changes how many changes were done
   * @param at when it was judged or broken off
   * @param even whether keys judged it as even enough to go faster; left out where none did
   */
  public record DrilledForm(
      @NotNull(message = "An identifier.") UUID id,
      @NotNull(message = PATTERN_RULE) @Size(max = 200, message = PATTERN_RULE) String pattern,
      @Schema(nullable = true) Side hand,
      @NotNull(message = A_MINUTE_RULE)
          @Min(value = LEAST_A_MINUTE, message = A_MINUTE_RULE)
          @Max(value = GREATEST_A_MINUTE, message = A_MINUTE_RULE)
          Integer aMinute,
      @Min(value = 0, message = CHANGES_RULE)
          @Max(value = DrillLength.MOST_CHANGES, message = CHANGES_RULE)
          int changes,
      @NotNull(message = "CLEAN, NOT_CLEAN, SKIPPED or HURT.") DrillOutcome outcome,
      @NotNull(message = "When it was tried.") Instant at,
      @Schema(nullable = true) Boolean even) {

    /** Whether somebody judged it. */
    boolean isJudged() {
      return outcome == DrillOutcome.CLEAN || outcome == DrillOutcome.NOT_CLEAN;
    }
  }

  /**
   * A press in a drill.
   *
   * @param at in milliseconds since its first change
   */
  public record PressForm(
      @NotNull(message = "LEFT or RIGHT.") Side side,
      @NotNull(message = "INDEX, MIDDLE, RING or LITTLE.") Digit digit,
      @Min(value = -60_000, message = PRESS_RULE) @Max(value = 600_000, message = PRESS_RULE)
          double at) {
    private Tap tap() {
      return new Tap(side, digit, at, OptionalInt.empty());
    }

    static List<Tap> taps(List<PressForm> presses) {
      return presses.stream().map(PressForm::tap).toList();
    }
  }

  /** The presses of a drill, to be judged. */
  public record JudgementForm(
      @NotNull(message = PATTERN_RULE) @Size(max = 200, message = PATTERN_RULE) String pattern,
      @Schema(nullable = true) Side hand,
      @NotNull(message = A_MINUTE_RULE)
          @Min(value = LEAST_A_MINUTE, message = A_MINUTE_RULE)
          @Max(value = GREATEST_A_MINUTE, message = A_MINUTE_RULE)
          Integer aMinute,
      @Min(value = 1, message = CHANGES_RULE)
          @Max(value = DrillLength.MOST_CHANGES, message = CHANGES_RULE)
          int changes,
      @NotNull(message = PRESSES_RULE) @Size(max = 2_000, message = PRESSES_RULE)
          List<@NotNull(message = "A press.") @Valid PressForm> presses) {}

  /** The presses of a row that was shown and done again, to be judged. */
  public record FollowedForm(
      @NotNull(message = ROW_RULE) @Size(min = 1, max = LONGEST_ROW, message = ROW_RULE)
          List<@NotNull(message = ROW_RULE) Digit> row,
      @NotNull(message = "LEFT or RIGHT.") Side hand,
      @Min(value = LEAST_A_MINUTE, message = MusicForms.BPM_RULE)
          @Max(value = GREATEST_A_MINUTE, message = MusicForms.BPM_RULE)
          int bpm,
      @NotNull(message = PRESSES_RULE) @Size(max = 2_000, message = PRESSES_RULE)
          List<@NotNull(message = "A press.") @Valid PressForm> presses) {}

  /**
   * What keys say of a drill.
   *
   * @param even whether it was clean and even enough to go faster at once
   * @param words for people: "19 of 20 on time, 1 missing"
   */
  public record JudgementView(boolean clean, boolean even, String words) {
    static JudgementView of(MeasuredDrill judged) {
      return new JudgementView(judged.clean(), judged.even(), judged.words());
    }
  }

  /**
   * A round as it was drilled: a session like any other. One that is known is passed over.
   *
   * @param drills all of its drills, those not come to as well
   * @param before what hurt before it; null if nobody was asked
   */
  public record DrilledRoundForm(
      @NotNull(message = "An identifier.") UUID roundId,
      @NotNull(message = "When it began.") Instant beganAt,
      @NotNull(message = "When it ended.") Instant endedAt,
      @NotNull(message = "DONE, LEFT or STOPPED.") SessionEnding ending,
      @NotNull(message = DRILLS_RULE)
          @NotEmpty(message = DRILLS_RULE)
          @Size(max = MOST_DRILLS, message = DRILLS_RULE)
          List<@NotNull(message = "A drill.") @Valid DrilledForm> drills,
      @NotNull(message = "What hurt, or an empty list.") @Size(max = 60, message = "At most 60.")
          List<@NotNull(message = "What hurt.") @Valid PainForm> hurts,
      @Schema(nullable = true) @Size(max = 30, message = "At most 30.")
          List<@NotNull(message = "What hurt before.") @Valid PainForm> before,
      @Schema(nullable = true)
          @Min(value = 1, message = MusicForms.BARS_RULE)
          @Max(value = Phrase.MOST_BARS, message = MusicForms.BARS_RULE)
          Integer bars,
      @Schema(nullable = true)
          @Min(value = Phrase.LEAST_BEATS_A_BAR, message = MusicForms.BEATS_RULE)
          @Max(value = Phrase.MOST_BEATS_A_BAR, message = MusicForms.BEATS_RULE)
          Integer beatsABar) {

    Optional<Phrase> phrase() {
      return MusicForms.phrase(bars, beatsABar);
    }
  }

  /**
   * Difficulties as the clients of a coach tried them.
   *
   * @param tries how many tries there are
   * @param leastTries from so many on they say something
   * @param taken whether the coach goes by what tries said
   * @param lines those that depart most from the starting values; none before there are enough
   */
  public record DifficultiesView(
      int tries, int leastTries, boolean taken, List<FitLineView> lines) {}

  /**
   * A pattern with its difficulty by its movements, and as it was tried.
   *
   * @param tries how often it was tried
   */
  public record FitLineView(
      String pattern, String title, String doing, double from, double to, int tries) {}

  /**
   * A row of taps.
   *
   * @param left what the left hand taps; empty if it rests
   * @param walk the number of each transition in the walk: from finger, to finger
   * @param rounds how often it is usually gone round
   * @param thumb whether the thumb takes part
   * @param exercise the exercise of the library that a row is a step of
   * @param stopRules when to stop
   * @param slots taps of a round with the rests that fill its phrase
   * @param beatsABar how beats are counted where it is set to a phrase
   */
  public record RowView(
      Circle.What what,
      String words,
      boolean thumb,
      String exercise,
      List<String> stopRules,
      TempoRange tempo,
      PhraseChoice phrases,
      int rounds,
      List<Digit> left,
      List<Digit> right,
      List<Digit> row,
      int slots,
      @Schema(nullable = true) Integer beatsABar,
      List<TransitionView> walk) {}

  /** A transition between two fingers, by its place in the walk, from 1 on. */
  public record TransitionView(Digit from, Digit to, int place) {}

  /**
   * Which row is asked for.
   *
   * @param thumb whether the thumb takes part; left out where the client's way of counting says so
   */
  public record RowForm(
      @NotNull(message = "What is held once.") Circle.What what,
      @NotNull(message = "How the hands share it.") TwoHandedRow hands,
      @Schema(nullable = true) Boolean thumb,
      @Min(value = 0, message = "0 to 999.") @Max(value = 999, message = "0 to 999.") int another,
      @Min(value = 1, message = "1 to 4 taps a beat.")
          @Max(value = TapMusic.MOST_NOTES, message = "1 to 4 taps a beat.")
          int notesABeat,
      @Schema(nullable = true)
          @Min(value = 1, message = MusicForms.BARS_RULE)
          @Max(value = Phrase.MOST_BARS, message = MusicForms.BARS_RULE)
          Integer bars,
      @Schema(nullable = true)
          @Min(value = Phrase.LEAST_BEATS_A_BAR, message = MusicForms.BEATS_RULE)
          @Max(value = Phrase.MOST_BEATS_A_BAR, message = MusicForms.BEATS_RULE)
          Integer beatsABar) {

    Optional<Phrase> phrase() {
      return MusicForms.phrase(bars, beatsABar);
    }
  }

  /** A form of a clasp. */
  public record ClaspFormView(String pose, String words, List<Side> tops) {}

  /**
   * A clasp with its forms.
   *
   * @param freeRow what its free digits touch in turn; one thumb alone touches nothing in turn
   * @param grips the letters of the clasps of one pair that make it up
   */
  public record ClaspView(
      String letter,
      String words,
      String held,
      List<Digit> crossed,
      List<Digit> freeRow,
      List<String> grips,
      List<ClaspFormView> forms) {}

  /** A move of the walk; without a form at the hub. */
  public record MoveView(
      @Schema(nullable = true) String from,
      @Schema(nullable = true) String to,
      String words,
      boolean changesTop) {}

  /**
   * The walk through every form.
   *
   * @param counts so many for each move, and as many on the way back of the count
   */
  public record ClaspsView(
      List<ClaspView> clasps,
      List<MoveView> walk,
      int forms,
      int changes,
      int counts,
      TempoRange tempo) {}
}

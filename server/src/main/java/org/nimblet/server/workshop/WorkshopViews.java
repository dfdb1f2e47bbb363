package org.nimblet.server.workshop;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Ability;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.Clasp;
import org.nimblet.core.drill.DrillLength;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.drill.Drilling;
import org.nimblet.core.drill.Family;
import org.nimblet.core.drill.PatternWords;
import org.nimblet.core.drill.Patterns;
import org.nimblet.core.drill.Phrase;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.exercise.FingerState;
import org.nimblet.core.measure.MeasuredDrill;
import org.nimblet.core.routine.OpenDrills;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.server.person.Person;
import org.nimblet.server.routine.SafetyView;
import org.nimblet.server.workshop.WorkshopForms.ClaspFormView;
import org.nimblet.server.workshop.WorkshopForms.ClaspView;
import org.nimblet.server.workshop.WorkshopForms.ClaspsView;
import org.nimblet.server.workshop.WorkshopForms.DifficultyPartView;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundForm;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundView;
import org.nimblet.server.workshop.WorkshopForms.DrillView;
import org.nimblet.server.workshop.WorkshopForms.FamilyView;
import org.nimblet.server.workshop.WorkshopForms.MinutesChoice;
import org.nimblet.server.workshop.WorkshopForms.MoveView;
import org.nimblet.server.workshop.WorkshopForms.PatternView;
import org.nimblet.server.workshop.WorkshopForms.PatternsView;
import org.nimblet.server.workshop.WorkshopForms.PhraseChoice;
import org.nimblet.server.workshop.WorkshopForms.RoundDrillView;
import org.nimblet.server.workshop.WorkshopForms.RowForm;
import org.nimblet.server.workshop.WorkshopForms.RowView;
import org.nimblet.server.workshop.WorkshopForms.StateView;
import org.nimblet.server.workshop.WorkshopForms.TempoRange;
import org.nimblet.server.workshop.WorkshopForms.TempoView;
import org.nimblet.server.workshop.WorkshopForms.TransitionView;

/** The workshop as it goes over the wire, in the words of the core. */
final class WorkshopViews {

  private static final double EASY = 0.9;
  private static final double HARD = 0.7;

  /** By how much faster a pattern is looked at, per cent (ours). */
  private static final List<Integer> FASTER = List.of(120, 140);

  private static final int PERCENT = 100;

  /** A row is begun at this tempo and gone round so often (ours). */
  private static final int ROW_BPM = 84;

  private static final int ROW_ROUNDS = 16;

  /** Eight forward and eight back, one a second (common practice, no source). */
  private static final int CLASP_COUNTS = 8;

  private static final int CLASP_BPM = 60;

  private final PatternWords words;
  private final Function<Drill, Optional<String>> closed;

  /**
   * Views for somebody.
   *
   * @param closed why a drill may not be done
   */
  WorkshopViews(Notation notation, Function<Drill, Optional<String>> closed) {
    this.words = new PatternWords(notation);
    this.closed = closed;
  }

  PatternsView patterns(Drilling drilling, Side hand, int aMinute, Set<Drill> next) {
    List<Family> open = drilling.openFamilies();
    List<FamilyView> families =
        Arrays.stream(Family.values())
            .map(
                family ->
                    new FamilyView(
                        family.name(),
                        family.words(),
                        open.contains(family),
                        Drilling.drills(family).stream()
                            .filter(drill -> drill.hand().filter(side -> side != hand).isEmpty())
                            .map(drill -> drill(drilling, drill, aMinute, next.contains(drill)))
                            .toList()))
            .toList();
    Ability ability = drilling.ability(hand);
    return new PatternsView(
        aMinute,
        TempoRange.from(DrillTempo.FIRST),
        MinutesChoice.OF_A_ROUND,
        PhraseChoice.ALL,
        ability.difficultyAt(Ability.OFFERED),
        ability.difficultyAt(EASY),
        ability.difficultyAt(HARD),
        families.stream().flatMap(f -> f.drills().stream()).mapToInt(DrillView::tries).sum(),
        families.stream().flatMap(f -> f.drills().stream()).mapToInt(DrillView::clean).sum(),
        forecast(drilling),
        families);
  }

  private static String forecast(Drilling drilling) {
    List<Family> open = drilling.openFamilies();
    int more = drilling.cleanUntilNextFamily();
    return drilling
        .nextFamily()
        .map(
            next ->
                "Next: %s, once %d more of \"%s\" %s clean."
                    .formatted(
                        next.words(),
                        more,
                        open.get(open.size() - 1).words(),
                        more == 1 ? "is" : "are"))
        .orElse("All families are open.");
  }

  private DrillView drill(Drilling drilling, Drill drill, int aMinute, boolean next) {
    Optional<Drilling.SoFar> soFar = drilling.soFar(drill);
    return new DrillView(
        drill.pattern().id(),
        drill.hand().orElse(null),
        words.title(drill.pattern()),
        doing(words, drill),
        states(drill.pattern().first()),
        states(drill.pattern().second()),
        drilling.difficulty(drill, OptionalInt.of(aMinute)).total(),
        drilling.expected(drill, OptionalInt.of(aMinute)),
        drill.pattern().mayBeRude(),
        soFar.map(Drilling.SoFar::tries).orElse(0),
        soFar.map(Drilling.SoFar::clean).orElse(0),
        soFar.filter(Drilling.SoFar::isWeak).isPresent(),
        next,
        drilling.tempo(drill).aMinute(),
        nextTempo(drilling.tempo(drill)),
        closed.apply(drill).orElse(null));
  }

  private static String how(Drill drill) {
    return "%d changes from one to the next, %s. Clean is: only what is meant moves, and on the beat."
        .formatted(
            DrillLength.CHANGES,
            drill.pattern().first().size() == 2 ? "and back" : "round and round");
  }

  private static String tempoWords(DrillTempo tempo) {
    String now = "%d a minute.".formatted(tempo.aMinute());
    return tempo.next().isEmpty()
        ? now
        : "%s After %d clean rounds in a row %d."
            .formatted(now, DrillTempo.CLEAN_ROUNDS, tempo.next().getAsInt());
  }

  private static String nextTempo(DrillTempo tempo) {
    return tempo.next().isEmpty()
        ? null
        : "%d of %d clean before %d"
            .formatted(tempo.cleanInARow(), DrillTempo.CLEAN_ROUNDS, tempo.next().getAsInt());
  }

  /** Which hand does it, or how the two do it together. */
  static String doing(PatternWords words, Drill drill) {
    return drill.hand().map(side -> side.word() + " hand").orElse(words.doing(drill.pattern()));
  }

  private static List<StateView> states(List<FingerState> states) {
    return states.stream()
        .map(
            state ->
                new StateView(state.bent(), state.open().stream().map(DigitPair::nearer).toList()))
        .toList();
  }

  PatternView pattern(Drilling drilling, Drill drill, int aMinute, SafetyView safety) {
    return new PatternView(
        OpenDrills.exerciseOf(Patterns.familyOf(drill.pattern())).id(),
        drill(drilling, drill, aMinute, false),
        drilling.difficulty(drill, OptionalInt.of(aMinute)).parts().stream()
            .map(part -> new DifficultyPartView(part.words(), part.amount()))
            .toList(),
        FASTER.stream()
            .map(percent -> aMinute * percent / PERCENT)
            .map(
                faster ->
                    new TempoView(
                        faster,
                        drilling.difficulty(drill, OptionalInt.of(faster)).total(),
                        drilling.expected(drill, OptionalInt.of(faster))))
            .toList(),
        how(drill),
        tempoWords(drilling.tempo(drill)),
        safety);
  }

  DrillRoundView round(
      Drilling drilling,
      List<Drill> drills,
      DrillRoundForm form,
      boolean standIn,
      SafetyView safety) {
    return new DrillRoundView(
        UUID.randomUUID(),
        form.length(),
        form.phrase().map(Phrase::beatsABar).orElse(null),
        TempoRange.from(DrillTempo.FIRST),
        drills.stream().map(drill -> drill(drilling, drill, form)).toList(),
        MeasuredDrill.TOGETHER_ON_ANY_KEYBOARD,
        standIn,
        safety);
  }

  private RoundDrillView drill(Drilling drilling, Drill drill, DrillRoundForm form) {
    int aMinute = form.tempo().orElse(drilling.tempo(drill).aMinute());
    DrillLength length = DrillLength.of(aMinute, form.phrase());
    return new RoundDrillView(
        drill(drilling, drill, aMinute, true),
        aMinute,
        length.readMillis(),
        length.changes(),
        MeasuredDrill.unfit(drill).isPresent() ? null : MeasuredDrill.mostAtOnce(drill));
  }

  /**
   * A row, at the tempo to which keys have brought these hands; without a word about the thumb it
   * takes part where the client counts five.
   */
  static RowView row(RowForm form, Person person) {
    boolean thumb =
        form.thumb() == null ? person.client().notation() == Notation.KEYBOARD : form.thumb();
    List<Digit> digits = thumb ? List.of(Digit.values()) : Digit.FINGERS;
    Circle circle = Circle.of(form.what(), digits, form.another());
    TwoHandedRow hands = form.hands();
    List<Digit> row = circle.taps();
    List<TransitionView> walk = new ArrayList<>();
    for (int i = 0; i < row.size(); i++) {
      walk.add(new TransitionView(row.get(i), row.get((i + 1) % row.size()), i + 1));
    }
    return new RowView(
        form.what(),
        form.what().words(),
        thumb,
        OpenDrills.taps().id(),
        SafetyRules.STOP_RULES,
        TempoRange.from(bpm(person, form)),
        PhraseChoice.ALL,
        ROW_ROUNDS,
        hands.left(row),
        hands.right(row),
        row,
        form.phrase().map(set -> set.fitted(row, form.notesABeat(), row.get(0))).orElse(row).size(),
        form.phrase().map(Phrase::beatsABar).orElse(null),
        walk);
  }

  private static int bpm(Person person, RowForm form) {
    OptionalInt notes = person.progress().notesAMinute(form.hands().sides());
    return notes.isPresent() ? TempoRange.within(notes.getAsInt() / form.notesABeat()) : ROW_BPM;
  }

  static ClaspsView clasps() {
    List<Clasp.Move> walk = Clasp.walk(List.of(Clasp.values()));
    List<ClaspView> clasps =
        Arrays.stream(Clasp.values())
            .map(
                clasp ->
                    new ClaspView(
                        clasp.letter(),
                        clasp.words(),
                        clasp.held(),
                        clasp.crossed(),
                        clasp.freeRow(),
                        clasp.grips().stream().map(Clasp::letter).toList(),
                        clasp.forms().stream()
                            .map(f -> new ClaspFormView(f.pose(), f.words(), f.tops()))
                            .toList()))
            .toList();
    return new ClaspsView(
        clasps,
        walk.stream()
            .map(
                move ->
                    new MoveView(
                        move.from().map(Clasp.Form::pose).orElse(null),
                        move.to().map(Clasp.Form::pose).orElse(null),
                        move.words(),
                        move.changesTop()))
            .toList(),
        clasps.stream().mapToInt(clasp -> clasp.forms().size()).sum(),
        (int) walk.stream().filter(Clasp.Move::changesTop).count(),
        CLASP_COUNTS,
        TempoRange.from(CLASP_BPM));
  }
}

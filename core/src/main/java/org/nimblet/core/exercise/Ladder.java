package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The rungs of an exercise by one method, from the easiest on. Sources: the model's table of rungs;
 * numbers ours unless named there.
 *
 * @param rungs at least one
 */
public record Ladder(List<Rung> rungs) {

  private static final List<Integer> HOLD_SECONDS = List.of(15, 20, 25, 30);
  private static final List<Integer> LONG_QUIET_SECONDS = List.of(30, 45, 60, 75, 90);
  private static final List<Integer> BRIEF_SECONDS = List.of(5, 8, 10);
  private static final int HOLD_REPETITIONS = 2;
  private static final int GREATEST_HOLD_REPETITIONS = 4;
  private static final List<Integer> BREATHS = List.of(3, 5, 10);

  /** Two seconds kept, 10–15 times (common practice, no source). */
  private static final List<Integer> PULSES = List.of(10, 12, 15);

  /** 8–12 repetitions (ACSM 2011, from memory). */
  private static final List<Integer> LOADED = List.of(8, 10, 12);

  /** So many repetitions come before a step that is bigger (ours). */
  public static final int REPETITIONS_BEFORE_A_BIG_STEP = 20;

  private static final List<Integer> BEFORE_A_BIG_STEP = List.of(15, REPETITIONS_BEFORE_A_BIG_STEP);

  /** Load rises by 2–10 % (ACSM 2009, from memory); a bigger step asks for more repetitions. */
  public static final int SMALL_STEP_PERCENT = 10;

  private static final int FIRST_ENDURANCE = 40;

  /** Below it the first rung is what somebody reached complete, from ten on in fives (ours). */
  private static final List<Integer> BEFORE_ENDURANCE = List.of(10, 15, 20, 25, 30, 35);

  private static final int GREATEST_SUBDIVISION = 4;
  private static final int EVEN_RUNGS = 4;

  /** Copies the rungs. */
  public Ladder {
    rungs = List.copyOf(rungs);
    if (rungs.isEmpty()) {
      throw new IllegalArgumentException("rungs (none) must hold at least one rung");
    }
  }

  /**
   * One rung.
   *
   * @param words what it is called: "20 s", "2 ×", "12 at 750 g"
   * @param dose what is done on it
   * @param thing the thing it is done with, where the things make the ladder
   */
  public record Rung(String words, Dose dose, Optional<Thing> thing) {}

  /**
   * The ladder of an exercise.
   *
   * @param exercise whose
   * @param method by which method; the exercise must have a dose for it
   * @param loads the loads that the person owns, the lightest first; the next rung is one that
   *     exists
   * @throws IllegalArgumentException if the exercise has no dose by this method
   */
  public static Ladder of(Exercise exercise, Method method, List<Load> loads) {
    DosePlan plan =
        exercise
            .dose(method)
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "method (%s) must be one of %s"
                            .formatted(method, exercise.doses().keySet())));
    Dose usual = plan.usual();
    Progression.Steps steps = exercise.progression().steps();
    if (steps instanceof Progression.Things things) {
      return new Ladder(
          things.things().stream()
              .map(thing -> new Rung(thing.word(), usual, Optional.of(thing)))
              .toList());
    } else if (steps instanceof Progression.Named named) {
      return new Ladder(
          named.rungs().stream()
              .map(
                  rung ->
                      new Rung(
                          rung.name(),
                          rung.quantity().isPresent() && method == exercise.usualMethod()
                              ? usual.withQuantity(rung.quantity().getAsInt())
                              : usual,
                          rung.thing()))
              .toList());
    } else if (steps instanceof Progression.Tempo tempo) {
      return tempo(plan, method, tempo.upperBeatsPerMinute());
    } else if (steps instanceof Progression.Endurance) {
      List<Integer> counts = new ArrayList<>(BEFORE_ENDURANCE);
      counts.addAll(endurance());
      return quantities(plan, counts, "");
    } else if (usual.load().isPresent()) {
      return loaded(usual, loads.isEmpty() ? List.of(usual.load().get()) : loads);
    }
    return byForm(plan, method);
  }

  /** The last rung. */
  public int last() {
    return rungs.size() - 1;
  }

  /** A rung that is there: the nearest one to a number. */
  public int nearest(int rung) {
    return Math.max(0, Math.min(last(), rung));
  }

  /**
   * The rung of a dose: the highest one that asks for no more, of like ones the first; the first
   * one for less than all of them.
   */
  public int rungOf(Dose dose) {
    int found = 0;
    for (int i = 1; i < rungs.size(); i++) {
      if (reaches(dose, i) && volume(i) > volume(found)) {
        found = i;
      }
    }
    return found;
  }

  /** Whether a dose is at least what a rung asks for: the same form, the load and the work. */
  public boolean reaches(Dose dose, int rung) {
    Dose asked = rungs.get(rung).dose();
    return dose.form().getClass() == asked.form().getClass()
        && grams(dose) >= grams(asked)
        && work(dose) >= work(asked);
  }

  /** How much a rung asks for, for comparing rungs of this ladder only. */
  public long volume(int rung) {
    Dose dose = rungs.get(rung).dose();
    return Math.max(1, grams(dose)) * work(dose);
  }

  private static long grams(Dose dose) {
    return dose.load().map(Load::grams).orElse(0);
  }

  private static long work(Dose dose) {
    long repeated = dose.form().variesItself() ? dose.repetitions() : 1;
    return dose.quantity() * repeated * dose.sets() * notesAMinute(dose.form());
  }

  private static long notesAMinute(DoseForm form) {
    if (form instanceof DoseForm.Count count) {
      return count.beatsPerMinute();
    } else if (form instanceof DoseForm.Paced paced) {
      return (long) paced.beatsPerMinute()
          * paced.ladder().stream().mapToInt(Integer::intValue).max().orElseThrow();
    }
    return 1;
  }

  private static Ladder byForm(DosePlan plan, Method method) {
    Dose usual = plan.usual();
    if (usual.form() instanceof DoseForm.Hold && method == Method.LONG_QUIET) {
      return quantities(plan, LONG_QUIET_SECONDS, " s");
    } else if (usual.form() instanceof DoseForm.Hold && method == Method.BRIEF_CAREFUL) {
      return quantities(plan, BRIEF_SECONDS, " s");
    } else if (usual.form() instanceof DoseForm.Hold
        && plan.bounds().greatest() >= HOLD_SECONDS.get(0)) {
      return holds(plan);
    } else if (usual.form() instanceof DoseForm.Breaths) {
      return quantities(plan, BREATHS, " breaths");
    } else if (usual.form() instanceof DoseForm.Pulse) {
      return quantities(plan, PULSES, " pulses");
    } else if (usual.form() instanceof DoseForm.Travel) {
      return quantities(plan, between(plan.bounds()), " ×");
    } else if (usual.form() instanceof DoseForm.Paced paced) {
      return tempo(plan, method, paced.beatsPerMinute() * 2);
    } else if (usual.form().variesItself()) {
      return quantities(plan, evenly(plan.bounds()), " s");
    }
    return quantities(plan, evenly(plan.bounds()), " ×");
  }

  /** Longer up to the longest hold, twice each; then three and four times. */
  private static Ladder holds(DosePlan plan) {
    List<Rung> rungs = new ArrayList<>();
    List<Integer> seconds = inside(HOLD_SECONDS, plan.bounds());
    int repetitions = Math.max(HOLD_REPETITIONS, plan.usual().repetitions());
    for (int length : seconds) {
      rungs.add(
          rung(
              length + " s",
              plan.usual().withQuantity(length).withRepetitions(repetitions, plan.usual().sets())));
    }
    int longest = seconds.get(seconds.size() - 1);
    for (int more = repetitions + 1; more <= GREATEST_HOLD_REPETITIONS; more++) {
      rungs.add(
          rung(
              more + " ×",
              plan.usual().withQuantity(longest).withRepetitions(more, plan.usual().sets())));
    }
    return new Ladder(rungs);
  }

  /** Repetitions rise, then the load with the first number of repetitions; never both at once. */
  private static Ladder loaded(Dose usual, List<Load> loads) {
    List<Rung> rungs = new ArrayList<>();
    for (int i = 0; i < loads.size(); i++) {
      Load load = loads.get(i);
      List<Integer> repetitions = new ArrayList<>(LOADED);
      boolean bigStepAhead =
          i + 1 < loads.size()
              && loads.get(i + 1).grams() * 100 > load.grams() * (100 + SMALL_STEP_PERCENT);
      if (bigStepAhead) {
        repetitions.addAll(BEFORE_A_BIG_STEP);
      }
      for (int count : repetitions) {
        rungs.add(
            rung(
                "%d, %s".formatted(count, load.words()),
                usual.withRepetitions(count, usual.sets()).withLoad(load)));
      }
    }
    return new Ladder(rungs);
  }

  private static Ladder tempo(DosePlan plan, Method method, int upper) {
    List<Rung> rungs = new ArrayList<>();
    Dose usual = plan.usual();
    if (usual.form() instanceof DoseForm.Count count) {
      for (int bpm = count.beatsPerMinute(); bpm <= upper; bpm = nextTempo(bpm)) {
        rungs.add(tempoRung(bpm, 1, usual, new DoseForm.Count(count.beats(), bpm)));
      }
    } else if (usual.form() instanceof DoseForm.Paced paced) {
      int bpm = paced.beatsPerMinute();
      int top = paced.ladder().stream().mapToInt(Integer::intValue).max().orElseThrow();
      while (bpm <= upper) {
        rungs.add(
            tempoRung(
                bpm,
                top,
                usual,
                new DoseForm.Paced(paced.beats(), bpm, paced.ladder(), paced.countIn())));
        bpm = nextTempo(bpm);
      }
    } else {
      return byForm(plan, method);
    }
    return new Ladder(rungs);
  }

  private static Rung tempoRung(int bpm, int notes, Dose usual, DoseForm form) {
    String words = notes == 1 ? bpm + " bpm" : "%d bpm × %d".formatted(bpm, notes);
    return rung(
        words,
        new Dose(
            form,
            usual.repetitions(),
            usual.sets(),
            usual.laterality(),
            usual.units(),
            usual.restSeconds(),
            usual.load(),
            usual.exception()));
  }

  /** The next tempo: 4 % more, rounded half up, at least one. */
  public static int nextTempo(int beatsPerMinute) {
    return Math.max(beatsPerMinute + 1, (beatsPerMinute * 104 + 50) / 100);
  }

  /** Where the tempo starts again with one note more to a beat, from the upper tempo. */
  public static int tempoAtNextSubdivision(int beatsPerMinute, int notes) {
    if (notes < 1 || notes >= GREATEST_SUBDIVISION) {
      throw new IllegalArgumentException(
          "notes to a beat (%d) must be between 1 and %d"
              .formatted(notes, GREATEST_SUBDIVISION - 1));
    }
    int hundredths = 104 * beatsPerMinute * notes;
    return (hundredths + 50 * (notes + 1)) / (100 * (notes + 1));
  }

  /** The counts of an endurance exercise up to 300 in a row. */
  public static List<Integer> endurance() {
    List<Integer> counts = new ArrayList<>();
    for (int count = FIRST_ENDURANCE; ; count = nextEndurance(count)) {
      counts.add(count);
      if (count == 300) {
        return List.copyOf(counts);
      }
    }
  }

  private static int nextEndurance(int count) {
    return Math.min(300, Math.max(count + 5, (11 * count + 25) / 50 * 5));
  }

  private static Ladder quantities(DosePlan plan, List<Integer> wanted, String unit) {
    return new Ladder(
        inside(wanted, plan.bounds()).stream()
            .map(quantity -> rung(quantity + unit, plan.usual().withQuantity(quantity)))
            .toList());
  }

  /** The wanted quantities that the bounds allow; even steps where they allow fewer than two. */
  private static List<Integer> inside(List<Integer> wanted, Dose.Bounds bounds) {
    List<Integer> allowed = wanted.stream().filter(bounds::contains).toList();
    return allowed.size() < 2 ? evenly(bounds) : allowed;
  }

  private static List<Integer> between(Dose.Bounds bounds) {
    return IntStream.rangeClosed(bounds.least(), bounds.greatest()).boxed().toList();
  }

  private static List<Integer> evenly(Dose.Bounds bounds) {
    int width = bounds.greatest() - bounds.least();
    return IntStream.range(0, EVEN_RUNGS)
        .map(i -> bounds.least() + (width * i * 2 + EVEN_RUNGS - 1) / (2 * (EVEN_RUNGS - 1)))
        .distinct()
        .boxed()
        .toList();
  }

  private static Rung rung(String words, Dose dose) {
    return new Rung(words, dose, Optional.empty());
  }
}

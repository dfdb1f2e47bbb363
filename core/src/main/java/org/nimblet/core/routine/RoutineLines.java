package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseText;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.ExerciseNames;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Circuits.Circuit;

/**
 * A routine as coaches write it, a step a line: "palm rub 30 s", "3x12 trainer left", "circuit 2x:
 * palm lifts 45 s / knuckles 45 s". What is written out is read back to the same steps.
 */
public final class RoutineLines {

  /** A line of more characters is no line of a routine. */
  public static final int LONGEST_LINE = 200;

  /** A routine has no more lines. */
  public static final int MOST_LINES = 60;

  private static final int MOST_NEAR = 4;
  private static final int MOST_ROUNDS = 10;

  /** What is kept free for a line that says no time (ours). */
  private static final int UNSAID_SECONDS = 30;

  private static final Pattern MARKER = Pattern.compile("^\\s*(?:[-*•]|\\d+[.)])\\s+");
  private static final Pattern CIRCUIT =
      Pattern.compile("(?i)^\\s*(?:circuit|in turn)\\s*(?:(\\d+)\\s*[x×])?\\s*:\\s*(.+)$");
  private static final Pattern REMARK = Pattern.compile("\\s*\\(([^()]*)\\)\\s*$");
  private static final Pattern BARE_SIDE =
      Pattern.compile("\\b(left|right)\\b(?!\\s*(?:only|side|first|working|hand|\\d))");
  private static final Pattern WORD = Pattern.compile("\\p{L}{3,}");

  /** A bare number is a dose of something, if not of the exercise whose name fits best. */
  private static final Pattern NUMBER = Pattern.compile("\\d+");

  private static final Pattern DOSE_WORD =
      Pattern.compile(
          "(?i).*\\d.*|[x×]|s|sec|seconds|min|minutes?|times|sets?|of|each|sides?|hands?|left|right"
              + "|only|breaths?|pulses?");
  private static final Pattern SECONDS =
      Pattern.compile("(?:(\\d+)\\s*min)?\\s*(?:(\\d+)\\s*s(?:ec\\w*)?\\b)?");
  private static final String RIGHT_FIRST = "right first";
  private static final String LEFT_FIRST = "left first";
  private static final String NO_RELEASE = "no release";

  private final RoutineRequest asked;
  private final ExerciseNames names;

  /** Lines for whoever is asked for, with the exercises of a library. */
  public RoutineLines(ExerciseLibrary library, RoutineRequest asked) {
    this.asked = asked;
    this.names = library.names();
  }

  /** A line, read. */
  public sealed interface Line {
    /** What was written. */
    String text();
  }

  /** A line with nothing in it. */
  public record EmptyLine(String text) implements Line {}

  /**
   * A line that says steps: one, or those of a circuit in turn.
   *
   * @param others what its words could mean as well, the nearest first
   */
  public record StepsLine(String text, List<Step> steps, List<Exercise> others) implements Line {
    /** Copies the lists. */
    public StepsLine {
      steps = List.copyOf(steps);
      others = List.copyOf(others);
    }
  }

  /**
   * A line that could not be read.
   *
   * @param wrong why, for people
   * @param near what may be meant, the nearest first
   * @param seconds the time that is kept for it
   */
  public record UnreadLine(String text, String wrong, List<Exercise> near, int seconds)
      implements Line {
    /** Copies the list. */
    public UnreadLine {
      near = List.copyOf(near);
    }
  }

  // ---- reading

  /**
   * Reads lines; every line comes back, read or not.
   *
   * @throws IllegalArgumentException if there are too many lines, or one is too long
   */
  public List<Line> read(String text) {
    List<String> lines = text.lines().toList();
    if (lines.size() > MOST_LINES) {
      throw new IllegalArgumentException(
          "lines (%d) must be at most %d".formatted(lines.size(), MOST_LINES));
    }
    for (int i = 0; i < lines.size(); i++) {
      if (lines.get(i).length() > LONGEST_LINE) {
        throw new IllegalArgumentException(
            "line %d (%d characters) must have at most %d"
                .formatted(i + 1, lines.get(i).length(), LONGEST_LINE));
      }
    }
    List<Line> read = new ArrayList<>();
    int circuits = 0;
    for (String line : lines) {
      Line one = line(line, circuits + 1);
      circuits += one instanceof StepsLine said && said.steps().get(0).circuit() > 0 ? 1 : 0;
      read.add(one);
    }
    return read;
  }

  private Line line(String text, int nextCircuit) {
    String said = MARKER.matcher(text).replaceFirst("").strip();
    if (said.isEmpty()) {
      return new EmptyLine(text);
    }
    Matcher circuit = CIRCUIT.matcher(said);
    return circuit.matches() ? circuit(text, circuit, nextCircuit) : step(text, said);
  }

  private Line circuit(String text, Matcher said, int number) {
    int rounds = said.group(1) == null ? 1 : Integer.parseInt(said.group(1));
    if (rounds < 1 || rounds > MOST_ROUNDS) {
      return new UnreadLine(
          text,
          "rounds (%d) must be 1 to %d".formatted(rounds, MOST_ROUNDS),
          List.of(),
          UNSAID_SECONDS);
    }
    List<Step> round = new ArrayList<>();
    for (String part : said.group(2).split("\\s+/\\s+")) {
      Line line = step(text, part.strip());
      if (line instanceof StepsLine steps) {
        steps.steps().forEach(step -> round.add(step.inCircuit(number)));
      } else {
        return line;
      }
    }
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < rounds; i++) {
      steps.addAll(round);
    }
    return new StepsLine(text, steps, List.of());
  }

  private Line step(String text, String said) {
    Matcher remark = REMARK.matcher(said);
    String remarks = remark.find() ? remark.group(1) : "";
    String plain = remark.reset().replaceFirst("");
    List<ExerciseNames.Named> all = names.in(plain);
    String wrong = "";
    List<Exercise> near = new ArrayList<>();
    for (ExerciseNames.Named named : all) {
      try {
        Step step = step(named.exercise(), named.rest(), remarks);
        List<Exercise> others =
            all.stream()
                .filter(other -> other.rest().equals(named.rest()))
                .map(ExerciseNames.Named::exercise)
                .filter(other -> !other.equals(named.exercise()))
                .distinct()
                .limit(MOST_NEAR)
                .toList();
        return new StepsLine(text, List.of(step), others);
      } catch (IllegalArgumentException e) {
        wrong = wrong.isEmpty() ? wrong(named, e.getMessage()) : wrong;
        if (!near.contains(named.exercise()) && near.size() < MOST_NEAR) {
          near.add(named.exercise());
        }
      }
    }
    return all.isEmpty()
        ? new UnreadLine(text, "not in the library", names.near(plain, MOST_NEAR), seconds(plain))
        : new UnreadLine(text, wrong, near, seconds(plain));
  }

  /** Why a line is not read: one word that belongs to no name, or all, or a dose that is none. */
  private String wrong(ExerciseNames.Named named, String message) {
    List<String> words =
        Arrays.stream(named.rest().split("\\s+")).filter(WORD.asMatchPredicate()).toList();
    return Stream.concat(words.stream().map(List::of), Stream.of(words))
        .filter(some -> !some.isEmpty())
        .filter(
            some -> {
              String dose = without(named.rest(), some);
              return NUMBER.matcher(dose).matches() || reads(named.exercise(), dose);
            })
        .findFirst()
        .map(some -> "\"%s\" is in no name that fits".formatted(String.join(" ", some)))
        .orElse(message);
  }

  private static String without(String text, List<String> words) {
    return Arrays.stream(text.split("\\s+"))
        .filter(word -> !words.contains(word))
        .collect(Collectors.joining(" "));
  }

  private boolean reads(Exercise exercise, String dose) {
    try {
      return step(exercise, dose.strip(), "") != null;
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private static int seconds(String said) {
    Matcher time = SECONDS.matcher(said.toLowerCase(Locale.ROOT));
    while (time.find()) {
      if (!time.group().isBlank()) {
        int minutes = time.group(1) == null ? 0 : Integer.parseInt(time.group(1));
        int rest = time.group(2) == null ? 0 : Integer.parseInt(time.group(2));
        return minutes * 60 + rest;
      }
    }
    return UNSAID_SECONDS;
  }

  private Step step(Exercise exercise, String dose, String remarks) {
    Step step = usual(exercise);
    if (!dose.isBlank()) {
      step = dosed(step, dose.toLowerCase(Locale.ROOT));
    }
    for (String remark : remarks.toLowerCase(Locale.ROOT).split(",")) {
      step = remarked(step, remark.strip());
    }
    return step;
  }

  /** "3x12 left" is meant as "3x12 left only", unless it is a dose as it stands. */
  private Step dosed(Step step, String said) {
    try {
      return read(step, said);
    } catch (IllegalArgumentException e) {
      String sided = BARE_SIDE.matcher(said).replaceAll("$1 only");
      if (sided.equals(said)) {
        throw e;
      }
      return read(step, sided);
    }
  }

  private Step read(Step step, String said) {
    Dose dose = text(step.exercise()).parse(said);
    return with(
        step, dose, DoseText.sideOf(said).orElseGet(() -> firstSide(step.exercise(), dose)));
  }

  private Step remarked(Step step, String remark) {
    switch (remark) {
      case "" -> {
        return step;
      }
      case LEFT_FIRST -> {
        return with(step, step.dose(), Side.LEFT);
      }
      case RIGHT_FIRST -> {
        return with(step, step.dose(), Side.RIGHT);
      }
      case NO_RELEASE -> {
        return step.withRelease(false);
      }
      default -> {
        for (Position position : Position.values()) {
          if (position.word().toLowerCase(Locale.ROOT).equals(remark)) {
            return step.in(position);
          }
        }
        throw new IllegalArgumentException(
            "remark (%s) must be a position, %s, %s or %s"
                .formatted(remark, LEFT_FIRST, RIGHT_FIRST, NO_RELEASE));
      }
    }
  }

  private DoseText text(Exercise exercise) {
    return exercise.doseText(asked.facts().method(), asked.facts().notation());
  }

  private Step usual(Exercise exercise) {
    Dose dose = exercise.doseFor(asked.facts().method()).usual();
    Map<Thing, Substitution> standIns =
        Substitution.resolve(exercise.demands().things(), asked.facts().things()).orElse(Map.of());
    return new Step(
        exercise,
        dose,
        usualPosition(exercise),
        firstSide(exercise, dose),
        standIns,
        true,
        asked.use().digitsFor(exercise));
  }

  private Position usualPosition(Exercise exercise) {
    return Gate.position(exercise, asked.facts())
        .orElseGet(
            () -> exercise.demands().positions().stream().sorted().findFirst().orElseThrow());
  }

  private Side firstSide(Exercise exercise, Dose dose) {
    return dose.laterality() == Laterality.WORKING_SIDE
        ? asked.workingSide(exercise)
        : asked.facts().weakerSide();
  }

  private static Step with(Step step, Dose dose, Side first) {
    return new Step(
        step.exercise(),
        dose,
        step.position(),
        first,
        step.standIns(),
        step.released(),
        step.digits(),
        step.circuit());
  }

  /** A line with another name: its dose as far as that exercise can have it, else the usual one. */
  public String renamed(String text, Exercise exercise) {
    String dose =
        Arrays.stream(MARKER.matcher(text).replaceFirst("").strip().split("\\s+"))
            .filter(token -> DOSE_WORD.matcher(token).matches())
            .collect(Collectors.joining(" "));
    return exercise.title() + ":" + (!dose.isEmpty() && reads(exercise, dose) ? " " + dose : "");
  }

  // ---- writing

  /** Steps as lines, one each. */
  public String write(List<Step> steps) {
    StringBuilder lines = new StringBuilder();
    for (int i = 0; i < steps.size(); ) {
      int from = i;
      Optional<Circuit> circuit = Circuits.at(steps, i);
      i = circuit.map(Circuit::until).orElse(i + 1);
      lines
          .append(circuit.isPresent() ? inTurn(steps.subList(from, i)) : write(steps.get(from)))
          .append('\n');
    }
    return lines.toString();
  }

  /** A circuit: a round of it where all rounds are alike, else all of its steps. */
  private String inTurn(List<Step> steps) {
    List<Step> round = steps.stream().distinct().toList();
    int rounds = steps.size() / round.size();
    boolean alike = true;
    for (int i = 0; i < steps.size(); i++) {
      alike &= steps.get(i).equals(round.get(i % round.size()));
    }
    boolean whole = alike && steps.size() % round.size() == 0;
    return "circuit %dx: ".formatted(whole ? rounds : 1)
        + (whole ? round : steps).stream().map(this::write).collect(Collectors.joining(" / "));
  }

  private String write(Step step) {
    List<String> remarks = new ArrayList<>();
    if (step.position() != usualPosition(step.exercise())) {
      remarks.add(step.position().word().toLowerCase(Locale.ROOT));
    }
    String dose = text(step.exercise()).format(step.dose(), step.firstSide());
    Side told = DoseText.sideOf(dose).orElseGet(() -> firstSide(step.exercise(), step.dose()));
    if (step.firstSide() != told) {
      remarks.add(step.firstSide() == Side.LEFT ? LEFT_FIRST : RIGHT_FIRST);
    }
    if (!step.released()) {
      remarks.add(NO_RELEASE);
    }
    return step.exercise().title()
        + ": "
        + dose
        + (remarks.isEmpty() ? "" : " (" + String.join(", ", remarks) + ")");
  }
}

package org.nimblet.core.routine;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * A routine to start from that ships with the program.
 *
 * @param id lower case, words joined by hyphens
 * @param title what it is called
 * @param purpose what it is for
 * @param discipline for whom it was made
 * @param seconds the time it is made for
 * @param aim what it is good for, as one sentence
 * @param warmed whether it is done with warm hands
 * @param steps what is done, before a person's own facts are known
 */
public record RoutineTemplate(
    String id,
    String title,
    Purpose purpose,
    Discipline discipline,
    int seconds,
    String aim,
    boolean warmed,
    List<Step> steps) {

  /** Copies the list. */
  public RoutineTemplate {
    steps = List.copyOf(steps);
  }

  /**
   * All templates that ship.
   *
   * @throws IllegalStateException if one names an exercise that the library has not
   */
  public static List<RoutineTemplate> all(ExerciseLibrary library) {
    try (InputStream in = RoutineTemplate.class.getResourceAsStream("templates.yaml")) {
      List<Map<String, Object>> entries =
          new Yaml(new SafeConstructor(new LoaderOptions())).load(in);
      return entries.stream().map(entry -> read(entry, library)).toList();
    } catch (IOException e) {
      throw new UncheckedIOException("the templates ship with the core", e);
    }
  }

  private static RoutineTemplate read(Map<String, Object> entry, ExerciseLibrary library) {
    List<Step> steps = new ArrayList<>();
    for (Object step : (List<?>) entry.get("steps")) {
      steps.add(step((Map<?, ?>) step, library));
    }
    return new RoutineTemplate(
        entry.get("id").toString(),
        entry.get("title").toString(),
        Purpose.valueOf(constant(entry.get("purpose"))),
        Discipline.valueOf(constant(entry.get("discipline"))),
        (Integer) entry.get("seconds"),
        entry.get("aim").toString(),
        Boolean.TRUE.equals(entry.get("warmed")),
        steps);
  }

  private static Step step(Map<?, ?> fields, ExerciseLibrary library) {
    String id = fields.get("exercise").toString();
    Exercise exercise =
        library
            .find(id)
            .orElseThrow(() -> new IllegalStateException("template names no exercise: " + id));
    Dose usual = exercise.doseFor(exercise.usualMethod()).usual();
    Dose dose =
        Optional.ofNullable(fields.get("dose"))
            .map(
                text ->
                    exercise
                        .doseText(exercise.usualMethod(), Notation.NAMES)
                        .parse(text.toString()))
            .orElse(usual);
    Position position =
        Optional.ofNullable(fields.get("position"))
            .map(name -> Position.valueOf(constant(name)))
            .orElse(exercise.demands().positions().get(0));
    int circuit = fields.get("circuit") instanceof Integer number ? number : 0;
    return new Step(exercise, dose, position, Side.LEFT).inCircuit(circuit);
  }

  private static String constant(Object name) {
    return name.toString().toUpperCase(Locale.ROOT).replace('-', '_');
  }
}

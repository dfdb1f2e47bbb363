package org.nimblet.core.exercise;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/** The exercises there are, by identifier. */
public final class ExerciseLibrary {

  private static final List<String> SHIPPED_FILES =
      List.of(
          "heat.yaml",
          "mobilise-body.yaml",
          "mobilise-hand.yaml",
          "stretch.yaml",
          "activate.yaml",
          "independence.yaml",
          "bridge.yaml",
          "release.yaml",
          "settle.yaml");

  private final SortedMap<String, Exercise> exercises;

  private ExerciseLibrary(SortedMap<String, Exercise> exercises) {
    this.exercises = Collections.unmodifiableSortedMap(exercises);
  }

  /**
   * A library of these exercises.
   *
   * @throws IllegalArgumentException if two have the same identifier
   */
  public static ExerciseLibrary of(Collection<Exercise> exercises) {
    SortedMap<String, Exercise> byId = new TreeMap<>();
    for (Exercise exercise : exercises) {
      if (byId.put(exercise.id(), exercise) != null) {
        throw new IllegalArgumentException(
            "id (%s) must be used once; two exercises have it".formatted(exercise.id()));
      }
    }
    return new ExerciseLibrary(byId);
  }

  /**
   * The library that ships with the program.
   *
   * @throws LibraryException if a file of it is wrong, with every problem
   */
  public static ExerciseLibrary shipped() {
    Map<String, String> files = new LinkedHashMap<>();
    for (String name : SHIPPED_FILES) {
      try (InputStream in = ExerciseLibrary.class.getResourceAsStream("library/" + name)) {
        if (in == null) {
          throw new IllegalStateException("library file " + name + " is missing from the build");
        }
        files.put(name, new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException("library file " + name + " could not be read", e);
      }
    }
    return read(files);
  }

  /**
   * Reads a library from YAML texts.
   *
   * @param files text by file name; each a list of exercises
   * @throws LibraryException with every problem, naming file, exercise, field and allowed values
   */
  public static ExerciseLibrary read(Map<String, String> files) {
    List<LibraryProblem> problems = new ArrayList<>();
    SortedMap<String, Exercise> byId = new TreeMap<>();
    files.forEach(
        (file, text) -> {
          for (Exercise exercise : new LibraryReader(file, problems).read(text)) {
            if (byId.putIfAbsent(exercise.id(), exercise) != null) {
              problems.add(
                  new LibraryProblem(
                      file, exercise.id(), "id", "must be used once; another exercise has it"));
            }
          }
        });
    if (!problems.isEmpty()) {
      throw new LibraryException(problems);
    }
    return new ExerciseLibrary(byId);
  }

  /** All exercises, by identifier. */
  public List<Exercise> exercises() {
    return List.copyOf(exercises.values());
  }

  /** The exercise with this identifier, if there is one. */
  public Optional<Exercise> find(String id) {
    return Optional.ofNullable(exercises.get(id));
  }
}

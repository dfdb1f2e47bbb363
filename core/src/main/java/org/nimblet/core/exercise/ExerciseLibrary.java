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
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;

/** The exercises there are, by identifier. */
public final class ExerciseLibrary {

  private static final List<String> SHIPPED_FILES =
      List.of(
          "heat.yaml",
          "mobilise-body.yaml",
          "mobilise-hand.yaml",
          "stretch-forearm.yaml",
          "stretch-hand.yaml",
          "stretch-body.yaml",
          "activate.yaml",
          "independence.yaml",
          "independence-both-hands.yaml",
          "strengthen.yaml",
          "play.yaml",
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

  /** The names of the files that ship with the program, in the folder "library". */
  public static List<String> shippedFiles() {
    return SHIPPED_FILES;
  }

  /**
   * Reads a library from YAML texts.
   *
   * @param files text by file name; each a list of exercises
   * @throws LibraryException with every problem, naming file, exercise, field and allowed values
   */
  public static ExerciseLibrary read(Map<String, String> files) {
    Reading reading = readGood(files);
    List<LibraryProblem> problems = new ArrayList<>(reading.problems());
    Map<String, Exercise> byId = new TreeMap<>();
    reading.good().forEach(exercise -> byId.put(exercise.id(), exercise));
    for (Exercise exercise : reading.good()) {
      problems.addAll(unknownVariants(exercise, byId.keySet()));
    }
    if (!problems.isEmpty()) {
      throw new LibraryException(problems);
    }
    return of(reading.good());
  }

  /**
   * What could be read of some files, and what was wrong with the rest.
   *
   * @param good the exercises without a problem, in the order of the files
   * @param problems every problem found
   */
  public record Reading(List<Exercise> good, List<LibraryProblem> problems) {
    /** Copies the lists. */
    public Reading {
      good = List.copyOf(good);
      problems = List.copyOf(problems);
    }
  }

  /** Reads the good entries of YAML or JSON texts and lists the problems of the others. */
  public static Reading readGood(Map<String, String> files) {
    List<LibraryProblem> problems = new ArrayList<>();
    Map<String, Exercise> byId = new LinkedHashMap<>();
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
    return new Reading(List.copyOf(byId.values()), problems);
  }

  /** Reads one entry from its fields, named and nested as in a file. */
  public static Reading readEntry(String place, Map<String, ?> fields) {
    List<LibraryProblem> problems = new ArrayList<>();
    Optional<Exercise> exercise = new LibraryReader(place, problems).readEntry(place, fields);
    return new Reading(exercise.stream().toList(), problems);
  }

  /** The problems of an exercise that names easier or harder exercises which do not exist. */
  public static List<LibraryProblem> unknownVariants(Exercise exercise, Set<String> known) {
    List<LibraryProblem> problems = new ArrayList<>();
    Progression progression = exercise.progression();
    Map<String, Optional<String>> variants = new LinkedHashMap<>();
    variants.put("easier-exercise", progression.easierExercise());
    variants.put("harder-exercise", progression.harderExercise());
    variants.forEach(
        (field, id) ->
            id.filter(named -> !known.contains(named) || named.equals(exercise.id()))
                .ifPresent(
                    named ->
                        problems.add(
                            new LibraryProblem(
                                "library",
                                exercise.id(),
                                field,
                                "(%s) must be the identifier of another exercise"
                                    .formatted(named)))));
    return problems;
  }

  /** This library and these exercises besides; they must have other identifiers. */
  public ExerciseLibrary with(Collection<Exercise> more) {
    List<Exercise> all = new ArrayList<>(exercises.values());
    all.addAll(more);
    return of(all);
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

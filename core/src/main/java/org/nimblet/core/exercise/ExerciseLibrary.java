package org.nimblet.core.exercise;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;

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

  /** Read once: whoever asks for it anew gets the same. */
  private static volatile ExerciseLibrary shipped;

  private final SortedMap<String, Exercise> all;
  private final List<Exercise> inUse;
  private final ExerciseNames names;

  private ExerciseLibrary(SortedMap<String, Exercise> all) {
    this.all = Collections.unmodifiableSortedMap(all);
    this.inUse = all.values().stream().filter(exercise -> !exercise.standing().archived()).toList();
    this.names = new ExerciseNames(inUse);
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
    ExerciseLibrary library = shipped;
    if (library == null) {
      library = readShipped();
      shipped = library;
    }
    return library;
  }

  private static ExerciseLibrary readShipped() {
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
    Map<String, String> fileOf = new HashMap<>();
    Reading reading = readGood(files, fileOf);
    List<LibraryProblem> problems = new ArrayList<>();
    List<Exercise> inUse =
        reading.good().stream().filter(exercise -> !exercise.standing().archived()).toList();
    Set<String> known = inUse.stream().map(Exercise::id).collect(Collectors.toSet());
    for (Exercise exercise : inUse) {
      problems.addAll(unknownVariants(exercise, known));
      exercise
          .undrawnUnit()
          .ifPresent(
              told ->
                  problems.add(new LibraryProblem("library", exercise.id(), "figure.poses", told)));
    }
    problems.addAll(lonelyFamilies(inUse));
    problems.replaceAll(problem -> problem.in(fileOf.get(problem.entry())));
    problems.addAll(0, reading.problems());
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
    return readGood(files, new HashMap<>());
  }

  private static Reading readGood(Map<String, String> files, Map<String, String> fileOf) {
    List<LibraryProblem> problems = new ArrayList<>();
    Map<String, Exercise> byId = new LinkedHashMap<>();
    files.forEach(
        (file, text) -> {
          for (Exercise exercise : new LibraryReader(file, problems).read(text)) {
            fileOf.putIfAbsent(exercise.id(), file);
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

  /** A family of which only one exercise is in use names nothing. */
  private static List<LibraryProblem> lonelyFamilies(List<Exercise> inUse) {
    Map<String, List<Exercise>> families =
        inUse.stream()
            .filter(exercise -> exercise.standing().family().isPresent())
            .collect(
                Collectors.groupingBy(
                    exercise -> exercise.standing().family().get(),
                    TreeMap::new,
                    Collectors.toList()));
    String shared =
        families.entrySet().stream()
            .filter(family -> family.getValue().size() > 1)
            .map(Map.Entry::getKey)
            .collect(Collectors.joining(", "));
    return families.entrySet().stream()
        .filter(family -> family.getValue().size() == 1)
        .map(
            family ->
                new LibraryProblem(
                    "library",
                    family.getValue().get(0).id(),
                    "family",
                    "(%s) must be shared by another exercise; there are: %s"
                        .formatted(family.getKey(), shared.isEmpty() ? "none" : shared)))
        .toList();
  }

  /** This library and these exercises besides; they must have other identifiers. */
  public ExerciseLibrary with(Collection<Exercise> more) {
    List<Exercise> together = new ArrayList<>(all.values());
    together.addAll(more);
    return of(together);
  }

  /** The exercises in use, by identifier. */
  public List<Exercise> exercises() {
    return inUse;
  }

  /** What those in use are called by. */
  public ExerciseNames names() {
    return names;
  }

  /** The exercise with this identifier, archived ones included, if there is one. */
  public Optional<Exercise> find(String id) {
    return Optional.ofNullable(all.get(id));
  }
}

package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.routine.RungDose;

/** Where a person stands with every exercise they have done, and how they came there. */
public final class Progress {

  private final Map<String, LadderStory> judged;
  private final Map<String, LadderStory> next;
  private final Set<String> uneven;
  private final Map<Side, Evenness> evenness;

  private Progress(
      Map<String, LadderStory> judged,
      Map<String, LadderStory> next,
      Set<String> uneven,
      Map<Side, Evenness> evenness) {
    this.judged = Map.copyOf(judged);
    this.next = Map.copyOf(next);
    this.uneven = Set.copyOf(uneven);
    this.evenness = Map.copyOf(evenness);
  }

  /**
   * What a ladder is read with.
   *
   * @param library the exercises there are
   * @param method the method that the person likes
   * @param loads the loads that they own for an exercise, the lightest first
   * @param reading a dose from its words, if they still read
   */
  public record Reading(
      ExerciseLibrary library,
      Method method,
      Function<Exercise, List<Load>> loads,
      DoseReader reading) {}

  /** Reads a dose from its words. */
  @FunctionalInterface
  public interface DoseReader {
    /** The dose, if the words read. */
    Optional<Dose> read(Exercise exercise, String words);
  }

  /**
   * Folds everything that a person did.
   *
   * @param sessions in any order
   * @param words what the coach said about rungs
   * @param now what is judged by then counts; on the person's clock
   */
  public static Progress of(
      Collection<LoggedSession> sessions,
      Collection<CoachWord> words,
      HealthRecord told,
      ZoneId zone,
      Reading reading,
      LocalDateTime now) {
    ToldSessions fold = new ToldSessions(told, zone, reading);
    sessions.stream()
        .sorted(Comparator.comparing(LoggedSession::beganAt).thenComparing(LoggedSession::id))
        .forEach(fold::add);
    words.forEach(fold::add);
    Map<String, LadderStory> judged = fold.stories(now);
    // A session closes with the next one, so what is done next follows from all of them.
    return new Progress(
        judged,
        fold.hasOpen(now) ? fold.stories(LocalDateTime.MAX) : judged,
        fold.uneven(now),
        fold.evenness(now));
  }

  /**
   * At how many notes a minute some hands go next together, by what keys said of them last; empty
   * where they said nothing.
   */
  public OptionalInt notesAMinute(Set<Side> hands) {
    return hands.stream()
        .flatMap(hand -> Optional.ofNullable(evenness.get(hand)).stream())
        .mapToInt(Evenness::nextNotesAMinute)
        .min();
  }

  /** The exercises whose tempo rises no further until keys say that the hands are even. */
  public Set<String> uneven() {
    return uneven;
  }

  /** The stories as far as they are judged, by exercise. */
  public Map<String, LadderStory> stories() {
    return judged;
  }

  /** The story of an exercise, if it was ever done or spoken of. */
  public Optional<LadderStory> story(String exerciseId) {
    return Optional.ofNullable(judged.get(exerciseId));
  }

  /**
   * What stays out until somebody allows it again: the coach, or a clinician since.
   *
   * @param allowed exercises that a clinician allows, with the day on which that was said
   */
  public List<LadderStory> closed(Map<String, LocalDate> allowed) {
    return next.values().stream()
        .filter(
            story ->
                story
                    .closedOn()
                    .filter(on -> !isAllowedSince(allowed.get(story.exercise().id()), on))
                    .isPresent())
        .sorted(Comparator.comparing(story -> story.exercise().title()))
        .toList();
  }

  private static boolean isAllowedSince(LocalDate allowed, LocalDate closed) {
    return allowed != null && !allowed.isBefore(closed);
  }

  /** The dose of each exercise that is done next on a date, by exercise. */
  public Map<String, RungDose> doses(LocalDate date) {
    Map<String, RungDose> doses = new HashMap<>();
    next.forEach(
        (exercise, story) -> {
          if (!story.sides().isEmpty() || !story.decisions().isEmpty()) {
            doses.put(
                exercise,
                new RungDose(
                    story.method(), story.dose(date), story.hasMoved(), story.justSteppedUp()));
          }
        });
    return doses;
  }

  /** What was decided because of each session, exercise by exercise. */
  public Map<UUID, List<StoryPart>> bySession() {
    Map<UUID, Map<String, List<RungDecision>>> found = new HashMap<>();
    judged.forEach(
        (exercise, story) ->
            story
                .decisions()
                .forEach(
                    decision ->
                        decision
                            .sessionId()
                            .ifPresent(
                                session ->
                                    found
                                        .computeIfAbsent(session, s -> new TreeMap<>())
                                        .computeIfAbsent(exercise, e -> new ArrayList<>())
                                        .add(decision))));
    Map<UUID, List<StoryPart>> parts = new HashMap<>();
    found.forEach(
        (session, byExercise) ->
            parts.put(
                session,
                byExercise.entrySet().stream()
                    .map(entry -> new StoryPart(judged.get(entry.getKey()), entry.getValue()))
                    .toList()));
    return parts;
  }

  /** Some decisions of a story. */
  public record StoryPart(LadderStory story, List<RungDecision> decisions) {}
}

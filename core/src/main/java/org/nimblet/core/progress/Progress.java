package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.routine.RungDose;

/** Where a person stands with every exercise they have done, and how they came there. */
public final class Progress {

  /** Why a paused exercise stays out, for people. */
  public static final String PAUSED =
      "Paused: even its easiest dose was too much twice. Allow it again under Progress.";

  private final Map<String, LadderStory> judged;
  private final Map<String, LadderStory> next;

  private Progress(Map<String, LadderStory> judged, Map<String, LadderStory> next) {
    this.judged = Map.copyOf(judged);
    this.next = Map.copyOf(next);
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
    return new Progress(judged, fold.hasOpen(now) ? fold.stories(LocalDateTime.MAX) : judged);
  }

  /** The stories as far as they are judged, by exercise. */
  public Map<String, LadderStory> stories() {
    return judged;
  }

  /** The story of an exercise, if it was ever done or spoken of. */
  public Optional<LadderStory> story(String exerciseId) {
    return Optional.ofNullable(judged.get(exerciseId));
  }

  /** The exercises that are paused until the coach allows them again. */
  public Set<String> paused() {
    Set<String> paused = new HashSet<>();
    next.forEach(
        (exercise, story) -> {
          if (story.isPaused()) {
            paused.add(exercise);
          }
        });
    return paused;
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

  /** What was decided because of a session, by exercise. */
  public Map<String, List<RungDecision>> decidedBy(UUID sessionId) {
    Map<String, List<RungDecision>> found = new TreeMap<>();
    judged.forEach(
        (exercise, story) -> {
          List<RungDecision> here =
              story.decisions().stream()
                  .filter(decision -> decision.sessionId().filter(sessionId::equals).isPresent())
                  .toList();
          if (!here.isEmpty()) {
            found.put(exercise, here);
          }
        });
    return found;
  }
}

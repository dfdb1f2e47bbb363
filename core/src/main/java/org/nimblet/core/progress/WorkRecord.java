package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Recovery;
import org.nimblet.core.routine.Course;
import org.nimblet.core.routine.Recent;

/**
 * What a person did.
 *
 * @param lastDone the date on which each exercise was last done, by identifier
 * @param steps what was done in the last weeks, the latest first
 * @param tighterSide the side that was tighter when that was last said, if one was
 * @param feltElsewhere the dates on which an exercise was felt elsewhere than meant, by identifier
 */
public record WorkRecord(
    Map<String, LocalDate> lastDone,
    List<DoneStep> steps,
    Optional<Side> tighterSide,
    Map<String, Set<LocalDate>> feltElsewhere) {

  /** On so many days within the weeks of volume is no accident (ours). */
  private static final int ELSEWHERE_TO_TELL = 2;

  /** Weeks over which the work with an exercise is compared (common practice, no source). */
  public static final int WEEKS_OF_VOLUME = 4;

  private static final int WEEK = 7;

  /** Copies the collections. */
  public WorkRecord {
    lastDone = Map.copyOf(lastDone);
    steps = List.copyOf(steps);
    feltElsewhere = Map.copyOf(feltElsewhere);
  }

  /** What a person did, all of it felt where it was meant. */
  public WorkRecord(
      Map<String, LocalDate> lastDone, List<DoneStep> steps, Optional<Side> tighterSide) {
    this(lastDone, steps, tighterSide, Map.of());
  }

  /**
   * An exercise as it was done.
   *
   * @param dose as it was written then
   * @param millis how long it was worked at
   * @param purpose of the routine in which it was done
   */
  public record DoneStep(
      String exerciseId, LocalDate date, String dose, long millis, Purpose purpose) {}

  /** The purposes of the routines in which an exercise was done lately. */
  public Set<Purpose> purposesOf(String exerciseId) {
    return steps.stream()
        .filter(step -> step.exerciseId().equals(exerciseId))
        .map(DoneStep::purpose)
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Purpose.class)));
  }

  /** The first date of which steps are wanted to say what was recent on a date. */
  public static LocalDate reachesBackTo(LocalDate date) {
    return date.minusDays((long) WEEK * WEEKS_OF_VOLUME - 1);
  }

  /**
   * What was done lately, as the composer and the check want it.
   *
   * @param library the exercises there are
   * @param method the method that the person likes; doses were written for it
   * @param notation how the person writes fingers
   */
  public Recent recent(LocalDate date, ExerciseLibrary library, Method method, Notation notation) {
    return recent(date, library, (exercise, words) -> read(exercise, words, method, notation));
  }

  /**
   * The same for whoever asks for many dates.
   *
   * @param reading reads the words of a dose as {@link #read} does, perhaps from memory
   */
  public Recent recent(
      LocalDate date,
      ExerciseLibrary library,
      BiFunction<Exercise, String, Optional<Dose>> reading) {
    Map<String, Integer> days = new HashMap<>();
    lastDone.forEach(
        (exercise, last) ->
            days.put(exercise, (int) Math.max(0, ChronoUnit.DAYS.between(last, date))));
    Map<String, Dose> lastDoses = new HashMap<>();
    Map<String, long[]> weeks = new HashMap<>();
    for (DoneStep done : steps) {
      long ago = ChronoUnit.DAYS.between(done.date(), date);
      int week = (int) Math.floorDiv(ago, WEEK);
      if (week >= WEEKS_OF_VOLUME) {
        continue;
      }
      if (week >= 0) {
        weeks.computeIfAbsent(done.exerciseId(), e -> new long[WEEKS_OF_VOLUME])[week] +=
            done.millis();
      }
      if (!lastDoses.containsKey(done.exerciseId())) {
        library
            .find(done.exerciseId())
            .flatMap(exercise -> reading.apply(exercise, done.dose()))
            .ifPresent(dose -> lastDoses.put(done.exerciseId(), dose));
      }
    }
    Map<String, Recent.WeeklyVolume> volumes = new HashMap<>();
    weeks.forEach((exercise, millis) -> volumes.put(exercise, volume(millis)));
    return new Recent(
        days,
        lastDoses,
        volumes,
        workedHard(days, library),
        Set.of(),
        courses(date),
        Map.of(),
        feltElsewhere(date));
  }

  private Set<String> feltElsewhere(LocalDate date) {
    LocalDate first = reachesBackTo(date);
    return feltElsewhere.entrySet().stream()
        .filter(
            told ->
                told.getValue().stream()
                        .filter(day -> !day.isBefore(first) && !day.isAfter(date))
                        .count()
                    >= ELSEWHERE_TO_TELL)
        .map(Map.Entry::getKey)
        .collect(Collectors.toSet());
  }

  /** What is in hand on a date, by purpose: what was done on the last days it was served. */
  private Map<Purpose, Course> courses(LocalDate date) {
    Map<Purpose, SortedMap<LocalDate, Set<String>>> byPurpose = new EnumMap<>(Purpose.class);
    Map<String, SortedSet<LocalDate>> dates = new HashMap<>();
    for (DoneStep done : steps) {
      if (!done.date().isAfter(date)) {
        byPurpose
            .computeIfAbsent(done.purpose(), p -> new TreeMap<>(Comparator.reverseOrder()))
            .computeIfAbsent(done.date(), d -> new HashSet<>())
            .add(done.exerciseId());
        dates.computeIfAbsent(done.exerciseId(), e -> new TreeSet<>()).add(done.date());
      }
    }
    Map<Purpose, Course> courses = new EnumMap<>(Purpose.class);
    byPurpose.forEach(
        (purpose, days) -> {
          Set<String> exercises =
              days.values().stream()
                  .limit(Course.ROUTINES)
                  .flatMap(Set::stream)
                  .collect(Collectors.toSet());
          int daysSinceNew =
              days.entrySet().stream()
                  .filter(day -> day.getValue().stream().anyMatch(e -> isNew(dates.get(e), day)))
                  .findFirst()
                  .map(day -> (int) ChronoUnit.DAYS.between(day.getKey(), date))
                  .orElse(WEEK * WEEKS_OF_VOLUME);
          courses.put(purpose, new Course(exercises, daysSinceNew));
        });
    return courses;
  }

  private static boolean isNew(SortedSet<LocalDate> dates, Map.Entry<LocalDate, ?> day) {
    SortedSet<LocalDate> before = dates.headSet(day.getKey());
    return before.isEmpty()
        || ChronoUnit.DAYS.between(before.last(), day.getKey()) >= Course.NEW_AFTER_DAYS;
  }

  private static Set<Tissue> workedHard(Map<String, Integer> days, ExerciseLibrary library) {
    Set<Tissue> tissues = EnumSet.noneOf(Tissue.class);
    days.forEach(
        (exercise, ago) ->
            library
                .find(exercise)
                .filter(e -> ago <= 1 && e.demands().recovery() == Recovery.REST_DAY)
                .ifPresent(e -> tissues.addAll(e.service().workedTissues())));
    return tissues;
  }

  private static Recent.WeeklyVolume volume(long[] millis) {
    long all = 0;
    int weeksOfData = 0;
    for (long week : millis) {
      all += week;
      weeksOfData += week > 0 ? 1 : 0;
    }
    return new Recent.WeeklyVolume(millis[0], all / WEEKS_OF_VOLUME, weeksOfData);
  }

  /**
   * A dose as it was written; words of an older version of the exercise, or in an older notation,
   * may no longer read.
   */
  public static Optional<Dose> read(
      Exercise exercise, String words, Method method, Notation notation) {
    try {
      return Optional.of(exercise.doseText(method, notation).parse(words));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }
}

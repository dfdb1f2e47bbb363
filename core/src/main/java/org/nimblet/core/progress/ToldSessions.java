package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Progression;
import org.nimblet.core.exercise.Use;
import org.nimblet.core.progress.HealthWord.OfPain;
import org.nimblet.core.progress.LoggedSession.LoggedStep;
import org.nimblet.core.routine.Stop;

/** Makes of sessions, as they were kept, what they tell of each exercise and side. */
final class ToldSessions {

  /** Half of a step counts as work there. */
  private static final int WORKED_PERCENT = 50;

  private final HealthRecord told;
  private final ZoneId zone;
  private final Progress.Reading reading;
  private final Map<String, List<RungEvent>> events = new HashMap<>();
  private final Map<Target, Map<Side, List<LocalDate>>> worked = new HashMap<>();
  private final Map<LocalDate, List<OfPain>> painsBefore = new HashMap<>();
  private final Map<Side, List<Measured>> measured = new EnumMap<>(Side.class);

  private record Measured(LocalDateTime at, Evenness evenness) {}

  ToldSessions(HealthRecord told, ZoneId zone, Progress.Reading reading) {
    this.told = told;
    this.zone = zone;
    this.reading = reading;
  }

  void add(LoggedSession session) {
    LocalDateTime began = LocalDateTime.ofInstant(session.beganAt(), zone);
    List<OfPain> pains = told.painsOf(session.id());
    if (session.askedBefore()) {
      painsBefore.put(
          began.toLocalDate(),
          pains.stream().filter(pain -> pain.moment() == PainMoment.BEFORE).toList());
    }
    Told around =
        new Told(
            began,
            Optional.ofNullable(painsBefore.get(began.toLocalDate())),
            session.checkedIn() || pains.stream().anyMatch(OfPain::isOfSession)
                ? Optional.of(pains.stream().filter(OfPain::isOfSession).toList())
                : Optional.empty(),
            told.morning(began.toLocalDate().plusDays(1)),
            told.stopsIn(session.id()));
    for (Evenness said : session.evenness()) {
      measured
          .computeIfAbsent(said.side(), side -> new ArrayList<>())
          .add(new Measured(began, said));
    }
    Map<String, Map<Side, Evidence>> here = new HashMap<>();
    for (LoggedStep step : session.steps()) {
      reading
          .library()
          .find(step.exerciseId())
          .ifPresent(exercise -> add(session, around, step, exercise, here));
    }
    here.forEach(
        (exercise, sides) ->
            events.computeIfAbsent(exercise, e -> new ArrayList<>()).addAll(sides.values()));
  }

  private void add(
      LoggedSession session,
      Told around,
      LoggedStep step,
      Exercise exercise,
      Map<String, Map<Side, Evidence>> here) {
    Optional<Dose> dose = reading.reading().read(exercise, step.dose());
    for (Side side : Side.values()) {
      if (!step.says(side)) {
        continue;
      }
      if (step.percent(side) >= WORKED_PERCENT) {
        worked
            .computeIfAbsent(exercise.service().main(), t -> new EnumMap<>(Side.class))
            .computeIfAbsent(side, s -> new ArrayList<>())
            .add(around.began().toLocalDate());
      }
      if (!exercise.kind().climbs()) {
        continue;
      }
      Evidence told = evidence(session, around, step, exercise, dose.map(d -> d.on(side)), side);
      if (!told.saysSomething()) {
        continue;
      }
      // The same exercise twice in a session is judged by its larger part.
      here.computeIfAbsent(exercise.id(), e -> new EnumMap<>(Side.class))
          .merge(side, told, (one, other) -> other.donePercent() > one.donePercent() ? other : one);
    }
  }

  private Evidence evidence(
      LoggedSession session,
      Told around,
      LoggedStep step,
      Exercise exercise,
      Optional<Dose> dose,
      Side side) {
    return new Evidence(
        session.id(),
        around.began(),
        side,
        dose,
        step.percent(side),
        step.shortfall(),
        step.complete(),
        step.shift(),
        around.isSigned(exercise, side),
        worst(around.before(), exercise, side),
        worst(around.ofIt(), exercise, side),
        worst(around.morning(), exercise, side),
        session.effort(),
        isUneven(exercise, dose, side, around.began()));
  }

  /**
   * Whether a hand is not even enough for more than the tempo of a dose, by the last that keys said
   * of it before a moment (model section 7).
   */
  private boolean isUneven(
      Exercise exercise, Optional<Dose> dose, Side side, LocalDateTime moment) {
    if (!climbsByTempo(exercise)) {
      return false;
    }
    OptionalInt notes = dose.map(set -> set.form().notesAMinute()).orElse(OptionalInt.empty());
    return notes.isPresent()
        && saidOf(side, moment)
            .flatMap(said -> said.enoughAt(notes.getAsInt()).stream())
            .reduce((earlier, later) -> later)
            .filter(enough -> !enough)
            .isPresent();
  }

  private static boolean climbsByTempo(Exercise exercise) {
    return exercise.progression().steps() instanceof Progression.Tempo;
  }

  /** What keys said of a hand until a moment and still counts then, the earliest first. */
  private Stream<Evenness> saidOf(Side side, LocalDateTime moment) {
    LocalDateTime oldest = moment.minusDays(ProgressRules.MEASURED_DAYS);
    return measured.getOrDefault(side, List.of()).stream()
        .filter(one -> !one.at().isAfter(moment) && !one.at().isBefore(oldest))
        .map(Measured::evenness);
  }

  /** The last that keys said of each hand, as long as it counts. */
  Map<Side, Evenness> evenness(LocalDateTime now) {
    Map<Side, Evenness> last = new EnumMap<>(Side.class);
    for (Side side : measured.keySet()) {
      saidOf(side, now).forEach(said -> last.put(side, said));
    }
    return last;
  }

  /** The exercises that go no faster yet on some side, as far as keys have said. */
  Set<String> uneven(LocalDateTime now) {
    Set<String> uneven = new HashSet<>();
    events.forEach(
        (id, all) ->
            reading
                .library()
                .find(id)
                .filter(ToldSessions::climbsByTempo)
                .filter(
                    exercise ->
                        lastDoses(all).entrySet().stream()
                            .anyMatch(
                                last ->
                                    isUneven(
                                        exercise,
                                        Optional.of(last.getValue()),
                                        last.getKey(),
                                        now)))
                .ifPresent(exercise -> uneven.add(id)));
    return uneven;
  }

  private static Map<Side, Dose> lastDoses(List<RungEvent> events) {
    Map<Side, Dose> doses = new EnumMap<>(Side.class);
    for (RungEvent event : events) {
      if (event instanceof Evidence told) {
        told.dose().ifPresent(dose -> doses.put(told.side(), dose));
      }
    }
    return doses;
  }

  /**
   * The worst pain of what an exercise uses on the side that acts; unknown if nobody was asked.
   * What hurts in the hand that helps is judged where that hand acts.
   */
  private static OptionalInt worst(Optional<List<OfPain>> pains, Exercise exercise, Side acting) {
    return pains
        .map(
            all ->
                OptionalInt.of(
                    all.stream()
                        .filter(pain -> pain.side() == acting || !pain.region().paired())
                        .filter(
                            pain ->
                                exercise.uses().of(acting, pain.side(), pain.region()).isPresent())
                        .mapToInt(OfPain::level)
                        .max()
                        .orElse(0)))
        .orElse(OptionalInt.empty());
  }

  void add(CoachWord word) {
    LocalDateTime at = LocalDateTime.ofInstant(word.at(), zone);
    word.sides().stream()
        .sorted()
        .map(side -> new Overruling(at, side, word.word(), word.rung(), word.reason()))
        .forEach(
            overruling ->
                events.computeIfAbsent(word.exerciseId(), e -> new ArrayList<>()).add(overruling));
  }

  boolean hasOpen(LocalDateTime now) {
    return events.values().stream()
        .flatMap(List::stream)
        .anyMatch(event -> event instanceof Evidence one && !one.isClosedAt(now));
  }

  Map<String, LadderStory> stories(LocalDateTime now) {
    Map<Target, Map<Side, WorkedDates>> dates = new HashMap<>();
    Map<String, LadderStory> stories = new HashMap<>();
    events.forEach(
        (id, all) ->
            reading
                .library()
                .find(id)
                .ifPresent(
                    exercise -> {
                      Method method =
                          exercise.dose(reading.method()).isPresent()
                              ? reading.method()
                              : exercise.usualMethod();
                      Ladder ladder = Ladder.of(exercise, method, reading.loads().apply(exercise));
                      stories.put(
                          id,
                          LadderStory.of(
                              exercise,
                              method,
                              ladder,
                              dates.computeIfAbsent(exercise.service().main(), this::dates),
                              all,
                              now));
                    }));
    return stories;
  }

  private Map<Side, WorkedDates> dates(Target target) {
    Map<Side, List<LocalDate>> here = worked.getOrDefault(target, Map.of());
    Map<Side, WorkedDates> dates = new EnumMap<>(Side.class);
    for (Side side : Side.values()) {
      dates.put(side, WorkedDates.of(here.getOrDefault(side, List.of())));
    }
    return dates;
  }

  /** What was told around a session. */
  private record Told(
      LocalDateTime began,
      Optional<List<OfPain>> before,
      Optional<List<OfPain>> ofIt,
      Optional<List<OfPain>> morning,
      List<Stop> stops) {

    boolean isSigned(Exercise exercise, Side acting) {
      return stops.stream()
          .anyMatch(stop -> exercise.uses().anyOf(stop.regions(), acting, stop.side(), Use.MOVES));
    }
  }
}

package org.nimblet.core.routine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.progress.WorkRecord;
import org.nimblet.core.progress.WorkRecord.DoneStep;
import org.nimblet.core.routine.Composition.Composed;

/**
 * Invented people whom a coach knows well, each with the routine of every day, to look at what is
 * composed for them over four weeks.
 */
public enum ReferenceClient {
  VIOLINIST(Discipline.BOWED_STRINGS, Purpose.WARM_UP, 10, Method.BREATH_COUNTED),
  GUITARIST(Discipline.PLUCKED_STRINGS, Purpose.WARM_UP, 12, Method.STEADY_HOLD),
  PIANIST(Discipline.KEYBOARD_INSTRUMENT, Purpose.WARM_UP, 8, Method.SHORT_PULSES),
  FLAUTIST(Discipline.WINDS, Purpose.COOL_DOWN, 8, Method.LONG_QUIET),
  DRUMMER(Discipline.PERCUSSION, Purpose.COOL_DOWN, 10, Method.STEADY_HOLD),
  CONSOLE_PLAYER(Discipline.CONTROLLER, Purpose.BREAK, 3, Method.BRIEF_CAREFUL),
  MOUSE_PLAYER(Discipline.MOUSE, Purpose.RECOVERY, 10, Method.SHORT_PULSES),
  DESK_WORKER(Discipline.TYPING, Purpose.RECOVERY, 10, Method.STEADY_HOLD),
  PHONE_USER(Discipline.PHONE, Purpose.RECOVERY, 6, Method.BREATH_COUNTED),
  DRAUGHTSWOMAN(Discipline.HANDWRITING, Purpose.BREAK, 5, Method.STEADY_HOLD),
  CARVER(Discipline.MANUAL_WORK, Purpose.STRENGTH, 15, Method.UNTIL_IT_EASES),
  CLIMBER(Discipline.TRAINING, Purpose.REACH, 12, Method.LONG_QUIET);

  /** So many days are looked at. */
  public static final int DAYS = 28;

  private static final LocalDate FIRST = LocalDate.of(2026, 3, 2);

  private final Discipline discipline;
  private final Purpose purpose;
  private final int minutes;
  private final Method method;

  ReferenceClient(Discipline discipline, Purpose purpose, int minutes, Method method) {
    this.discipline = discipline;
    this.purpose = purpose;
    this.minutes = minutes;
    this.method = method;
  }

  public Discipline discipline() {
    return discipline;
  }

  public Purpose purpose() {
    return purpose;
  }

  public int minutes() {
    return minutes;
  }

  public Method method() {
    return method;
  }

  /** A request on a day with what was done before. */
  RoutineRequest request(Recent recent) {
    return request(purpose, minutes, recent);
  }

  private RoutineRequest request(Purpose what, int length, Recent recent) {
    return RequestBuilder.of(what)
        .seconds(length * 60)
        .method(method)
        .discipline(discipline)
        .working(EnumSet.allOf(Side.class), EnumSet.of(Digit.INDEX))
        .positions(EnumSet.of(Position.SIT, Position.STAND, Position.AT_INSTRUMENT, Position.TABLE))
        .things(
            EnumSet.of(
                Thing.INSTRUMENT,
                Thing.BOW,
                Thing.TABLE_EDGE,
                Thing.TOWEL,
                Thing.SOFT_BALL,
                Thing.PENCIL,
                Thing.LIGHT_WEIGHT))
        .around(
            new Around(
                false, what == Purpose.WARM_UP ? OptionalInt.of(0) : OptionalInt.empty(), false))
        .recent(recent)
        .build();
  }

  /** What is composed on each of the days, strength every second one, each done as composed. */
  public List<Composed> days(ExerciseLibrary library) {
    return days(library, purpose, minutes);
  }

  /** The same for another purpose or length than the usual one. */
  public List<Composed> days(ExerciseLibrary library, Purpose what, int length) {
    Composer composer = new Composer(library, what);
    int daysBetween = what == Purpose.STRENGTH ? 2 : 1;
    List<DoneStep> done = new ArrayList<>();
    Map<String, LocalDate> lastDone = new HashMap<>();
    List<Composed> days = new ArrayList<>();
    for (int day = 0; day < DAYS; day += daysBetween) {
      LocalDate date = FIRST.plusDays(day);
      Recent recent =
          new WorkRecord(lastDone, done, Optional.empty())
              .recent(date, library, method, Notation.NAMES);
      Composed composed = (Composed) composer.compose(request(what, length, recent));
      days.add(composed);
      for (int i = 0; i < composed.steps().size(); i++) {
        Step step = composed.steps().get(i);
        lastDone.put(step.exercise().id(), date);
        done.add(
            0,
            new DoneStep(
                step.exercise().id(),
                date,
                step.exercise().doseText(method, Notation.NAMES).format(step.dose()),
                composed.cueSheet().stepMillis(i),
                what));
      }
    }
    return days;
  }

  /** The exercises of a routine. */
  public static Set<String> ids(Composed composed) {
    Set<String> ids = new java.util.TreeSet<>();
    composed.steps().forEach(step -> ids.add(step.exercise().id()));
    return ids;
  }

  /** One that is asked for by its name. */
  public static ReferenceClient named(String name) {
    return Arrays.stream(values())
        .filter(client -> client.name().equalsIgnoreCase(name.replace('-', '_')))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "client (%s) must be one of %s".formatted(name, List.of(values()))));
  }
}

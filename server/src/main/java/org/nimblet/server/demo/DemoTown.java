package org.nimblet.server.demo;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.schedule.ActivityKind;

/** The invented harbour town: a coach and four clients, none of them real. */
final class DemoTown {

  static final String COACH_NAME = "Ines Valdemar";
  static final String COACH_EMAIL = "ines@harbourhands.example";
  static final String CLIENT_EMAIL = "sunniva@harbourhands.example";
  static final String PASSWORD = "harbour-hands";

  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);
  private static final Set<DayOfWeek> WEEKDAYS = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
  private static final Set<DayOfWeek> EVERY_DAY = EnumSet.allOf(DayOfWeek.class);

  private DemoTown() {}

  /** An activity with the blocks it has on some days of the week. */
  record Habit(
      ActivityKind kind,
      String title,
      Discipline discipline,
      Set<Side> hands,
      Set<Digit> digits,
      int weeklyMinutes,
      List<Slot> slots) {}

  /** A block on some days of the week. */
  record Slot(Set<DayOfWeek> days, String from, String to, boolean performance) {
    LocalTime startsAt() {
      return LocalTime.parse(from);
    }

    LocalTime endsAt() {
      return LocalTime.parse(to);
    }
  }

  /** Where it hurts, and how it went over the last weeks: the latest number last. */
  record PainStory(Side side, Region region, List<Integer> levels, boolean daily) {

    /** What it feels like. */
    Sensation sensation() {
      return Sensation.ACHE;
    }
  }

  /** A referral sign that was told of, where, and what a clinician has said about exercises. */
  record SignStory(
      ReferralSign sign,
      Side side,
      Set<Region> regions,
      int daysAgo,
      String since,
      Set<String> allowed,
      String words) {}

  /** One invented client. */
  record Person(
      String name,
      Optional<String> email,
      String occupation,
      Side dominant,
      Notation notation,
      Method method,
      int breaths,
      int warmUpMinutes,
      String wakes,
      String sleeps,
      Set<Position> positions,
      Set<Thing> things,
      List<Integer> weightsGrams,
      List<Habit> habits,
      List<Slot> busy,
      PainStory pain,
      Optional<SignStory> sign,
      int keptPercent,
      int missedLately) {

    LocalTime wakesAt() {
      return LocalTime.parse(wakes);
    }

    LocalTime sleepsAt() {
      return LocalTime.parse(sleeps);
    }

    /** The programme they are on. */
    String programme() {
      return PROGRAMMES.get(name);
    }

    /** Whether nothing was done so many days ago. */
    boolean isAway(long daysAgo) {
      Away away = AWAY.getOrDefault(name, NOWHERE);
      return daysAgo <= away.fromDaysAgo() && daysAgo >= away.toDaysAgo();
    }
  }

  /** Days on which somebody did nothing, both included. */
  private record Away(int fromDaysAgo, int toDaysAgo) {}

  private static final Away NOWHERE = new Away(-1, 0);

  private static final Map<String, Away> AWAY = Map.of("Caoimhe Ní Dhálaigh", new Away(17, 5));

  private static final Map<String, String> PROGRAMMES =
      Map.of(
          "Sunniva Haukland", "conditioning",
          "Tendai Moyo", "trigger-endurance",
          "Ikuko Hanamura", "desk-care",
          "Caoimhe Ní Dhálaigh", "return");

  static final List<Person> PEOPLE =
      List.of(
          new Person(
              "Sunniva Haukland",
              Optional.of(CLIENT_EMAIL),
              "lever harp, festival in some weeks",
              Side.RIGHT,
              Notation.NAMES,
              Method.STEADY_HOLD,
              10,
              10,
              "07:00",
              "23:00",
              EnumSet.of(Position.SIT, Position.STAND, Position.AT_INSTRUMENT, Position.TABLE),
              EnumSet.of(
                  Thing.INSTRUMENT, Thing.TABLE_EDGE, Thing.SOFT_BALL, Thing.TOWEL, Thing.BOTTLE),
              List.of(),
              List.of(
                  new Habit(
                      ActivityKind.PRACTICE,
                      "Practice",
                      Discipline.PLUCKED_STRINGS,
                      BOTH,
                      EnumSet.of(Digit.THUMB, Digit.INDEX, Digit.MIDDLE, Digit.RING),
                      570,
                      List.of(
                          new Slot(WEEKDAYS, "09:30", "11:00", false),
                          new Slot(EnumSet.of(DayOfWeek.SUNDAY), "15:00", "16:00", false))),
                  new Habit(
                      ActivityKind.PRACTICE,
                      "Teaching",
                      Discipline.PLUCKED_STRINGS,
                      BOTH,
                      EnumSet.of(Digit.THUMB, Digit.INDEX),
                      825,
                      List.of(new Slot(WEEKDAYS, "12:30", "15:15", false))),
                  new Habit(
                      ActivityKind.REHEARSAL,
                      "Rehearsal",
                      Discipline.PLUCKED_STRINGS,
                      BOTH,
                      EnumSet.of(Digit.THUMB, Digit.INDEX, Digit.MIDDLE, Digit.RING),
                      450,
                      List.of(new Slot(EVERY_DAY, "18:00", "20:30", false)))),
              List.of(new Slot(WEEKDAYS, "15:30", "17:30", false)),
              new PainStory(Side.LEFT, Region.RING_FINGER, List.of(2, 2, 1, 2, 2, 2, 2), false),
              Optional.empty(),
              93,
              0),
          new Person(
              "Tendai Moyo",
              Optional.of("tendai@harbourhands.example"),
              "arcade stick, league on Friday",
              Side.RIGHT,
              Notation.NAMES,
              Method.STEADY_HOLD,
              11,
              8,
              "09:30",
              "00:00",
              EnumSet.of(Position.SIT, Position.STAND, Position.AT_INSTRUMENT),
              EnumSet.of(Thing.INSTRUMENT, Thing.HARD_BALL),
              List.of(1000, 1500),
              List.of(
                  new Habit(
                      ActivityKind.DESK_WORK,
                      "Study",
                      Discipline.TYPING,
                      BOTH,
                      EnumSet.of(Digit.INDEX, Digit.MIDDLE),
                      450,
                      List.of(new Slot(WEEKDAYS, "11:00", "12:30", false))),
                  new Habit(
                      ActivityKind.GAMING,
                      "Stick",
                      Discipline.CONTROLLER,
                      BOTH,
                      EnumSet.of(Digit.INDEX, Digit.MIDDLE, Digit.RING),
                      1050,
                      List.of(new Slot(EVERY_DAY, "15:00", "17:30", false))),
                  new Habit(
                      ActivityKind.PERFORMANCE,
                      "League",
                      Discipline.CONTROLLER,
                      BOTH,
                      EnumSet.of(Digit.INDEX, Digit.MIDDLE, Digit.RING),
                      240,
                      List.of(
                          new Slot(
                              EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.FRIDAY),
                              "20:00",
                              "22:00",
                              true)))),
              List.of(new Slot(WEEKDAYS, "18:00", "19:15", false)),
              new PainStory(Side.RIGHT, Region.FOREARM_BACK, List.of(2, 1, 2, 1, 1, 1, 2), false),
              Optional.empty(),
              72,
              3),
          new Person(
              "Ikuko Hanamura",
              Optional.of("ikuko@harbourhands.example"),
              "live captioner on long shifts",
              Side.RIGHT,
              Notation.NAMES,
              Method.BREATH_COUNTED,
              9,
              6,
              "06:30",
              "22:30",
              EnumSet.of(Position.SIT, Position.STAND, Position.AT_INSTRUMENT, Position.TABLE),
              EnumSet.of(Thing.INSTRUMENT, Thing.TABLE_EDGE),
              List.of(),
              List.of(
                  new Habit(
                      ActivityKind.DESK_WORK,
                      "Captioning",
                      Discipline.TYPING,
                      BOTH,
                      EnumSet.of(Digit.INDEX, Digit.MIDDLE, Digit.RING, Digit.LITTLE),
                      2400,
                      List.of(
                          new Slot(WEEKDAYS, "08:00", "12:00", false),
                          new Slot(WEEKDAYS, "13:00", "17:00", false),
                          new Slot(
                              EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY),
                              "10:00",
                              "13:00",
                              false)))),
              List.of(new Slot(WEEKDAYS, "12:10", "12:50", false)),
              new PainStory(
                  Side.RIGHT, Region.WRIST_LITTLE_FINGER_SIDE, List.of(2, 2, 2, 2, 3, 4, 5), true),
              Optional.empty(),
              90,
              0),
          new Person(
              "Caoimhe Ní Dhálaigh",
              Optional.of("caoimhe@harbourhands.example"),
              "concertina, back after a break",
              Side.LEFT,
              Notation.NAMES,
              Method.STEADY_HOLD,
              10,
              9,
              "07:00",
              "23:00",
              EnumSet.of(Position.SIT, Position.STAND, Position.AT_INSTRUMENT),
              EnumSet.of(Thing.INSTRUMENT, Thing.TOWEL, Thing.SOFT_BALL, Thing.PENCIL),
              List.of(500),
              List.of(
                  new Habit(
                      ActivityKind.HANDWRITING,
                      "Ledgers",
                      Discipline.HANDWRITING,
                      EnumSet.of(Side.LEFT),
                      EnumSet.of(Digit.THUMB, Digit.INDEX, Digit.MIDDLE),
                      600,
                      List.of(new Slot(WEEKDAYS, "10:00", "12:00", false))),
                  new Habit(
                      ActivityKind.PRACTICE,
                      "Practice",
                      Discipline.KEYBOARD_INSTRUMENT,
                      BOTH,
                      EnumSet.of(Digit.INDEX, Digit.MIDDLE, Digit.RING, Digit.LITTLE),
                      250,
                      List.of(new Slot(EVERY_DAY, "16:30", "17:20", false)))),
              List.of(new Slot(WEEKDAYS, "13:00", "15:00", false)),
              new PainStory(
                  Side.LEFT, Region.WRIST_THUMB_SIDE, List.of(4, 3, 3, 2, 2, 2, 2), false),
              Optional.of(
                  new SignStory(
                      ReferralSign.PINS_AND_NEEDLES,
                      Side.LEFT,
                      EnumSet.of(Region.RING_FINGER, Region.LITTLE_FINGER),
                      12,
                      "some nights in November",
                      Set.of("squeeze-ladder"),
                      "Her hand therapist allows soft squeezing; nothing else loaded yet.")),
              88,
              1));
}

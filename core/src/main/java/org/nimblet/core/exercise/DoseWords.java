package org.nimblet.core.exercise;

import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Notation;

/** Writes doses beside the usual one: what is as usual is left out. */
final class DoseWords {

  /** More ways than these are not named one by one in a dose. */
  private static final int MOST_WAYS_NAMED = 3;

  /** Ways whose names take more letters than this are told by their number as well. */
  private static final int LONGEST_WAY_WORDS = 60;

  /** Beside a usual dose with a load, that this one has none. */
  static final String WITHOUT_WEIGHT = "without weight";

  private final Dose usual;
  private final Notation notation;
  private final Ways ways;

  DoseWords(Dose usual, Notation notation, Ways ways) {
    this.usual = usual;
    this.notation = notation;
    this.ways = ways;
  }

  String format(Dose dose, String sidesWords) {
    StringBuilder text =
        new StringBuilder(amount(dose.form(), dose.repetitions(), dose.sets(), dose));
    dose.load().ifPresent(load -> text.append(' ').append(loadWords(load)));
    if (dose.load().isEmpty() && usual.load().isPresent()) {
      text.append(' ').append(WITHOUT_WEIGHT);
    }
    if (dose.units().each() == Units.Each.WAYS && namesWays()) {
      text.append(", ").append(unitWords(dose.units()));
    } else if (!dose.units().equals(Units.WHOLE)) {
      text.append(' ').append(unitWords(dose.units()));
    } else if (!usual.units().equals(Units.WHOLE)) {
      text.append(" as a whole");
    }
    text.append(dose.laterality() == Laterality.EACH ? " " : ", ");
    text.append(sidesWords);
    if (dose.restSeconds() != usual.restSeconds()) {
      text.append(", rest ").append(dose.restSeconds()).append(" s");
    }
    dose.exception()
        .ifPresent(
            other ->
                text.append("; ")
                    .append(other.side().word())
                    .append(' ')
                    .append(amount(other.form(), other.repetitions(), other.sets(), dose)));
    return text.toString();
  }

  static String sidesWords(Dose dose) {
    if (dose.laterality() == Laterality.EACH) {
      return dose.form() instanceof DoseForm.Count || dose.form() instanceof DoseForm.Paced
          ? "each hand"
          : "each side";
    }
    if (dose.laterality() == Laterality.IN_TURN) {
      return "sides in turn";
    }
    return dose.laterality().word();
  }

  private String amount(DoseForm form, int repetitions, int sets, Dose dose) {
    return form.match(new Amount(repetitions, sets, dose.laterality() == Laterality.IN_TURN));
  }

  /** How much of each form. */
  private final class Amount implements DoseForm.Cases<String> {

    private final int repetitions;
    private final int sets;
    private final boolean inTurn;
    private final String times;
    private final String inSets;

    Amount(int repetitions, int sets, boolean inTurn) {
      this.repetitions = repetitions;
      this.sets = sets;
      this.inTurn = inTurn;
      this.times = repetitions > 1 ? " × " + repetitions : "";
      this.inSets = sets > 1 ? ", %d %s".formatted(sets, inTurn ? "rounds" : "sets") : "";
    }

    @Override
    public String count(DoseForm.Count form) {
      String counted =
          inTurn
              ? times(repetitions) + inSets
              : sets > 1 ? "%d × %d".formatted(sets, repetitions) : times(repetitions);
      return counted + tempo(form);
    }

    @Override
    public String ownPace(DoseForm.OwnPace form) {
      return times(repetitions) + " at your own pace" + aMinute(form) + inSets;
    }

    @Override
    public String pressesThenHold(DoseForm.PressesThenHold form) {
      return "%s then %d s%s%s"
          .formatted(many(form.presses(), "press", "presses"), form.seconds(), times, inSets);
    }

    @Override
    public String hold(DoseForm.Hold form) {
      String word = usual.form() instanceof DoseForm.Timed ? "hold " : "";
      return word + span(form.seconds()) + times + inSets;
    }

    @Override
    public String timed(DoseForm.Timed form) {
      String word = usual.form() instanceof DoseForm.Timed ? "" : "for ";
      return word + span(form.seconds()) + times + inSets;
    }

    @Override
    public String pulse(DoseForm.Pulse form) {
      return many(repetitions, "pulse", "pulses") + inSets;
    }

    @Override
    public String breaths(DoseForm.Breaths form) {
      return many(form.breaths(), "breath", "breaths") + times + inSets;
    }

    @Override
    public String breathMoved(DoseForm.BreathMoved form) {
      return "%d × into it breathing %s%s".formatted(repetitions, form.into().word(), inSets);
    }

    @Override
    public String untilEases(DoseForm.UntilEases form) {
      return "until it eases, %d–%d s%s%s"
          .formatted(form.leastSeconds(), form.greatestSeconds(), times, inSets);
    }

    @Override
    public String travel(DoseForm.Travel form) {
      boolean asUsual =
          usual.form() instanceof DoseForm.Travel other
              && other.secondsPerPass() == form.secondsPerPass();
      return many(form.passes(), "pass", "passes")
          + (asUsual ? "" : " of %d s".formatted(form.secondsPerPass()))
          + times
          + inSets;
    }

    @Override
    public String paced(DoseForm.Paced form) {
      return beats(form) + times + inSets;
    }
  }

  private static String many(int number, String one, String several) {
    return number + " " + (number == 1 ? one : several);
  }

  private static String times(int repetitions) {
    return repetitions == 1 ? "once" : repetitions + " times";
  }

  private String aMinute(DoseForm.OwnPace own) {
    return own.equals(usual.form()) ? "" : ", about %d a minute".formatted(own.aMinute());
  }

  private String tempo(DoseForm.Count count) {
    if (count.equals(usual.form())) {
      return "";
    }
    return ", %d beat%s at %d bpm"
        .formatted(count.beats(), count.beats() == 1 ? "" : "s", count.beatsPerMinute());
  }

  private static String beats(DoseForm.Paced paced) {
    boolean whole = paced.beats() * 60 % paced.beatsPerMinute() == 0;
    return "%s @ %d bpm %s%s"
        .formatted(
            whole ? span(paced.beats() * 60 / paced.beatsPerMinute()) : paced.beats() + " beats",
            paced.beatsPerMinute(),
            paced.ladder().stream().map(String::valueOf).collect(Collectors.joining("-")),
            paced.countIn() == DoseForm.Paced.USUAL_COUNT_IN
                ? ""
                : ", count-in " + paced.countIn());
  }

  private static String span(int seconds) {
    if (seconds < 60) {
      return seconds + " s";
    }
    return seconds % 60 == 0
        ? "%d min".formatted(seconds / 60)
        : "%d min %d s".formatted(seconds / 60, seconds % 60);
  }

  private static String loadWords(Load load) {
    return load instanceof Load.Weight ? "at " + load.words() : load.words();
  }

  private String unitWords(Units units) {
    return notation == Notation.NAMES && units.order().isEmpty()
        ? plainWords(units)
        : signedWords(units);
  }

  /** The units in plain words, without signs for the digits. */
  String plainWords(Units units) {
    return switch (units.each()) {
      case WHOLE, WAYS -> signedWords(units);
      default -> sort(units.each()) + back(units);
    };
  }

  /** The units with the signs of the digits, in the order in which they are gone through. */
  String signedWords(Units units) {
    return switch (units.each()) {
      case WHOLE -> "as a whole";
      case WAYS -> wayWords() + back(units);
      case FINGERS, DIGITS -> "each of " + notation.format(units.takingPart()) + back(units);
      default -> sort(units.each()) + " of " + notation.format(units.takingPart()) + back(units);
    };
  }

  /** A few ways are named; many are told by their number. */
  private String wayWords() {
    if (ways.equals(Ways.UNNAMED)) {
      return "each way";
    }
    return namesWays() ? inTurn() : "each of %d ways".formatted(ways.count());
  }

  private boolean namesWays() {
    return !ways.equals(Ways.UNNAMED)
        && ways.count() <= MOST_WAYS_NAMED
        && inTurn().length() <= LONGEST_WAY_WORDS;
  }

  private String inTurn() {
    return String.join(" then ", ways.names());
  }

  private static String back(Units units) {
    return units.andBack() ? " and back" : "";
  }

  private static String sort(Units.Each each) {
    return switch (each) {
      case WHOLE -> "as a whole";
      case WAYS -> "each way";
      case FINGERS -> "each finger";
      case DIGITS -> "each digit";
      case PAIRS -> "each pair of digits";
      case HAND_AND_PAIRS -> "the whole hand and each pair of digits";
      case NEIGHBOURS -> "each two neighbours";
      case NEIGHBOURS_AND_THUMB -> "each two neighbours with the thumb";
      case THREES -> "each three neighbours";
      case GROUPS -> "four, three, two, one finger";
      case BEND_PATTERNS -> "each bend pattern";
    };
  }
}

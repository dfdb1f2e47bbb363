package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose.SideException;

/**
 * Doses as people write them: "3 × 12 each hand", "20 s × 3 each side", "5 breaths, palm up then
 * palm down", "1 min @ 60 bpm 1-2-3-4-3-2-1".
 *
 * <p>A dose is written beside the usual one of its exercise: tempo and rest are left out where they
 * are as usual, and what a typed dose does not say is taken from there. Reading back what was
 * written gives the same dose.
 */
public final class DoseText {

  private static final String TIMES = "\\s*[×x*]\\s*";
  private static final String SPAN = "(?:(\\d+) ?min(?:ute)?s?)?(?: ?(\\d+) ?s(?:ec(?:onds?)?)?)?";
  private static final Pattern PACED =
      Pattern.compile(
          "(?:(\\d+) beats|"
              + SPAN
              + ") ?@ ?(\\d+) ?bpm(?: (\\d(?:-\\d)*)(?![\\d-]))?"
              + "(?:,? ?count-in (\\d+))?");
  private static final Pattern UNTIL_EASES =
      Pattern.compile("until it eases,? (\\d+) ?[-–] ?(\\d+) ?s");
  private static final Pattern BREATH_MOVED =
      Pattern.compile("(?:(\\d+)" + TIMES + ")?into it breathing (in|out)");
  private static final Pattern PRESSES =
      Pattern.compile("(\\d+) press(?:es)?,?(?: and)? then (\\d+) ?s(?:ec(?:onds?)?)?(?![a-z])");
  private static final Pattern OWN_PACE =
      Pattern.compile("at (?:your |one's )?own pace(?:,? about (\\d+) a minute)?");
  private static final Pattern PULSES = Pattern.compile("(\\d+) pulses?");
  private static final Pattern BREATHS = Pattern.compile("(\\d+) breaths?");
  private static final Pattern TRAVEL = Pattern.compile("(\\d+) pass(?:es)?(?: of (\\d+) ?s)?");
  private static final Pattern TIME =
      Pattern.compile(
          "(for |hold )?(?:(\\d+) ?min(?:utes?)?(?: (\\d+) ?s)?|(\\d+) ?s(?:ec(?:onds?)?)?)(?![a-z])");
  private static final Pattern TEMPO = Pattern.compile("(\\d+) beats? at (\\d+) bpm");
  private static final Pattern WEIGHT = Pattern.compile("at (\\d+)(?:\\.(\\d))? ?(kg|g)(?![a-z])");
  private static final Pattern BAND = Pattern.compile("band (\\d+) ?cm");
  private static final Pattern REST = Pattern.compile("rest (\\d+) ?s(?![a-z])");
  private static final Pattern SETS = Pattern.compile("(\\d+) (?:sets?|rounds?)(?: of)?");
  private static final Pattern SETS_AND_REPETITIONS = Pattern.compile("(\\d+)" + TIMES + "(\\d+)");
  private static final Pattern TIMES_AFTER = Pattern.compile("[×x*]\\s*(\\d+)");
  private static final Pattern TIMES_ALONE = Pattern.compile("(\\d+) ?(?:times|[×x*])(?![a-z])");
  private static final Pattern ORDERED =
      Pattern.compile("each of ([a-z0-9]+(?:-[a-z0-9]+){3,4})( and back)?(?![a-z0-9-])");
  private static final Pattern ONCE = Pattern.compile("once(?![a-z])");
  private static final Pattern PACE_WORD =
      Pattern.compile("(?:slowly|slow|briskly|brisk)(?![a-z])");

  /** What plans reckon with where nobody says how fast somebody's own pace is (ours). */
  private static final int USUALLY_A_MINUTE = 60;

  /** More ways than these are not named one by one in a dose. */
  private static final int MOST_WAYS_NAMED = 3;

  /** Ways whose names take more letters than this are told by their number as well. */
  private static final int LONGEST_WAY_WORDS = 60;

  private static final Dose BESIDE_NOTHING =
      new Dose(new DoseForm.Hold(15), 1, 1, Laterality.EACH, Units.WHOLE, 0);

  private final Dose usual;
  private final Notation notation;
  private final Ways ways;

  /**
   * The language of one exercise and one person.
   *
   * @param usual the exercise's usual dose
   * @param notation how the person writes fingers
   * @param ways what its ways are called
   */
  public DoseText(Dose usual, Notation notation, Ways ways) {
    this.usual = usual;
    this.notation = notation;
    this.ways = ways;
  }

  /** The language in which a dose says everything of itself, beside no exercise. */
  public static DoseText complete(Notation notation, Ways ways) {
    return new DoseText(BESIDE_NOTHING, notation, ways);
  }

  // ---- writing

  /**
   * The dose for people, naming the side where only one does it.
   *
   * @param side the side that does it, or goes first
   */
  public String format(Dose dose, Side side) {
    return switch (dose.laterality()) {
      case ONE_SIDE -> format(dose, onlyWords(side));
      case WORKING_SIDE -> format(dose, workingWords(side));
      case EACH, IN_TURN, TOGETHER, ALTERNATING -> format(dose);
    };
  }

  private static String onlyWords(Side side) {
    return side.word() + " side only";
  }

  private static String workingWords(Side side) {
    return side.word() + " working side";
  }

  /** The side that a text names where only one side does it; empty if it names none. */
  public static Optional<Side> sideOf(String text) {
    String lower = text.toLowerCase(Locale.ROOT);
    return Arrays.stream(Side.values())
        .filter(
            side ->
                lower.contains(onlyWords(side))
                    || lower.contains(workingWords(side))
                    || lower.contains(side.word() + " only"))
        .findFirst();
  }

  /** The dose for people. */
  public String format(Dose dose) {
    return format(dose, sidesWords(dose));
  }

  private String format(Dose dose, String sidesWords) {
    StringBuilder text =
        new StringBuilder(amount(dose.form(), dose.repetitions(), dose.sets(), dose));
    dose.load().ifPresent(load -> text.append(' ').append(loadWords(load)));
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

  private static String sidesWords(Dose dose) {
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
    String times = repetitions > 1 ? " × " + repetitions : "";
    String setWord = dose.laterality() == Laterality.IN_TURN ? "rounds" : "sets";
    String inSets = sets > 1 ? ", %d %s".formatted(sets, setWord) : "";
    if (form instanceof DoseForm.Count count) {
      String counted =
          dose.laterality() == Laterality.IN_TURN
              ? times(repetitions) + inSets
              : sets > 1 ? "%d × %d".formatted(sets, repetitions) : times(repetitions);
      return counted + tempo(count);
    } else if (form instanceof DoseForm.OwnPace own) {
      return times(repetitions) + " at your own pace" + aMinute(own) + inSets;
    } else if (form instanceof DoseForm.PressesThenHold presses) {
      return "%d press%s then %d s%s%s"
          .formatted(
              presses.presses(),
              presses.presses() == 1 ? "" : "es",
              presses.seconds(),
              times,
              inSets);
    } else if (form instanceof DoseForm.Hold hold) {
      String word = usual.form() instanceof DoseForm.Timed ? "hold " : "";
      return word + span(hold.seconds()) + times + inSets;
    } else if (form instanceof DoseForm.Timed timed) {
      String word = usual.form() instanceof DoseForm.Timed ? "" : "for ";
      return word + span(timed.seconds()) + times + inSets;
    } else if (form instanceof DoseForm.Pulse) {
      return "%d pulse%s%s".formatted(repetitions, repetitions == 1 ? "" : "s", inSets);
    } else if (form instanceof DoseForm.Breaths breaths) {
      return "%d breath%s%s%s"
          .formatted(breaths.breaths(), breaths.breaths() == 1 ? "" : "s", times, inSets);
    } else if (form instanceof DoseForm.BreathMoved moved) {
      return "%d × into it breathing %s%s".formatted(repetitions, moved.into().word(), inSets);
    } else if (form instanceof DoseForm.UntilEases eases) {
      return "until it eases, %d–%d s%s%s"
          .formatted(eases.leastSeconds(), eases.greatestSeconds(), times, inSets);
    } else if (form instanceof DoseForm.Travel travel) {
      boolean asUsual =
          usual.form() instanceof DoseForm.Travel other
              && other.secondsPerPass() == travel.secondsPerPass();
      return "%d pass%s%s%s%s"
          .formatted(
              travel.passes(),
              travel.passes() == 1 ? "" : "es",
              asUsual ? "" : " of %d s".formatted(travel.secondsPerPass()),
              times,
              inSets);
    } else if (form instanceof DoseForm.Paced paced) {
      return paced(paced) + times + inSets;
    }
    throw new IllegalStateException("no words for the form of " + dose);
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

  private static String paced(DoseForm.Paced paced) {
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
  private String plainWords(Units units) {
    return switch (units.each()) {
      case WHOLE, WAYS -> signedWords(units);
      default -> sort(units.each()) + back(units);
    };
  }

  /** The units with the signs of the digits, in the order in which they are gone through. */
  private String signedWords(Units units) {
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

  // ---- reading

  /**
   * Reads a dose; what it does not say is as usual.
   *
   * @throws IllegalArgumentException naming what could not be read and what can be written
   */
  public Dose parse(String text) {
    String[] parts = text.toLowerCase(Locale.ROOT).strip().split(";", -1);
    if (parts.length > 2) {
      throw new IllegalArgumentException(
          "dose (%s) must name at most one side that differs".formatted(text));
    }
    Reading reading = new Reading(parts[0]);
    Dose dose = reading.dose();
    reading.finish();
    if (parts.length == 1) {
      return dose.withException(Optional.empty());
    }
    String other = parts[1].strip();
    Side side =
        other.startsWith("left")
            ? Side.LEFT
            : other.startsWith("right") ? Side.RIGHT : failSide(other);
    Reading differing = new Reading(other.substring(side.word().length()));
    Work work = differing.work(new Work(dose.form(), 1, 1));
    differing.finish();
    return dose.withException(
        Optional.of(new SideException(side, work.form(), work.repetitions(), work.sets())));
  }

  private static Side failSide(String given) {
    throw new IllegalArgumentException("side (%s) must begin with left or right".formatted(given));
  }

  private record Work(DoseForm form, int repetitions, int sets) {}

  /** A text from which one phrase after another is taken out. */
  private final class Reading {
    private final String given;
    private String rest;

    Reading(String text) {
      this.given = text.strip();
      this.rest = " " + given + " ";
    }

    private <T> Optional<T> take(Pattern pattern, Function<Matcher, T> read) {
      Matcher matcher = Pattern.compile("(?<![\\w.-])" + pattern.pattern()).matcher(rest);
      while (matcher.find()) {
        if (!matcher.group().isBlank()) {
          T value = read.apply(matcher);
          rest = rest.substring(0, matcher.start()) + " " + rest.substring(matcher.end());
          return Optional.of(value);
        }
      }
      return Optional.empty();
    }

    private boolean takeWords(String words) {
      int at = rest.indexOf(words);
      if (at < 0) {
        return false;
      }
      rest = rest.substring(0, at) + " " + rest.substring(at + words.length());
      return true;
    }

    Dose dose() {
      final int restSeconds =
          take(REST, m -> Integer.parseInt(m.group(1))).orElse(usual.restSeconds());
      Units units = units();
      Laterality laterality = laterality();
      Optional<Load> load = load();
      take(PACE_WORD, Matcher::group);
      Work work = work(new Work(usual.form(), usual.repetitions(), usual.sets()));
      return new Dose(
          work.form(),
          work.repetitions(),
          work.sets(),
          laterality,
          units,
          restSeconds,
          load.or(usual::load),
          Optional.empty());
    }

    private Units units() {
      Optional<Units> ordered = take(ORDERED, m -> ordered(m.group(1), m.group(2) != null));
      if (ordered.isPresent()) {
        return ordered.get();
      }
      for (Units units : plainUnits()) {
        for (Units there : units.each() == Units.Each.WHOLE ? List.of(units) : twice(units)) {
          if (takeWords(signedWords(there).toLowerCase(Locale.ROOT))
              || takeWords(plainWords(there).toLowerCase(Locale.ROOT))) {
            return there;
          }
        }
      }
      return takeWords("each way") ? Units.ways(ways.count()) : usual.units();
    }

    private List<Units> twice(Units units) {
      return List.of(units.thereAndBack(), units);
    }

    /** Every sort of units, those whose words hold the words of another one first. */
    private List<Units> plainUnits() {
      return Arrays.stream(Units.Each.values())
          .map(each -> each == Units.Each.WAYS ? Units.ways(ways.count()) : Units.of(each))
          .sorted(Comparator.comparing(units -> -plainWords(units).length()))
          .toList();
    }

    /** "each of 4-3-2-1": all digits or all fingers, in an order. */
    private Units ordered(String signs, boolean back) {
      List<Digit> digits = Arrays.stream(signs.split("-")).map(notation::parse).toList();
      Units units = (digits.contains(Digit.THUMB) ? Units.DIGITS : Units.FINGERS).inOrder(digits);
      return back ? units.thereAndBack() : units;
    }

    private Laterality laterality() {
      if (takeWords("each side") || takeWords("each hand")) {
        return Laterality.EACH;
      }
      if (takeWords("hands in turn") || takeWords("sides in turn")) {
        return Laterality.IN_TURN;
      }
      for (Side side : Side.values()) {
        if (takeWords(onlyWords(side)) || takeWords(side.word() + " only")) {
          return Laterality.ONE_SIDE;
        }
        if (takeWords(workingWords(side))) {
          return Laterality.WORKING_SIDE;
        }
      }
      for (Laterality laterality : Laterality.values()) {
        if (takeWords(laterality.word())) {
          return laterality;
        }
      }
      return usual.laterality();
    }

    private Optional<Load> load() {
      Optional<Load> weight =
          take(
              WEIGHT,
              m -> {
                int whole = Integer.parseInt(m.group(1));
                int tenths = m.group(2) == null ? 0 : Integer.parseInt(m.group(2));
                return new Load.Weight(
                    m.group(3).equals("kg") ? whole * 1000 + tenths * 100 : whole);
              });
      return weight.isPresent()
          ? weight
          : take(BAND, m -> new Load.Band(Integer.parseInt(m.group(1))));
    }

    /** Form, repetitions and sets; what is not said of them is as given. */
    Work work(Work otherwise) {
      Optional<DoseForm> said = form();
      final Optional<DoseForm> tempo =
          take(TEMPO, m -> new DoseForm.Count(number(m, 1), number(m, 2)));
      Optional<Integer> sets = take(SETS, m -> number(m, 1));
      Optional<int[]> both =
          take(SETS_AND_REPETITIONS, m -> new int[] {number(m, 1), number(m, 2)});
      Optional<Integer> times =
          both.isPresent()
              ? Optional.of(both.get()[1])
              : take(TIMES_AFTER, m -> number(m, 1))
                  .or(() -> take(TIMES_ALONE, m -> number(m, 1)))
                  .or(() -> take(ONCE, m -> 1));
      boolean anything = said.isPresent() || times.isPresent() || sets.isPresent();
      if (said.isEmpty() && tempo.isEmpty() && !anything) {
        if (!given.isEmpty() && rest.isBlank()) {
          return otherwise;
        }
        throw unread();
      }
      DoseForm form =
          said.or(() -> tempo)
              .orElseGet(
                  () ->
                      times.isPresent() && countedForm(usual.form())
                          ? usual.form()
                          : otherwise.form());
      int repetitions = repetitionsSaid.orElseGet(() -> times.orElse(1));
      return new Work(form, repetitions, both.isPresent() ? both.get()[0] : sets.orElse(1));
    }

    private static boolean countedForm(DoseForm form) {
      return form instanceof DoseForm.Count || form instanceof DoseForm.OwnPace;
    }

    /** Repetitions that a form brings along: pulses and breath-paced movements are counted. */
    private Optional<Integer> repetitionsSaid = Optional.empty();

    private Optional<DoseForm> form() {
      Optional<DoseForm> paced = take(PACED, this::paced);
      if (paced.isPresent()) {
        return paced;
      }
      Optional<DoseForm> presses =
          take(PRESSES, m -> new DoseForm.PressesThenHold(number(m, 1), number(m, 2)));
      if (presses.isPresent()) {
        return presses;
      }
      Optional<DoseForm> ownPace = take(OWN_PACE, this::ownPace);
      if (ownPace.isPresent()) {
        return ownPace;
      }
      Optional<DoseForm> eases =
          take(UNTIL_EASES, m -> new DoseForm.UntilEases(number(m, 1), number(m, 2)));
      if (eases.isPresent()) {
        return eases;
      }
      Optional<DoseForm> moved =
          take(
              BREATH_MOVED,
              m -> {
                repetitionsSaid = Optional.of(m.group(1) == null ? 1 : number(m, 1));
                return new DoseForm.BreathMoved(
                    m.group(2).equals("in") ? BreathHalf.IN : BreathHalf.OUT);
              });
      if (moved.isPresent()) {
        return moved;
      }
      Optional<DoseForm> pulses =
          take(
              PULSES,
              m -> {
                repetitionsSaid = Optional.of(number(m, 1));
                return new DoseForm.Pulse();
              });
      if (pulses.isPresent()) {
        return pulses;
      }
      Optional<DoseForm> breaths = take(BREATHS, m -> new DoseForm.Breaths(number(m, 1)));
      if (breaths.isPresent()) {
        return breaths;
      }
      Optional<DoseForm> travel =
          take(TRAVEL, m -> new DoseForm.Travel(number(m, 1), secondsPerPass(m)));
      return travel.isPresent() ? travel : take(TIME, this::timed);
    }

    private DoseForm ownPace(Matcher m) {
      int asUsual = usual.form() instanceof DoseForm.OwnPace own ? own.aMinute() : USUALLY_A_MINUTE;
      return new DoseForm.OwnPace(m.group(1) == null ? asUsual : number(m, 1));
    }

    private DoseForm paced(Matcher m) {
      DoseForm.Paced asUsual = usual.form() instanceof DoseForm.Paced p ? p : null;
      int tempo = number(m, 4);
      int seconds =
          60 * (m.group(2) == null ? 0 : number(m, 2)) + (m.group(3) == null ? 0 : number(m, 3));
      int beats = m.group(1) == null ? (seconds * tempo + 30) / 60 : number(m, 1);
      List<Integer> ladder =
          m.group(5) != null
              ? Pattern.compile("-").splitAsStream(m.group(5)).map(Integer::valueOf).toList()
              : asUsual == null ? List.of(1) : asUsual.ladder();
      int countIn = m.group(6) == null ? DoseForm.Paced.USUAL_COUNT_IN : number(m, 6);
      return new DoseForm.Paced(beats, tempo, ladder, countIn);
    }

    private int secondsPerPass(Matcher m) {
      if (m.group(2) != null) {
        return number(m, 2);
      }
      return usual.form() instanceof DoseForm.Travel travel ? travel.secondsPerPass() : 10;
    }

    private DoseForm timed(Matcher m) {
      int seconds =
          m.group(4) != null
              ? number(m, 4)
              : 60 * number(m, 2) + (m.group(3) == null ? 0 : number(m, 3));
      String word = m.group(1);
      boolean free = word == null ? usual.form() instanceof DoseForm.Timed : word.startsWith("for");
      return free ? new DoseForm.Timed(seconds) : new DoseForm.Hold(seconds);
    }

    private int number(Matcher m, int group) {
      try {
        return Integer.parseInt(m.group(group));
      } catch (NumberFormatException e) {
        throw new IllegalArgumentException(
            "number (%s) must be below a thousand million".formatted(m.group(group)), e);
      }
    }

    void finish() {
      if (!rest.replaceAll("[\\s,]", "").isEmpty()) {
        throw unread();
      }
    }

    private IllegalArgumentException unread() {
      return new IllegalArgumentException(
          "dose (%s) could not be read%s; write for example 3 x 12, 20 s x 3, 5 breaths, 10 pulses, "
                  .formatted(
                      given.isEmpty() ? "nothing" : given,
                      rest.isBlank() ? "" : " at \"" + rest.strip() + "\"")
              + "2 passes of 20 s, until it eases, 20–60 s, 8 x into it breathing out, "
              + "5 presses then 6 s, 40 times at your own pace, "
              + "1 min @ 60 bpm 1-2-3-2-1, each side, in turn");
    }
  }
}

package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;

/** A text from which one phrase after another is taken out. */
final class DoseReading {
  private static final String TIMES = "\\s*[×x*]\\s*";
  private static final String SPAN = "(?:(\\d+) ?min(?:ute)?s?)?(?: ?(\\d+) ?s(?:ec(?:onds?)?)?)?";
  private static final Pattern PACED =
      Pattern.compile(
          "(?:(\\d+) beats|"
              + SPAN
              + ") ?@ ?(\\d+) ?bpm(?: (\\d(?:-\\d)*)(?![\\d-]))?"
              + "(?:,? ?count-in (\\d+))?");
  private static final Pattern UNTIL_EASES =
      Pattern.compile("until it eases(?:,? (\\d+) ?[-–] ?(\\d+) ?s)?(?![a-z])");

  /** A stretch that is held until it eases, where nobody says how long that may take (ours). */
  private static final DoseForm USUALLY_EASES = new DoseForm.UntilEases(20, 60);

  private static final Pattern RANGE =
      Pattern.compile("(\\d+) ?[-–] ?(\\d+) (s|min|times|breaths)");
  private static final Pattern NUMBER_ALONE = Pattern.compile("(\\d+)(?![\\w.:])");
  private static final int MOST_BEATS_OF_A_REPETITION = 16;
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
  private static final Pattern FROM_END_TO_END =
      Pattern.compile("(thumb|index|little) to (thumb|index|little)(?![a-z])");
  private static final Pattern ONCE = Pattern.compile("once(?![a-z])");
  private static final Pattern PACE_WORD =
      Pattern.compile("(?:slowly|slow|briskly|brisk)(?![a-z])");

  /** What plans reckon with where nobody says how fast somebody's own pace is (ours). */
  private static final int USUALLY_A_MINUTE = 60;

  /** What was read of a dose. */
  record Work(DoseForm form, int repetitions, int sets) {}

  private final Dose usual;
  private final Notation notation;
  private final Ways ways;
  private final DoseWords words;
  private final String given;
  private String rest;

  /** Repetitions that a form brings along: pulses and breath-paced movements are counted. */
  private Optional<Integer> repetitionsSaid = Optional.empty();

  DoseReading(String text, Dose usual, Notation notation, Ways ways, DoseWords words) {
    this.usual = usual;
    this.notation = notation;
    this.ways = ways;
    this.words = words;
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

  private boolean takeWords(String phrase) {
    int at = rest.indexOf(phrase);
    if (at < 0) {
      return false;
    }
    rest = rest.substring(0, at) + " " + rest.substring(at + phrase.length());
    return true;
  }

  Dose dose() {
    final int restSeconds =
        take(REST, m -> Integer.parseInt(m.group(1))).orElse(usual.restSeconds());
    Units units = units();
    Laterality laterality = laterality();
    final boolean unloaded = takeWords(DoseWords.WITHOUT_WEIGHT);
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
        unloaded ? Optional.empty() : load.or(usual::load),
        Optional.empty());
  }

  private Units units() {
    Optional<Units> ordered = take(ORDERED, m -> ordered(m.group(1), m.group(2) != null));
    if (ordered.isPresent()) {
      return ordered.get();
    }
    Optional<Units> ends = take(FROM_END_TO_END, m -> fromEndToEnd(m.group(1), m.group(2)));
    if (ends.isPresent()) {
      return ends.get();
    }
    for (Units units : plainUnits()) {
      for (Units there : units.each() == Units.Each.WHOLE ? List.of(units) : twice(units)) {
        if (takeWords(words.signedWords(there).toLowerCase(Locale.ROOT))
            || takeWords(words.plainWords(there).toLowerCase(Locale.ROOT))) {
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
        .sorted(Comparator.comparing(units -> -words.plainWords(units).length()))
        .toList();
  }

  /** "each of 4-3-2-1": all digits or all fingers, in an order. */
  private Units ordered(String signs, boolean back) {
    List<Digit> digits = Arrays.stream(signs.split("-")).map(notation::parse).toList();
    Units units = (digits.contains(Digit.THUMB) ? Units.DIGITS : Units.FINGERS).inOrder(digits);
    return back ? units.thereAndBack() : units;
  }

  /** "little to thumb": all digits from one end of the hand to the other. */
  private static Units fromEndToEnd(String first, String last) {
    Digit from = Digit.valueOf(first.toUpperCase(Locale.ROOT));
    Digit to = Digit.valueOf(last.toUpperCase(Locale.ROOT));
    if (from != Digit.LITTLE && to != Digit.LITTLE) {
      throw new IllegalArgumentException(
          "order (%s to %s) must have the little finger at one end".formatted(first, last));
    }
    Units units = from == Digit.THUMB || to == Digit.THUMB ? Units.DIGITS : Units.FINGERS;
    Comparator<Digit> order = Comparator.naturalOrder();
    return units.inOrder(
        units.takingPart().stream()
            .sorted(from.compareTo(to) < 0 ? order : order.reversed())
            .toList());
  }

  private Laterality laterality() {
    if (takeWords("each side") || takeWords("each hand")) {
      return Laterality.EACH;
    }
    if (takeWords("hands in turn") || takeWords("sides in turn")) {
      return Laterality.IN_TURN;
    }
    for (Side side : Side.values()) {
      if (takeWords(DoseText.onlyWords(side)) || takeWords(side.word() + " only")) {
        return Laterality.ONE_SIDE;
      }
      if (takeWords(DoseText.workingWords(side))) {
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
              return new Load.Weight(m.group(3).equals("kg") ? whole * 1000 + tenths * 100 : whole);
            });
    return weight.isPresent()
        ? weight
        : take(BAND, m -> new Load.Band(Integer.parseInt(m.group(1))));
  }

  /** Form, repetitions and sets; what is not said of them is as given. */
  Work work(Work otherwise) {
    refuseRange();
    Optional<DoseForm> said = form();
    Optional<int[]> tempo = take(TEMPO, m -> new int[] {number(m, 1), number(m, 2)});
    Optional<Integer> sets = take(SETS, m -> number(m, 1));
    Optional<int[]> both = take(SETS_AND_REPETITIONS, m -> new int[] {number(m, 1), number(m, 2)});
    Optional<Integer> times =
        both.isPresent()
            ? Optional.of(both.get()[1])
            : take(TIMES_AFTER, m -> number(m, 1))
                .or(() -> take(TIMES_ALONE, m -> number(m, 1)))
                .or(() -> take(ONCE, m -> 1))
                .or(() -> standsAlone(said) ? alone() : Optional.empty());
    boolean anything = said.isPresent() || times.isPresent() || sets.isPresent();
    if (!anything && tempo.isPresent()) {
      return onlyTempo(tempo.get()[0], tempo.get()[1], otherwise);
    }
    if (!anything) {
      if (!given.isEmpty() && rest.isBlank()) {
        return otherwise;
      }
      throw unread();
    }
    DoseForm form =
        said.or(() -> tempo.map(of -> new DoseForm.Count(of[0], of[1])))
            .orElseGet(
                () ->
                    times.isPresent() && countedForm(usual.form())
                        ? usual.form()
                        : otherwise.form());
    Optional<Integer> setsSaid = both.isPresent() ? Optional.of(both.get()[0]) : sets;
    if (repetitionsSaid.isPresent() && times.isPresent()) {
      // "2 x 10 pulses": what is counted already is done so many times over.
      if (setsSaid.isPresent()) {
        throw new IllegalArgumentException(
            "dose (%s) says how often more than once; write for example 2 sets of 10 pulses"
                .formatted(given));
      }
      setsSaid = times;
    }
    int repetitions = repetitionsSaid.orElseGet(() -> times.orElse(1));
    return new Work(form, repetitions, setsSaid.orElse(1));
  }

  private boolean standsAlone(Optional<DoseForm> said) {
    return countedForm(said.orElse(usual.form()));
  }

  /** A figure of which only one thing can be meant beside what is counted. */
  private Optional<Integer> alone() {
    return take(NUMBER_ALONE, m -> number(m, 1));
  }

  /** A tempo without a number of times: the metronome's, or another tempo for the usual times. */
  private Work onlyTempo(int beats, int beatsPerMinute, Work otherwise) {
    if (usual.form() instanceof DoseForm.Paced asUsual) {
      return new Work(
          new DoseForm.Paced(beats, beatsPerMinute, asUsual.ladder(), asUsual.countIn()), 1, 1);
    }
    if (beats > MOST_BEATS_OF_A_REPETITION || !countedForm(usual.form())) {
      throw new IllegalArgumentException(
          "dose (%s) does not say how often; write %d beats @ %d bpm for as many beats, or 10 times, 2 beats at %d bpm"
              .formatted(given, beats, beatsPerMinute, beatsPerMinute));
    }
    return new Work(
        new DoseForm.Count(beats, beatsPerMinute), otherwise.repetitions(), otherwise.sets());
  }

  private static boolean countedForm(DoseForm form) {
    return form instanceof DoseForm.Count || form instanceof DoseForm.OwnPace;
  }

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
    Optional<DoseForm> eases = take(UNTIL_EASES, this::untilEases);
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

  private DoseForm untilEases(Matcher m) {
    if (m.group(1) != null) {
      return new DoseForm.UntilEases(number(m, 1), number(m, 2));
    }
    return usual.form() instanceof DoseForm.UntilEases asUsual ? asUsual : USUALLY_EASES;
  }

  /** A dose is one length; a range is only waited for in what eases. */
  private void refuseRange() {
    Matcher range = Pattern.compile("(?<![\\w.-])" + RANGE.pattern()).matcher(rest);
    if (range.find() && !rest.contains("until it eases")) {
      throw new IllegalArgumentException(
          "dose (%s) says from %s to %s; write one of them, for example %s %s"
              .formatted(given, range.group(1), range.group(2), range.group(1), range.group(3)));
    }
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

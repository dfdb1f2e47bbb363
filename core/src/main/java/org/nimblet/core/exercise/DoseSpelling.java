package org.nimblet.core.exercise;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * What people type of a dose, in the words in which doses are written: "3 sets of 12 reps per side
 * with 2 kg" is "3 x 12 each side at 2 kg". Nothing is left out on the way: what has no such words
 * stays as it was typed, to be read or refused by name. Words of doses stay as they are.
 */
final class DoseSpelling {

  /** From a number word to its figure, before whatever is counted. */
  private static final Map<String, String> FIGURES =
      Map.ofEntries(
          Map.entry("one", "1"),
          Map.entry("two", "2"),
          Map.entry("three", "3"),
          Map.entry("four", "4"),
          Map.entry("five", "5"),
          Map.entry("six", "6"),
          Map.entry("seven", "7"),
          Map.entry("eight", "8"),
          Map.entry("nine", "9"),
          Map.entry("ten", "10"),
          Map.entry("twelve", "12"),
          Map.entry("fifteen", "15"),
          Map.entry("twenty", "20"),
          Map.entry("thirty", "30"));

  private static final String COUNTED =
      "(?= ?(?:slow |deep )?(?:times|sets?|rounds?|breaths?|pulses?|pass(?:es)?|press(?:es)?"
          + "|reps?|repetitions?|beats?|s\\b|sec|min))";

  private static final String END = "(?= *(?:[,;.]|$))";

  private record Rule(Pattern typed, Function<MatchResult, String> plain) {
    static Rule of(String typed, String plain) {
      return new Rule(Pattern.compile(typed), match -> fill(plain, match));
    }

    private static String fill(String plain, MatchResult match) {
      String filled = plain;
      for (int group = 1; group <= match.groupCount(); group++) {
        String text = match.group(group);
        filled = filled.replace("$" + group, text == null ? "" : text);
      }
      return filled;
    }

    String apply(String text) {
      return typed
          .matcher(text)
          .replaceAll(m -> java.util.regex.Matcher.quoteReplacement(plain.apply(m)));
    }
  }

  private static final String REPETITIONS = "(?:repetitions?|reps?)\\b";
  private static final String EACH =
      "(?:/|\\b(?:per|on each|with each|for each|on both|both|every|either)\\b)";

  private static final List<Rule> RULES =
      List.of(
          // Lengths.
          Rule.of("(\\d) ?(?:\"|″|”|'')", "$1 s"),
          Rule.of("(\\d) ?(?:'|′|’)(?![a-z])", "$1 min "),
          Rule.of("(?<![\\d:])0?0:([0-5]?\\d)(?![\\d:])", "$1 s"),
          Rule.of("(?<![\\d:])0?(\\d{1,2}):00(?![\\d:])", "$1 min"),
          Rule.of("(?<![\\d:])0?(\\d{1,2}):0?([0-5]?\\d)(?![\\d:])", "$1 min $2 s"),
          Rule.of("(?<!\\d )\\ba minute and a half\\b", "1 min 30 s"),
          Rule.of("(\\d+)(?: and a half| ?½|[.,]5) ?min(?:ute)?s?\\b\\.?", "$1 min 30 s"),
          Rule.of("(?<![\\w.,])(?:half a|1/2 a?|½ a?) ?min(?:ute)?s?\\b\\.?", "30 s"),
          Rule.of("\\b0 min 30 s\\b", "30 s"),
          Rule.of("(?<!\\d )(?<!beats )\\ba minute\\b", "1 min"),
          new Rule(
              Pattern.compile("\\b(" + String.join("|", FIGURES.keySet()) + ")\\b" + COUNTED),
              match -> FIGURES.get(match.group(1))),
          Rule.of("(\\d) ?-? ?(?:seconds|second|secs|sec)(?![a-z])\\.?", "$1 s"),
          Rule.of("(\\d) ?s\\.(?= |$)", "$1 s"),
          Rule.of("(\\d) ?-? ?(?:minutes|minute|mins|min)(?![a-z])\\.?", "$1 min"),
          Rule.of("(\\d) ?m ?(?=\\d+ ?s\\b)", "$1 min "),
          Rule.of("(\\d min) ?(?=\\d)", "$1 "),
          Rule.of("(\\d min) (?:and )?(\\d{1,2})" + END, "$1 $2 s"),
          Rule.of("(\\d min) and (?=\\d+ ?s\\b)", "$1 "),
          // Rests.
          Rule.of(
              " ?,? ?(?:\\b(?:with|and|then) )?(?:\\ban? )?(?<!\\d)(\\d+ min \\d+ ?s|\\d+ ?(?:s|min))"
                  + " (?:of )?(?:rest|pause|break)\\b(?: between(?: sets)?)?"
                  + "(?! ?(?:for |of |: ?)?\\d)",
              ", rest $1"),
          Rule.of(
              " ?,? ?(?:\\b(?:with|and|then) )?\\b(?:rest|pause|break)(?: for| of|:)? ?(?=\\d)",
              ", rest "),
          Rule.of("(rest \\d+ ?(?:s|min)(?: \\d+ s)?) between(?: sets)?", "$1"),
          new Rule(
              Pattern.compile("rest (\\d{1,3}) min(?: (\\d+) s)?"),
              m ->
                  "rest %d s"
                      .formatted(
                          60 * Integer.parseInt(m.group(1))
                              + (m.group(2) == null ? 0 : Integer.parseInt(m.group(2))))),
          // Tempo.
          Rule.of(
              "(\\d ?(?:min|s)) (?:at|to|with) (\\d+) ?(?:bpm|beats a minute)\\b", "$1 @ $2 bpm"),
          Rule.of("@ ?(\\d+) ?beats a minute\\b", "@ $1 bpm"),
          // Weights.
          new Rule(
              Pattern.compile(
                  " ?(?:(?:\\bwith|\\busing|\\bholding|\\bat|@) ?)?(?:\\ban? )?(?<![\\d.,])"
                      + "(\\d{1,5}(?:[.,]\\d+)?)"
                      + " ?(kg|kilograms?|kilos?|grams?|gr|g)\\b(?: weights?)?"),
              DoseSpelling::weight),
          Rule.of(
              "(?:\\bwithout|\\bwith no|\\bno) (?:any )?(?:weights?|load)\\b", "without weight"),
          // How often.
          Rule.of("\\btwice\\b", "2 times"),
          Rule.of("\\bthrice\\b", "3 times"),
          Rule.of("(\\d) ?time\\b", "$1 times"),
          Rule.of(
              "(\\d+) (?:sets?|rounds?)(?: of| [x×*])? (\\d+)\\b(?: (?:"
                  + REPETITIONS
                  + "|times\\b))?"
                  + "(?! ?(?:s\\b|min|breath|pulse|pass|press|beat|slow|deep|[x×*]))",
              "$1 x $2"),
          Rule.of(
              "(\\d+) ?"
                  + REPETITIONS
                  + "\\.?(?: each)?,? ?(?:[x×*] ?)?(\\d+) (?:sets?|rounds?)\\b",
              "$2 x $1"),
          Rule.of("(\\d) ?[x×*] ?(\\d+) ?" + REPETITIONS, "$1 x $2"),
          Rule.of("(\\d) ?" + REPETITIONS + "\\.?(?: of\\b)?", "$1 times"),
          Rule.of("(\\d+) times (?=\\d+ ?(?:s|min)\\b)", "$1 x "),
          Rule.of("(\\d) ?[x×*] ?(?=\\d)", "$1 x "),
          Rule.of("(\\d ?s) ?[x×*] ?(?=\\d)", "$1 x "),
          // Breath and hold.
          Rule.of(
              "(\\d+) (?:slow|deep|long|calm|full)(?: (?:slow|deep|long|calm))? breath",
              "$1 breath"),
          Rule.of("(\\d+ breaths?) (?:slowly|deeply|in and out)\\b", "$1"),
          Rule.of("\\bhold(?:ing|s)?(?: it)? for (?=\\d)", "hold "),
          Rule.of("\\bholds? of (?=\\d)", "hold "),
          Rule.of("(\\d+) holds? (?=\\d+ ?(?:s|min))", "$1 x hold "),
          Rule.of("(?<!then )\\b(\\d+) ?s holds?\\b", "hold $1 s"),
          // Sides.
          Rule.of(" ?" + EACH + " ?sides?\\b", " each side"),
          Rule.of("(\\d[^,;]*) a side\\b", "$1 each side"),
          Rule.of(
              " ?(?:/|\\b(?:per|on each|with each|for each|every)\\b) ?(?:hand|arm|wrist)\\b",
              " each hand"),
          Rule.of("\\beach (?:arm|wrist)\\b", "each hand"),
          Rule.of(" ?(?:/|\\b(?:per|for each|on each|every)\\b) ?finger\\b", " each finger"),
          Rule.of(
              "\\b(?:only|just) (?:the )?(left|right)(?: (?:side|hand|arm))?\\b", "$1 side only"),
          Rule.of("\\b(left|right) (?:(?:hand|arm) )?only\\b", "$1 side only"),
          Rule.of("\\beach" + END, "each side"),
          Rule.of("\\bboth hands (?:together|at once|at the same time)\\b", "both together"),
          Rule.of("(?<!both )\\btogether\\b", "both together"));

  private DoseSpelling() {}

  private static String weight(MatchResult match) {
    BigDecimal amount = new BigDecimal(match.group(1).replace(',', '.'));
    boolean kilograms = match.group(2).startsWith("k");
    BigDecimal grams = kilograms ? amount.movePointRight(3) : amount;
    return grams.stripTrailingZeros().scale() > 0
        ? match.group()
        : " at %d g".formatted(grams.intValueExact());
  }

  /** A dose in lower case as it was typed, in the words of doses. */
  static String plain(String typed) {
    String text = typed.strip().replaceAll("\\s+", " ").replaceAll("[.!]+$", "");
    for (Rule rule : RULES) {
      text = rule.apply(text);
    }
    return text.replaceAll("^[ ,]+", "").replaceAll(" +", " ").replace(" ,", ",").strip();
  }
}

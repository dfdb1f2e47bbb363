package org.nimblet.core.schedule;

import java.util.List;
import java.util.regex.Pattern;

/**
 * What people type of a block, in the words that {@link BlockSentence} reads: "1730-1815" is
 * "17:30-18:15", "4pm, one hour" is "4pm for 1 h". What has no such words stays as it was typed.
 */
final class SentenceSpelling {

  private record Rule(Pattern typed, String plain) {
    static Rule of(String typed, String plain) {
      return new Rule(Pattern.compile(typed, Pattern.CASE_INSENSITIVE), plain);
    }
  }

  private static final String FOUR_DIGITS = "([01]\\d|2[0-4])([0-5]\\d)";
  private static final String LENGTH_FOLLOWS = "(?=\\d{1,3}(?:\\.5)? ?(?:min|m\\b|h))";

  private static final List<Rule> RULES =
      List.of(
          Rule.of("[–—]", "-"),
          // Times of the clock.
          Rule.of(
              "(?<![\\d-])" + FOUR_DIGITS + " ?(-|to) ?" + FOUR_DIGITS + "(?![\\d-])",
              "$1:$2-$4:$5"),
          Rule.of("\\b(at|from) " + FOUR_DIGITS + "(?![\\d-])", "$1 $2:$3"),
          Rule.of("(?<!for )\\b(\\d{1,2})h([0-5]\\d)\\b", "$1:$2"),
          Rule.of("\\b(?:12 )?noon\\b", "12:00"),
          Rule.of("\\b(?:12 )?midnight\\b", "24:00"),
          Rule.of("\\bhalf past (\\d{1,2})\\b", "$1:30"),
          Rule.of("\\bquarter past (\\d{1,2})\\b", "$1:15"),
          Rule.of("(\\d{1,2}) ?o['’]?clock\\b", "$1:00"),
          Rule.of("(\\d) ?a\\.?m\\b\\.?", "$1am"),
          Rule.of("(\\d) ?p\\.?m\\b\\.?", "$1pm"),
          Rule.of("(\\d{1,2}(?::\\d{2})?) in the morning\\b", "$1am"),
          Rule.of("(\\d{1,2}(?::\\d{2})?) (?:in the (?:afternoon|evening)|at night)\\b", "$1pm"),
          Rule.of(
              "(\\d(?:am|pm)?) ?(?:until|till|til) ?(?=\\d{1,2}(?::|am|pm|\\b(?! ?[a-z]{3})))",
              "$1-"),
          Rule.of("\\bbetween (\\d{1,2}(?:[:.]\\d{2})?(?: ?[ap]m)?) and (?=\\d)", "$1 to "),
          // Lengths.
          Rule.of("\\bfor (\\d)h([0-5]\\d)\\b", "for $1 h $2 min"),
          Rule.of("\\ban hour and a half\\b", "90 min"),
          Rule.of("\\b(?:1|one) and a half hours?\\b", "90 min"),
          Rule.of("\\b(?:half an hour|half hour|1/2 hour|½ h(?:our)?)\\b", "30 min"),
          Rule.of("\\b(?:three quarters of an hour)\\b", "45 min"),
          Rule.of("\\b(?:an|one) hour\\b", "1 h"),
          Rule.of("\\btwo hours\\b", "2 h"),
          Rule.of("\\bthree hours\\b", "3 h"),
          Rule.of("(\\d) ?(?:hrs?|std)\\b", "$1 h"),
          Rule.of("(\\d) ?mins\\b", "$1 min"),
          Rule.of("\\b1 h (?:and )?30 ?min\\b", "90 min"),
          Rule.of("\\b1 h (?:and )?15 ?min\\b", "75 min"),
          Rule.of("(\\d(?:am|pm)?), ?(?:for )?" + LENGTH_FOLLOWS, "$1 for "),
          // Days.
          Rule.of("\\bm/?w/?f\\b", "mon wed fri"),
          Rule.of("\\bt/?th\\b", "tue thu"),
          Rule.of("\\b(?:tonight|this (?:morning|afternoon|evening))\\b", "today"),
          Rule.of("\\bthis (?=mon|tue|wed|thu|fri|sat|sun)", ""),
          Rule.of("\\beach (?=mon|tue|wed|thu|fri|sat|sun|day|week)", "every "),
          Rule.of("\\b(?:from )?monday? (?:through|thru) fri(?:day)?\\b", "mon-fri"),
          Rule.of("\\bfortnightly\\b", "every 2 weeks"),
          Rule.of("\\bevery fortnight\\b", "every 2 weeks"),
          Rule.of("\\b(?:every|on) working days?\\b", "weekdays"),
          Rule.of("\\b(?:on )?work(?:ing )?days\\b", "weekdays"),
          Rule.of("\\bevery evening\\b", "daily"),
          Rule.of("\\b(?:every|each) morning\\b", "daily"));

  private SentenceSpelling() {}

  /** A sentence as it was typed, in the words of sentences. */
  static String plain(String typed) {
    String text = typed.strip().replaceAll("\\s+", " ").replaceAll("[.!]+$", "");
    for (Rule rule : RULES) {
      text = rule.typed().matcher(text).replaceAll(rule.plain());
    }
    return text.strip();
  }
}

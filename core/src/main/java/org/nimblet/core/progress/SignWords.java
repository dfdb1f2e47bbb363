package org.nimblet.core.progress;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.nimblet.core.anatomy.Side;

/**
 * What a line of words may say of a referral sign, so that somebody asks. It is no diagnosis: a
 * word too many is a question too many, a word too few is not asked about.
 */
public final class SignWords {

  private static final Pattern TINGLING =
      Pattern.compile(
          "tingl\\w*|pins (?:and|&|n'?) needles|numb\\w*|prickl\\w*|pin ?prick\\w*|no feeling"
              + "|(?:fell|gone|goes|go|went|falls?) asleep|dead fingers|electric\\w*");

  /** Words before it that take it back, at most three words away. */
  private static final Pattern TAKEN_BACK =
      Pattern.compile(
          "(?:\\b(?:no|not|never|without|isn't|wasn't|don't|didn't|nothing|free of|gone)\\b)"
              + "(?:\\W+\\w+){0,3}\\W*$");

  private SignWords() {}

  /** Whether a line speaks of tingling or numbness that is there. */
  public static boolean speakOfTingling(String words) {
    String line = words.toLowerCase(Locale.ROOT).replace('\u2019', '\'');
    Matcher found = TINGLING.matcher(line);
    while (found.find()) {
      String before = line.substring(lastClause(line, found.start()), found.start());
      if (found.group().equals("no feeling") || !TAKEN_BACK.matcher(before).find()) {
        return true;
      }
    }
    return false;
  }

  /** Where the clause begins in which something stands: a "no" before a comma says nothing here. */
  private static int lastClause(String line, int end) {
    int begin = 0;
    for (String mark : new String[] {",", ".", ";", ":", " but ", " then "}) {
      int at = line.lastIndexOf(mark, end - 1);
      begin = at < 0 ? begin : Math.max(begin, at + mark.length());
    }
    return begin;
  }

  /** The sides that a line names; both if it names none. */
  public static Set<Side> sidesNamed(String words) {
    String line = words.toLowerCase(Locale.ROOT);
    Set<Side> sides = EnumSet.noneOf(Side.class);
    for (Side side : Side.values()) {
      if (Pattern.compile("\\b" + side.word() + "\\b").matcher(line).find()) {
        sides.add(side);
      }
    }
    return sides.isEmpty() ? EnumSet.allOf(Side.class) : sides;
  }
}

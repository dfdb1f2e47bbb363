package org.nimblet.server.platform;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Fields as people call them: "title of activity 1" for {@code activities[0].title}. */
final class FieldWords {

  private static final Pattern PART = Pattern.compile("([^\\[\\]]*)((?:\\[\\d+])*)");
  private static final Pattern NUMBER = Pattern.compile("\\[(\\d+)]");
  private static final Pattern UNIT = Pattern.compile("(?<=[a-z])(?:Grams|Millis|Id|Ids)$");
  private static final Pattern CASE = Pattern.compile("(?<=[a-z])(?=[A-Z])");

  /** What the name of the field does not say by itself. */
  private static final Map<String, String> SPOKEN =
      Map.of(
          "startsAt", "start",
          "endsAt", "end",
          "beganAt", "beginning",
          "endedAt", "end",
          "wakesAt", "getting up",
          "sleepsAt", "going to bed",
          "body", "what was sent");

  private FieldWords() {}

  /** What a path of a request is called. */
  static String of(String path) {
    List<String> parts = new ArrayList<>();
    for (String part : path.split("\\.")) {
      parts.add(part(part));
    }
    Collections.reverse(parts);
    return String.join(" of ", parts);
  }

  /** A message as a whole sentence: what begins in its middle gets the field in front. */
  static String sentence(String path, String message) {
    if (message.isEmpty()
        || !(message.charAt(0) == '(' || Character.isLowerCase(message.charAt(0)))) {
      return message;
    }
    String words = of(path);
    return Character.toUpperCase(words.charAt(0)) + words.substring(1) + " " + message;
  }

  private static String part(String part) {
    Matcher parts = PART.matcher(part);
    if (!parts.matches()) {
      return part;
    }
    String name = UNIT.matcher(parts.group(1)).replaceAll("");
    String words =
        SPOKEN.getOrDefault(name, String.join(" ", CASE.split(name)).toLowerCase(Locale.ROOT));
    Matcher numbers = NUMBER.matcher(parts.group(2));
    if (!numbers.find()) {
      return words.isEmpty() ? "entry" : words;
    }
    StringBuilder counted = new StringBuilder(words.isEmpty() ? "entry" : one(words));
    do {
      counted.append(' ').append(Long.parseLong(numbers.group(1)) + 1);
    } while (numbers.find());
    return counted.toString();
  }

  private static String one(String many) {
    return many.endsWith("ies")
        ? many.substring(0, many.length() - "ies".length()) + "y"
        : many.endsWith("s") ? many.substring(0, many.length() - 1) : many;
  }
}

package org.nimblet.server.account;

import java.util.LinkedHashMap;
import java.util.Map;

/** A device in words that its owner knows it by: "Firefox on a phone". */
final class Device {

  /** Of what a browser says of itself, the first that fits; every one says it is also others. */
  private static final Map<String, String> BROWSERS = new LinkedHashMap<>();

  private static final Map<String, String> MACHINES = new LinkedHashMap<>();

  static {
    BROWSERS.put("Edg", "Edge");
    BROWSERS.put("OPR/", "Opera");
    BROWSERS.put("Firefox/", "Firefox");
    BROWSERS.put("FxiOS/", "Firefox");
    BROWSERS.put("CriOS/", "Chrome");
    BROWSERS.put("Chrome/", "Chrome");
    BROWSERS.put("Safari/", "Safari");
    MACHINES.put("iPad", "a tablet");
    MACHINES.put("iPhone", "a phone");
    MACHINES.put("Mobile", "a phone");
    MACHINES.put("Android", "a tablet");
  }

  private Device() {}

  /** What a browser says of itself, which may be null or anything. */
  static String of(String userAgent) {
    String text = userAgent == null ? "" : userAgent;
    return first(BROWSERS, text, "A browser") + " on " + first(MACHINES, text, "a computer");
  }

  private static String first(Map<String, String> words, String text, String otherwise) {
    return words.entrySet().stream()
        .filter(word -> text.contains(word.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(otherwise);
  }
}

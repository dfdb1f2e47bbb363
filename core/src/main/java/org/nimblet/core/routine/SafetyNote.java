package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What stands against work as things are, for everybody who is about to start or to plan it.
 *
 * @param heading a few words: "Stopped today"
 * @param sentence what it is, where, and what waits
 * @param advice what to do
 */
public record SafetyNote(String heading, String sentence, String advice) {

  private static final String SEE_SOMEBODY =
      "See a doctor, hand therapist or physiotherapist before you go on.";

  /** Sessions that were stopped today, then the signs that stand. */
  public static List<SafetyNote> of(Health health) {
    List<SafetyNote> notes = new ArrayList<>();
    for (Stop stop : health.stops()) {
      SafetyNote note =
          new SafetyNote(
              "Stopped today",
              "%s: %s. For the rest of the day it is left alone, and nothing strong is done near it."
                  .formatted(capital(stop.place()), stop.words()),
              SafetyRules.ADVICE);
      if (notes.stream().noneMatch(note::equals)) {
        notes.add(note);
      }
    }
    for (Sign sign : health.signs()) {
      notes.add(
          new SafetyNote(
              "Referral sign",
              "%s, %s. %s".formatted(capital(sign.sign().word()), sign.place(), sign.consequence()),
              SEE_SOMEBODY));
    }
    return List.copyOf(notes);
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}

package org.nimblet.core.exercise;

/** What the hands do, as far as it decides which tissues carry the load. */
public enum Discipline {
  PLUCKED_STRINGS("plucked strings"),
  BOWED_STRINGS("bowed strings"),
  KEYBOARD_INSTRUMENT("keys or buttons of an instrument"),
  WINDS("winds"),
  PERCUSSION("percussion"),
  CONTROLLER("controller or stick"),
  MOUSE("mouse"),
  TYPING("typing"),
  PHONE("phone"),
  HANDWRITING("handwriting"),
  MANUAL_WORK("close work by hand: drawing, needle, tools"),
  TRAINING("training and sport on or with the hands");

  private final String word;

  Discipline(String word) {
    this.word = word;
  }

  /** The discipline as words inside a sentence. */
  public String word() {
    return word;
  }
}

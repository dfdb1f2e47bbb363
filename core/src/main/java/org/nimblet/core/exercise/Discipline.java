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
  HANDWRITING("handwriting");

  private final String word;

  Discipline(String word) {
    this.word = word;
  }

  /** The discipline as words inside a sentence. */
  public String word() {
    return word;
  }
}

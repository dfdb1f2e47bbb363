package org.nimblet.core.exercise;

import java.util.Locale;

/** What sort of work an exercise is; decides where in a routine it may stand. */
public enum Kind {
  HEAT("Heat"),
  MOBILISE("Mobilise"),
  STRETCH("Stretch"),
  ACTIVATE("Activate"),
  INDEPENDENCE("Independence"),
  STRENGTHEN("Strengthen"),
  /** Playing or using the device easily for some minutes: a gap in a routine, never composed. */
  PLAY("Play"),
  BRIDGE("Bridge"),
  RELEASE("Release"),
  SETTLE("Settle");

  private final String id = name().toLowerCase(Locale.ROOT);
  private final String word;

  Kind(String word) {
    this.word = word;
  }

  /** The kind as a heading. */
  public String word() {
    return word;
  }

  /**
   * Whether its doses rise as somebody gets better (the table of rungs in the model names no other
   * kind): heat, mobilising, release and settling stay what they are.
   */
  public boolean climbs() {
    return this == STRETCH
        || this == ACTIVATE
        || this == INDEPENDENCE
        || this == STRENGTHEN
        || this == BRIDGE;
  }

  /** The identifier used in files and identifiers of groups. */
  public String id() {
    return id;
  }
}

package org.nimblet.core.exercise;

/**
 * How the hands touch each other meanwhile. What each adds to a difficulty is ours, to be
 * re-fitted.
 */
public enum Contact {
  /** Each hand in the air, on the table, or tip to tip. */
  NONE("", 0),
  /** Palm on palm, the fingers parting and meeting. */
  PALMS("palm on palm", 0),
  /** Clasped, and clasped again the other way. */
  RE_CLASPING("clasped again each time", 0.3),
  /** The palms meet, part, and have exchanged what they do. */
  EXCHANGING("exchanged between two meetings of the palms", 0.4),
  /** Parted fingers go through the gaps of the other hand. */
  THREADING("threaded through each other", 0.6);

  private final String words;
  private final double difficulty;

  Contact(String words, double difficulty) {
    this.words = words;
    this.difficulty = difficulty;
  }

  /** For people; empty without contact. */
  public String words() {
    return words;
  }

  /** What it adds to what the fingers do. */
  public double difficulty() {
    return difficulty;
  }
}

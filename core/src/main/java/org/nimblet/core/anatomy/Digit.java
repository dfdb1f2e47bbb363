package org.nimblet.core.anatomy;

/** The five digits of a hand, from the thumb outward. */
public enum Digit implements Target {
  THUMB("thumb"),
  INDEX("index"),
  MIDDLE("middle"),
  RING("ring"),
  LITTLE("little");

  private final String word;

  Digit(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return this == THUMB ? word : word + " finger";
  }

  /** The bare name used in the notation by names: "index". */
  public String shortWord() {
    return word;
  }
}

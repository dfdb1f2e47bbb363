package org.nimblet.core.anatomy;

import java.util.List;

/** The five digits of a hand, from the thumb outward. */
public enum Digit implements Target {
  THUMB("thumb"),
  INDEX("index"),
  MIDDLE("middle"),
  RING("ring"),
  LITTLE("little");

  /** The four fingers, from the index outward. */
  public static final List<Digit> FINGERS = List.of(INDEX, MIDDLE, RING, LITTLE);

  private final String id = Target.idOf(name());
  private final String word;

  Digit(String word) {
    this.word = word;
  }

  @Override
  public String id() {
    return id;
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

package org.nimblet.core.exercise;

import java.util.Locale;

/** A sign with which a clinician is seen first (common practice, no source). */
public enum ReferralSign {
  PINS_AND_NEEDLES("pins and needles or loss of feeling in hand or arm"),
  NIGHT_PAIN("pain that wakes at night"),
  CURLING_BY_ITSELF("fingers that curl or cramp by themselves in one task"),
  SWELLING("visible swelling, heat or a changed shape"),
  WEAKNESS("weakness or dropping things"),
  RECENT_INJURY("a recent injury or operation"),
  STRONG_PAIN("pain of 7 or more"),
  GROWING_PAIN("pain that grows from week to week");

  private final String word;

  ReferralSign(String word) {
    this.word = word;
  }

  /** The sign as words inside a sentence. */
  public String word() {
    return word;
  }

  /** The identifier used in files: lower case, words joined by hyphens. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}

package org.nimblet.core.exercise;

import java.util.EnumSet;
import java.util.Set;

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

  /** From this intensity on a stretch counts as intense (ours). */
  private static final int INTENSE = 3;

  /**
   * The signs that exclude an exercise by what it is: strengthening and intense stretching wait for
   * every sign (common practice, no source); other effortful work waits where tissue may be hurt
   * (ours).
   */
  static Set<ReferralSign> excluding(Kind kind, int intensity) {
    if (kind == Kind.STRENGTHEN || (kind == Kind.STRETCH && intensity >= INTENSE)) {
      return EnumSet.allOf(ReferralSign.class);
    }
    if (kind == Kind.STRETCH || intensity >= INTENSE) {
      return EnumSet.of(SWELLING, RECENT_INJURY, STRONG_PAIN);
    }
    return EnumSet.noneOf(ReferralSign.class);
  }
}

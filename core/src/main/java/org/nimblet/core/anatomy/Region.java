package org.nimblet.core.anatomy;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** A place on one side of the body where something can hurt or be excluded from work. */
public enum Region {
  THUMB("thumb"),
  INDEX_FINGER("index finger"),
  MIDDLE_FINGER("middle finger"),
  RING_FINGER("ring finger"),
  LITTLE_FINGER("little finger"),
  PALM("palm"),
  BACK_OF_HAND("back of the hand"),
  WRIST_THUMB_SIDE("wrist, thumb side"),
  WRIST_LITTLE_FINGER_SIDE("wrist, little-finger side"),
  FOREARM_PALM_SIDE("forearm, palm side"),
  FOREARM_BACK("forearm, back"),
  ELBOW("elbow"),
  SHOULDER("shoulder"),
  NECK("neck"),
  BACK("back");

  private static final List<Set<Region>> AREAS =
      List.of(
          Collections.unmodifiableSet(EnumSet.range(THUMB, ELBOW)),
          Collections.unmodifiableSet(EnumSet.range(SHOULDER, BACK)));

  private final String word;

  Region(String word) {
    this.word = word;
  }

  /** The region as words inside a sentence. */
  public String word() {
    return word;
  }

  /** The identifier used in files: lower case, words joined by hyphens. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /**
   * The regions that a referral sign at this one closes with it on its side: the hand and forearm
   * as a whole, or shoulder, neck and back (ours).
   */
  public Set<Region> area() {
    return AREAS.stream().filter(area -> area.contains(this)).findFirst().orElseThrow();
  }

  /**
   * The regions next to it, which an injury here keeps out of load as well (ours): what shares a
   * joint or a tendon with it.
   */
  public Set<Region> neighbours() {
    return Collections.unmodifiableSet(
        switch (this) {
          case THUMB -> EnumSet.of(INDEX_FINGER, PALM, BACK_OF_HAND, WRIST_THUMB_SIDE);
          case INDEX_FINGER -> EnumSet.of(THUMB, MIDDLE_FINGER, PALM, BACK_OF_HAND);
          case MIDDLE_FINGER -> EnumSet.of(INDEX_FINGER, RING_FINGER, PALM, BACK_OF_HAND);
          case RING_FINGER -> EnumSet.of(MIDDLE_FINGER, LITTLE_FINGER, PALM, BACK_OF_HAND);
          case LITTLE_FINGER -> EnumSet.of(RING_FINGER, PALM, BACK_OF_HAND);
          case PALM, BACK_OF_HAND -> EnumSet.range(THUMB, WRIST_LITTLE_FINGER_SIDE);
          case WRIST_THUMB_SIDE -> wristAnd(THUMB, WRIST_LITTLE_FINGER_SIDE);
          case WRIST_LITTLE_FINGER_SIDE -> wristAnd(LITTLE_FINGER, WRIST_THUMB_SIDE);
          case FOREARM_PALM_SIDE, FOREARM_BACK -> EnumSet.range(WRIST_THUMB_SIDE, ELBOW);
          case ELBOW -> EnumSet.range(FOREARM_PALM_SIDE, SHOULDER);
          case SHOULDER -> EnumSet.of(ELBOW, NECK, BACK);
          case NECK -> EnumSet.of(SHOULDER, BACK);
          case BACK -> EnumSet.of(NECK, SHOULDER);
        });
  }

  private static Set<Region> wristAnd(Region digit, Region otherSide) {
    return EnumSet.of(digit, PALM, BACK_OF_HAND, otherSide, FOREARM_PALM_SIDE, FOREARM_BACK);
  }

  /** Whether there is one of it on each side, so that the other side can go on working. */
  public boolean paired() {
    return this != NECK && this != BACK;
  }

  /** The region of a digit. */
  public static Region of(Digit digit) {
    return switch (digit) {
      case THUMB -> THUMB;
      case INDEX -> INDEX_FINGER;
      case MIDDLE -> MIDDLE_FINGER;
      case RING -> RING_FINGER;
      case LITTLE -> LITTLE_FINGER;
    };
  }
}

package org.nimblet.core.anatomy;

import java.util.Locale;

/** A direction in which an exercise moves or loads a joint, and that can be excluded on a side. */
public enum Movement {
  WRIST_EXTENSION("bending back of the wrist"),
  WRIST_FLEXION("bending forward of the wrist"),
  ULNAR_DEVIATION("tilting of the wrist to the little-finger side"),
  RADIAL_DEVIATION("tilting of the wrist to the thumb side"),
  FOREARM_ROTATION("turning of the forearm"),
  FINGER_FLEXION("bending of the fingers"),
  FINGER_EXTENSION("straightening or drawing back of the fingers"),
  FINGER_ABDUCTION("spreading of the fingers"),
  THUMB_OPPOSITION("taking the thumb across the palm"),
  THUMB_ABDUCTION("taking the thumb away from the hand"),
  ELBOW_FLEXION("bending and straightening of the elbow"),
  SHOULDER_FLEXION("raising of the arm"),
  SHOULDER_EXTENSION("taking the arm back"),
  NECK_MOVEMENT("turning or bending of the neck"),
  TRUNK_MOVEMENT("bending or turning of the back"),
  WEIGHT_ON_HANDS("weight on the hand"),
  GRIP("gripping of a thing");

  private final String word;

  Movement(String word) {
    this.word = word;
  }

  /** The movement as words inside a sentence. */
  public String word() {
    return word;
  }

  /** The identifier used in files: lower case, words joined by hyphens. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}

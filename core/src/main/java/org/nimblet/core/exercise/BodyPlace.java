package org.nimblet.core.exercise;

/** A place of the drawn body that is shown at work. Those in the plural are one on each side. */
public enum BodyPlace {
  NECK,
  NECK_SIDES,
  SHOULDERS,
  CHEST,
  BACK,
  LOW_BACK,
  SPINE,
  FLANKS,
  WAIST,
  HIPS,
  UPPER_ARMS,
  ELBOWS,
  FOREARMS,
  WRISTS,
  HANDS,
  THIGHS
}

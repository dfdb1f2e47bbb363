package org.nimblet.core.exercise;

/** The part of the body that moves, from large to small: the order in which mobilising goes. */
public enum BodySegment {
  HIPS,
  SPINE,
  CHEST,
  SHOULDERS,
  NECK,
  ELBOWS,
  FOREARMS,
  WRISTS,
  HANDS,
  FINGERS
}

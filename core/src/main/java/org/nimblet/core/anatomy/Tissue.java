package org.nimblet.core.anatomy;

import static org.nimblet.core.anatomy.Region.BACK;
import static org.nimblet.core.anatomy.Region.BACK_OF_HAND;
import static org.nimblet.core.anatomy.Region.ELBOW;
import static org.nimblet.core.anatomy.Region.FOREARM_BACK;
import static org.nimblet.core.anatomy.Region.FOREARM_PALM_SIDE;
import static org.nimblet.core.anatomy.Region.NECK;
import static org.nimblet.core.anatomy.Region.PALM;
import static org.nimblet.core.anatomy.Region.SHOULDER;
import static org.nimblet.core.anatomy.Region.WRIST_LITTLE_FINGER_SIDE;
import static org.nimblet.core.anatomy.Region.WRIST_THUMB_SIDE;

import java.util.EnumSet;
import java.util.Set;

/** A group of muscles, tendons or joints that work moves or loads. */
public enum Tissue implements Target {
  FINGER_FLEXORS("finger flexors", EnumSet.of(FOREARM_PALM_SIDE, PALM)),
  FINGER_EXTENSORS("finger extensors", EnumSet.of(FOREARM_BACK, BACK_OF_HAND)),
  FOREARM_ROTATORS("forearm rotators", EnumSet.of(FOREARM_PALM_SIDE, FOREARM_BACK, ELBOW)),
  WRIST("wrist", EnumSet.of(WRIST_THUMB_SIDE, WRIST_LITTLE_FINGER_SIDE)),
  HAND_INTRINSICS("small muscles of the hand", EnumSet.of(PALM, BACK_OF_HAND)),
  THUMB_MUSCLES("thumb muscles", EnumSet.of(Region.THUMB, PALM)),
  FINGER_JOINTS(
      "finger joints",
      EnumSet.of(
          Region.INDEX_FINGER, Region.MIDDLE_FINGER, Region.RING_FINGER, Region.LITTLE_FINGER)),
  ELBOWS("elbows", EnumSet.of(ELBOW)),
  SHOULDERS("shoulders", EnumSet.of(SHOULDER)),
  CHEST("chest", EnumSet.of(SHOULDER)),
  NECK_MUSCLES("neck", EnumSet.of(NECK)),
  SPINE("spine", EnumSet.of(BACK)),
  HIPS("hips", EnumSet.of(BACK));

  private static final Set<Tissue> JOINTS = EnumSet.of(WRIST, FINGER_JOINTS, ELBOWS, SPINE, HIPS);

  private final String id = Target.idOf(name());
  private final String word;

  private final Set<Region> regions;

  Tissue(String word, Set<Region> regions) {
    this.word = word;
    this.regions = Set.copyOf(regions);
  }

  @Override
  public String id() {
    return id;
  }

  @Override
  public String word() {
    return word;
  }

  /** Whether it is moved by muscles and is none; a joint does not tire. */
  public boolean isJoint() {
    return JOINTS.contains(this);
  }

  /** The regions that work on this tissue moves or loads. */
  public Set<Region> regions() {
    return regions;
  }
}

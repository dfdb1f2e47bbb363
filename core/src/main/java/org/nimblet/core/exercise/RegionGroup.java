package org.nimblet.core.exercise;

import static org.nimblet.core.anatomy.Region.BACK_OF_HAND;
import static org.nimblet.core.anatomy.Region.FOREARM_BACK;
import static org.nimblet.core.anatomy.Region.FOREARM_PALM_SIDE;
import static org.nimblet.core.anatomy.Region.INDEX_FINGER;
import static org.nimblet.core.anatomy.Region.LITTLE_FINGER;
import static org.nimblet.core.anatomy.Region.THUMB;
import static org.nimblet.core.anatomy.Region.WRIST_LITTLE_FINGER_SIDE;
import static org.nimblet.core.anatomy.Region.WRIST_THUMB_SIDE;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import org.nimblet.core.anatomy.Region;

/** Regions that are written with one word, the widest group first. */
public enum RegionGroup {
  HAND(EnumSet.range(THUMB, BACK_OF_HAND)),
  DIGITS(EnumSet.range(THUMB, LITTLE_FINGER)),
  FINGERS(EnumSet.range(INDEX_FINGER, LITTLE_FINGER)),
  WRIST(EnumSet.of(WRIST_THUMB_SIDE, WRIST_LITTLE_FINGER_SIDE)),
  FOREARM(EnumSet.of(FOREARM_PALM_SIDE, FOREARM_BACK));

  private final Set<Region> regions;

  RegionGroup(EnumSet<Region> regions) {
    this.regions = Collections.unmodifiableSet(regions);
  }

  /** The regions in it. */
  public Set<Region> regions() {
    return regions;
  }

  /** The identifier used in files. */
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** Whether a region is a digit, the palm or the back of the hand. */
  public static boolean isOfTheHand(Region region) {
    return HAND.regions.contains(region);
  }
}

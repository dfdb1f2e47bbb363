package org.nimblet.core.routine;

import java.util.EnumSet;
import java.util.Set;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Use;

/** How far what stands at a place reaches. */
final class Reach {

  private Reach() {}

  /**
   * Whether an exercise reaches some regions on a side while a side acts: massage by touching them,
   * everything else by working them.
   */
  static boolean isUsed(Exercise exercise, Side acting, Side where, Set<Region> regions) {
    Use least = exercise.kind() == Kind.RELEASE ? Use.MOVES : Use.WORKS;
    return exercise.uses().anyOf(regions, acting, where, least);
  }

  /** Regions and those next to them. */
  static Set<Region> withNeighbours(Set<Region> regions) {
    Set<Region> reach = EnumSet.copyOf(regions);
    regions.forEach(region -> reach.addAll(region.neighbours()));
    return reach;
  }

  /** Regions with the whole area around them. */
  static Set<Region> withArea(Set<Region> regions) {
    Set<Region> reach = EnumSet.noneOf(Region.class);
    regions.forEach(region -> reach.addAll(region.area()));
    return reach;
  }
}

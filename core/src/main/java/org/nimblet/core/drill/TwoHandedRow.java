package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/** How a row of taps is shared between the hands. */
public enum TwoHandedRow {
  /** The left hand alone. */
  LEFT,
  /** The right hand alone. */
  RIGHT,
  /** Both in the same direction, so that the left little finger goes with the right index. */
  PARALLEL,
  /** Both with the same fingers, one the mirror image of the other. */
  MIRRORED,
  /** Both with the same fingers, the left hand backwards. */
  OPPOSITE;

  /** The hands that tap. */
  public Set<Side> sides() {
    return switch (this) {
      case LEFT -> EnumSet.of(Side.LEFT);
      case RIGHT -> EnumSet.of(Side.RIGHT);
      case PARALLEL, MIRRORED, OPPOSITE -> EnumSet.allOf(Side.class);
    };
  }

  /** What the left hand taps; empty if it rests. */
  public List<Digit> left(List<Digit> row) {
    return switch (this) {
      case RIGHT -> List.of();
      case LEFT, MIRRORED -> row;
      case PARALLEL -> turned(row);
      case OPPOSITE -> backwards(row);
    };
  }

  /** What the right hand taps; empty if it rests. */
  public List<Digit> right(List<Digit> row) {
    return this == LEFT ? List.of() : row;
  }

  /** Each finger by its place from the other edge: of four fingers, or of five with the thumb. */
  private static List<Digit> turned(List<Digit> row) {
    List<Digit> order = row.contains(Digit.THUMB) ? List.of(Digit.values()) : Digit.FINGERS;
    return row.stream().map(digit -> order.get(order.size() - 1 - order.indexOf(digit))).toList();
  }

  private static List<Digit> backwards(List<Digit> row) {
    List<Digit> turned = new ArrayList<>(row);
    Collections.reverse(turned);
    return List.copyOf(turned);
  }
}

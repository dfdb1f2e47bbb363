package org.nimblet.core.anatomy;

import java.util.Comparator;

/**
 * A target on one side of the body.
 *
 * @param target what is served
 * @param side on which side
 */
public record SidedTarget(Target target, Side side) implements Comparable<SidedTarget> {

  private static final Comparator<SidedTarget> ORDER =
      Comparator.comparing((SidedTarget sided) -> sided.target.id())
          .thenComparing(SidedTarget::side);

  @Override
  public int compareTo(SidedTarget that) {
    return ORDER.compare(this, that);
  }
}

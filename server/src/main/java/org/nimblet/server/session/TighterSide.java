package org.nimblet.server.session;

import java.util.Optional;
import org.nimblet.core.anatomy.Side;

/** Which side felt tighter. */
public enum TighterSide {
  LEFT(Side.LEFT),
  SAME(null),
  RIGHT(Side.RIGHT);

  private final Side side;

  TighterSide(Side side) {
    this.side = side;
  }

  /** The tighter one, if there is one. */
  Optional<Side> side() {
    return Optional.ofNullable(side);
  }
}

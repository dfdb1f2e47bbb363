package org.nimblet.core.drill;

import java.util.Collection;
import org.nimblet.core.anatomy.Side;

/** How able each hand is. */
public record Abilities(Ability left, Ability right) {

  /** Of somebody who never drilled. */
  public static final Abilities UNKNOWN = new Abilities(Ability.UNKNOWN, Ability.UNKNOWN);

  /** Of one hand. */
  public Ability of(Side side) {
    return side == Side.LEFT ? left : right;
  }

  /** Of some hands together: as much as the least able of them. */
  public Ability together(Collection<Side> hands) {
    return Ability.together(hands.stream().map(this::of).toList());
  }
}

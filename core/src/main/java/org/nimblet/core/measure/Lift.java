package org.nimblet.core.measure;

import java.util.EnumSet;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * A finger that was asked to leave its key while the others of the hand hold theirs.
 *
 * @param cameUp the fingers of that hand that did; without the one that was asked for it was not
 *     lifted
 */
public record Lift(Side side, Digit asked, Set<Digit> cameUp) {

  /** Copies the set. */
  public Lift {
    cameUp = Set.copyOf(cameUp);
  }

  /** Whether the finger that was asked for left its key. */
  public boolean lifted() {
    return cameUp.contains(asked);
  }

  /** Whether it left its key and no other did. */
  public boolean alone() {
    return lifted() && cameUp.size() == 1;
  }

  /** The fingers that came up unasked. */
  public Set<Digit> along() {
    Set<Digit> along = EnumSet.noneOf(Digit.class);
    along.addAll(cameUp);
    along.remove(asked);
    return along;
  }
}

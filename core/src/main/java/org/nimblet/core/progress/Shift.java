package org.nimblet.core.progress;

import java.util.Optional;

/** How somebody changed an exercise while it went on. */
public enum Shift {
  EASIER("it was made easier on the way"),
  HARDER("it was made harder on the way, and went well");

  private final String because;

  Shift(String because) {
    this.because = because;
  }

  /**
   * What a change comes to where the notes to a beat were brought down as well: that is easier, and
   * what was made harder before no longer went well.
   */
  public static Optional<Shift> withFewerNotes(Optional<Shift> shift) {
    return shift.filter(HARDER::equals).isPresent() ? Optional.empty() : Optional.of(EASIER);
  }

  /** The change as the reason of a decision. */
  String because() {
    return because;
  }
}

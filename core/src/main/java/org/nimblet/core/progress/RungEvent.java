package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.nimblet.core.anatomy.Side;

/** Something in the log that may move a rung: a session, or a word of the coach. */
public sealed interface RungEvent permits Evidence, Overruling {

  /** When it happened, on the person's clock. */
  LocalDateTime at();

  /** The person's date of it. */
  default LocalDate date() {
    return at().toLocalDate();
  }

  /** Which side it is about. */
  Side side();
}

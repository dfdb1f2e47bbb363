package org.nimblet.core.progress;

/** When pain was spoken of. */
public enum PainMoment {
  /** Before a session. */
  BEFORE,
  /** While a session went on. */
  DURING,
  /** Right after it. */
  AFTER,
  /** On the morning after. */
  MORNING,
  /** Apart from a session. */
  TOLD
}

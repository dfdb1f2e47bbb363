package org.nimblet.core.progress;

/** When pain was spoken of. */
public enum PainMoment {
  /** While a session went on. */
  DURING,
  /** Right after it. */
  AFTER,
  /** Apart from a session. */
  TOLD
}

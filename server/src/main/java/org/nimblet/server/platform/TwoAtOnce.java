package org.nimblet.server.platform;

import org.springframework.dao.DataIntegrityViolationException;

/** What may be sent twice at the same moment and is to be kept once. */
public final class TwoAtOnce {

  private TwoAtOnce() {}

  /** Does some work; if another copy was stored meanwhile, once more, which then finds it. */
  public static void settle(Runnable work) {
    try {
      work.run();
    } catch (DataIntegrityViolationException e) {
      work.run();
    }
  }
}

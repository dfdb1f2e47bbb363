package org.nimblet.server.platform;

import java.util.List;

/** Somebody else changed the same thing meanwhile. */
public final class ConflictException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Object current;
  private final transient List<String> changed;

  /**
   * A conflict.
   *
   * @param message what happened, for people
   * @param current the thing as it stands now
   * @param changed the fields in which it differs from what was sent
   */
  public ConflictException(String message, Object current, List<String> changed) {
    super(message);
    this.current = current;
    this.changed = List.copyOf(changed);
  }

  Object current() {
    return current;
  }

  List<String> changed() {
    return changed;
  }
}

package org.nimblet.server.platform;

/** What was asked for does not exist, or not for the person who asks. */
public final class NotFoundException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /**
   * Nothing there.
   *
   * @param what the kind of thing, for people: "client"
   */
  public NotFoundException(String what) {
    super("There is no such " + what + ".");
  }
}

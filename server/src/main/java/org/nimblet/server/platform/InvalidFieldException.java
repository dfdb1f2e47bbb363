package org.nimblet.server.platform;

/** A field is wrong in a way that only the rules of the job can tell. */
public final class InvalidFieldException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String field;

  /**
   * One wrong field.
   *
   * @param field its path in the request: "activities[0].title"
   * @param message what was given and what is allowed
   */
  public InvalidFieldException(String field, String message) {
    super(message);
    this.field = field;
  }

  String field() {
    return field;
  }
}

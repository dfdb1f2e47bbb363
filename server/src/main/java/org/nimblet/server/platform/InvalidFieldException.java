package org.nimblet.server.platform;

import java.util.List;
import java.util.stream.Collectors;

/** Fields are wrong in a way that only the rules of the job can tell. */
public final class InvalidFieldException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient List<WrongField> fields;

  /**
   * One wrong field.
   *
   * @param field its path in the request: "activities[0].title"
   * @param message what was given and what is allowed
   */
  public record WrongField(String field, String message) {}

  /** Several wrong fields, at least one. */
  public InvalidFieldException(List<WrongField> fields) {
    super(fields.stream().map(WrongField::message).collect(Collectors.joining(" ")));
    this.fields = List.copyOf(fields);
  }

  /** One wrong field. */
  public InvalidFieldException(String field, String message) {
    this(List.of(new WrongField(field, message)));
  }

  List<WrongField> fields() {
    return fields;
  }
}

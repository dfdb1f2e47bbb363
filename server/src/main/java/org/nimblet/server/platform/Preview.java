package org.nimblet.server.platform;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What something would be, or what keeps it from being yet. Half-typed is no error: whoever answers
 * with this answers 200 to a form with wrong fields too ({@link Problems}).
 *
 * @param shown what it would be; null while something is wrong
 * @param problems the wrong fields, in the order of their names
 */
public record Preview<T>(@Schema(nullable = true) T shown, List<FieldProblem> problems) {

  /** Of something that can be as it is. */
  public static <T> Preview<T> of(T shown) {
    return new Preview<>(shown, List.of());
  }

  /** Of something that cannot be yet. */
  static Preview<?> without(List<FieldProblem> problems) {
    return new Preview<>(null, problems);
  }
}

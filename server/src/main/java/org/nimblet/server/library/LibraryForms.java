package org.nimblet.server.library;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.nimblet.server.library.OwnExerciseService.Outcome;

/** What goes over the wire about own exercises. */
final class LibraryForms {

  private LibraryForms() {}

  /** A version of an own exercise. */
  record VersionView(int number, Instant savedAt) {}

  /** A form with what it is the form of. */
  record FormView(@Schema(nullable = true) String exerciseId, ExerciseForm form) {}

  /** Whether an own exercise is really gone, or only put away because it is in somebody's log. */
  record Removed(boolean archived) {}

  /** A text with exercises, YAML or JSON. */
  record ImportForm(
      @NotNull(message = "The text of a file.")
          @Size(max = 1_000_000, message = "At most 1 MB of text.")
          String text) {}

  /** An entry that was taken in. */
  record TakenView(String id, String title, Outcome outcome) {}

  /** An entry, or a field of it, that was not. */
  record RefusedView(String entry, String field, String message) {}

  /** What an import did. */
  record ImportView(List<TakenView> taken, List<RefusedView> refused) {}
}

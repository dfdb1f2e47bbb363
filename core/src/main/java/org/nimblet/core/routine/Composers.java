package org.nimblet.core.routine;

import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;

/**
 * The composers of one library, one for each purpose. What they work out of a person they remember
 * for the next request, so whoever composes often keeps them as long as the library.
 */
public final class Composers {

  private final ExerciseLibrary library;
  private final Map<Purpose, Composer> byPurpose;

  /** Composers of routines from a library. */
  public Composers(ExerciseLibrary library) {
    this.library = library;
    this.byPurpose =
        Arrays.stream(Purpose.values())
            .collect(
                Collectors.toUnmodifiableMap(
                    Function.identity(), purpose -> new Composer(library, purpose)));
  }

  /** What they compose from. */
  public ExerciseLibrary library() {
    return library;
  }

  /** The one for a purpose. */
  public Composer of(Purpose purpose) {
    return byPurpose.get(purpose);
  }
}

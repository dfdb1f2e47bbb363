package org.nimblet.core.schedule;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/** What the sessions of an obligation are made of. */
public sealed interface Contents {

  /** Composed anew, for nothing in particular. */
  Contents ANEW = new Composed(List.of(), Optional.empty());

  /**
   * Composed anew each time.
   *
   * @param required exercises that are in it whenever they may be done, by identifier, in order
   * @param theme what is taken first, by identifier
   */
  record Composed(List<String> required, Optional<String> theme) implements Contents {
    /** More than this is a routine of one's own (ours). */
    public static final int MOST_REQUIRED = 6;

    /**
     * Checks the number and copies the list.
     *
     * @throws IllegalArgumentException if there are too many, or one twice
     */
    public Composed {
      required = List.copyOf(required);
      if (required.size() > MOST_REQUIRED) {
        throw new IllegalArgumentException(
            "at most %d exercises (%d) can be required; more make a routine of the shelf"
                .formatted(MOST_REQUIRED, required.size()));
      }
      if (new HashSet<>(required).size() < required.size()) {
        throw new IllegalArgumentException("an exercise (%s) is required once".formatted(required));
      }
    }
  }

  /**
   * A routine as it was kept.
   *
   * @param routineId which
   * @param version of its versions, from 1
   */
  record Kept(String routineId, int version) implements Contents {
    /**
     * Checks the version.
     *
     * @throws IllegalArgumentException if it is below 1
     */
    public Kept {
      if (version < 1) {
        throw new IllegalArgumentException("version (%d) must be 1 or more".formatted(version));
      }
    }
  }
}

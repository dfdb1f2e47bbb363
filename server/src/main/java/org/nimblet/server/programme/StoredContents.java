package org.nimblet.server.programme;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.Contents;

/**
 * Contents as they are kept.
 *
 * @param theme null if there is none
 * @param routineId null if it is composed anew
 * @param routineVersion null if it is composed anew
 */
record StoredContents(List<String> required, String theme, UUID routineId, Integer routineVersion) {

  static StoredContents of(Contents contents) {
    if (contents instanceof Contents.Kept kept) {
      return new StoredContents(List.of(), null, UUID.fromString(kept.routineId()), kept.version());
    }
    Contents.Composed composed = (Contents.Composed) contents;
    return new StoredContents(composed.required(), composed.theme().orElse(null), null, null);
  }

  Contents contents() {
    return routineId == null
        ? new Contents.Composed(required, Optional.ofNullable(theme))
        : new Contents.Kept(routineId.toString(), routineVersion);
  }
}

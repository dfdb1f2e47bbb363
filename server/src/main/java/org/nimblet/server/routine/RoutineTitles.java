package org.nimblet.server.routine;

import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.springframework.stereotype.Component;

/** What stored routines are called. */
@Component
public class RoutineTitles {

  private final RoutineService routines;

  RoutineTitles(RoutineService routines) {
    this.routines = routines;
  }

  /** What a routine of this client is called; empty if there is none with this identifier. */
  public Optional<String> title(ClientFile client, UUID routineId) {
    return routines.findOf(client, routineId).map(routine -> routine.title);
  }
}

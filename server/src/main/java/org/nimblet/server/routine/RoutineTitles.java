package org.nimblet.server.routine;

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

  /**
   * What a routine of this client is called.
   *
   * @throws org.nimblet.server.platform.NotFoundException if the client has none with this
   *     identifier
   */
  public String title(ClientFile client, UUID routineId) {
    return routines.requireOf(client, routineId).title;
  }
}

package org.nimblet.server.session;

import java.util.UUID;
import org.nimblet.server.client.ClientFile;

/** What a session needs to know of a stored routine; the feature of routines answers. */
public interface RoutineTitles {

  /** A stored routine by name. */
  record Named(UUID id, String title) {}

  /**
   * The routine of this client.
   *
   * @throws org.nimblet.server.platform.NotFoundException if the client has none with this
   *     identifier
   */
  Named require(ClientFile client, UUID routineId);
}

package org.nimblet.server.client;

import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which point of a set-up rides along in the routines around an activity. */
@Service
public class RidingPoints {

  private final Activities activities;

  RidingPoints(Activities activities) {
    this.activities = activities;
  }

  /** Lets a point ride along with an activity of a client, or none. */
  @Transactional
  public void set(ClientFile client, UUID activityId, Optional<String> point) {
    Activity activity =
        activities
            .findById(activityId)
            .filter(found -> found.clientId.equals(client.id()))
            .orElseThrow(() -> new NotFoundException("activity"));
    activity.ridingPoint = point.orElse(null);
    activities.saveAndFlush(activity);
  }
}

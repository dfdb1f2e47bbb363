package org.nimblet.server.live;

import org.nimblet.server.client.PersonChanged;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Hands every change of a person to the database in the transaction of the change, which tells all
 * servers of it once it is written, and none if it is not.
 */
@Component
class ChangeNotices {

  static final String CHANNEL = "person_changed";

  private final JdbcClient jdbc;

  ChangeNotices(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  @EventListener
  void personChanged(PersonChanged changed) {
    jdbc.sql("select pg_notify(?, ?)")
        .params(CHANNEL, changed.client().coachId() + " " + changed.client().id())
        .query(Object.class)
        .optional();
  }
}

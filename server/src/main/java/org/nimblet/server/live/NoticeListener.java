package org.nimblet.server.live;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Listens to the database on a connection of its own, outside the pool, and tells the open pages.
 * If the database goes away it comes back by itself, and everybody looks anew.
 */
@Component
class NoticeListener implements SmartLifecycle {

  private static final Logger LOG = LoggerFactory.getLogger(NoticeListener.class);
  private static final int WAITS_MILLIS = 1_000;
  private static final int TRIES_AGAIN_AFTER_MILLIS = 2_000;

  private final HikariDataSource source;
  private final OpenPages pages;
  private volatile Thread thread;

  NoticeListener(DataSource source, OpenPages pages) throws SQLException {
    this.source = source.unwrap(HikariDataSource.class);
    this.pages = pages;
  }

  @Override
  public void start() {
    Thread listening = new Thread(this::listen, "notices");
    listening.setDaemon(true);
    thread = listening;
    listening.start();
  }

  @Override
  public void stop() {
    Thread listening = thread;
    thread = null;
    if (listening != null) {
      listening.interrupt();
    }
  }

  @Override
  public boolean isRunning() {
    return thread != null;
  }

  private boolean goesOn() {
    return Thread.currentThread().equals(thread);
  }

  private void listen() {
    boolean first = true;
    while (goesOn()) {
      try (Connection connection =
          DriverManager.getConnection(
              source.getJdbcUrl(), source.getUsername(), source.getPassword())) {
        try (Statement statement = connection.createStatement()) {
          statement.execute("listen " + ChangeNotices.CHANNEL);
        }
        if (!first) {
          pages.maybeChanged();
        }
        first = false;
        hear(connection.unwrap(PGConnection.class));
      } catch (SQLException e) {
        LOG.info("The database's notices are not heard at the moment: {}", e.getMessage());
        pause();
      }
    }
  }

  private void hear(PGConnection connection) throws SQLException {
    while (goesOn()) {
      PGNotification[] notices = connection.getNotifications(WAITS_MILLIS);
      if (notices != null) {
        for (PGNotification notice : notices) {
          String[] ids = notice.getParameter().split(" ", -1);
          pages.changed(UUID.fromString(ids[0]), UUID.fromString(ids[1]));
        }
      }
    }
  }

  private static void pause() {
    try {
      Thread.sleep(TRIES_AGAIN_AFTER_MILLIS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}

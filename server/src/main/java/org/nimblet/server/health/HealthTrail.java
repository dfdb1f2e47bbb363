package org.nimblet.server.health;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.nimblet.server.account.Scope;
import org.nimblet.server.account.SignedIn;
import org.nimblet.server.client.ClientFile;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** Who read or changed what a client told of their health, for the client to read. */
@Service
public class HealthTrail {

  private static final int SHOWN = 200;

  private final JdbcClient jdbc;
  private final Scope scope;
  private final Clock clock;

  HealthTrail(JdbcClient jdbc, Scope scope, Clock clock) {
    this.jdbc = jdbc;
    this.scope = scope;
    this.clock = clock;
  }

  /** What somebody did, in words that follow their name. */
  public enum Deed {
    READ_HEALTH("read your pains, signs and conditions"),
    READ_LOG("read your log"),
    TOLD_PAIN("wrote down pain"),
    CORRECTED("corrected a session"),
    ANSWERED_SIGNS("answered signs"),
    CLEARED_SIGN("wrote down that a clinician cleared a sign"),
    TOOK_SIGN_BACK("took a sign back as a mistake"),
    MINDED("wrote down a condition or an instruction"),
    ENDED_MINDING("ended a condition or an instruction");

    private final String words;

    Deed(String words) {
      this.words = words;
    }
  }

  /** One line: who did what, the first time that day. */
  record TrailLine(String who, String words, Instant at) {}

  /** Notes what the signed-in account does; a client who reads their own words is not noted. */
  public void note(ClientFile client, Deed deed) {
    SignedIn who = scope.current();
    boolean reads = deed == Deed.READ_HEALTH || deed == Deed.READ_LOG;
    if (reads && who.clientId().isPresent()) {
      return;
    }
    Instant now = clock.instant();
    jdbc.sql(
            "insert into health_trail (id, coach_id, client_id, account_id, who, deed, at, day)"
                + " values (?, ?, ?, ?, ?, ?, ?, ?) on conflict do nothing")
        .params(
            UUID.randomUUID(),
            client.coachId(),
            client.id(),
            who.accountId(),
            who.name(),
            deed.name(),
            Timestamp.from(now),
            LocalDate.ofInstant(now, client.zone()))
        .update();
  }

  /** The latest lines of a client, the newest first. */
  List<TrailLine> of(ClientFile client) {
    return jdbc.sql(
            "select who, deed, at from health_trail where client_id = ? order by at desc, id limit ?")
        .params(client.id(), SHOWN)
        .query(
            (row, number) ->
                new TrailLine(
                    row.getString("who"),
                    Deed.valueOf(row.getString("deed")).words,
                    row.getTimestamp("at").toInstant()))
        .list();
  }
}

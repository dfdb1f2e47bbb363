package org.nimblet.server.platform;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** The keys under which something was sent, and what was answered; kept for a day. */
@Component
class SentKeys {

  private static final Duration KEPT = Duration.ofDays(1);

  private final JdbcClient jdbc;
  private final Clock clock;

  SentKeys(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** What was answered to a request. */
  record Given(String request, int status, String contentType, String body) {}

  /** Whether nobody had the key yet; whoever asked has it now. */
  boolean take(UUID account, String key, String request) {
    return jdbc.sql(
                "insert into sent_once (account_id, key, request, at) values (?, ?, ?, ?)"
                    + " on conflict do nothing")
            .params(account, key, request, Timestamp.from(clock.instant()))
            .update()
        == 1;
  }

  void answer(UUID account, String key, int status, String contentType, String body) {
    jdbc.sql(
            "update sent_once set status = ?, content_type = ?, body = ?"
                + " where account_id = ? and key = ?")
        .params(status, contentType, body, account, key)
        .update();
  }

  void forget(UUID account, String key) {
    jdbc.sql("delete from sent_once where account_id = ? and key = ? and status is null")
        .params(account, key)
        .update();
  }

  /** What was answered, once it was. */
  Optional<Given> given(UUID account, String key) {
    return jdbc.sql(
            "select request, status, content_type, body from sent_once"
                + " where account_id = ? and key = ? and status is not null")
        .params(account, key)
        .query(
            (row, number) ->
                new Given(
                    row.getString("request"),
                    row.getInt("status"),
                    row.getString("content_type"),
                    row.getString("body")))
        .optional();
  }

  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
  void forgetOldOnes() {
    jdbc.sql("delete from sent_once where at < ?")
        .param(Timestamp.from(clock.instant().minus(KEPT)))
        .update();
  }
}

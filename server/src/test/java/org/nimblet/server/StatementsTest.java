package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.LongStream;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;

/**
 * How many statements an answer takes, as Hibernate counts them: a person is read once, whatever is
 * asked of them, and a roster like one person.
 */
@ExtendWith(ServerExtension.class)
class StatementsTest {

  private static final LocalDate TODAY = Practice.today();

  /** Of some tries the fewest: what works in the background counts too. */
  private static final int TRIES = 3;

  /** The statements of a question that nobody asked since something about the client changed. */
  private static long afterAChange(RunningServer server, OneClient one, Runnable ask) {
    return LongStream.range(0, TRIES)
        .map(
            attempt -> {
              LocalDate far = TODAY.plusYears(2).plusDays(attempt);
              one.sent(
                  "POST",
                  "/busy-times",
                  Map.of("date", far.toString(), "startsAt", "12:00", "endsAt", "13:00"));
              return statements(server, ask);
            })
        .min()
        .orElseThrow();
  }

  private static long statements(RunningServer server, Runnable ask) {
    Statistics statistics =
        server
            .context()
            .getBean(EntityManagerFactory.class)
            .unwrap(SessionFactory.class)
            .getStatistics();
    statistics.setStatisticsEnabled(true);
    long before = statistics.getPrepareStatementCount();
    ask.run();
    return statistics.getPrepareStatementCount() - before;
  }

  private static OneClient withBlocks(RunningServer server, int blocks, int days) {
    OneClient one = OneClient.takeIn(server);
    for (int day = 0; day < days; day++) {
      for (int i = 0; i < blocks; i++) {
        one.practice()
            .putBlock(
                one.client(),
                TODAY.plusDays(day),
                "%02d:00".formatted(9 + 4 * i),
                "%02d:30".formatted(10 + 4 * i));
      }
    }
    return one;
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3})
  void aDayTakesEightHoweverManyBlocks(int blocks, RunningServer server) {
    OneClient one = withBlocks(server, blocks, 1);
    assertThat(afterAChange(server, one, () -> one.get("/day?date=" + TODAY))).isBetween(1L, 8L);
    assertThat(statements(server, () -> one.get("/day?date=" + TODAY)))
        .as("what is kept is not read again: the client and the library's revision")
        .isLessThanOrEqualTo(2);
  }

  @Test
  void aWeekOfThreeBlocksADayTakesNoMore(RunningServer server) {
    OneClient one = withBlocks(server, 3, 7);
    assertThat(afterAChange(server, one, () -> one.get("/week"))).isBetween(1L, 8L);
  }

  @Test
  void theDaysOfAProgrammeTakeNoMoreThanAWeek(RunningServer server) {
    OneClient one = withBlocks(server, 2, 2);
    one.sent(
        "PUT",
        "/programme",
        WeekTest.programme(
            List.of(
                WeekTest.obligation("WARM_UP", "BEFORE_BLOCKS", "MORNING", false),
                WeekTest.obligation("RECOVERY", "DAILY", "EVENING", false),
                WeekTest.obligation("REACH", "DAILY", "NOON", false))));
    assertThat(afterAChange(server, one, () -> one.get("/programme/days"))).isBetween(1L, 10L);
  }

  @Test
  void theLogTakesThreeMoreForStepsCorrectionsAndNotes(RunningServer server) {
    OneClient one = withBlocks(server, 2, 2);
    assertThat(afterAChange(server, one, () -> one.get("/log"))).isBetween(1L, 13L);
  }

  @Test
  void aFeedOfFourWeeksTakesNoMoreThanADayAndItsOwnRow(RunningServer server) {
    OneClient one = withBlocks(server, 3, 7);
    String address =
        one.sent("POST", "/feed", Map.of("alarmMinutes", 10, "breaks", true))
            .get("address")
            .asString();
    String path = address.substring(address.indexOf("/feed"));
    HttpCaller anybody = server.caller();
    assertThat(
            afterAChange(
                server, one, () -> assertThat(anybody.get(path).status()).as(path).isEqualTo(200)))
        .isBetween(1L, 10L);
  }

  @Test
  void aCheckAtTheBenchTakesSix(RunningServer server) {
    OneClient one = withBlocks(server, 1, 1);
    Map<String, Object> draft = new TreeMap<>();
    draft.put("clientId", one.id().toString());
    draft.put("activityId", null);
    draft.put("discipline", null);
    draft.put("purpose", "COOL_DOWN");
    draft.put("budgetSeconds", 600);
    draft.put("warmed", null);
    draft.put("minutesToPlay", null);
    draft.put("theme", null);
    draft.put("steps", List.of());
    Object composed =
        one.practice()
            .coach()
            .send("POST", "/api/bench/compose", Map.of("draft", draft, "earlier", List.of()))
            .json()
            .get("steps");
    draft.put("steps", composed);
    assertThat(
            afterAChange(
                server,
                one,
                () ->
                    assertThat(
                            one.practice().coach().send("POST", "/api/bench/check", draft).status())
                        .isEqualTo(200)))
        .isBetween(1L, 6L);
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 5})
  void todayTakesAsManyForFiveAsForOne(int clients, RunningServer server) {
    OneClient one = withBlocks(server, 2, 1);
    for (int i = 1; i < clients; i++) {
      Map<String, Object> form = Practice.clientForm();
      form.put("name", "Client " + i);
      one.practice().putBlock(one.practice().takeIn(form), TODAY, "10:00", "11:00");
    }
    assertThat(
            afterAChange(server, one, () -> one.practice().coach().get("/api/today?date=" + TODAY)))
        .as("one more than for a day: what the coach has dealt with")
        .isBetween(1L, 9L);
  }
}

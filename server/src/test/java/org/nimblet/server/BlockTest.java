package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.server.support.AtOnce;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Blocks as they are written, overlap, are made of parts and are gone through; busy times. */
@ExtendWith(ServerExtension.class)
class BlockTest {

  private static final LocalDate MONDAY =
      Practice.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
  private static final Instant EIGHT = Instant.parse("2026-03-02T08:00:00Z");

  /** A round, by minutes after eight. */
  static Map<String, Object> round(int workedSince, int began, int ended) {
    return Map.of(
        "workedSince", EIGHT.plus(workedSince, ChronoUnit.MINUTES).toString(),
        "beganAt", EIGHT.plus(began, ChronoUnit.MINUTES).toString(),
        "endedAt", EIGHT.plus(ended, ChronoUnit.MINUTES).toString());
  }

  static Map<String, Object> practiceDay(
      String activityId, String endsAt, List<String> techniques) {
    Map<String, Object> form = new TreeMap<>();
    form.put("activityId", activityId);
    form.put("date", MONDAY.toString());
    form.put("startsAt", "09:00");
    form.put("endsAt", endsAt);
    form.put(
        "techniques",
        techniques.stream().map(title -> Map.of("title", title, "minutes", 30)).toList());
    form.put("restMinutes", 10);
    form.put("longBreakMinutes", 45);
    form.put("repertoire", Map.of("title", "Sonata", "minutes", 60));
    return form;
  }

  private static Map<String, Object> part(String title, int minutes, int rest, boolean guessed) {
    return Map.of("title", title, "minutes", minutes, "restMinutes", rest, "guessed", guessed);
  }

  private static Map<String, Object> block(
      OneClient one, String from, String to, List<Map<String, Object>> parts) {
    Map<String, Object> form =
        Practice.blockForm(Practice.firstActivity(one.client()), MONDAY, from, to);
    form.put("parts", parts);
    return form;
  }

  private static List<String> stretches(JsonNode timeline) {
    List<String> stretches = new ArrayList<>();
    timeline
        .get("stretches")
        .forEach(
            s ->
                stretches.add(
                    "%s %s %s"
                        .formatted(
                            s.get("startsAt").asString().substring(0, 5),
                            s.get("kind").asString(),
                            s.get("title").asString())
                        .strip()));
    return stretches;
  }

  @Test
  void aSentenceIsReadBeforeItIsWritten(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> text = Map.of("text", "Mon Wed 18-20:30 practice for 3 weeks");
    JsonNode read = one.sent("POST", "/sentences/preview", text).get("shown");
    assertThat(read.get("words").asString()).startsWith("Practice, Mon and Wed, 18:00–20:30, from");
    assertThat(read.get("made").asInt()).isEqualTo(6);
    assertThat(one.get("/day?date=" + MONDAY).get("blocks")).isEmpty();
    JsonNode written = one.sent("POST", "/sentences", text);
    assertThat(written.get("blockIds")).hasSize(6);
    JsonNode block = one.get("/day?date=" + MONDAY).at("/blocks/0");
    assertThat(block.get("endsAt").asString()).isEqualTo("20:30:00");
    assertThat(block.get("repeats").asBoolean()).isTrue();
    Map<String, Object> half = Map.of("text", "practice at night");
    Answer unclear = one.send("POST", "/sentences", half);
    assertThat(unclear.status()).isEqualTo(400);
    assertThat(unclear.json().at("/errors/0/field").asString()).isEqualTo("text");
    assertThat(unclear.json().at("/errors/0/message").asString()).startsWith("Say from when");
    JsonNode notYet = one.sent("POST", "/sentences/preview", half);
    assertThat(notYet.get("shown").isNull()).as("half-typed is no error").isTrue();
    assertThat(notYet.get("problems")).isEqualTo(unclear.json().get("errors"));
    JsonNode tooLong = one.sent("POST", "/sentences/preview", Map.of("text", "x".repeat(201)));
    assertThat(tooLong.at("/problems/0/message").asString()).isEqualTo("Up to 200 characters.");
  }

  @Test
  void busyTimesComeAndGo(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode written =
        one.sent("POST", "/sentences", Map.of("text", "busy mondays 14-16 for 2 weeks"));
    assertThat(written.get("busyIds")).hasSize(2);
    JsonNode busy = one.get("/day?date=" + MONDAY).at("/busy/0");
    assertThat(busy.get("startsAt").asString()).isEqualTo("14:00:00");
    String path = "/busy-times/" + busy.get("id").asString();
    assertThat(one.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(one.send("DELETE", path, null).status()).isEqualTo(404);
    assertThat(one.get("/day?date=" + MONDAY).get("busy")).isEmpty();
    Map<String, Object> empty =
        Map.of("date", MONDAY.toString(), "startsAt", "14:00", "endsAt", "14:00");
    assertThat(one.send("POST", "/busy-times", empty).json().at("/errors/0/message").asString())
        .isEqualTo("End (14:00) must differ from the start.");
  }

  @Test
  void blocksMayOverlapAndSayWithWhat(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.practice().putBlock(one.client(), MONDAY, "10:00", "11:00");
    Map<String, Object> second = block(one, "10:30", "12:00", List.of());
    second.put("title", "Sectional");
    one.sent("POST", "/blocks", second);
    one.practice().putBlock(one.client(), MONDAY, "23:30", "00:30");
    JsonNode blocks = one.get("/day?date=" + MONDAY).get("blocks");
    assertThat(blocks.at("/0/overlaps/0").asString()).isEqualTo("Sectional");
    assertThat(blocks.at("/1/overlaps/0").asString()).isEqualTo("Practice");
    assertThat(blocks.at("/1/warmUpReason").asString()).startsWith("Left out:");
    assertThat(blocks.at("/2/overlaps")).isEmpty();
    assertThat(blocks.at("/2/endHour").asDouble()).isEqualTo(24.5);
    Answer nothing = one.send("POST", "/blocks", block(one, "10:00", "10:00", List.of()));
    assertThat(nothing.json().at("/errors/0/field").asString()).isEqualTo("endsAt");
  }

  @Test
  void breaksFallWhereRoundsEndAndTheRestsOfAShowNightAreItsBreaks(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.sent(
        "PUT",
        "/programme",
        WeekTest.programme(
            List.of(WeekTest.obligation("BREAK", "INSIDE_BLOCKS", "EVENING", false))));
    one.sent(
        "POST",
        "/blocks",
        block(
            one,
            "10:00",
            "12:00",
            List.of(part("Piece", 35, 0, false), part("Etude", 35, 0, false))));
    Map<String, Object> show =
        block(
            one,
            "20:00",
            "22:00",
            List.of(part("First set", 45, 20, false), part("Second set", 45, 0, false)));
    show.put("performance", true);
    one.sent("POST", "/blocks", show);
    List<String> breaks = new ArrayList<>();
    one.get("/day?date=" + MONDAY)
        .get("pegs")
        .forEach(
            peg -> {
              if (peg.get("purpose").asString().equals("BREAK")) {
                breaks.add(peg.get("startsAt").asString().substring(0, 5));
              }
            });
    // 120 min, 50 of work and 10 of rest: two breaks, by the clock at 34 and 67 of 100
    assertThat(breaks).containsExactly("10:35", "11:20", "20:45");
    Answer tooLong =
        one.send("POST", "/blocks", block(one, "10:00", "11:00", List.of(part("A", 61, 0, false))));
    assertThat(tooLong.json().at("/errors/0/message").asString())
        .isEqualTo("Parts (61 min with their rests) must not be longer than the block (60 min).");
  }

  @Test
  void aRoundThatIsOverIsMeasuredAndSaysWhenTheBreakComes(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    String id =
        one.sent(
                "POST",
                "/blocks",
                block(one, "08:00", "10:00", List.of(part("Round", 20, 0, true))))
            .get("id")
            .asString();
    JsonNode timeline = one.get("/blocks/" + id + "/timeline");
    assertThat(timeline.get("rounds").asBoolean()).isTrue();
    assertThat(timeline.at("/stretches/0/title").asString()).isEqualTo("Round");
    String rounds = "/blocks/" + id + "/rounds";
    JsonNode first = one.sent("POST", rounds, round(0, 0, 24));
    assertThat(first.get("say").asString()).isEqualTo("AFTER_THE_NEXT");
    assertThat(first.get("sentence").asString())
        .isEqualTo("One more: 24 min of work so far, the break comes after the next.");
    JsonNode second = one.sent("POST", rounds, round(0, 24, 50));
    assertThat(second.get("say").asString()).isEqualTo("NOW");
    one.sent("POST", rounds, round(60, 60, 85));
    assertThat(one.get("/day?date=" + MONDAY).at("/blocks/0/parts/0/minutes").asInt())
        .as("the middle one of 24, 26 and 25")
        .isEqualTo(25);
    assertThat(one.get("/day?date=" + MONDAY).at("/blocks/0/parts/0/certainty").asString())
        .isEqualTo("LEARNED");
    Answer backwards = one.send("POST", rounds, round(0, 20, 10));
    assertThat(backwards.json().at("/errors/0/field").asString()).isEqualTo("endedAt");
    Answer later = one.send("POST", rounds, round(30, 0, 10));
    assertThat(later.json().at("/errors/0/field").asString()).isEqualTo("workedSince");
  }

  @ParameterizedTest
  @CsvSource({
    // three techniques of 30 with 10 between: 110; long break 45, sonata 60
    ", 3, 12:35, 150, 0",
    // 09:00 to 14:00 is 300: less 20, 45 and 60 leaves 175, 58 each, one minute over
    "14:00, 3, 14:00, 234, 0",
  })
  void aPracticeDayIsWorkedOutFromEitherEnd(
      String endsAt,
      int techniques,
      String expectedEnd,
      int playing,
      int spare,
      RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    List<String> titles =
        List.of("Scales in thirds", "Arpeggios", "Bow arm").subList(0, techniques);
    Map<String, Object> form = practiceDay(Practice.firstActivity(one.client()), endsAt, titles);
    JsonNode view = one.sent("POST", "/practice-days/preview", form).get("shown");
    assertThat(view.get("endsAt").asString()).startsWith(expectedEnd);
    assertThat(view.get("playingMinutes").asInt()).isEqualTo(playing);
    assertThat(view.get("spareMinutes").asInt()).isEqualTo(spare);
    assertThat(one.get("/day?date=" + MONDAY).get("blocks")).isEmpty();
  }

  /** In the evening this morning was proposed. */
  @Test
  void aPracticeDayIsProposedForAMorningToCome(RunningServer server) {
    JsonNode form = OneClient.takeIn(server).get("/practice-days/proposal").get("form");
    assertThat(form.get("startsAt").asString()).startsWith("09:30");
    assertThat(form.get("date").asString())
        .as("it is noon")
        .isEqualTo(Practice.today().plusDays(1).toString());
  }

  @Test
  void theSamePracticeDayIsNotPlacedTwice(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> form =
        practiceDay(Practice.firstActivity(one.client()), null, List.of("Scales"));
    one.sent("POST", "/practice-days", form);
    Answer again = one.send("POST", "/practice-days", form);
    assertThat(again.status()).isEqualTo(400);
    assertThat(again.body()).contains("startsAt", "stands there already");
    assertThat(one.get("/day?date=" + MONDAY).get("blocks")).hasSize(2);
  }

  @Test
  void aPracticeDayBecomesBlocksWithItsBreaks(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode made =
        one.sent(
            "POST",
            "/practice-days",
            practiceDay(
                Practice.firstActivity(one.client()), null, List.of("Scales", "Arpeggios")));
    assertThat(made.get("blockIds")).hasSize(2);
    JsonNode blocks = one.get("/day?date=" + MONDAY).get("blocks");
    assertThat(blocks.at("/0/title").asString()).isEqualTo("Technique");
    assertThat(blocks.at("/0/endsAt").asString()).isEqualTo("10:10:00");
    assertThat(blocks.at("/1/title").asString()).isEqualTo("Sonata");
    assertThat(blocks.at("/1/startsAt").asString()).isEqualTo("10:55:00");
    assertThat(stretches(one.get("/blocks/" + made.at("/blockIds/0").asString() + "/timeline")))
        .containsExactly("09:00 PART Scales", "09:30 BREAK", "09:40 PART Arpeggios");
    Answer tooShort =
        one.send(
            "POST",
            "/practice-days",
            practiceDay(Practice.firstActivity(one.client()), "10:00", List.of("Scales")));
    assertThat(tooShort.json().at("/errors/0/field").asString()).isEqualTo("endsAt");
    assertThat(tooShort.json().at("/errors/0/message").asString())
        .contains("leave nothing for 1 techniques");
  }

  /** Sent twenty times at once, a block stood there twenty times. */
  @Test
  void whatIsSentTwiceUnderOneKeyIsMadeOnce(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    HttpCaller coach = one.practice().coach();
    Map<String, Object> form =
        Practice.blockForm(Practice.firstActivity(one.client()), MONDAY, "10:00", "11:00");
    String path = one.path("/blocks");
    String key = "twice-pressed-1";
    List<Answer> answers = AtOnce.times(20, () -> coach.post(path, form, key));
    assertThat(answers).extracting(Answer::status).containsOnly(201);
    assertThat(answers.stream().map(Answer::body).distinct()).hasSize(1);
    assertThat(one.get("/day?date=" + MONDAY).get("blocks")).hasSize(1);
    assertThat(coach.post(path, form, "another-one-1").status()).isEqualTo(201);
    assertThat(coach.post(one.path("/busy-times"), form, key).status()).isEqualTo(422);
    assertThat(coach.post(path, form, "so").json().get("detail").asString()).contains("8 to 64");
  }

  /** The address of an invitation lay in the database, open to whoever reads it. */
  @Test
  void anAnswerWithASecretIsKeptUnderNoKey(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    String key = "invited-once-1";
    Answer invited = one.practice().coach().post(one.path("/invitation"), Map.of(), key);
    assertThat(invited.status()).as(invited.body()).isEqualTo(201);
    assertThat(
            server
                .context()
                .getBean(JdbcClient.class)
                .sql("select count(*) from sent_once where key = ?")
                .param(key)
                .query(Integer.class)
                .single())
        .isZero();
  }
}

package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** Programmes and the week: placed, re-fitted, pinned, explained. */
@ExtendWith(ServerExtension.class)
class WeekTest {

  private static final LocalDate NEXT_MONDAY =
      Practice.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));

  private static JsonNode nextWeek(OneClient setting) {
    return setting.get("/week?date=" + NEXT_MONDAY).get("plan");
  }

  private static Map<String, Object> pins(Map<String, Object> pin) {
    return Map.of("date", pin.get("date"), "pins", List.of(pin));
  }

  static Map<String, Object> obligation(
      String purpose, String frequency, String anchor, boolean heavy) {
    Map<String, Object> form = new TreeMap<>();
    form.put("purpose", purpose);
    form.put("minutes", 10);
    form.put("frequency", frequency);
    form.put("anchor", anchor);
    form.put("heavy", heavy);
    form.put("notOn", List.of());
    return form;
  }

  static Map<String, Object> programme(List<Map<String, Object>> obligations) {
    Map<String, Object> form = new TreeMap<>();
    form.put("version", 0);
    form.put("title", "Conditioning");
    form.put("target", "");
    form.put("startsOn", Practice.today().toString());
    form.put("reviewsOn", Practice.today().plusWeeks(3).toString());
    form.put("endsOn", Practice.today().plusWeeks(6).toString());
    form.put("sessionsADay", 4);
    form.put("minutesADay", 45);
    form.put("obligations", obligations);
    return form;
  }

  static Map<String, Object> pin(String line, String date, String startsAt, boolean skipped) {
    Map<String, Object> form = new TreeMap<>();
    form.put("lineId", line);
    form.put("date", date);
    form.put("startsAt", startsAt);
    form.put("pinned", startsAt != null);
    form.put("skipped", skipped);
    return form;
  }

  private static List<String> times(JsonNode plan, String purpose) {
    List<String> times = new ArrayList<>();
    for (JsonNode session : plan.get("sessions")) {
      if (session.get("purpose").asString().equals(purpose)) {
        times.add(
            LocalDate.parse(session.get("date").asString()).getDayOfWeek().name().substring(0, 3)
                + " "
                + session.get("startsAt").asString().substring(0, 5));
      }
    }
    return times;
  }

  @Test
  void aProgrammeIsPlacedInTheWeeksAtOnce(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    assertThat(setting.get("/programme")).isEmpty();
    JsonNode programme =
        setting.sent(
            "PUT",
            "/programme",
            programme(
                List.of(
                    obligation("STRENGTH", "THREE_A_WEEK", "EVENING", true),
                    obligation("RECOVERY", "DAILY", "BEDTIME", false))));
    assertThat(programme.at("/obligations/0/words").asString())
        .isEqualTo("three times a week, evening");
    JsonNode plan = nextWeek(setting);
    assertThat(times(plan, "STRENGTH")).hasSize(3).allMatch(time -> time.endsWith("19:00"));
    assertThat(times(plan, "RECOVERY")).hasSize(7).allMatch(time -> time.endsWith("22:00"));
    assertThat(plan.get("moves")).isEmpty();
    assertThat(plan.at("/counts/0/placed").asInt()).isEqualTo(3);
    assertThat(plan.at("/sessions/0/why").asString()).startsWith("At its time: ");
    JsonNode days = setting.get("/week?date=" + NEXT_MONDAY).get("days");
    assertThat(days).hasSize(7);
    assertThat(days.at("/6/pegs/0/state").asString()).isEqualTo("PLANNED");
    assertThat(days.at("/6/pegs/0/lineId").isNull()).isFalse();
  }

  @Test
  void whenABlockComesTheSessionGivesWayAndTheRestStays(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.sent(
        "PUT", "/programme", programme(List.of(obligation("RECOVERY", "DAILY", "EVENING", false))));
    JsonNode block =
        setting.practice().putBlock(setting.client(), NEXT_MONDAY.plusDays(3), "18:30", "20:00");
    JsonNode plan = nextWeek(setting);
    assertThat(times(plan, "RECOVERY"))
        .hasSize(7)
        .contains("WED 19:00", "FRI 19:00")
        .doesNotContain("THU 19:00");
    assertThat(plan.get("moves")).as("what gave way is agreed again").isEmpty();
    Map<String, Object> preview = new TreeMap<>();
    preview.put("date", NEXT_MONDAY.toString());
    preview.put("pin", null);
    preview.put("blockId", block.get("id").asString());
    preview.put("startsAt", "16:30");
    preview.put("endsAt", "18:00");
    JsonNode would = setting.sent("POST", "/week/preview", preview).get("plan");
    assertThat(would.get("moves")).as("what is agreed stays where it can").isEmpty();
    preview.put("startsAt", "07:00");
    preview.put("endsAt", "22:55");
    assertThat(setting.sent("POST", "/week/preview", preview).get("plan").at("/moves/0").asString())
        .startsWith("Recovery, Thu ")
        .endsWith(": no longer fits.");
    assertThat(nextWeek(setting)).as("a preview stores nothing").isEqualTo(plan);
  }

  @Test
  void aSessionIsPinnedSkippedAndLetGo(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.sent(
        "PUT", "/programme", programme(List.of(obligation("RECOVERY", "DAILY", "EVENING", false))));
    String line = nextWeek(setting).at("/sessions/0/lineId").asString();
    String tuesday = NEXT_MONDAY.plusDays(1).toString();
    JsonNode pinned =
        setting.sent("POST", "/week/pins", pins(pin(line, tuesday, "08:15", false))).get("plan");
    assertThat(times(pinned, "RECOVERY").get(1)).isEqualTo("TUE 08:15");
    assertThat(pinned.at("/sessions/1/pinned").asBoolean()).isTrue();
    setting.practice().putBlock(setting.client(), NEXT_MONDAY.plusDays(1), "08:00", "09:00");
    assertThat(times(nextWeek(setting), "RECOVERY").get(1)).isEqualTo("TUE 08:15");
    JsonNode skipped =
        setting.sent("POST", "/week/pins", pins(pin(line, tuesday, null, true))).get("plan");
    assertThat(times(skipped, "RECOVERY")).hasSize(6).noneMatch(time -> time.startsWith("TUE"));
    assertThat(skipped.get("unmet")).as("what is skipped is not owed").isEmpty();
    JsonNode again =
        setting.sent("POST", "/week/pins", pins(pin(line, tuesday, null, false))).get("plan");
    assertThat(times(again, "RECOVERY")).hasSize(7).contains("TUE 19:00");
    Map<String, Object> moved = pin(line, tuesday, "20:00", false);
    moved.put("pinned", false);
    assertThat(
            times(setting.sent("POST", "/week/pins", pins(moved)).get("plan"), "RECOVERY").get(1))
        .as("what is agreed stays, though not pinned")
        .isEqualTo("TUE 20:00");
    assertThat(
            setting.send("POST", "/week/pins", pins(pin("none", tuesday, "08:15", false))).status())
        .isEqualTo(404);
    assertThat(
            setting
                .send("POST", "/week/pins", pins(pin(line, "2031-01-01", "08:15", false)))
                .json()
                .at("/errors/0/field")
                .asString())
        .isEqualTo("pins[0].date");
  }

  @Test
  void sessionsAreMovedTogetherOrNotAtAll(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.sent(
        "PUT", "/programme", programme(List.of(obligation("RECOVERY", "DAILY", "EVENING", false))));
    JsonNode before = nextWeek(setting);
    String line = before.at("/sessions/0/lineId").asString();
    String monday = NEXT_MONDAY.toString();
    String tuesday = NEXT_MONDAY.plusDays(1).toString();
    Map<String, Object> leftOut = pin(line, monday, null, true);
    Map<String, Object> wrong = pin("none", tuesday, "08:15", false);
    assertThat(
            setting
                .send("POST", "/week/pins", Map.of("date", monday, "pins", List.of(leftOut, wrong)))
                .status())
        .isEqualTo(404);
    assertThat(nextWeek(setting)).as("nothing of it was kept").isEqualTo(before);
    JsonNode week =
        setting.sent(
            "POST",
            "/week/pins",
            Map.of("date", monday, "pins", List.of(leftOut, pin(line, tuesday, "08:15", false))));
    assertThat(times(week.get("plan"), "RECOVERY")).hasSize(6).contains("TUE 08:15");
    assertThat(week.at("/days/0/pegs")).as("left out on Monday").isEmpty();
    assertThat(week.at("/days/1/pegs/0/state").asString()).isEqualTo("MOVED");
    assertThat(week.at("/days/1/pegs/0/startsAt").asString()).startsWith("08:15");
  }

  /** A client for whom it is between seven and eight in the evening, with a daily recovery. */
  private static HttpCaller inTheEvening(RunningServer server, LocalTime sleepsAt) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("timeZone", Practice.zoneAt(19).getId());
    form.put("sleepsAt", sleepsAt.toString());
    String client = practice.takeIn(form).get("id").asString();
    practice
        .coach()
        .send(
            "PUT",
            "/api/clients/" + client + "/programme",
            programme(List.of(obligation("RECOVERY", "DAILY", "EVENING", false))));
    return practice.asClient(client);
  }

  private static JsonNode next(HttpCaller client) {
    return client.get("/api/my/day").json().get("next");
  }

  private static Map<String, Object> later(HttpCaller client) {
    return Map.of("lineId", next(client).get("lineId").asString());
  }

  /** Fitting the week anew once drew it back to where it had been. */
  @Test
  void whatStandsFreeIsPutLaterTodayAndStaysThere(RunningServer server) {
    HttpCaller own = inTheEvening(server, LocalTime.of(23, 59));
    Instant before = Instant.parse(next(own).get("start").asString());
    Answer answer = own.send("POST", "/api/my/day/later", later(own));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    Instant start = Instant.parse(answer.json().at("/next/start").asString());
    assertThat(start)
        .isAfter(Instant.now(Practice.CLOCK).plus(Duration.ofMinutes(40)))
        .isAfter(before.plus(Duration.ofMinutes(40)));
    assertThat(next(own).get("start").asString()).isEqualTo(start.toString());
    assertThat(own.send("POST", "/api/my/day/later", Map.of("lineId", "none")).status())
        .isEqualTo(404);
  }

  @Test
  void whereNoRoomIsLeftTodayItIsSaid(RunningServer server) {
    LocalTime now =
        LocalTime.now(Practice.CLOCK.withZone(Practice.zoneAt(19))).truncatedTo(ChronoUnit.MINUTES);
    HttpCaller own = inTheEvening(server, now.plusMinutes(40));
    Answer answer = own.send("POST", "/api/my/day/later", later(own));
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().at("/errors/0/message").asString()).startsWith("There is no room");
  }

  @Test
  void aWeekWithoutRoomSaysWhichRuleLeavesNone(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.practice().putBlock(setting.client(), NEXT_MONDAY, "07:10", "22:55");
    setting.sent(
        "PUT", "/programme", programme(List.of(obligation("RECOVERY", "DAILY", "EVENING", false))));
    JsonNode plan = nextWeek(setting);
    assertThat(plan.at("/unmet/0/date").asString()).isEqualTo(NEXT_MONDAY.toString());
    assertThat(plan.at("/unmet/0/sentence").asString())
        .isEqualTo("No room for recovery on Monday: blocks and what belongs to them fill the day.");
    assertThat(plan.at("/counts/0/placed").asInt()).isEqualTo(6);
    assertThat(plan.at("/counts/0/wanted").asInt()).isEqualTo(7);
  }

  @Test
  void breaksAndCoolDownsFollowTheBlocks(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.practice().putBlock(setting.client(), NEXT_MONDAY, "10:00", "13:00");
    setting.sent(
        "PUT",
        "/programme",
        programme(
            List.of(
                obligation("BREAK", "INSIDE_BLOCKS", "NOON", false),
                obligation("COOL_DOWN", "AFTER_BLOCKS", "NOON", false))));
    List<String> pegs = new ArrayList<>();
    for (JsonNode peg : setting.get("/week?date=" + NEXT_MONDAY).get("days").at("/0/pegs")) {
      pegs.add(
          peg.get("purpose").asString() + " " + peg.get("startsAt").asString().substring(0, 5));
    }
    assertThat(pegs)
        .as("180 min at 50/10: 38, 38, 37, 37")
        .contains("BREAK 10:38", "BREAK 11:26", "BREAK 12:13", "COOL_DOWN 13:00");
  }

  @Test
  void frequencyFollowsPainAndSaysSo(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    JsonNode programme =
        setting.sent(
            "PUT",
            "/programme",
            programme(List.of(obligation("STRENGTH", "BY_PAIN", "EVENING", false))));
    assertThat(programme.get("painWords").asString())
        .startsWith("No pain told of what this works: three times a week");
    setting.sent("POST", "/health/pains", Map.of("pains", List.of(palmPain(3))));
    JsonNode now = setting.get("/programme").get(0);
    assertThat(now.get("painWords").asString())
        .isEqualTo("Right palm 3, steady: morning and night, for about six weeks.");
    assertThat(now.at("/obligations/0/frequency").asString()).isEqualTo("MORNING_AND_NIGHT");
    assertThat(times(nextWeek(setting), "STRENGTH")).hasSize(14);
  }

  @Test
  void eachObligationShowsItsNextDayWithNothingButItsOwnSessions(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    LocalDate tomorrow = Practice.today().plusDays(1);
    setting.practice().putBlock(setting.client(), tomorrow, "10:00", "13:00");
    setting.sent(
        "PUT",
        "/programme",
        programme(
            List.of(
                obligation("WARM_UP", "BEFORE_BLOCKS", "MORNING", false),
                obligation("BREAK", "INSIDE_BLOCKS", "MORNING", false),
                obligation("RECOVERY", "MORNING_AND_NIGHT", "MORNING", false),
                obligation("COOL_DOWN", "AFTER_BLOCKS", "MORNING", false))));
    JsonNode days = setting.get("/programme/days");
    assertThat(days.get("minutesAllowed").asInt()).isEqualTo(7 * 45);
    List<JsonNode> obligations = days.get("obligations").valueStream().toList();
    assertThat(obligations).hasSize(4);
    for (JsonNode obligation : obligations) {
      assertThat(obligation.at("/look/steps")).as(obligation.toString()).isNotEmpty();
      assertThat(obligation.at("/look/refused").asString()).isEmpty();
      assertThat(obligation.at("/day/pegs")).isNotEmpty();
      assertThat(obligation.at("/day/blocks").size())
          .isEqualTo(obligation.at("/day/date").asString().equals(tomorrow.toString()) ? 1 : 0);
    }
    assertThat(days.at("/obligations/0/day/pegs").findValuesAsString("purpose"))
        .containsExactly("WARM_UP");
    assertThat(days.at("/obligations/1/day/pegs").findValuesAsString("purpose"))
        .as("180 min at 50/10")
        .containsExactly("BREAK", "BREAK", "BREAK");
    assertThat(days.at("/obligations/1/sessions").asInt()).isEqualTo(3);
    assertThat(days.at("/obligations/2/sessions").asInt())
        .as("twice a day for seven days, what is over today not counted")
        .isBetween(12, 14);
    assertThat(days.at("/obligations/3/day/pegs/0/startsAt").asString()).startsWith("13:00");
  }

  @Test
  void whatPainForbidsHasNoDayAndSaysWhy(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.sent(
        "PUT",
        "/programme",
        programme(List.of(obligation("STRENGTH", "BY_PAIN", "EVENING", false))));
    setting.sent("POST", "/health/pains", Map.of("pains", List.of(palmPain(8))));
    JsonNode strength = setting.get("/programme/days").at("/obligations/0");
    assertThat(strength.get("day").isNull()).isTrue();
    assertThat(strength.get("sessions").asInt()).isZero();
    JsonNode zones =
        setting
            .sent(
                "POST",
                "/programme/contents",
                Map.of(
                    "purpose",
                    "STRENGTH",
                    "minutes",
                    10,
                    "heavy",
                    false,
                    "contents",
                    Map.of("required", List.of())))
            .at("/shown/pain");
    assertThat(zones.findValuesAsString("from")).containsExactly("0", "2", "4", "5", "7");
    assertThat(zones.findValuesAsString("present"))
        .containsExactly("false", "false", "false", "false", "true");
    assertThat(zones.findValuesAsString("forbids"))
        .containsExactly("false", "false", "false", "false", "true");
  }

  @Test
  void ofSeveralPainsTheOneThatAsksForTheLeastMarksItsZone(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    Map<String, Object> fresh = palmPain(2);
    fresh.put("side", "LEFT");
    fresh.put("course", "NEW");
    setting.sent("POST", "/health/pains", Map.of("pains", List.of(palmPain(3), fresh)));
    JsonNode zones =
        setting
            .sent(
                "POST",
                "/programme/contents",
                Map.of(
                    "purpose",
                    "STRENGTH",
                    "minutes",
                    10,
                    "heavy",
                    false,
                    "contents",
                    Map.of("required", List.of())))
            .at("/shown/pain");
    assertThat(zones.at("/1/present").asBoolean()).isTrue();
    assertThat(zones.at("/1/words").asString())
        .as("new pain of two is once a day, steady pain of three morning and night")
        .isEqualTo("once a day");
  }

  private static Map<String, Object> palmPain(int level) {
    Map<String, Object> pain = new TreeMap<>();
    pain.put("side", "RIGHT");
    pain.put("region", "PALM");
    pain.put("level", level);
    pain.put("sensation", null);
    pain.put("course", "STEADY");
    pain.put("since", null);
    return pain;
  }

  private static Map<String, Object> with(
      Map<String, Object> obligation, List<String> required, String theme, String routineId) {
    Map<String, Object> contents = new TreeMap<>();
    contents.put("required", required);
    contents.put("theme", theme);
    contents.put("routineId", routineId);
    contents.put("routineVersion", null);
    obligation.put("contents", contents);
    return obligation;
  }

  private static String refusal(OneClient setting, Map<String, Object> obligation) {
    Answer answer = setting.send("PUT", "/programme", programme(List.of(obligation)));
    assertThat(answer.status()).isEqualTo(400);
    return answer.json().at("/errors/0/field").asString()
        + " "
        + answer.json().at("/errors/0/message").asString();
  }

  @Test
  void whatIsRequiredIsInTheSessionThatIsPlayed(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    JsonNode saved =
        setting.sent(
            "PUT",
            "/programme",
            programme(
                List.of(
                    with(
                        obligation("REACH", "DAILY", "NOON", false),
                        List.of("ten-pairs-opened"),
                        null,
                        null),
                    obligation("RECOVERY", "DAILY", "BEDTIME", false))));
    assertThat(saved.at("/obligations/0/contents").asString())
        .isEqualTo("composed anew, with The ten pairs opened");
    assertThat(saved.at("/obligations/1/contents").asString()).isEqualTo("composed anew");
    String line = saved.at("/obligations/0/id").asString();
    JsonNode played = setting.get("/play/REACH/10?line=" + line).get("shown");
    assertThat(played.get("steps").findValuesAsString("exerciseId")).contains("ten-pairs-opened");
    JsonNode look =
        setting.sent(
            "POST",
            "/programme/contents",
            Map.of(
                "purpose",
                "REACH",
                "minutes",
                10,
                "heavy",
                false,
                "contents",
                saved.at("/programme/obligations/0/contents")));
    assertThat(look.at("/shown/look/steps").findValuesAsString("fixed")).contains("true", "false");
    assertThat(look.at("/shown/look/missing")).isEmpty();
    assertThat(
            setting
                .practice()
                .asClient(setting.id().toString())
                .send(
                    "POST",
                    "/api/clients/%s/programme/contents".formatted(setting.id()),
                    Map.of(
                        "purpose",
                        "REACH",
                        "minutes",
                        10,
                        "heavy",
                        false,
                        "contents",
                        Map.of("required", List.of())))
                .status())
        .as("what is in a programme is the coach's")
        .isEqualTo(403);
  }

  @Test
  void aRoutineOfTheShelfIsAsLongAsItIsAndStaysAtItsVersion(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    Map<String, Object> form =
        Practice.routineForm(
            setting.id().toString(),
            0,
            List.of(Practice.stepDraft("a", "palm-rub"), Practice.stepDraft("b", "shake-out")));
    form.put("purpose", "RECOVERY");
    String id =
        setting.practice().coach().send("POST", "/api/routines", form).json().get("id").asString();
    JsonNode saved =
        setting.sent(
            "PUT",
            "/programme",
            programme(
                List.of(
                    with(obligation("RECOVERY", "DAILY", "BEDTIME", false), List.of(), null, id))));
    assertThat(saved.at("/programme/obligations/0/contents/routineVersion").asInt()).isEqualTo(1);
    JsonNode played =
        setting
            .get("/play/RECOVERY/10?line=" + saved.at("/obligations/0/id").asString())
            .get("shown");
    assertThat(played.get("routineId").asString()).isEqualTo(id);
    assertThat(saved.at("/programme/obligations/0/minutes").asLong())
        .isEqualTo((played.get("lengthMillis").asLong() + 59_999) / 60_000);
    assertThat(
            refusal(
                setting, with(obligation("STRENGTH", "DAILY", "NOON", false), List.of(), null, id)))
        .startsWith("obligations[0].contents.routineId")
        .contains("routine for recovery");
  }

  @Test
  void contentsThatCannotBeAreRefusedByTheField(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    Map<String, Object> reach = obligation("REACH", "DAILY", "NOON", false);
    assertThat(refusal(setting, with(reach, List.of("no-such-thing"), null, null)))
        .startsWith("obligations[0].contents.required")
        .contains("in no library");
    assertThat(refusal(setting, with(reach, List.of("squeeze-ladder"), null, null)))
        .contains("has no place in");
    assertThat(refusal(setting, with(reach, List.of(), "moonlight", null)))
        .startsWith("obligations[0].contents.theme")
        .contains("clasps");
    assertThat(
            refusal(setting, with(reach, List.of(), null, "4700fb05-66dc-4937-897f-d5bb46961892")))
        .contains("one of the client's routines");
    assertThat(
            refusal(
                setting,
                with(
                    obligation("WARM_UP", "BEFORE_BLOCKS", "NOON", false),
                    List.of(),
                    "clasps",
                    null)))
        .contains("composed for that block");
  }

  @Test
  void badProgrammesAreRefusedByTheField(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    Map<String, Object> form = programme(List.of(obligation("STRENGTH", "DAILY", "NOON", true)));
    Answer heavy = setting.send("PUT", "/programme", form);
    assertThat(heavy.status()).isEqualTo(400);
    assertThat(heavy.json().at("/errors/0/field").asString()).isEqualTo("obligations[0].frequency");
    form.put("obligations", List.of(obligation("STRENGTH", "DAILY", "teatime", false)));
    assertThat(setting.send("PUT", "/programme", form).json().at("/errors/0/message").asString())
        .contains("(teatime) must be MORNING, NOON");
    form.put("obligations", List.of());
    form.put("endsOn", Practice.today().minusDays(1).toString());
    assertThat(setting.send("PUT", "/programme", form).json().at("/errors/0/field").asString())
        .isEqualTo("endsOn");
    List<Map<String, Object>> crowded = new ArrayList<>();
    for (int i = 0; i < 7; i++) {
      crowded.add(obligation("RECOVERY", "DAILY", "NOON", false));
    }
    crowded.add(obligation("STRENGTH", "BY_PAIN", "NOON", false));
    assertThat(setting.send("PUT", "/programme", programme(crowded)).status())
        .as("with pain of 2 it would be morning and night: nine a day")
        .isEqualTo(400);
    List<Map<String, Object>> many = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      many.add(obligation("STRENGTH", "TWICE_A_WEEK", "NOON", false));
    }
    assertThat(
            setting
                .send("PUT", "/programme", programme(many))
                .json()
                .at("/errors/0/field")
                .asString())
        .isEqualTo("obligations");
  }

  @Test
  void anActivityThatIsTakenAwayLeavesTheRestOfTheProgramme(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    String activity = Practice.firstActivity(setting.client());
    setting.sent(
        "PUT",
        "/programme",
        programme(
            List.of(
                obligation("REACH", "DAILY", "after:" + activity, false),
                obligation("RECOVERY", "DAILY", "EVENING", false))));
    setting.practice().putBlock(setting.client(), NEXT_MONDAY, "10:00", "11:00");
    assertThat(times(nextWeek(setting), "REACH")).containsExactly("MON 11:00");
    Map<String, Object> form = Practice.clientForm();
    form.put("wakesAt", "07:00");
    form.put("sleepsAt", "23:00");
    form.put("version", setting.get("").at("/facts/version").asLong());
    setting.sent("PUT", "", form);
    assertThat(times(nextWeek(setting), "REACH")).isEmpty();
    assertThat(times(nextWeek(setting), "RECOVERY")).hasSize(7);
    assertThat(setting.get("/programme").at("/0/obligations/0/words").asString())
        .isEqualTo("daily, the end of an activity that is gone");
  }

  @Test
  void twoPeopleChangingAProgrammeLoseNothingAndItCanEnd(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    Map<String, Object> form =
        programme(List.of(obligation("RECOVERY", "DAILY", "EVENING", false)));
    JsonNode first = setting.sent("PUT", "/programme", form);
    form.put("version", first.at("/programme/version").asLong());
    form.put("title", "Theirs");
    setting.sent("PUT", "/programme", form);
    form.put("title", "Mine");
    Answer conflict = setting.send("PUT", "/programme", form);
    assertThat(conflict.status()).isEqualTo(409);
    assertThat(conflict.json().at("/current/programme/title").asString()).isEqualTo("Theirs");
    assertThat(setting.send("DELETE", "/programme", null).status()).isEqualTo(204);
    assertThat(setting.get("/programme")).isEmpty();
    assertThat(nextWeek(setting).get("sessions")).isEmpty();
    assertThat(setting.send("DELETE", "/programme", null).status()).isEqualTo(404);
    JsonNode choices = setting.get("/programme/choices");
    assertThat(choices.get("ready")).hasSize(7);
    assertThat(choices.at("/ready/0/programme/startsOn").asString())
        .as("as it would be if it began today, over the one that there is")
        .isEqualTo(choices.at("/ready/1/programme/startsOn").asString());
    assertThat(choices.get("anchors")).hasSizeGreaterThan(4);
  }

  private static Map<String, Object> series(OneClient setting, String rule) {
    return Map.of(
        "block",
        Practice.blockForm(Practice.firstActivity(setting.client()), NEXT_MONDAY, "10:00", "11:00"),
        "rule",
        rule);
  }

  private static List<String> blocks(OneClient setting, LocalDate week) {
    List<String> found = new ArrayList<>();
    for (JsonNode day : setting.get("/week?date=" + week).get("days")) {
      for (JsonNode block : day.get("blocks")) {
        found.add(
            LocalDate.parse(day.get("date").asString()).getDayOfWeek().name().substring(0, 3)
                + " "
                + block.get("startsAt").asString().substring(0, 5)
                + (block.get("repeats").asBoolean() ? " repeats" : ""));
      }
    }
    return found;
  }

  @Test
  void aBlockRepeatsAndEachCanBeMovedOrThoseThatFollow(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.practice().putBlock(setting.client(), NEXT_MONDAY.plusDays(2), "10:30", "12:00");
    Answer made =
        setting.send("POST", "/blocks/series", series(setting, "FREQ=WEEKLY;BYDAY=MO,WE;COUNT=6"));
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    assertThat(made.json().get("made").asInt()).isEqualTo(6);
    assertThat(blocks(setting, NEXT_MONDAY))
        .as("the one that was there stays beside it")
        .containsExactly("MON 10:00 repeats", "WED 10:00 repeats", "WED 10:30");
    LocalDate second = NEXT_MONDAY.plusWeeks(1);
    assertThat(blocks(setting, second)).containsExactly("MON 10:00 repeats", "WED 10:00 repeats");

    JsonNode monday = setting.get("/week?date=" + second).get("days").at("/0/blocks/0");
    Map<String, Object> form =
        Practice.blockForm(Practice.firstActivity(setting.client()), second, "14:00", "15:00");
    form.put("version", monday.get("version").asLong());
    String path = "/blocks/" + monday.get("id").asString();
    setting.sent("PUT", path, form);
    assertThat(blocks(setting, second)).containsExactly("MON 14:00 repeats", "WED 10:00 repeats");
    assertThat(setting.send("PUT", path + "/following", form).status())
        .as("the version is that of before")
        .isEqualTo(409);
    form.put("version", monday.get("version").asLong() + 1);
    JsonNode moved = setting.sent("PUT", path + "/following", form);
    assertThat(moved.get("made").asInt()).isEqualTo(4);
    assertThat(blocks(setting, second.plusWeeks(1)))
        .containsExactly("MON 14:00 repeats", "WED 14:00 repeats");
    assertThat(blocks(setting, NEXT_MONDAY))
        .as("what was before stays")
        .contains("MON 10:00 repeats");
    setting.sent(
        "POST", "/blocks/restoration", Map.of("blocks", moved.get("before"), "out", List.of()));
    assertThat(blocks(setting, second.plusWeeks(1)))
        .containsExactly("MON 10:00 repeats", "WED 10:00 repeats");
    JsonNode removed = setting.sent("DELETE", path + "/following", null);
    assertThat(blocks(setting, second)).isEmpty();
    assertThat(blocks(setting, NEXT_MONDAY)).hasSize(3);
    setting.sent(
        "POST", "/blocks/restoration", Map.of("blocks", removed.get("before"), "out", List.of()));
    assertThat(blocks(setting, second)).containsExactly("MON 14:00 repeats", "WED 10:00 repeats");
  }

  @Test
  void aSeriesComesRoundOnOtherDaysFromOneBlockOn(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.sent("POST", "/blocks/series", series(setting, "FREQ=WEEKLY;BYDAY=MO,WE;COUNT=8"));
    LocalDate second = NEXT_MONDAY.plusWeeks(1);
    JsonNode week = setting.get("/week?date=" + second).get("days");
    String wednesday = week.at("/2/blocks/0/id").asString();
    JsonNode monday = week.at("/0/blocks/0");
    String path = "/blocks/" + monday.get("id").asString();
    JsonNode repetition = setting.get(path + "/repetition");
    assertThat(repetition.get("days").valueStream().map(JsonNode::asString))
        .containsExactly("MO", "WE");
    assertThat(repetition.get("weeks").asInt()).isEqualTo(1);
    Map<String, Object> form =
        new TreeMap<>(series(setting, "FREQ=WEEKLY;BYDAY=WE,FR;UNTIL=20991231"));
    Map<String, Object> block =
        Practice.blockForm(Practice.firstActivity(setting.client()), second, "09:00", "10:00");
    block.put("version", monday.get("version").asLong());
    form.put("block", block);
    JsonNode changed = setting.sent("PUT", path + "/following/days", form);
    assertThat(blocks(setting, NEXT_MONDAY))
        .as("what was before stays")
        .containsExactly("MON 10:00 repeats", "WED 10:00 repeats");
    assertThat(blocks(setting, second)).containsExactly("WED 09:00 repeats", "FRI 09:00 repeats");
    assertThat(setting.get("/week?date=" + second).at("/days/2/blocks/0/id").asString())
        .as("what falls on the same day stays the same block")
        .isEqualTo(wednesday);
    assertThat(setting.get("/blocks/" + wednesday + "/repetition").get("until").asString())
        .isEqualTo("2099-12-31");
    assertThat(setting.send("PUT", path + "/following/days", form).status())
        .as("it is gone")
        .isEqualTo(404);
    setting.sent(
        "POST",
        "/blocks/restoration",
        Map.of("blocks", changed.get("before"), "out", changed.get("added")));
    assertThat(blocks(setting, second)).containsExactly("MON 10:00 repeats", "WED 10:00 repeats");
    assertThat(blocks(setting, second.plusWeeks(8))).isEmpty();
  }

  @Test
  void aRuleThatIsNoneOrMeetsNoDayIsRefused(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    Answer none = setting.send("POST", "/blocks/series", series(setting, "every Monday"));
    assertThat(none.status()).isEqualTo(400);
    assertThat(none.json().at("/errors/0/field").asString()).isEqualTo("rule");
    assertThat(none.json().at("/errors/0/message").asString())
        .contains("must be a recurrence rule such as");
    Answer never =
        setting.send(
            "POST", "/blocks/series", series(setting, "FREQ=WEEKLY;BYDAY=TU;UNTIL=20200101"));
    assertThat(never.json().at("/errors/0/message").asString()).contains("meets no day");
    assertThat(blocks(setting, NEXT_MONDAY)).isEmpty();
  }

  @Test
  void theWeeksAheadAreFittedOnDemandAndSayWhatHasNoRoom(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.sent(
        "PUT", "/programme", programme(List.of(obligation("RECOVERY", "DAILY", "EVENING", false))));
    JsonNode agreed = setting.sent("POST", "/plan", null);
    assertThat(agreed.get("weeks").asInt()).isEqualTo(8);
    assertThat(agreed.get("sessions").asInt()).isGreaterThan(35);
    assertThat(agreed.get("moves")).isEmpty();
    setting.sent("POST", "/sentences", Map.of("text", "busy %s 7-23".formatted(NEXT_MONDAY)));
    JsonNode again = setting.sent("POST", "/plan", null);
    assertThat(again.at("/unmet/0/date").asString()).isEqualTo(NEXT_MONDAY.toString());
    assertThat(again.at("/unmet/0/sentence").asString()).isNotEmpty();
  }

  @Test
  void aBlockOnAnotherDayIsPreviewedOnBothAndStoresNothing(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.sent(
        "PUT", "/programme", programme(List.of(obligation("RECOVERY", "DAILY", "EVENING", false))));
    String block =
        setting
            .practice()
            .putBlock(setting.client(), NEXT_MONDAY, "18:30", "20:30")
            .get("id")
            .asString();
    assertThat(times(nextWeek(setting), "RECOVERY"))
        .contains("TUE 19:00")
        .doesNotContain("MON 19:00");
    Map<String, Object> preview = new TreeMap<>();
    preview.put("date", NEXT_MONDAY.toString());
    preview.put("pin", null);
    preview.put("blockId", block);
    preview.put("toDate", NEXT_MONDAY.plusDays(1).toString());
    preview.put("startsAt", "18:30");
    preview.put("endsAt", "20:30");
    JsonNode moved = setting.sent("POST", "/week/preview", preview).get("plan");
    assertThat(times(moved, "RECOVERY")).doesNotContain("TUE 19:00");
    assertThat(moved.get("moves").toString()).contains("Tue 19:00");
    assertThat(times(nextWeek(setting), "RECOVERY")).contains("TUE 19:00");
  }

  @Test
  void whenSomebodyGoesToBedEarlierTheirEveningsAreFittedAtOnce(RunningServer server) {
    OneClient setting = OneClient.takeIn(server);
    setting.sent(
        "PUT", "/programme", programme(List.of(obligation("RECOVERY", "DAILY", "BEDTIME", false))));
    assertThat(times(nextWeek(setting), "RECOVERY")).hasSize(7).contains("MON 22:00");
    Map<String, Object> form = Practice.clientForm();
    form.put("wakesAt", "07:00");
    form.put("sleepsAt", "21:00");
    form.put("version", setting.client().at("/facts/version").asLong());
    form.remove("activities");
    form.put("activities", setting.client().at("/facts/activities"));
    setting.sent("PUT", "", form);
    JsonNode days = setting.get("/week?date=" + NEXT_MONDAY).get("days");
    assertThat(days.at("/0/pegs/0/startsAt").asString()).isEqualTo("20:00:00");
  }

  @Test
  void freeStandingSessionsThatWereMissedCallForAWord(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("wakesAt", "06:00");
    form.put("sleepsAt", "23:00");
    OneClient setting = new OneClient(practice, practice.takeIn(form));
    String today = Practice.today().toString();
    Map<String, Object> programme =
        programme(
            List.of(
                obligation("RECOVERY", "DAILY", "MORNING", false),
                obligation("INDEPENDENCE", "DAILY", "MORNING", false)));
    programme.put("startsOn", today);
    setting.sent("PUT", "/programme", programme);
    JsonNode plan = setting.get("/week?date=" + LocalDate.parse(today).plusWeeks(1)).get("plan");
    List<String> lines = new ArrayList<>();
    plan.get("sessions").forEach(session -> lines.add(session.get("lineId").asString()));
    List<String> two = lines.stream().distinct().toList();
    assertThat(two).hasSize(2);
    setting.sent("POST", "/week/pins", pins(pin(two.get(0), today, "07:00", false))).get("plan");
    assertThat(attention(practice)).isEmpty();
    setting.sent("POST", "/week/pins", pins(pin(two.get(1), today, "08:30", false))).get("plan");
    assertThat(attention(practice)).containsExactly("2 missed");
  }

  private static List<String> attention(Practice practice) {
    List<String> headings = new ArrayList<>();
    practice
        .coach()
        .get("/api/today")
        .json()
        .at("/rows/0/attention")
        .forEach(reason -> headings.add(reason.get("heading").asString()));
    return headings;
  }
}

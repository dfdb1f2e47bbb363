package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** A word about the body reaches every place at once, and what was stopped stays stopped. */
@ExtendWith(ServerExtension.class)
class SafetyTest {

  static Map<String, Object> pain(String side, String region, int level, String feels) {
    Map<String, Object> pain = new HashMap<>();
    pain.put("side", side);
    pain.put("region", region);
    pain.put("level", level);
    pain.put("sensation", feels);
    return pain;
  }

  private static void tell(OneClient one, String region, int level, String feels) {
    Map<String, Object> pain = pain("RIGHT", region, level, feels);
    pain.put("course", "NEW");
    pain.put("since", null);
    one.sent("POST", "/health/pains", Map.of("pains", List.of(pain)));
  }

  private static JsonNode answer(OneClient one, String sign, boolean yes, String side) {
    return one.sent(
        "POST",
        "/health/screenings",
        Map.of(
            "answers",
            List.of(
                HealthTest.answer(sign, yes, side, side == null ? List.of() : List.of("PALM")))));
  }

  private static JsonNode signOf(JsonNode health, String sign) {
    return health
        .get("signs")
        .valueStream()
        .filter(one -> one.get("sign").asString().equals(sign))
        .findFirst()
        .orElseThrow();
  }

  private static UUID done(OneClient one, String state, List<Map<String, Object>> hurts) {
    Instant now = Instant.now(Practice.CLOCK);
    Map<String, Object> form =
        Practice.sessionForm(
            null, now.minusSeconds(300).toString(), now.minusSeconds(1).toString());
    form.put("purpose", "STRENGTH");
    form.put("state", state);
    form.put("hurts", hurts);
    UUID id = UUID.randomUUID();
    assertThat(one.send("PUT", "/sessions/" + id, form).status()).isEqualTo(204);
    return id;
  }

  private static String feed(RunningServer server, OneClient one) {
    String address =
        one.sent("POST", "/feed", Map.of("alarmMinutes", 5, "breaks", false))
            .get("address")
            .asString();
    return server.caller().get(URI.create(address).getPath()).body();
  }

  private static long strengthPegs(JsonNode days) {
    return days.valueStream()
        .flatMap(day -> day.get("pegs").valueStream())
        .filter(peg -> peg.get("purpose").asString().equals("STRENGTH"))
        .filter(peg -> peg.get("state").asString().equals("PLANNED"))
        .count();
  }

  /**
   * A pain of 8 ended strength in words only: ribbons, feed and reminders kept it for six hours.
   */
  @Test
  void strongPainEndsStrengthOnTodayWeekFeedAndProgrammeInTheSameSecond(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.sent(
        "PUT",
        "/programme",
        WeekTest.programme(List.of(WeekTest.obligation("STRENGTH", "BY_PAIN", "EVENING", false))));
    String nextWeek = "/week?date=" + Practice.today().plusWeeks(1);
    assertThat(strengthPegs(one.get(nextWeek).get("days"))).isEqualTo(3);
    assertThat(feed(server, one)).contains("Strength");

    tell(one, "PALM", 8, "ACHE");

    assertThat(strengthPegs(one.get(nextWeek).get("days"))).isZero();
    assertThat(feed(server, one)).doesNotContain("Strength");
    JsonNode plan = one.get("/week?date=" + Practice.today().plusWeeks(1)).get("plan");
    assertThat(plan.get("sessions")).isEmpty();
    assertThat(plan.at("/unmet/0/sentence").asString())
        .isEqualTo(
            "Strength is not placed. Pain is 8 of 10 in the right palm, which it loads; a"
                + " clinician is seen first.");
    JsonNode today = one.practice().coach().get("/api/today").json();
    assertThat(today.at("/rows/0/attention/0/heading").asString()).isEqualTo("Strong pain");
    assertThat(today.at("/rows/0/day/notes/0/sentence").asString())
        .startsWith("Pain of 7 or more, right palm. No strengthening");
    JsonNode programme = one.get("/programme").get(0);
    assertThat(programme.at("/obligations/0/limits/0").asString())
        .startsWith("Not placed: Pain is");

    tell(one, "PALM", 1, "ACHE");
    assertThat(strengthPegs(one.get(nextWeek).get("days"))).as("and it comes back").isEqualTo(3);
  }

  /** A sore shoulder does not slow a finger trainer. */
  @Test
  void painOfWhatTheWorkDoesNotLoadLeavesItAsItIs(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.sent(
        "PUT",
        "/programme",
        WeekTest.programme(List.of(WeekTest.obligation("STRENGTH", "BY_PAIN", "EVENING", false))));
    tell(one, "SHOULDER", 8, "ACHE");
    assertThat(one.get("/programme").get(0).get("painWords").asString())
        .startsWith("No pain told of what this works");
    assertThat(strengthPegs(one.get("/week?date=" + Practice.today().plusWeeks(1)).get("days")))
        .isEqualTo(3);
  }

  @Test
  void anOpenPageHearsOfAPainThatIsToldElsewhere(RunningServer server) throws Exception {
    OneClient one = OneClient.takeIn(server);
    OneClient stranger = OneClient.takeIn(server);
    HttpCaller phone = one.practice().asClient(one.id().toString());
    CompletableFuture<Optional<String>> heard = firstTold(one, "/api/changes");
    tell(stranger, "PALM", 3, "ACHE");
    Map<String, Object> told = pain("RIGHT", "PALM", 8, "ACHE");
    told.put("course", null);
    told.put("since", null);
    assertThat(
            phone.send("POST", one.path("/health/pains"), Map.of("pains", List.of(told))).status())
        .isEqualTo(200);
    assertThat(heard.get(20, TimeUnit.SECONDS))
        .as("of one's own clients, and of nobody else's")
        .contains("data:" + one.id());
  }

  /** Between a page's first question and its line something may have happened. */
  @Test
  void aPageWhoseLineBeginsLaterHearsOfWhatItMissed(RunningServer server) throws Exception {
    OneClient one = OneClient.takeIn(server);
    OneClient stranger = OneClient.takeIn(server);
    tell(one, "PALM", 3, "ACHE");
    tell(stranger, "PALM", 3, "ACHE");
    assertThat(firstTold(one, "/api/changes?silentMillis=2000").get(20, TimeUnit.SECONDS))
        .contains("data:" + one.id());
    assertThat(firstTold(one, "/api/changes?silentMillis=3600000").get(20, TimeUnit.SECONDS))
        .as("too long ago to be known")
        .contains("data:");
    assertThat(one.practice().coach().get("/api/changes?silentMillis=-1").json().toString())
        .contains("silentMillis", "0 or more milliseconds.");
  }

  private static CompletableFuture<Optional<String>> firstTold(OneClient one, String path) {
    Stream<String> lines = one.practice().coach().stream(path);
    return CompletableFuture.supplyAsync(
        () -> lines.filter(line -> line.startsWith("data:")).findFirst());
  }

  /** Strength with work on hands and knees started an hour after a session was stopped. */
  @Test
  void whatWasStoppedForSafetyIsNotStartedAgainThatDay(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.sent(
        "PUT",
        "/programme",
        WeekTest.programme(List.of(WeekTest.obligation("REACH", "DAILY", "BEDTIME", false))));
    done(
        one,
        "STOPPED",
        List.of(pain("LEFT", "PALM", 5, "SHARP"), pain("RIGHT", "PALM", 5, "SHARP")));
    JsonNode day = one.get("/day");
    assertThat(day.at("/notes/0/heading").asString()).isEqualTo("Stopped today");
    assertThat(day.at("/notes/0/sentence").asString()).contains("palm: sharp, 5 of 10.");
    assertThat(day.at("/notes/0/advice").asString()).contains("hand therapist");
    JsonNode strength = one.get("/play/STRENGTH/10").get("shown");
    assertThat(strength.at("/safety/notes/0/heading").asString()).isEqualTo("Stopped today");
    assertThat(strength.get("steps").findValuesAsString("exerciseId"))
        .isNotEmpty()
        .doesNotContain("squeeze-ladder", "palm-lifts-on-the-knees", "fast-open-and-close");
    JsonNode plan = one.get("/week").get("plan");
    assertThat(plan.get("sessions").findValuesAsString("date"))
        .doesNotContain(Practice.today().toString());
    assertThat(plan.get("unmet").findValuesAsString("sentence"))
        .anyMatch(words -> words.startsWith("Reach is not placed today. A session was stopped"));
    JsonNode today = one.practice().coach().get("/api/today").json();
    assertThat(today.at("/rows/0/attention/0/heading").asString()).isEqualTo("Stopped for safety");
  }

  @Test
  void aTingleRaisesTheQuestionOfTheSignAndANoAnswersIt(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    answer(one, "PINS_AND_NEEDLES", false, null);
    tell(one, "RING_FINGER", 2, "TINGLE");
    JsonNode sign = signOf(one.get("/health"), "PINS_AND_NEEDLES");
    assertThat(sign.get("raisedBy").asString()).startsWith("a tingle, right ring finger, told on");
    assertThat(one.practice().coach().get("/api/today").json().at("/rows/0/attention").toString())
        .contains("Referral sign");
    assertThat(one.get("/day").at("/notes/0/sentence").asString())
        .startsWith("Pins and needles or loss of feeling in hand or arm, right ring finger.");
    answer(one, "PINS_AND_NEEDLES", false, null);
    assertThat(signOf(one.get("/health"), "PINS_AND_NEEDLES").get("raisedBy").asString()).isEmpty();
    assertThat(one.get("/day").get("notes")).isEmpty();
  }

  @Test
  void aLineOfWordsRaisesItToo(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    UUID session = done(one, "DONE", List.of());
    Map<String, Object> checkIn = new HashMap<>();
    checkIn.put("effort", 4);
    checkIn.put("pains", List.of());
    checkIn.put("tighterSide", null);
    checkIn.put("words", "Good, but the left little finger went numb at the end.");
    assertThat(one.send("PUT", "/sessions/" + session + "/check-in", checkIn).status())
        .isEqualTo(204);
    assertThat(signOf(one.get("/health"), "PINS_AND_NEEDLES").get("raisedBy").asString())
        .contains("went numb");
    assertThat(one.get("/day").at("/notes/0/sentence").asString()).contains(", left thumb");
  }

  /** A later plain "no" wiped out an open "yes" on both sides. */
  @Test
  void aPlainNoLeavesAnOpenYesStanding(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    answer(one, "WEAKNESS", true, "LEFT");
    JsonNode after = answer(one, "WEAKNESS", false, null);
    assertThat(signOf(after, "WEAKNESS").get("answer").asString()).isEqualTo("YES");
  }

  @Test
  void aSignTouchedByMistakeIsTakenBackAndKeptAsAMistake(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode sign = signOf(answer(one, "SWELLING", true, "LEFT"), "SWELLING");
    assertThat(sign.get("mayTakeBack").asBoolean()).isTrue();
    JsonNode after =
        one.sent(
            "POST",
            "/health/screenings/" + sign.get("id").asString() + "/mistake",
            Map.of("words", "touched the wrong line"));
    assertThat(signOf(after, "SWELLING").get("answer").asString()).isEqualTo("MISTAKEN");
    assertThat(after.get("history").findValuesAsString("answer"))
        .containsExactly("MISTAKEN", "YES");
    assertThat(one.get("/day").get("notes")).isEmpty();
  }

  /** An allowance opened what a later sign closes. */
  @Test
  void anAllowanceDoesNotOpenWhatALaterSignCloses(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> allow = HealthTest.minded("ALLOW");
    allow.put("sides", List.of());
    allow.put("exerciseId", "fast-open-and-close");
    one.sent("POST", "/health/minded", allow);
    answer(one, "WEAKNESS", true, "LEFT");
    String reason = unsuited(one, "fast-open-and-close");
    assertThat(reason).as("the same day counts as known").isEmpty();
    org.springframework.jdbc.core.simple.JdbcClient jdbc =
        server.context().getBean(org.springframework.jdbc.core.simple.JdbcClient.class);
    jdbc.sql("update minded set at = at - interval '3 days' where client_id = ?")
        .param(one.id())
        .update();
    assertThat(unsuited(one, "fast-open-and-close")).startsWith("Waits for a clinician: weakness");
  }

  private static String unsuited(OneClient one, String exerciseId) {
    return one.get("/unsuited-exercises")
        .valueStream()
        .filter(view -> view.get("exerciseId").asString().equals(exerciseId))
        .map(view -> view.get("reason").asString())
        .findFirst()
        .orElse("");
  }

  @Test
  void anInjuryNamesItsPlace(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> injury = HealthTest.minded("CONDITION");
    injury.put("condition", "OLD_INJURY");
    assertThat(one.send("POST", "/health/minded", injury).body())
        .contains("Name the place of an old injury: a region.");
    injury.put("region", "THUMB");
    assertThat(one.sent("POST", "/health/minded", injury).at("/minded/0/name").asString())
        .isEqualTo("an old injury, thumb, right");
    assertThat(unsuited(one, "squeeze-ladder")).as("the left hand goes on").isEmpty();
    assertThat(unsuited(one, "shoulder-blade-squeeze")).isEmpty();
    assertThat(unsuited(one, "thumb-drawn-to-forearm"))
        .as("the right thumb would have to pull the left one")
        .startsWith("Not with an old injury.");
    assertThat(unsuited(one, "fast-open-and-close")).startsWith("Not with an old injury.");
  }

  /** Right-handed guitarists got fretting work for the right hand, harpists got frets. */
  @Test
  void anActivitySaysWhichHandDoesWhat(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode facts = one.get("").get("facts");
    assertThat(facts.at("/activities/0/discipline").asString()).isEqualTo("PLUCKED_STRINGS");
    assertThat(facts.at("/activities/0/roles")).as("nobody guesses frets").isEmpty();
    assertThat(unsuited(one, "three-note-slurs"))
        .isEqualTo("Made for the hand on the strings; no activity here has one.");
    Map<String, Object> form = Practice.clientForm();
    Map<String, Object> activity = new HashMap<>(Practice.activityForm());
    activity.put("id", facts.at("/activities/0/id").asString());
    activity.put("roles", Map.of("FRETTING_HAND", "LEFT"));
    form.put("version", facts.get("version").asLong());
    form.put("activities", List.of(activity));
    JsonNode saved = one.sent("PUT", "", form);
    assertThat(saved.at("/facts/activities/0/roles/FRETTING_HAND").asString()).isEqualTo("LEFT");
    assertThat(unsuited(one, "three-note-slurs")).isEmpty();
    Map<String, Object> step = Practice.stepDraft("slurs", "three-note-slurs");
    step.put("firstSide", "RIGHT");
    JsonNode check =
        one.practice()
            .coach()
            .send(
                "POST",
                "/api/bench/check",
                Practice.draft(
                    one.client().get("id").asString(), "INDEPENDENCE", 600, List.of(step)))
            .json();
    assertThat(check.at("/steps/0/draft/firstSide").asString())
        .as("the hand on the strings works, whatever the step said")
        .isEqualTo("LEFT");
    activity.put("roles", Map.of("BOW_HAND", "LEFT"));
    form.put("version", saved.at("/facts/version").asLong());
    assertThat(one.send("PUT", "", form).json().at("/errors/0").toString())
        .contains("activities[0].roles")
        .contains("(the bow hand) is no hand of plucked strings; allowed: the hand on the strings");
  }

  /** "Save version 3" with another client chosen wrote one person's adaptation over another's. */
  @Test
  void aRoutineSavedForSomebodyElseBecomesACopy(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    HttpCaller coach = one.practice().coach();
    String other = one.practice().takeIn(Practice.clientForm()).get("id").asString();
    List<Map<String, Object>> steps = new ArrayList<>(List.of(Practice.stepDraft("a", "palm-rub")));
    JsonNode first =
        coach
            .send("POST", "/api/routines", Practice.routineForm(one.id().toString(), 0, steps))
            .json();
    String path = "/api/routines/" + first.get("id").asString();
    steps.add(Practice.stepDraft("b", "tendon-sequence"));
    JsonNode copy = coach.send("PUT", path, Practice.routineForm(other, 1, steps)).json();
    assertThat(copy.get("id")).isNotEqualTo(first.get("id"));
    assertThat(copy.get("clientId").asString()).isEqualTo(other);
    assertThat(coach.get(path).json().get("version").asInt()).isEqualTo(1);
    assertThat(coach.get(path).json().get("steps")).hasSize(1);
    coach.send("PUT", path, Practice.routineForm(one.id().toString(), 1, steps));
    Answer restored =
        coach.send("POST", path + "/versions/1/restoration", Map.of("newestVersion", 2));
    assertThat(restored.json().get("version").asInt()).isEqualTo(3);
    assertThat(restored.json().get("steps")).hasSize(1);
    assertThat(coach.get(path + "/versions/2").json().get("steps")).hasSize(2);
    assertThat(
            coach
                .send("POST", path + "/versions/1/restoration", Map.of("newestVersion", 2))
                .status())
        .as("somebody saved in between")
        .isEqualTo(409);
  }

  /** The planner put the trainer at 08:00 with gaming at 08:10. */
  @Test
  void tiringWorkKeepsAnHourOffBlocksInThePlanToo(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    java.time.LocalDate day = Practice.today().plusWeeks(1);
    one.practice().putBlock(one.client(), day, "08:10", "10:00");
    one.sent(
        "PUT",
        "/programme",
        WeekTest.programme(List.of(WeekTest.obligation("STRENGTH", "DAILY", "08:00", false))));
    JsonNode plan = one.get("/week?date=" + day).get("plan");
    for (JsonNode session : plan.get("sessions")) {
      if (session.get("date").asString().equals(day.toString())) {
        boolean before = session.get("endsAt").asString().compareTo("07:10:00") <= 0;
        boolean after = session.get("startsAt").asString().compareTo("10:20:00") >= 0;
        assertThat(before || after).as(session.toString()).isTrue();
      }
    }
    assertThat(plan.get("sessions").findValuesAsString("date")).contains(day.toString());
  }

  @Test
  void oneSideOnlySaysWhichSide(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> rest = HealthTest.minded("KEEP_OUT");
    rest.put("sides", List.of("RIGHT"));
    rest.put("region", "WRIST_THUMB_SIDE");
    one.sent("POST", "/health/minded", rest);
    JsonNode routine = one.get("/play/INDEPENDENCE/10").get("shown");
    List<String> oneSided =
        routine
            .get("steps")
            .valueStream()
            .filter(step -> step.get("laterality").asString().equals("ONE_SIDE"))
            .map(step -> step.get("dose").asString())
            .toList();
    assertThat(oneSided)
        .isNotEmpty()
        .allMatch(dose -> dose.contains("left side only") || dose.contains("right side only"));
  }
}

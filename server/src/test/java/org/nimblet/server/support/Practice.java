package org.nimblet.server.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** A coach of a test's own, with what they do through the interface of the server. */
public final class Practice {

  /**
   * The clock of the server of the tests: a Wednesday at noon when they begin, far from midnight
   * and from any change of the clocks. That the moment is captured once is what it is for.
   */
  @SuppressWarnings("TimeInStaticInitializer")
  public static final Clock CLOCK =
      Clock.offset(
          Clock.systemUTC(),
          Duration.between(Instant.now(), Instant.parse("2026-07-15T12:00:00Z")));

  private final String address;
  private final HttpCaller coach;

  /** Opens a new coach's account and signs in. */
  public Practice(RunningServer server) {
    this(server.address());
  }

  /** The same where a server runs. */
  public Practice(String address) {
    this.address = address;
    this.coach = new HttpCaller(address);
    coach.becomeCoach();
  }

  /** The coach's browser. */
  public HttpCaller coach() {
    return coach;
  }

  /** A client as a form, to be changed before it is sent. */
  public static Map<String, Object> clientForm() {
    Map<String, Object> form = new TreeMap<>();
    form.put("version", 0);
    form.put("name", "Test Client");
    form.put("occupation", "lever harp");
    form.put("dominantHand", "RIGHT");
    form.put("notation", "NAMES");
    form.put("method", "STEADY_HOLD");
    form.put("ageGroup", "ADULT");
    form.put("claspSide", null);
    form.put("breathsPerMinute", 10);
    form.put("warmUpMinutes", 10);
    form.put("breakMinutes", 2);
    form.put("careMinutes", 10);
    form.put("intakeAnswered", List.of("NAME"));
    form.put("timeZone", "UTC");
    form.put("wakesAt", "00:00");
    form.put("sleepsAt", "23:59");
    form.put("positions", List.of("SIT", "AT_INSTRUMENT"));
    form.put("things", List.of("INSTRUMENT"));
    form.put("weightsGrams", List.of());
    form.put("activities", List.of(activityForm()));
    return form;
  }

  /** An activity as a form. */
  public static Map<String, Object> activityForm() {
    Map<String, Object> form = new TreeMap<>();
    form.put("id", null);
    form.put("kind", "PRACTICE");
    form.put("title", "Practice");
    form.put("discipline", "PLUCKED_STRINGS");
    form.put("hands", List.of("LEFT", "RIGHT"));
    form.put("digits", List.of("INDEX", "RING"));
    form.put("weeklyMinutes", 300);
    form.put("weights", null);
    return form;
  }

  /** Takes in a client and gives its view. */
  public JsonNode takeIn(Map<String, Object> form) {
    Answer answer = coach.send("POST", "/api/clients", form);
    if (answer.status() != 201) {
      throw new IllegalStateException(answer.status() + " " + answer.body());
    }
    return answer.json();
  }

  /** A block as a form. */
  public static Map<String, Object> blockForm(
      String activityId, LocalDate date, String from, String to) {
    Map<String, Object> form = new TreeMap<>();
    form.put("version", 0);
    form.put("activityId", activityId);
    form.put("date", date.toString());
    form.put("startsAt", from);
    form.put("endsAt", to);
    form.put("title", "Practice");
    form.put("performance", false);
    form.put("parts", List.of());
    return form;
  }

  /** Puts a block of the client's first activity into a day and gives its view. */
  public JsonNode putBlock(JsonNode client, LocalDate date, String from, String to) {
    Answer answer =
        coach.send(
            "POST",
            "/api/clients/" + client.get("id").asString() + "/blocks",
            blockForm(firstActivity(client), date, from, to));
    if (answer.status() != 201) {
      throw new IllegalStateException(answer.status() + " " + answer.body());
    }
    return answer.json();
  }

  /** The identifier of a client's first activity. */
  public static String firstActivity(JsonNode client) {
    return client.at("/facts/activities/0/id").asString();
  }

  /** The secret of a new invitation that is handed on. */
  public String invite(String clientId) {
    Answer answer = coach.send("POST", "/api/clients/" + clientId + "/invitation", new TreeMap<>());
    String link = answer.json().get("link").asString();
    return link.substring(link.lastIndexOf('/') + 1);
  }

  /** What a client writes who was invited. */
  public static Map<String, Object> coming(String token, String email) {
    Map<String, Object> form = new TreeMap<>();
    form.put("token", token);
    form.put("name", "Test Client");
    form.put("email", email);
    form.put("password", HttpCaller.KNOWN_PASSWORD);
    form.put("consent", true);
    form.put("guardian", null);
    return form;
  }

  /** A browser signed in as the client, by invitation. */
  public HttpCaller asClient(String clientId) {
    String token = invite(clientId);
    HttpCaller client = new HttpCaller(address);
    client.get("/api/me");
    Answer answer =
        client.send(
            "POST",
            "/api/invitations/accept",
            coming(token, "client-" + UUID.randomUUID() + "@test.example"));
    if (answer.status() != 204) {
      throw new IllegalStateException(answer.status() + " " + answer.body());
    }
    client.get("/api/me");
    return client;
  }

  /** A step of a session, wholly done. */
  public static Map<String, Object> stepForm(
      String exerciseId, String dose, String laterality, int millis) {
    Map<String, Object> step = new TreeMap<>();
    step.put("exerciseId", exerciseId);
    step.put("exerciseVersion", 0);
    step.put("dose", dose);
    step.put("laterality", laterality);
    step.put("plannedMillis", millis);
    step.put("donePercent", 100);
    step.put("outcome", "DONE");
    return step;
  }

  /** A morning at nine, so many days ago. */
  public static Instant morning(int daysAgo) {
    return today().minusDays(daysAgo).atTime(9, 0).toInstant(ZoneOffset.UTC);
  }

  /** A recovery of ten minutes with one forearm stretch on the first rung of its ladder. */
  public static Map<String, Object> stretchForm(Instant began) {
    Map<String, Object> form =
        sessionForm(null, began.toString(), began.plusSeconds(600).toString());
    form.put("purpose", "RECOVERY");
    form.put("steps", List.of(stepForm(STRETCH, "15 s, 2 ×, each side", "EACH", 90_000)));
    form.put("before", List.of());
    return form;
  }

  /** The stretch of {@link #stretchForm}. */
  public static final String STRETCH = "palm-up-fingers-back";

  /** An ache of the place that the stretch works, on the left. */
  public static Map<String, Object> ache(int level) {
    Map<String, Object> ache = new TreeMap<>();
    ache.put("side", "LEFT");
    ache.put("region", "FOREARM_PALM_SIDE");
    ache.put("level", level);
    ache.put("sensation", null);
    return ache;
  }

  /** How a session was; no pain at level 0. */
  public static Map<String, Object> checkInForm(int effort, int acheLevel) {
    Map<String, Object> form = new TreeMap<>();
    form.put("effort", effort);
    form.put("pains", acheLevel > 0 ? List.of(ache(acheLevel)) : List.of());
    form.put("tighterSide", null);
    form.put("words", "");
    return form;
  }

  /** A step as it should have been told of. */
  public static Map<String, Object> correctedStep(int left, int right) {
    Map<String, Object> step = new TreeMap<>();
    step.put("leftPercent", left);
    step.put("rightPercent", right);
    step.put("shortfall", null);
    step.put("complete", null);
    return step;
  }

  /** A session as it should have been told of: effort 4, and nothing hurt. */
  public static Map<String, Object> correction(List<Map<String, Object>> steps) {
    Map<String, Object> form = new TreeMap<>();
    form.put("reason", "Noted on the bus.");
    form.put("effort", 4);
    form.put("tighterSide", null);
    form.put("steps", steps);
    form.put("during", List.of());
    form.put("after", List.of());
    return form;
  }

  /** The same verdict about every question of a review. */
  public static Map<String, Object> verdicts(long version, String verdict) {
    return Map.of(
        "version",
        version,
        "verdicts",
        Map.of("KEPT", verdict, "PAIN", verdict, "STEPS", verdict, "SIDES", verdict),
        "frequencies",
        Map.of(),
        "left",
        List.of());
  }

  /** A session of one block as a device tells of it. */
  public static Map<String, Object> sessionForm(String blockId, String beganAt, String endedAt) {
    Map<String, Object> form = new TreeMap<>();
    form.put("blockId", blockId);
    form.put("routineId", null);
    form.put("purpose", "WARM_UP");
    form.put("beganAt", beganAt);
    form.put("endedAt", endedAt);
    form.put("plannedMillis", 600_000);
    form.put("state", "DONE");
    form.put("steps", List.of(stepForm("palm-rub", "25 s, both together", "TOGETHER", 28_000)));
    form.put("hurts", List.of());
    return form;
  }

  /** A step of a routine as a draft, at its usual dose. */
  public static Map<String, Object> stepDraft(String key, String exerciseId) {
    Map<String, Object> draft = new TreeMap<>();
    draft.put("key", key);
    draft.put("exerciseId", exerciseId);
    draft.put("exerciseVersion", 0);
    draft.put("dose", "");
    draft.put("typed", null);
    draft.put("position", "SIT");
    draft.put("firstSide", "LEFT");
    draft.put("released", true);
    draft.put("pinned", false);
    return draft;
  }

  /** A routine as it is worked on at the bench. */
  public static Map<String, Object> draft(
      String clientId, String purpose, int seconds, List<Map<String, Object>> steps) {
    Map<String, Object> draft = new TreeMap<>();
    draft.put("clientId", clientId);
    draft.put("activityId", null);
    draft.put("discipline", null);
    draft.put("purpose", purpose);
    draft.put("budgetSeconds", seconds);
    draft.put("warmed", null);
    draft.put("minutesToPlay", null);
    draft.put("theme", null);
    draft.put("steps", steps);
    return draft;
  }

  /** A routine to be saved. */
  public static Map<String, Object> routineForm(
      String clientId, int version, List<Map<String, Object>> steps) {
    Map<String, Object> form = new TreeMap<>();
    form.put("version", version);
    form.put("clientId", clientId);
    form.put("title", "Evening care");
    form.put("purpose", "COOL_DOWN");
    form.put("budgetSeconds", 600);
    form.put("steps", steps);
    return form;
  }

  /** Every kind of reminder on or off, ten minutes before. */
  public static Map<String, Object> reminderForm(boolean on) {
    Map<String, Object> form = new TreeMap<>();
    form.put("inApp", on);
    form.put("mail", on);
    form.put("digest", on);
    form.put("digestAt", "08:00");
    form.put("minutesBefore", 10);
    return form;
  }

  /** A zone where the server of the tests was started at a full hour. */
  public static ZoneId zoneAt(int hour) {
    return ZoneId.of("Etc/GMT%+d".formatted(12 - hour));
  }

  /** Today for a client whose clock is UTC. */
  public static LocalDate today() {
    return LocalDate.now(CLOCK);
  }
}

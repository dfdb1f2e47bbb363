package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.server.standin.StandInCalendar;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** Calendars brought in, read again, and given out. */
@ExtendWith(ServerExtension.class)
class CalendarTest {

  private static final LocalDate MONDAY =
      Practice.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
  private static final DateTimeFormatter BASIC = DateTimeFormatter.ofPattern("uuuuMMdd");

  static Map<String, Object> form(
      String name, String text, String address, List<Map<String, Object>> choices) {
    Map<String, Object> form = new TreeMap<>();
    form.put("name", name);
    form.put("text", text);
    form.put("address", address);
    form.put("choices", choices);
    return form;
  }

  private static Map<String, Object> choice(String title, String meaning, String activityId) {
    Map<String, Object> choice = new TreeMap<>();
    choice.put("title", title);
    choice.put("meaning", meaning);
    choice.put("activityId", activityId);
    return choice;
  }

  private static String calendar(String... events) {
    return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:test\r\n"
        + String.join("", events)
        + "END:VCALENDAR\r\n";
  }

  private static String event(String uid, String title, LocalDate date, String hours, String more) {
    return "BEGIN:VEVENT\r\nUID:%s\r\nSUMMARY:%s\r\nDTSTART:%sT%s00Z\r\nDURATION:PT1H\r\n%sEND:VEVENT\r\n"
        .formatted(uid, title, BASIC.format(date), hours, more);
  }

  /** So many rehearsals on Mondays at 18:00. */
  static String rehearsals(int count) {
    return calendar(
        event("r", "Rehearsal", MONDAY, "1800", "RRULE:FREQ=WEEKLY;COUNT=%d\r\n".formatted(count)));
  }

  private static List<Map<String, Object>> asPractice(OneClient one, String title) {
    return List.of(choice(title, "ACTIVITY", Practice.firstActivity(one.client())));
  }

  private static List<String> changes(JsonNode preview) {
    List<String> changes = new ArrayList<>();
    preview
        .get("changes")
        .forEach(
            change ->
                changes.add(
                    "%s %s %s > %s"
                        .formatted(
                            change.get("kind").asString(),
                            change.get("title").asString(),
                            change.at("/before/words").asString(""),
                            change.at("/after/words").asString(""))));
    return changes;
  }

  private static List<String> blocks(OneClient one, LocalDate date) {
    List<String> blocks = new ArrayList<>();
    one.get("/day?date=" + date)
        .get("blocks")
        .forEach(
            block ->
                blocks.add(block.get("title").asString() + " " + block.get("startsAt").asString()));
    return blocks;
  }

  private static String day(LocalDate date) {
    return DateTimeFormatter.ofPattern("EEE d MMM", java.util.Locale.ENGLISH).format(date);
  }

  @Test
  void titlesAreChosenForAndTheChoiceIsRemembered(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    String text =
        calendar(
            event("r", "Rehearsal", MONDAY, "1800", "RRULE:FREQ=WEEKLY;COUNT=3\r\n"),
            event("d", "Dentist", MONDAY, "1200", ""));
    JsonNode first =
        one.sent("POST", "/calendars/preview", form("Mine", text, null, null)).get("shown");
    assertThat(first.get("again").asBoolean()).isFalse();
    assertThat(first.get("changes")).as("nobody has decided").isEmpty();
    assertThat(first.at("/titles/0/choice/title").asString()).isEqualTo("Rehearsal");
    assertThat(first.at("/titles/0/times").asInt()).isEqualTo(3);
    assertThat(first.at("/titles/0/example").asString()).isEqualTo(day(MONDAY) + ", 18:00–19:00");
    List<Map<String, Object>> choices = new ArrayList<>(asPractice(one, "Rehearsal"));
    choices.add(choice("Dentist", "BUSY", null));
    JsonNode taken = one.sent("POST", "/calendars", form("Mine", text, null, choices));
    assertThat(taken.get("made").asInt()).isEqualTo(4);
    assertThat(blocks(one, MONDAY)).containsExactly("Rehearsal 18:00:00");
    assertThat(one.get("/day?date=" + MONDAY).get("busy")).hasSize(1);

    // Two weeks later, without a choice: what was chosen holds, and nothing is doubled.
    String later =
        calendar(
            event("r", "Rehearsal", MONDAY, "1830", "RRULE:FREQ=WEEKLY;COUNT=3\r\n"),
            event("n", "Naming the boat", MONDAY, "0900", ""));
    JsonNode again =
        one.sent("POST", "/calendars/preview", form("Mine", later, null, null)).get("shown");
    assertThat(again.get("again").asBoolean()).isTrue();
    assertThat(changes(again))
        .contains(
            "CHANGED Rehearsal %1$s, 18:00–19:00 > %1$s, 18:30–19:30".formatted(day(MONDAY)),
            "GONE Dentist %s, 12:00–13:00 > ".formatted(day(MONDAY)));
    JsonNode retaken = one.sent("POST", "/calendars", form("Mine", later, null, null));
    assertThat(retaken.at("/calendar/undecided").asInt()).isEqualTo(1);
    assertThat(blocks(one, MONDAY)).containsExactly("Rehearsal 18:30:00");
    assertThat(one.get("/day?date=" + MONDAY).get("busy")).isEmpty();
    assertThat(one.get("/calendars").get("calendars")).hasSize(1);
  }

  @Test
  void anUpdateChangesTheBlockAndReadingTwiceChangesNothing(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    String moved =
        "BEGIN:VEVENT\r\nUID:r\r\nSUMMARY:Rehearsal\r\nRECURRENCE-ID:%1$sT180000Z\r\nDTSTART:%1$sT190000Z\r\nDURATION:PT2H\r\nEND:VEVENT\r\n"
            .formatted(BASIC.format(MONDAY.plusWeeks(1)));
    one.sent("POST", "/calendars", form("Mine", rehearsals(3), null, asPractice(one, "Rehearsal")));
    String changed =
        calendar(event("r", "Rehearsal", MONDAY, "1800", "RRULE:FREQ=WEEKLY;COUNT=3\r\n"), moved);
    JsonNode preview =
        one.sent("POST", "/calendars/preview", form("Mine", changed, null, null)).get("shown");
    assertThat(changes(preview))
        .containsExactly(
            "CHANGED Rehearsal %1$s, 18:00–19:00 > %1$s, 19:00–21:00"
                .formatted(day(MONDAY.plusWeeks(1))));
    assertThat(preview.get("unchanged").asInt()).isEqualTo(2);
    String before = one.get("/day?date=" + MONDAY.plusWeeks(1)).at("/blocks/0/id").asString();
    assertThat(
            one.sent("POST", "/calendars", form("Mine", changed, null, null))
                .get("changed")
                .asInt())
        .isEqualTo(1);
    assertThat(one.get("/day?date=" + MONDAY.plusWeeks(1)).at("/blocks/0/id").asString())
        .as("the block stays the same one")
        .isEqualTo(before);
    JsonNode twice = one.sent("POST", "/calendars", form("Mine", changed, null, null));
    assertThat(List.of(twice.get("made"), twice.get("changed"), twice.get("removed")))
        .allMatch(count -> count.asInt() == 0);
  }

  @Test
  void whatWasMovedOrTakenOutByHandStaysSo(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.sent("POST", "/calendars", form("Mine", rehearsals(2), null, asPractice(one, "Rehearsal")));
    JsonNode block = one.get("/day?date=" + MONDAY).at("/blocks/0");
    Map<String, Object> later =
        Practice.blockForm(Practice.firstActivity(one.client()), MONDAY, "20:00", "21:00");
    later.put("version", block.get("version").asInt());
    one.sent("PUT", "/blocks/" + block.get("id").asString(), later);
    String second = one.get("/day?date=" + MONDAY.plusWeeks(1)).at("/blocks/0/id").asString();
    one.send("DELETE", "/blocks/" + second, null);
    JsonNode again = one.sent("POST", "/calendars", form("Mine", rehearsals(2), null, null));
    assertThat(again.get("made").asInt() + again.get("changed").asInt()).isZero();
    assertThat(blocks(one, MONDAY)).containsExactly("Practice 20:00:00");
    assertThat(blocks(one, MONDAY.plusWeeks(1))).isEmpty();
  }

  @Test
  void aForgottenCalendarTakesItsBlocksWithItAndNoOthers(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.practice().putBlock(one.client(), MONDAY, "10:00", "11:00");
    JsonNode taken =
        one.sent(
            "POST", "/calendars", form("Mine", rehearsals(2), null, asPractice(one, "Rehearsal")));
    String id = taken.at("/calendar/id").asString();
    assertThat(one.send("DELETE", "/calendars/" + id, null).status()).isEqualTo(204);
    assertThat(blocks(one, MONDAY)).containsExactly("Practice 10:00:00");
    assertThat(one.get("/calendars").get("calendars")).isEmpty();
  }

  @Test
  void whatCannotBeReadIsNamedAndChangesNothing(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.sent("POST", "/calendars", form("Mine", rehearsals(2), null, asPractice(one, "Rehearsal")));
    String whole = rehearsals(1);
    for (String text :
        List.of("seagulls", whole.substring(0, whole.length() / 2), "a".repeat(10_000_000), " ")) {
      Answer answer = one.send("POST", "/calendars", form("Mine", text, null, null));
      assertThat(answer.status()).isEqualTo(400);
      assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo("text");
    }
    Answer strange =
        one.send(
            "POST",
            "/calendars",
            form("Mine", whole, null, List.of(choice("Rehearsal", "ACTIVITY", null))));
    assertThat(strange.json().at("/errors/0/message").asString())
        .isEqualTo("Choose one of the client's activities for “Rehearsal”.");
    assertThat(blocks(one, MONDAY)).containsExactly("Rehearsal 18:00:00");
    assertThat(blocks(one, MONDAY.plusWeeks(1))).containsExactly("Rehearsal 18:00:00");
  }

  @Test
  void anAddressIsReadAgainAndItsChangesCome(RunningServer server) throws Exception {
    StandInCalendar service = server.context().getBean(StandInCalendar.class);
    OneClient one = OneClient.takeIn(server);
    JsonNode taken =
        one.sent(
            "POST",
            "/calendars",
            form("Town", null, service.address(), asPractice(one, "Rehearsal")));
    assertThat(taken.get("made").asInt()).isEqualTo(8);
    HttpResponse<Void> moved =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(URI.create("http://" + service.host() + "/move-on"))
                    .POST(HttpRequest.BodyPublishers.noBody())
                    .build(),
                HttpResponse.BodyHandlers.discarding());
    assertThat(moved.statusCode()).isEqualTo(204);
    JsonNode preview =
        one.sent("POST", "/calendars/preview", form("Town", null, service.address(), null))
            .get("shown");
    assertThat(changes(preview)).hasSize(1).allMatch(change -> change.startsWith("CHANGED"));
    JsonNode again =
        one.sent("POST", "/calendars/" + taken.at("/calendar/id").asString() + "/reading", null);
    assertThat(again.get("failure").isNull()).isTrue();
    JsonNode after =
        one.sent("POST", "/calendars/preview", form("Town", null, service.address(), null))
            .get("shown");
    assertThat(changes(after)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "?fault=missing, (answer 404)",
    "?fault=half, no whole iCalendar text",
    "?fault=slow, did not answer within 2 s",
    "?fault=drip, did not answer within 2 s"
  })
  void aServiceThatFailsIsNamedAndTheBlocksStay(
      String fault, String expected, RunningServer server) {
    StandInCalendar service = server.context().getBean(StandInCalendar.class);
    OneClient one = OneClient.takeIn(server);
    Answer answer =
        one.send("POST", "/calendars", form("Town", null, service.address() + fault, null));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo("address");
    assertThat(answer.json().at("/errors/0/message").asString()).contains(expected);
    assertThat(one.get("/calendars").get("calendars")).isEmpty();
  }

  @Test
  void noHostIsAskedThatTheSettingsDoNotName(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    for (String address :
        List.of(
            server.address() + "/x.ics", "file:///etc/hosts", "ht tp://", "webcal://x.example/a")) {
      Answer answer = one.send("POST", "/calendars/preview", form("Town", null, address, null));
      assertThat(answer.json().get("shown").isNull()).as(address).isTrue();
      assertThat(answer.json().at("/problems/0/field").asString()).isEqualTo("address");
      answer = one.send("POST", "/calendars", form("Town", null, address, null));
      assertThat(answer.status()).as(address).isEqualTo(400);
    }
  }

  // ---- out

  private static List<String> planned(OneClient one) {
    List<String> planned = new ArrayList<>();
    for (LocalDate date = Practice.today();
        !date.isAfter(Practice.today().plusWeeks(8));
        date = date.plusDays(7)) {
      for (JsonNode day : one.get("/week?date=" + date).get("days")) {
        for (JsonNode peg : day.get("pegs")) {
          if (peg.get("state").asString().equals("PLANNED")) {
            planned.add(seconds(peg.get("start").asString()) + " " + peg.get("end").asString());
          }
        }
      }
    }
    LocalDate last = Practice.today().plusWeeks(8);
    return planned.stream()
        .filter(time -> !LocalDate.parse(time.substring(0, 10)).isAfter(last))
        .sorted()
        .toList();
  }

  /** iCalendar knows no parts of a second. */
  private static Instant seconds(String moment) {
    return Instant.parse(moment).truncatedTo(ChronoUnit.SECONDS);
  }

  private static List<VEvent> events(String text) throws IOException, ParserException {
    Calendar calendar = new CalendarBuilder().build(new StringReader(text));
    return calendar.getComponents().stream().map(VEvent.class::cast).toList();
  }

  private static List<String> times(List<VEvent> events) {
    return events.stream()
        .map(
            event ->
                Instant.from(event.getDateTimeStart().getDate())
                    + " "
                    + Instant.from(event.getDateTimeEnd().getDate()))
        .sorted()
        .toList();
  }

  private static String value(Component component, String name) {
    return component.getRequiredProperty(name).getValue();
  }

  private static void plan(OneClient one) {
    one.practice().putBlock(one.client(), MONDAY, "18:00", "20:30");
    one.sent(
        "PUT",
        "/programme",
        WeekTest.programme(
            List.of(
                WeekTest.obligation("BREAK", "INSIDE_BLOCKS", "EVENING", false),
                WeekTest.obligation("COOL_DOWN", "AFTER_BLOCKS", "EVENING", false),
                WeekTest.obligation("STRENGTH", "THREE_A_WEEK", "EVENING", true))));
  }

  @Test
  void theFileReadBackIsWhatWasPlanned(RunningServer server) throws Exception {
    OneClient one = OneClient.takeIn(server);
    plan(one);
    String text =
        one.practice().coach().get(one.path("/calendar.ics?alarmMinutes=10&breaks=true")).body();
    List<VEvent> events = events(text);
    assertThat(times(events)).isEqualTo(planned(one)).hasSizeGreaterThan(10);
    assertThat(events).extracting(event -> value(event, "UID")).doesNotHaveDuplicates();
    assertThat(events)
        .allSatisfy(
            event -> {
              assertThat(event.getAlarms()).hasSize(1);
              assertThat(value(event.getAlarms().get(0), "TRIGGER")).isEqualTo("-PT10M");
              assertThat(value(event, "DESCRIPTION")).contains(": ").contains("Stop if it hurts");
            });
    assertThat(events)
        .extracting(event -> value(event, "SUMMARY"))
        .contains(
            "Warm-up before Practice", "Break in Practice", "Cool-down after Practice", "Strength");
    List<VEvent> quiet = events(one.practice().coach().get(one.path("/calendar.ics")).body());
    assertThat(quiet)
        .isNotEmpty()
        .allSatisfy(event -> assertThat(event.getAlarms()).isEmpty())
        .noneMatch(event -> value(event, "SUMMARY").startsWith("Break"));
  }

  @Test
  void theFeedHasASecretThatCanBeRenewedAndUidsThatStay(RunningServer server) throws Exception {
    OneClient one = OneClient.takeIn(server);
    plan(one);
    assertThat(one.get("/feed").get("active").asBoolean()).isFalse();
    Map<String, Object> feed = Map.of("alarmMinutes", 5, "breaks", false);
    JsonNode made = one.sent("POST", "/feed", feed);
    String path = URI.create(made.get("address").asString()).getPath();
    assertThat(path).matches("/feed/[A-Za-z0-9_-]{32}\\.ics");
    assertThat(one.get("/feed").get("address").isNull()).as("told only once").isTrue();
    Answer fetched = server.caller().get(path);
    assertThat(fetched.headers().firstValue("Content-Type"))
        .hasValueSatisfying(type -> assertThat(type).startsWith("text/calendar"));
    List<String> uids =
        events(fetched.body()).stream().map(event -> value(event, "UID")).sorted().toList();

    JsonNode block = one.get("/day?date=" + MONDAY).at("/blocks/0");
    Map<String, Object> later =
        Practice.blockForm(Practice.firstActivity(one.client()), MONDAY, "19:00", "21:30");
    later.put("version", block.get("version").asInt());
    one.sent("PUT", "/blocks/" + block.get("id").asString(), later);
    List<VEvent> moved = events(server.caller().get(path).body());
    assertThat(moved.stream().map(event -> value(event, "UID")).sorted().toList()).isEqualTo(uids);
    assertThat(moved)
        .anyMatch(
            event ->
                value(event, "SUMMARY").startsWith("Warm-up")
                    && Instant.from(event.getDateTimeEnd().getDate())
                        .equals(Instant.parse(MONDAY + "T19:00:00Z")));

    one.sent("POST", "/feed", feed);
    assertThat(server.caller().get(path).status()).isEqualTo(404);
    assertThat(one.send("DELETE", "/feed", null).status()).isEqualTo(204);
    assertThat(server.caller().get("/feed/nonsense.ics").status()).isEqualTo(404);
    Answer wrong = one.send("POST", "/feed", Map.of("alarmMinutes", 500, "breaks", false));
    assertThat(wrong.json().at("/errors/0/message").asString())
        .isEqualTo("0 to 120 minutes; 0 for none.");
  }
}

package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** A calendar comes in, a programme goes round it, and the sessions go out again. */
class CalendarIT {

  private static final DateTimeFormatter BASIC =
      DateTimeFormatter.ofPattern("uuuuMMdd", Locale.ROOT);

  private final LocalDate monday =
      LocalDate.now(ZoneOffset.UTC).with(TemporalAdjusters.next(DayOfWeek.MONDAY));

  @TempDir private Path folder;
  private Browser browser;
  private Story story;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
    story = new Story(browser);
    story.beginWithClient("Runa Fell");
  }

  @AfterEach
  void close() {
    browser.close();
  }

  /** Rehearsals on Mondays and Thursdays for six weeks, and a dentist. */
  private Path calendar(String rehearsalAt) throws IOException {
    String text =
        String.join(
            "\r\n",
            "BEGIN:VCALENDAR",
            "VERSION:2.0",
            "PRODID:-//lighthouse//test//EN",
            "X-WR-CALNAME:Lighthouse band",
            "BEGIN:VEVENT",
            "UID:rehearsal@lighthouse.example",
            "DTSTART:%sT%s00Z".formatted(BASIC.format(monday), rehearsalAt),
            "DURATION:PT2H",
            "RRULE:FREQ=WEEKLY;BYDAY=MO,TH;COUNT=12",
            "SUMMARY:Rehearsal",
            "END:VEVENT",
            "BEGIN:VEVENT",
            "UID:dentist@lighthouse.example",
            "DTSTART:%sT090000Z".formatted(BASIC.format(monday.plusDays(1))),
            "DURATION:PT1H",
            "SUMMARY:Dentist",
            "END:VEVENT",
            "END:VCALENDAR",
            "");
    return Files.writeString(folder.resolve("band.ics"), text);
  }

  private void choose(Path file) {
    browser.find("#calendar-file").sendKeys(file.toString());
  }

  private void week() {
    browser.press("Week");
    browser.find(".week svg");
    String before = browser.text(".week h2");
    browser.click("[aria-label='The week after']");
    browser.until("the next week", () -> !browser.text(".week h2").equals(before));
  }

  private List<String> labels(String selector) {
    return browser.driver().findElements(By.cssSelector(selector)).stream()
        .map(element -> element.getAttribute("aria-label"))
        .toList();
  }

  private static HttpResponse<String> fetch(String address) throws IOException {
    try {
      return HttpClient.newHttpClient()
          .send(
              HttpRequest.newBuilder(URI.create(address)).build(),
              HttpResponse.BodyHandlers.ofString());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  @Test
  void aCalendarComesInAProgrammeGoesRoundItAndTheSessionsGoOut() throws IOException {
    browser.press("Week");
    browser.press("Calendars and reminders");
    choose(calendar("1800"));
    browser.sees("What each title is");
    browser.sees("0 new");
    browser.click("[aria-label='Rehearsal'] [aria-label='Block']");
    browser.sees("12 new");
    browser.click("[aria-label='Dentist'] [aria-label='Busy']");
    browser.sees("13 new");
    browser.until(
        "the rehearsal is drawn", () -> browser.text(".import svg").contains("Rehearsal"));
    browser.press("Take over 13");
    browser.sees("Lighthouse band: 13 new, 0 changed, 0 gone.");

    browser.press("Programme");
    browser.press("Conditioning");
    browser.find(".obligations li");
    browser.press("Place in week");
    browser.sees("Placed in the weeks.");
    week();
    browser.until("the rehearsals", () -> labels(".block[role=button]").size() == 2);
    assertThat(labels(".block[role=button]")).containsOnly("Rehearsal, 18:00 to 20:00");
    assertThat(labels(".busy-time")).containsExactly("Busy, 09:00 to 10:00");
    browser.find(".counts li");
    for (int i = 0; i < 5; i++) {
      String before = browser.text(".week h2");
      browser.click("[aria-label='The week after']");
      browser.until("a week on", () -> !browser.text(".week h2").equals(before));
      browser.until("its sessions", () -> labels(".peg[role=button]").size() > 3);
    }

    // Thursday's rehearsal two hours later: what moves is said before it is kept.
    browser.open(Story.pathOf(browser.driver().getCurrentUrl()) + "?date=" + monday);
    browser.find(".counts li");
    WebElement thursday =
        browser.driver().findElements(By.cssSelector(".block[role=button]")).get(1);
    browser.run("arguments[0].focus()", thursday);
    browser.keys(Collections.nCopies(24, Keys.ARROW_RIGHT).toArray(CharSequence[]::new));
    browser.until("it is held", () -> browser.text(".reason h3").contains("20:00"));
    browser.until(
        "it says what gives way",
        () ->
            browser.text(".reason").contains(" min)")
                || browser.text(".reason").contains("Nothing else moves"));
    browser.keys(Keys.ENTER);
    browser.sees("Rehearsal is 20:00 to 22:00 now.");

    // The same calendar, an hour earlier: what was moved by hand is told as changed by the
    // calendar.
    browser.press("Calendars and reminders");
    choose(calendar("1700"));
    browser.sees("read again");
    browser.sees("12 changed");
    browser.sees("1 as they were");
    browser.press("Not now");

    browser.press("Make an address");
    String feed = browser.find("[data-feed]").getText();
    HttpResponse<String> fetched = fetch(feed);
    assertThat(fetched.statusCode()).isEqualTo(200);
    assertThat(fetched.body())
        .startsWith("BEGIN:VCALENDAR")
        .contains("SUMMARY:Warm-up before Rehearsal", "BEGIN:VALARM");
    browser.press("Renew the address");
    browser.until("another address", () -> !browser.text("[data-feed]").equals(feed));
    assertThat(fetch(feed).statusCode()).isEqualTo(404);
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void whatIsNoCalendarIsNamedAndTakingOverCanBeUndone() throws IOException {
    browser.press("Week");
    browser.press("Calendars and reminders");
    choose(Files.writeString(folder.resolve("garbage.ics"), "seagulls"));
    browser.sees("This is no whole iCalendar text");
    choose(Files.write(folder.resolve("large.ics"), new byte[10_000_000]));
    browser.sees("large.ics has 10 MB; at most 5 MB are read.");
    choose(calendar("1800"));
    browser.sees("What each title is");
    browser.click("[aria-label='Rehearsal'] [aria-label='Block']");
    browser.sees("12 new");
    browser.press("Take over 12");
    browser.press("Undo");
    browser.sees("As it was before.");
    browser.sees("None yet.");
    week();
    assertThat(labels(".block[role=button]")).isEmpty();
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aServiceThatIsReadAgainSaysWhenItFails() {
    browser.press("Week");
    browser.press("Calendars and reminders");
    browser.press("/harbour-players.ics");
    browser.press("Look");
    browser.sees("What each title is");
    browser.click("[aria-label='Rehearsal'] [aria-label='Block']");
    browser.sees("8 new");
    browser.press("Take over 8");
    browser.sees("Harbour players: 8 new");
    browser.press("Read again");
    browser.sees("Harbour players is read again.");
    browser.press("/harbour-players.ics");
    browser.find("#calendar-address").sendKeys("?fault=missing");
    browser.press("Look");
    browser.sees("(answer 404)");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aDayOfPracticeIsWorkedOutPlacedAndPlayedAlong() {
    browser.press("Week");
    browser.press("A day of practice");
    browser.sees("From the start");
    browser.type(browser.find("[aria-label='Technique 1']"), "Scales in thirds");
    browser.type(browser.find("[aria-label='Minutes of technique 1']"), "30");
    browser.type(browser.find("[aria-label='Minutes of technique 2']"), "30");
    // 09:30, 30 + 10 + 30, 45 off, 50 of repertoire
    browser.sees("it ends at 12:15");
    // 210 min less 10, 45 and 50: 105, 52 each and one over for the long break
    browser.sees("each technique may last 52 min");
    browser.type(browser.field("main", "Should end"), "10:00");
    browser.sees("leave nothing for 2 techniques");
    browser.click("[aria-label='From the start'] button");
    browser.sees("In the day until 12:15.");
    browser.press("Clock and print");
    browser.find(".clock h1");
    assertThat(browser.text(".clock")).contains("Technique", "09:30–10:00", "Scales in thirds");
    browser.media("print");
    assertThat(browser.text(".clock .now")).isEmpty();
    browser.media("screen");
    browser.press("Leave");
    browser.isAt("/practice-day");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aRoundThatIsOverSaysWhenToRest() {
    // Half an hour ago, but today; a performance has no breaks of its own, so somebody plays now.
    LocalTime now = LocalTime.now(ZoneOffset.UTC);
    LocalTime start = now.getHour() == 0 ? LocalTime.MIDNIGHT : now.minusMinutes(30);
    browser.press("Add a block");
    browser.type(browser.field("form.edit", "Starts"), start.toString().substring(0, 5));
    browser.type(browser.field("form.edit", "Ends"), "23:59");
    browser.click("form.edit .form-check-input");
    browser.press("Add a part");
    browser.press("Put in the day");
    browser.sees("is in the day.");
    browser.press("Clock");
    browser.find(".clock h1");
    browser.keys("r");
    browser.until(
        "it says whether to rest",
        () -> browser.text(".round [role=status]").contains(" min of work"));
    browser.keys(Keys.ESCAPE);
    browser.isAt("/hands");
  }
}

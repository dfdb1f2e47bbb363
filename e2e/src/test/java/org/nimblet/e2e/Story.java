package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.Practice;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** What people do in several tests. */
final class Story {

  private static final String SEND =
      """
      const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? ''
      return fetch(arguments[1], {method: arguments[0], body: JSON.stringify(arguments[2]),
        headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}})
        .then(answer => answer.text().then(text => text || String(answer.status)))
      """;

  private final Browser browser;

  Story(Browser browser) {
    this.browser = browser;
  }

  /** Opens a new coach's account through the page; gives its address. */
  String becomeCoach() {
    String email = "coach-" + UUID.randomUUID() + "@test.example";
    browser.open("/begin");
    browser.type(browser.field("form.open", "Name"), "Test Coach");
    browser.type(browser.field("form.open", "Email"), email);
    browser.type(browser.field("form.open", "Password"), HttpCaller.KNOWN_PASSWORD);
    browser.press("Open the account");
    browser.isAt("/today");
    return email;
  }

  /**
   * A new coach with one client whose clock is UTC, by the calls that the pages make, for stories
   * about something else; ends on the client's page.
   */
  void beginWithClient(String name) {
    beginWithClient(name, ZoneOffset.UTC);
  }

  /** The same with a client who lives by another clock. */
  void beginWithClient(String name, ZoneId zone) {
    Practice practice = new Practice(browser.address());
    Map<String, Object> form = Practice.clientForm();
    form.put("name", name);
    form.put("timeZone", zone.equals(ZoneOffset.UTC) ? "UTC" : zone.getId());
    String id = practice.takeIn(form).get("id").asString();
    browser.goOnAs(practice.coach());
    browser.open("/clients/" + id + "/hands");
    browser.sees(name);
  }

  /** Takes in a client whose clock is UTC; ends on the client's page. */
  void takeIn(String name, int minutes) {
    browser.turnTo("/clients/new");
    browser.type(browser.field("main", "Name"), name);
    browser.type(browser.field("main", "What they do"), "lever harp");
    browser.press("Go on");
    browser.press("Add an activity");
    browser.press("How and when");
    browser.type(browser.field("main", "Warm-up, minutes"), String.valueOf(minutes));
    browser.type(browser.field("main", "Time zone"), "UTC");
    browser.type(browser.field("main", "Wakes"), "00:00");
    browser.type(browser.field("main", "Sleeps"), "23:59");
    browser.press("Take in now");
    browser.isAt("/hands");
    browser.sees(name);
  }

  /** A stretch that was done; pain of three is there before it as well, and so decides nothing. */
  void did(Instant began, int effort, int pain) {
    Map<String, Object> session = Practice.stretchForm(began);
    session.put("before", pain == 3 ? List.of(Practice.ache(pain)) : List.of());
    String path = "/api/clients/" + clientId() + "/sessions/" + UUID.randomUUID();
    assertThat(send("PUT", path, session)).isEqualTo("204");
    assertThat(send("PUT", path + "/check-in", Practice.checkInForm(effort, pain)))
        .isEqualTo("204");
  }

  /** Sends something as the pages do; gives the answer, or its status if it says nothing. */
  String send(String method, String path, Object body) {
    return String.valueOf(browser.run(SEND, method, path, body));
  }

  /** The client whose page is open is invited, and opens an account on another device. */
  void acceptOnThePhone(String name, Browser phone) {
    browser.open("/clients/" + clientId() + "/hands");
    browser.press("Invite " + name);
    browser.press("Invite");
    String address = browser.find(".invite code").getText();
    phone.open(pathOf(address));
    phone.size(390, 844);
    phone.type(phone.field("form.open", "Name"), name);
    phone.type(phone.field("form.open", "Email"), "c-" + UUID.randomUUID() + "@test.example");
    phone.type(phone.field("form.open", "Password"), HttpCaller.KNOWN_PASSWORD);
    phone.click("form.open input[type=checkbox]");
    phone.press("Open the account");
    phone.isAt("/my-day");
  }

  /** Puts a block into tomorrow of the client whose page is open; gives the date. */
  LocalDate putBlockTomorrow(String from, String to) {
    LocalDate tomorrow = LocalDate.now(ZoneOffset.UTC).plusDays(1);
    String url = browser.driver().getCurrentUrl();
    browser.turnTo(pathOf(url) + "?date=" + tomorrow);
    browser.press("Add a block");
    browser.type(browser.field("form.edit", "Starts"), from);
    browser.type(browser.field("form.edit", "Ends"), to);
    browser.press("Put in the day");
    browser.until("the block is there", () -> browser.text(".day ul").contains(from));
    return tomorrow;
  }

  /** The path of an address. */
  static String pathOf(String url) {
    return java.net.URI.create(url).getPath();
  }

  /** The identifier of the client whose page is open. */
  String clientId() {
    return pathOf(browser.driver().getCurrentUrl()).split("/")[2];
  }

  /** Runs the player from its first screen to its end by keys alone, and lands in the check-in. */
  void playThroughByKeys() {
    browser.find(".ready");
    browser.keys(" ");
    browser.until("it runs", () -> position() > 500);
    while (browser.text(".check-in h1").isEmpty()) {
      String before = browser.text(".kind");
      browser.keys(Keys.ARROW_RIGHT);
      browser.until(
          "the next step or the end",
          () -> !browser.text(".kind").equals(before) || !browser.text(".check-in h1").isEmpty());
    }
  }

  /** Where the player is, in milliseconds. */
  long position() {
    return browser.number(
        "const s = document.querySelector('.stage'); return s ? Number(s.dataset.position) : -1");
  }

  /** Chooses a radio in a group by its text. */
  void choose(String group, String text) {
    WebElement radio =
        browser
            .find("[role=radiogroup][aria-label='" + group + "']")
            .findElements(org.openqa.selenium.By.cssSelector("[role=radio]"))
            .stream()
            .filter(element -> element.getText().equals(text))
            .findFirst()
            .orElseThrow();
    browser.run("arguments[0].scrollIntoView({block: 'center'})", radio);
    radio.click();
  }
}

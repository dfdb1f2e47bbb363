package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nimblet.server.support.Practice;
import org.openqa.selenium.Keys;

/** What happened moves the next dose, and the coach sees why, decides otherwise and looks ahead. */
class ProgressIT {

  private static final String SEND =
      """
      const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? ''
      return fetch(arguments[1], {method: arguments[0], body: JSON.stringify(arguments[2]),
        headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}})
        .then(answer => answer.status)
      """;

  private Browser browser;
  private Story story;
  private String client;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
    story = new Story(browser);
    story.beginWithClient("Rising Hands");
    client = story.clientId();
  }

  @AfterEach
  void close() {
    browser.close();
  }

  /** A session; pain of three is there before it as well, and so decides nothing. */
  private void did(int daysAgo, int effort, int pain) {
    Map<String, Object> session =
        Practice.stretchForm(
            LocalDate.now(ZoneOffset.UTC)
                .minusDays(daysAgo)
                .atTime(0, 5)
                .toInstant(ZoneOffset.UTC));
    session.put("before", pain == 3 ? List.of(Practice.ache(pain)) : List.of());
    String path = "/api/clients/" + client + "/sessions/" + UUID.randomUUID();
    assertThat(browser.run(SEND, "PUT", path, session)).isEqualTo(204L);
    assertThat(browser.run(SEND, "PUT", path + "/check-in", Practice.checkInForm(effort, pain)))
        .isEqualTo(204L);
  }

  @Test
  void theCoachReadsWhyLooksAheadAndDecidesOtherwise() {
    did(6, 4, 0);
    did(5, 4, 0);
    did(2, 4, 4);
    browser.open("/clients/" + client + "/progress");
    browser.sees("Palm up, fingers drawn back");
    browser.click(".ladder");
    browser.sees("Up from 15 s to 20 s: it went well 2 times.");
    browser.sees("Down from 20 s to 15 s: pain 4 while it was done, 0 before.");
    browser.until("a forecast", () -> !browser.text(".sentence").isEmpty());
    String sentence = browser.text(".sentence");
    browser.slide(browser.find("#days"), 6);
    browser.until(
        "another rate is another date", () -> !browser.text(".sentence").equals(sentence));
    browser.press("How often?");
    browser.until("an answer", () -> browser.text("form b").contains(" by "));

    browser.press("No steps up");
    browser.type(browser.find("#reason"), "Until the recital.");
    browser.press("Decide");
    browser.sees("Held at 15 s: Until the recital.");

    browser.open("/clients/" + client + "/log");
    browser.sees("Down from 20 s to 15 s");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void whatNeedsAWordIsDealtWithAndTakenBack() {
    did(1, 4, 3);
    did(0, 4, 3);
    browser.open("/today");
    browser.sees("Pain two days running");
    browser.click("button[aria-label='Pain two days running, Rising Hands: dealt with']");
    browser.sees("pain two days running is put away");
    browser.press("Undo");
    browser.sees("Pain two days running");
    browser.click("button[aria-label='Pain two days running, Rising Hands: tomorrow']");
    browser.sees("Put away 1");
    browser.open("/today");
    browser.sees("Put away 1");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aStepIsMadeEasierByOneKeyAndTheLogSaysWhatFollowed() {
    did(3, 4, 0);
    browser.open("/player/" + client + "/now/RECOVERY/8");
    browser.find(".ready");
    browser.press("Nothing hurts");
    browser.press("Start");
    browser.until("it runs", () -> story.position() > 300);
    browser.until(
        "a step with a ladder",
        () -> {
          boolean there =
              browser.number(
                      "return [...document.querySelectorAll('.strip button')]"
                          + ".some(b => b.innerText.includes('Easier')) ? 1 : 0")
                  == 1;
          if (!there) {
            browser.keys(Keys.ARROW_RIGHT);
          }
          return there;
        });
    long before = browser.number("return document.querySelectorAll('.strip button').length");
    browser.keys("e");
    browser.until(
        "easier, once",
        () -> browser.number("return document.querySelectorAll('.strip button').length") < before);
    browser.keys(Keys.ESCAPE);
    browser.sees("What is done is kept.");
    browser.click(".leaving .reasons button:nth-child(2)");
    browser.sees("Left midway");
    assertThat(browser.complaints()).isEmpty();
  }
}

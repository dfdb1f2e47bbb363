package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/**
 * The whole story as the client of the demo: look at the day, play, say how it was, see it kept.
 */
class ClientStoryIT {

  private Browser browser;
  private Story story;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
    story = new Story(browser);
    browser.open("/sign-in");
    browser.press("as a client");
    browser.isAt("/my-day");
  }

  @AfterEach
  void close() {
    browser.close();
  }

  @Test
  void playsTheNextSessionByKeysAndFindsItInTheLog() {
    // Which one is next depends on the hour at which this is run.
    String session =
        String.valueOf(
            browser.run(
                "return fetch('/api/my/day').then(answer => answer.json())"
                    + ".then(day => day.next.label.split(',')[0])"));
    browser.sees(session);
    browser.sees("What is in it, and why");
    String toComeBefore = browser.text(".columns h3 + span");
    browser.press("Start");
    browser.sees("Have ready");
    browser.sees("A stretch is felt, never painful.");

    browser.keys(" ");
    browser.until("it runs by itself", () -> story.position() > 1500);
    browser.keys(" ");
    long paused = story.position();
    String kind = browser.text(".kind");
    assertThat(kind).contains("step 1 of");
    browser.keys(Keys.PAGE_DOWN);
    browser.until("next", () -> browser.text(".kind").contains("step 2 of"));
    browser.keys(Keys.PAGE_UP);
    browser.until("back", () -> browser.text(".kind").contains("step 1 of"));
    assertThat(story.position()).isLessThanOrEqualTo(paused);
    browser.keys("m");
    browser.until("muted", () -> browser.text(".keys").contains("Sound"));
    browser.keys(Keys.ESCAPE);
    browser.sees("What is done is kept.");
    browser.keys(Keys.ESCAPE);
    browser.until("goes on", () -> browser.text(".keys").contains("Pause"));

    while (browser.text(".check-in h1").isEmpty()) {
      String before = browser.text(".kind");
      browser.keys(Keys.ARROW_RIGHT);
      browser.until(
          "the next step or the end",
          () -> !browser.text(".kind").equals(before) || !browser.text(".check-in h1").isEmpty());
    }
    browser.sees(session + " done");
    story.choose("Effort, 0 to 10", "4");
    browser.click("[aria-label^='Left ring finger']");
    story.choose("Pain, 0 to 10", "2");
    story.choose("Tighter side", "Left");
    browser.type(browser.find("#one-line"), "Warm by the end");
    browser.press("Keep");
    browser.isAt("/my-day");
    browser.until(
        "the ribbon counts it",
        () ->
            !browser.text(".columns h3 + span").equals(toComeBefore)
                && !browser.text(".columns h3 + span").isEmpty());

    browser.press("Log");
    browser.isAt("/my-log");
    // Whoever else is this client meanwhile may have ended something later.
    By row =
        By.xpath(
            "//ol//button[contains(., 'effort 4')][contains(normalize-space(.), \"%s\")]"
                .formatted(session));
    browser.until("its row", () -> !browser.driver().findElements(row).isEmpty());
    browser.until(
        "its line",
        () -> {
          // Until it has come, an older one looks the same.
          browser.driver().findElements(row).get(0).click();
          return browser.text("article").contains("Warm by the end");
        });
    browser.sees("Left ring finger 2");
    assertThat(browser.text("article")).containsIgnoringCase(session).contains("Effort");
    assertThat(browser.complaints()).isEmpty();
  }

  /** What lies over something else on the stage, or outside the window. */
  private static final String OVERLAPS =
      """
      const parts = ['.stage header', '.stage .figure', '.stage .words', '.stage footer']
        .map(part => [part, document.querySelector(part)])
        .concat([...document.querySelectorAll('.stage .keys button')].map(key => [key.innerText, key]))
        .map(([name, part]) => [name, part.getBoundingClientRect()])
        .filter(([, box]) => box.width > 0 && box.height > 0)
      const wrong = parts.filter(([, box]) =>
          box.left < -1 || box.right > innerWidth + 1 || box.bottom > innerHeight + 1)
        .map(([name]) => name + ' leaves the window')
      parts.forEach(([name, a], i) => parts.slice(i + 1).forEach(([other, b]) => {
        if (a.left < b.right - 1 && b.left < a.right - 1 && a.top < b.bottom - 1 && b.top < a.bottom - 1)
          wrong.push(name + ' lies over ' + other)
      }))
      return wrong.join('; ')
      """;

  /**
   * The stage once came apart while every word on it could still be read and every key be pressed.
   */
  private void theStageHoldsItsParts(int width, int height, int leastFigure) {
    browser.size(width, height);
    browser.until(
        "the figure is at least " + leastFigure + " px high",
        () ->
            browser.number(
                    "return document.querySelector('.stage .figure"
                        + " svg').getBoundingClientRect().height")
                >= leastFigure);
    assertThat(String.valueOf(browser.run(OVERLAPS))).as(width + " wide").isEmpty();
  }

  @Test
  void whatHurtsEndsTheStepAndWhatAlarmsEndsTheSession() {
    story = new Story(browser);
    browser.close();
    browser = new Browser(NimbletProcess.shared().address());
    story = new Story(browser);
    story.becomeCoach();
    story.takeIn("Hurting Hands", 5);
    String client = story.clientId();
    story.putBlockTomorrow("18:00", "19:00");
    String block =
        String.valueOf(
            browser.run(
                "return fetch('/api/clients/' + arguments[0] + '/day?date=' +"
                    + " new URLSearchParams(location.search).get('date')).then(r => r.json()).then(d"
                    + " => d.blocks[0].id)",
                client));
    browser.turnTo("/player/" + client + "/" + block);
    browser.find(".ready");
    browser.keys(" ");
    browser.until("it runs", () -> story.position() > 300);
    theStageHoldsItsParts(390, 844, 120);
    theStageHoldsItsParts(1280, 800, 300);
    String first = browser.text(".words h1");
    browser.keys("h");
    browser.click(".panel [aria-label^='Right wrist, thumb side']");
    story.choose("Pain, 0 to 10", "4");
    browser.sees(first + " is over for today");
    browser.click(".panel .go");
    browser.until("the next step", () -> browser.text(".kind").contains("step 2 of"));
    browser.keys("h");
    browser.click(".panel [aria-label^='Right wrist, thumb side']");
    story.choose("How it feels", "tingle");
    story.choose("Pain, 0 to 10", "3");
    browser.sees("see a doctor, hand therapist or physiotherapist");
    assertThat(browser.text(".panel")).doesNotContain("Go on");
    browser.press("End here");
    browser.find(".check-in");
    browser.sees("Stopped");
    browser.press("Keep");
    browser.sees("stopped for safety");
    browser.turnTo("/today");
    browser.sees("Stopped for safety");
  }
}

package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** The workshop: the map, a round with a pedal, a row taken away, the clasps walked through. */
class WorkshopIT {

  private Browser browser;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
  }

  @AfterEach
  void close() {
    browser.close();
  }

  private long place() {
    return browser.number("return Number(document.querySelector('[data-place]').dataset.place)");
  }

  /** As a pedal sends it, once the first change has begun. */
  private void judge(CharSequence key) {
    long before = place();
    browser.until("a change has begun", () -> browser.text(".stage-count").contains("changes"));
    browser.keys(key);
    browser.until("the next drill", () -> place() == before + 1);
  }

  private long tried(String client, String hand) {
    return browser.number(
        "return fetch('/api/clients/%s/workshop/patterns?hand=%s&aMinute=60')"
                .formatted(client, hand)
            + ".then(answer => answer.json()).then(p => p.tries)");
  }

  @Test
  void aRoundWithAPedalMovesTheMap() {
    Story story = new Story(browser);
    story.beginWithClient("Pedal Hands");
    browser.press("Workshop");
    browser.find(".drill.next");
    browser.sees("none tried yet");
    String first = browser.text(".panel h2");
    browser.press("Card");
    browser.sees("Clean is: only what is meant moves");
    browser.sees("Stop with sharp or rising pain.");
    browser.press("Back to the patterns");
    browser.find(".drill.next");
    // Arrow keys go from sign to sign.
    browser.click(".drill[tabindex='0']");
    browser.keys(Keys.ARROW_RIGHT);
    browser.until("another pattern", () -> !browser.text(".panel h2").equals(first));
    browser.press("Start a round");
    browser.find("[data-state=ready]");
    String client = browser.driver().getCurrentUrl().split("/")[4];
    browser.keys(" ");
    browser.find("[data-state=running]");
    judge(Keys.ARROW_RIGHT);
    judge(Keys.PAGE_UP);
    browser.keys(" ");
    browser.find("[data-state=paused]");
    browser.keys(Keys.ESCAPE);
    browser.sees("1 of 2 clean");
    browser.sees("Kept.");
    browser.keys(Keys.ESCAPE);
    browser.isAt("/patterns");
    browser.until("the map knows", () -> tried(client, "LEFT") + tried(client, "RIGHT") >= 2);
    browser.press("Start a round");
    browser.find("[data-state=ready]");
    browser.sees("Stop with numbness or tingling");
    browser.keys(" ");
    browser.find("[data-state=running]");
    judge(Keys.ARROW_RIGHT);
    browser.keys("h");
    browser.sees("is stopped and waits");
    browser.click(".panel [aria-label^='Left ring finger']");
    story.choose("Pain, 0 to 10", "4");
    browser.click(".panel .go");
    browser.until("the next drill", () -> place() == 2);
    browser.keys("h");
    browser.click(".panel [aria-label^='Left ring finger']");
    story.choose("How it feels", "tingle");
    story.choose("Pain, 0 to 10", "3");
    browser.press("End here");
    browser.sees("Stop here");
    browser.sees("your coach sees it");
    browser.turnTo("/today");
    browser.sees("Stopped for safety");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void rowsAreTakenAwayAndClaspsWalkedThrough() {
    Story story = new Story(browser);
    story.beginWithClient("Walking Hands");
    browser.press("Workshop");
    browser.press("Sequences");
    browser.sees("12 taps round");
    browser.press("With repeats");
    browser.sees("16 taps round");
    browser.press("Parallel");
    browser.press("Start");
    browser.until("it is said which finger taps", () -> browser.text(".said").contains("left"));
    browser.press("Stop");
    assertThat(
            browser.run(
                "return fetch([...document.querySelectorAll('a')].find(a => a.textContent == 'As MIDI').href)"
                    + ".then(r => r.arrayBuffer()).then(b => String.fromCharCode(...new Uint8Array(b.slice(0, 4))))"))
        .isEqualTo("MThd");
    browser.press("24 orders");
    browser.sees("ring, little, index, middle");
    browser.press("Follow me");
    browser.press("Show me");
    browser.until("it is one's turn", () -> browser.text(".said").contains("Now you: 0 of 1"));
    // The first finger is wrong three times of four; whichever it is, the game answers.
    browser.keys("k");
    browser.until(
        "it grows or ends",
        () -> browser.text(".said").contains("2 taps") || browser.text(".said").contains("It was"));
    browser.press("Clasps");
    browser.sees("A walk through every form");
    assertThat(browser.text("dl")).contains("16").contains("36").contains("24");
    browser.press("Free fingers in c");
    browser.sees("thumb, index, little, index");
    browser.press("Start");
    browser.until("the tips touch", () -> browser.text(".now").contains("tips touch"));
    browser.press("The walk again");
    browser.press("Difficulties");
    browser.sees("From 200 on they say something.");
    browser.press("Clasps");
    browser.press("Only the tops of b");
    browser.sees("The tops of b");
    browser.press("Start the walk");
    browser.until("it counts", () -> browser.text(".now").contains("forward"));
    browser.press("Stop");
    assertThat(browser.complaints()).isEmpty();
    assertThat(List.of(browser.text("h1"))).contains("The tops of b");
  }
}

package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/**
 * A programme finds its place in the week; blocks and sessions are moved by hand and by keyboard.
 */
class WeekIT {

  private Browser browser;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
    browser.open("/sign-in");
    browser.press("Look around as the coach");
    browser.find(".names a");
  }

  @AfterEach
  void close() {
    browser.close();
  }

  private void week(String client) {
    browser.press(client);
    browser.isAt("/hands");
    browser.press("Week");
    browser.find(".counts li");
    nextWeek();
  }

  private void nextWeek() {
    String before = browser.text(".week h2");
    browser.click("[aria-label='The week after']");
    browser.until("the next week", () -> !browser.text(".week h2").equals(before));
    browser.find(".counts li");
  }

  /** Read in one go, for the week may be drawn anew between two questions. */
  private List<String> labels(String selector) {
    return ((List<?>)
            browser.run(
                "return [...document.querySelectorAll(arguments[0])].map(e => e.ariaLabel)",
                selector))
        .stream().map(String::valueOf).toList();
  }

  private String side() {
    return browser.text(".reason");
  }

  @Test
  void aBlockIsDraggedAndWhatGivesWayIsSaidBeforeLettingGo() {
    week("Tendai");
    String before = labels(".block[role=button]").get(0);
    assertThat(before).isEqualTo("Study, 11:00 to 12:30");
    WebElement block = browser.find(".block[aria-label^='Study']");
    browser.run("arguments[0].scrollIntoView({block: 'center'})", block);
    new Actions(browser.driver())
        .clickAndHold(block)
        .moveByOffset(-20, 0)
        .moveByOffset(-24, 0)
        .perform();
    browser.until("it says what moves", () -> side().contains("Strength, Mon 09:50 to"));
    assertThat(side()).contains("Let go or press Enter");
    new Actions(browser.driver()).release().perform();
    browser.until("it is kept", () -> !labels(".block[role=button]").get(0).equals(before));
    browser.sees("Study is ");
    browser.press("Undo");
    browser.until("it is back", () -> labels(".block[role=button]").get(0).equals(before));
    browser.until(
        "the session is back",
        () -> labels(".peg[role=button]").contains("Strength, planned, 09:50 to 09:57"));
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aSessionIsMovedPinnedAndLeftOut() {
    week("Sunniva");
    WebElement session = browser.find(".peg[aria-label^='Recovery']");
    String before = session.getAttribute("aria-label");
    browser.run("arguments[0].focus()", session);
    browser.keys(Keys.ARROW_LEFT, Keys.ARROW_LEFT, Keys.ARROW_LEFT);
    browser.until("it says what would be", () -> side().contains("Let go or press Enter"));
    browser.keys(Keys.ENTER);
    browser.sees("Pinned at ");
    browser.until("it moved", () -> !labels(".peg[aria-label^='Recovery']").get(0).equals(before));
    browser.click(".peg[aria-label^='Recovery']");
    browser.until("it says that it is pinned", () -> side().contains("pinned"));
    browser.press("Let it move");
    browser.until("it is back", () -> labels(".peg[aria-label^='Recovery']").get(0).equals(before));
    int all = labels(".peg[aria-label^='Recovery']").size();
    browser.click(".peg[aria-label^='Recovery']");
    browser.press("Leave out");
    browser.sees("Left out; it is not owed.");
    browser.until("it is gone", () -> labels(".peg[aria-label^='Recovery']").size() == all - 1);
    browser.press("Undo");
    browser.until("it is there", () -> labels(".peg[aria-label^='Recovery']").size() == all);
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aProgrammeIsChosenChangedAndPlaced() {
    new Story(browser).becomeCoach();
    browser.turnTo("/clients/new");
    browser.type(browser.field("main", "Name"), "Wiebke Tjaden");
    browser.type(browser.field("main", "What they do"), "bassoon");
    browser.press("Go on");
    browser.press("Take in now");
    browser.isAt("/hands");
    browser.press("Programme");
    browser.press("Independence");
    browser.click(".obligations li button");
    WebElement minutes = browser.find("[aria-label='Minutes']");
    browser.type(minutes, "61");
    browser.press("Place in week");
    browser.sees("1 to 60 minutes.");
    browser.type(browser.find("[aria-label='Minutes']"), "7");
    browser.press("Composed, but must contain");
    browser.type(browser.find("[aria-label='Exercise to require']"), "curls of two");
    browser.click(".found button");
    browser.until("its dose is told", () -> browser.text(".required").contains("today"));
    browser.press("Place in week");
    browser.sees("Placed in the weeks.");
    browser.press("See the week");
    browser.find(".counts li");
    nextWeek();
    browser.until("seven mornings", () -> browser.text(".counts").contains("7 of 7"));
    assertThat(browser.text(".counts")).contains("Independence", "3 of 3");
    browser.click(".peg[aria-label^='Independence']");
    browser.until("it says why", () -> side().contains("At its time: morning (08:00)."));
    browser.press("Programme");
    browser.press("End it");
    browser.sees("Choose a programme");
    assertThat(browser.complaints())
        .as("61 minutes were to be placed")
        .singleElement()
        .asString()
        .contains("/programme - ", "status of 400");
  }

  @Test
  void blocksAreTypedDrawnPutOnAnotherDayAndTakenBack() {
    browser.driver().manage().deleteAllCookies();
    new Story(browser).beginWithClient("Wiebke Tjaden");
    browser.press("Week");
    browser.find(".week svg");
    String before = browser.text(".week h2");
    browser.click("[aria-label='The week after']");
    browser.until("the next week", () -> !browser.text(".week h2").equals(before));

    WebElement sentence = browser.find("#sentence");
    browser.type(sentence, "Mon Wed 18-20:30");
    browser.sees("Practice, Mon and Wed, 18:00–20:30, from ");
    browser.type(sentence, "Mon Wed 18-20:30 seagulls");
    browser.sees("“seagulls” is none of: ");
    browser.type(sentence, "Mon Wed 18-20:30 practice");
    browser.sees(" times");
    browser.keys(Keys.ENTER);
    browser.until("two blocks", () -> labels(".block[role=button]").size() == 2);
    browser.press("Undo");
    browser.until("no block", () -> labels(".block[role=button]").isEmpty());

    // Drawn on the second day, from about 10 to 12.
    WebElement free = browser.driver().findElements(By.cssSelector(".free")).get(1);
    browser.run("arguments[0].scrollIntoView({block: 'center'})", free);
    new Actions(browser.driver())
        .moveToElement(free, -120, 0)
        .clickAndHold()
        .moveByOffset(40, 0)
        .moveByOffset(40, 0)
        .release()
        .perform();
    browser.find(".reason form");
    browser.press("Put in the day");
    browser.until("a block", () -> labels(".block[role=button]").size() == 1);
    String drawn = labels(".block[role=button]").get(0);
    browser.run("arguments[0].focus()", browser.find(".block[role=button]"));
    browser.keys(Keys.ARROW_DOWN);
    browser.until("it is held", () -> side().contains("Let go or press Enter"));
    browser.keys(Keys.ENTER);
    browser.sees("Practice is on Wednesday ");
    assertThat(labels(".block[role=button]")).containsExactly(drawn);
    browser.press("2×");
    browser.until(
        "it is wider than the page",
        () ->
            browser.number(
                    "const s = document.querySelector('.scroller');"
                        + "return s.scrollWidth - s.clientWidth")
                > 200);
    assertThat(browser.complaints()).isEmpty();
  }
}

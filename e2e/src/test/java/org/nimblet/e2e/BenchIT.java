package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** Taking somebody in, and making a routine for them: composing, changing, repairing, keeping. */
@Order(2)
class BenchIT {

  /** More than twice round the longest page. */
  private static final int MOST_TABS = 300;

  private Browser browser;
  private Story story;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
    story = new Story(browser);
  }

  @AfterEach
  void close() {
    browser.close();
  }

  /** Goes on with Tab until the focus is on something with this name, then presses it. */
  private void tabTo(String name, CharSequence... keys) {
    for (int tabs = 0; tabs < MOST_TABS && !focused().contains(name); tabs++) {
      browser.keys(Keys.TAB);
    }
    assertThat(focused()).as("the focus after %d tabs", MOST_TABS).contains(name);
    browser.keys(keys);
  }

  private String focused() {
    return String.valueOf(
        browser.run(
            "const e = document.activeElement; return (e.labels?.[0]?.textContent ?? '') + ' ' +"
                + " (e.getAttribute('aria-label') ?? '') + ' ' + e.textContent.trim().slice(0, 60)"));
  }

  @Test
  void aWholeIntakeByKeyboard() {
    story.becomeCoach();
    browser.turnTo("/clients/new");
    browser.find("form");
    tabTo("Name", "Wiebke Tjaden");
    tabTo("What they do", "bassoon");
    tabTo("Go on", Keys.ENTER);
    browser.find(".parts");
    tabTo("Add an activity", Keys.ENTER);
    browser.find(".activity");
    tabTo("Activity", Keys.chord(Keys.CONTROL, "a"), "Quintet");
    tabTo("Hours a week", Keys.chord(Keys.CONTROL, "a"), "7");
    tabTo("Next: Pain and signs", Keys.ENTER);
    browser.find(".signs");
    tabTo("Right wrist, thumb side", Keys.ENTER);
    browser.find(".panel");
    tabTo("0", Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
    tabTo("Note it", Keys.ENTER);
    browser.until("pain is noted", () -> browser.text(".told").contains("right wrist"));
    assertThat(browser.text(".told")).contains("3", "new").contains("once a day");
    tabTo("None of the others", Keys.ENTER);
    browser.until("signs are answered", () -> !browser.text(".signs").contains("not asked"));
    tabTo("No condition is known", Keys.ENTER);
    tabTo("Next: What is at hand", Keys.ENTER);
    browser.find("[aria-label='Things at hand']");
    tabTo("Next: How and when", Keys.ENTER);
    browser.sees("breaths a minute");
    tabTo("Take in now", Keys.ENTER);
    browser.isAt("/hands");
    browser.until("pain shows", () -> browser.text(".head").contains("Pain now 3 right"));
    browser.find(".activity");
    assertThat(browser.driver().findElements(By.cssSelector(".intake"))).isEmpty();
    assertThat(browser.complaints()).isEmpty();
  }

  private List<String> tape() {
    return browser.driver().findElements(By.cssSelector(".bench-tape button")).stream()
        .map(button -> button.getAttribute("aria-label"))
        .toList();
  }

  private void composeFor(String client, String purpose) {
    browser.run("sessionStorage.clear()");
    browser.open("/bench");
    browser.choose("Client", client);
    browser.press(purpose);
    browser.press("Fill the minutes");
    browser.until("composed", () -> tape().size() > 3);
  }

  @Test
  void composeDragRepairUndoSaveCompare() {
    story.becomeCoach();
    story.takeIn("Bench Hands", 10);
    String client = story.clientId();
    composeFor("Bench Hands", "Cool-down");
    browser.sees("Nothing to repair");
    List<String> before = tape();

    // The last step to the front by the keyboard, the first to the end with the mouse.
    WebElement first = browser.find(".bench-tape button");
    WebElement last =
        browser.driver().findElements(By.cssSelector(".bench-tape button")).get(before.size() - 1);
    new Actions(browser.driver())
        .moveToElement(first)
        .clickAndHold()
        .moveByOffset(40, 0)
        .moveToElement(last, last.getSize().width / 2 - 2, 0)
        .release()
        .perform();
    browser.until("moved to the end", () -> !tape().isEmpty() && !tape().equals(before));
    String moved = before.get(0).replaceFirst("^1 of \\d+: ", "");
    assertThat(tape().get(before.size() - 1)).contains(moved.split(",", 2)[0]);
    browser.press("Undo");
    browser.until("back in its place", () -> tape().equals(before));
    browser.press("Redo");
    browser.until("moved again", () -> !tape().equals(before));
    browser.press("Undo");

    // One rule broken on purpose: a stretch for one side only.
    browser.until("back in its place", () -> tape().equals(before));
    WebElement stretch =
        browser
            .driver()
            .findElements(By.cssSelector(".bench-tape button[aria-label*='each side']"))
            .get(0);
    stretch.click();
    browser.press("Left only");
    browser.sees("One side only");
    browser.sees("add the right");
    browser.press("Repair");
    browser.sees("Nothing to repair");

    // A dose that cannot be read is kept and explained; one that can is taken.
    browser.type(browser.find("#bench-dose"), "as you like");
    browser.keys(Keys.TAB);
    browser.sees("could not be read");
    assertThat(browser.find("#bench-dose").getAttribute("value")).isEqualTo("as you like");
    browser.type(browser.find("#bench-dose"), "15 s");
    browser.keys(Keys.TAB);
    browser.until(
        "read", () -> browser.find("#bench-dose").getAttribute("value").contains("15 s each"));

    browser.press("Save");
    browser.type(browser.find("#bench-title"), "After the quintet");
    browser.press("Save for Bench Hands");
    browser.sees("Saved as version 1");
    browser.press("Remove");
    browser.until("removed", () -> tape().size() == before.size() - 1);
    browser.press("Save");
    browser.press("Save version 2");
    browser.sees("Saved as version 2");
    browser.press("2 versions");
    browser.find(".strand");
    browser.sees("Only in A:");

    // Somebody else saves the same routine; nothing is lost.
    browser.press("To the bench");
    browser.until("on the bench", () -> tape().size() == before.size() - 1);
    browser.run(
        "return fetch('/api/clients/' + arguments[0] + '/routines').then(r => r.json()).then(l =>"
            + " fetch('/api/routines/' + l[0].id)).then(r => r.json()).then(s =>"
            + " fetch('/api/routines/' + s.id, {method: 'PUT', headers: {'Content-Type':"
            + " 'application/json', 'X-XSRF-TOKEN':"
            + " document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]}, body: JSON.stringify({version:"
            + " s.version, clientId: s.clientId, title: s.title, purpose: s.purpose,"
            + " budgetSeconds: s.budgetSeconds, steps: s.steps.slice(1)})})).then(r => r.status)",
        client);
    browser.press("Remove");
    browser.press("Save");
    browser.press("Save version 3");
    browser.sees("Somebody else saved this routine meanwhile");
    browser.press("Keep A on top");
    browser.sees("Saved as version 4");
    assertThat(browser.complaints()).singleElement().asString().contains("409");
  }

  @Test
  void aRoutineIsSaidInLinesTurnedAndKeptAndMovesTheHand() {
    story.becomeCoach();
    story.takeIn("Line Hands", 10);
    composeFor("Line Hands", "Recovery");
    browser.press("Clear away");
    browser.until("nothing lies there", () -> tape().isEmpty());
    browser.press("Say it in lines");
    WebElement said = browser.find("textarea.said");
    said.sendKeys("palm rub 30 s\nwrist waves 40 s\nshake out 20 s\n");
    browser.until("two lines are read", () -> tape().size() == 2);
    browser.sees("1 line not read yet");
    browser.click(".lines .warn button");
    browser.until("the third as well", () -> tape().size() == 3);
    browser.press("As tape again");
    browser.click(".bench-tape button");
    browser.press("In turn with the next");
    browser.until("a circuit of two rounds", () -> tape().size() == 5);
    assertThat(tape().get(1)).contains("in turn: B, round 1 of 2");
    browser.find(".bracket");
    browser.press("Undo");
    browser.until("as it was", () -> tape().size() == 3);
    browser.press("Save");
    browser.press("Save for Line Hands");
    browser.sees("Saved as version 1");
    browser.press("Your hand");
    browser.sees("kept in 1 routine");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void screeningBlocksAndIsLifted() {
    story.becomeCoach();
    story.takeIn("Numb Fingers", 10);
    String hands = Story.pathOf(browser.driver().getCurrentUrl());
    browser.press("Yes, pins and needles");
    browser.click(".open [role=radio]");
    browser.click(".open input[type=checkbox][value='RING_FINGER']");
    browser.press("It is there");
    browser.sees("No strengthening and no intense stretching for the left hand and forearm");

    composeFor("Numb Fingers", "Recovery");
    browser.find(".sign");
    browser.press("Add a step");
    browser.type(browser.find("#bench-seek"), "crossed and threaded");
    browser.until("found", () -> !browser.text(".drawer .add").isEmpty());
    browser.click(".halves div:last-child .add");
    browser.sees("Waits for a clinician: pins and needles");
    browser.press("Close");
    browser.press("Try it");
    browser.find(".ready");
    browser.turnTo(hands);
    browser.press("Record what the clinician said");
    browser.type(browser.field("form.clear", "The clinician said"), "All clear, start gently.");
    browser.press("This clears the sign");
    browser.sees("All clear, start gently.");
    browser.open("/bench");
    browser.until("the tape is back", () -> !tape().isEmpty());
    assertThat(browser.driver().findElements(By.cssSelector(".sign"))).isEmpty();
  }

  @Test
  void aClientDoesWhatTheCoachSaved() {
    browser.open("/sign-in");
    browser.press("Look around as the coach");
    browser.isAt("/today");
    composeFor("Sunniva Haukland", "Break");
    browser.press("Save");
    browser.type(browser.find("#bench-title"), "Between two sets");
    browser.press("Save for Sunniva");
    browser.sees("Saved as version 1");
    browser.driver().manage().deleteAllCookies();
    browser.open("/sign-in");
    browser.press("as a client");
    browser.isAt("/my-day");
    browser.press("Start Between two sets");
    story.playThroughByKeys();
    browser.find(".check-in");
    browser.press("Keep");
    browser.isAt("/my-day");
    browser.turnTo("/my-log");
    browser.sees("Between two sets");
  }
}

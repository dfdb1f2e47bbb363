package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.nimblet.server.support.Practice;
import org.openqa.selenium.Keys;

/** What happened moves the next dose, and the coach sees why, decides otherwise and looks ahead. */
@Order(Order.DEFAULT + 1)
class ProgressIT {

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
    story.did(
        LocalDate.now(ZoneOffset.UTC).minusDays(daysAgo).atTime(0, 5).toInstant(ZoneOffset.UTC),
        effort,
        pain);
  }

  @Test
  void theCoachReadsWhyLooksAheadAndDecidesOtherwise() {
    did(6, 4, 0);
    did(5, 4, 0);
    did(2, 4, 4);
    browser.turnTo("/clients/" + client + "/progress");
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

    browser.turnTo("/clients/" + client + "/log");
    browser.sees("Down from 20 s to 15 s");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void whatNeedsAWordIsDealtWithAndTakenBack() {
    did(1, 4, 3);
    did(0, 4, 3);
    browser.turnTo("/today");
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
    browser.turnTo("/player/" + client + "/now/RECOVERY/8");
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

  private String state() {
    return String.valueOf(browser.run("return document.querySelector('.stage').dataset.state"));
  }

  private boolean shows(String selector) {
    return browser.number(
            "return document.querySelectorAll('%s').length".formatted(selector.replace("'", "\\'")))
        > 0;
  }

  private void untilStepHas(String word) {
    browser.until(
        "a step with " + word,
        () -> {
          boolean there = browser.text(".keys").contains(word);
          if (!there) {
            browser.keys(Keys.ARROW_RIGHT);
          }
          return there;
        });
  }

  @Test
  void everyKeyOfThePlayerDoesWhatItSays() {
    browser.turnTo("/player/" + client + "/now/RECOVERY/12");
    browser.find(".ready");
    browser.keys(" ");
    browser.until("Space starts", () -> story.position() > 300);
    browser.keys(" ");
    browser.until("Space pauses", () -> state().equals("paused"));
    browser.keys(" ");
    browser.until("and goes on", () -> state().equals("running"));

    browser.keys("m");
    browser.labelled("Sound");
    browser.keys("-");
    browser.labelled("Mute");
    assertThat(browser.run("return localStorage.getItem('nimblet-volume')")).isEqualTo("0.8");
    browser.keys("+");
    browser.keys("v");
    browser.labelled("Own eyes");
    browser.keys("v");
    browser.labelled("Facing");

    String first = browser.text("h1");
    browser.keys(Keys.PAGE_DOWN);
    browser.until("a pedal goes on", () -> !browser.text("h1").equals(first));
    browser.until("and it is asked why", () -> shows(".why"));
    browser.keys("1");
    browser.until("no time", () -> !shows(".why"));
    browser.keys(Keys.PAGE_UP);
    browser.until("and back", () -> browser.text("h1").equals(first));
    long here = story.position();
    browser.until("it moves", () -> story.position() > here + 1500);
    browser.keys("a");
    browser.until("once more from its beginning", () -> story.position() < here + 1500);

    untilStepHas("Felt elsewhere");
    browser.keys("f");
    browser.find(".elsewhere");
    browser.click(".elsewhere .touch[aria-label^='Left elbow']");
    browser.sees("Felt: left elbow");
    browser.keys("f");
    browser.until("closed", () -> !shows(".elsewhere"));
    browser.keys("h");
    browser.sees("Where does it hurt?");
    browser.keys(Keys.ESCAPE);
    browser.until("nothing hurts after all", () -> !shows("[role='dialog']"));

    browser.keys(Keys.ESCAPE);
    browser.sees("What is done is kept.");
    browser.keys(Keys.ESCAPE);
    browser.until("it goes on", () -> state().equals("running"));
    long kept = story.position();
    browser.open("/player/" + client + "/now/RECOVERY/12");
    browser.press("Go on there");
    browser.find(".ready");
    browser.keys(" ");
    browser.until("it goes on where it stood", () -> story.position() >= kept);
    browser.keys(Keys.ESCAPE);
    browser.click(".leaving .reasons button:nth-child(1)");
    browser.sees("Left midway");
    browser.press("Keep");
    browser.isAt("/log");
    browser.sees("felt at the left elbow");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void oneNoteABeatFewerIsPlayedAtOnceAndStandsInTheLog() {
    Map<String, Object> routine =
        Practice.routineForm(client, 0, List.of(Practice.stepDraft("a", "three-note-slurs")));
    routine.put("purpose", "WARM_UP");
    String kept = story.send("POST", "/api/routines", routine);
    String id = kept.replaceFirst(".*?\"id\":\"([^\"]+)\".*", "$1");
    browser.turnTo("/player/" + client + "/routine/" + id);
    browser.find(".ready");
    browser.press("Nothing hurts");
    browser.press("Start");
    browser.until("four notes are ahead", () -> browser.text(".strip").contains("One note fewer"));
    for (int most = 3; most > 0; most--) {
      browser.keys("d");
    }
    browser.until("a note a beat", () -> !browser.text(".strip").contains("One note fewer"));
    assertThat(state()).isEqualTo("running");
    browser.keys(Keys.ESCAPE);
    browser.click(".leaving .reasons button:nth-child(1)");
    browser.sees("Left midway");
    browser.press("Keep");
    browser.sees("down to 1 note a beat");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aSessionIsPutRightAndWhatFollowsIsShown() {
    did(6, 4, 0);
    did(5, 4, 0);
    browser.turnTo("/clients/" + client + "/log");
    browser.sees("Up from 15 s to 20 s");
    browser.press("Put it right");
    browser.type(browser.find("[aria-label='Palm up, fingers drawn back, left, per cent']"), "30");
    browser.type(browser.find("#correct-why"), "Left early, it was the bus.");
    browser.press("Keep");
    browser.sees("judged anew");
    browser.sees("Up from 15 s to 20 s: it went well 2 times.");
    browser.press("Close");
    browser.sees("Left early, it was the bus.");
    browser.press("Note something");
    browser.type(browser.find("#coach-note"), "Ask about the bus.");
    browser.press("Keep the note");
    browser.sees("only you see it");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void theWeeksAreLookedAtAndTheNextOnesTakenOver() {
    did(6, 4, 0);
    did(5, 4, 0);
    browser.turnTo("/clients/" + client + "/programme");
    browser.click("[aria-label='Programmes to start from'] button");
    browser.press("Place in week");
    browser.sees("Placed in the weeks.");
    browser.sees("Progressions");
    browser.press("Look at the weeks");
    browser.isAt("/programme/review");
    browser.sees("Kept?");
    String before = browser.text(".next h2");
    browser.click("[aria-label='Pain?'] [role='radio']:nth-child(4)");
    browser.until(
        "a clinician first: one looks again in a week",
        () -> browser.text(".next h2").equals("The next 1 week") && !before.contains("1 week"));
    browser.press("Take it over");
    browser.isAt("/programme");
    browser.sees("Look at the weeks");
    browser.turnTo("/clients/" + client + "/programme/review");
    browser.sees("Before");
    assertThat(browser.complaints()).isEmpty();
  }
}

package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.nimblet.server.support.TestCluster;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** Tests of hands: by real key events and by simulated hands, and what a piece asks. */
@Order(Order.DEFAULT + 2)
class MeasureIT {

  private Browser browser;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
  }

  @AfterEach
  void close() {
    browser.close();
  }

  private String workshopOf(String client) {
    new Story(browser).beginWithClient(client);
    browser.press("Workshop");
    browser.isAt("/patterns");
    return browser.driver().getCurrentUrl().replaceFirst(".*(/workshop/[^/]+)/.*", "$1");
  }

  private static String pair(String more) {
    return "/tap-test/run?what=PAIR&from=RING&to=LITTLE&hands=LEFT&thumb=false" + more;
  }

  @Test
  void tapsByKeysAreMeasuredTestedAgainAndDrilled() {
    String workshop = workshopOf("Tapping Hands");
    browser.turnTo(workshop + "/tap-test");
    browser.sees("No test yet");
    browser.turnTo(workshop + pair("&pace=OWN&notesABeat=1"));
    browser.find("[data-state=ready]");
    browser.sees("Stop with sharp or rising pain.");
    browser.keys(Keys.ENTER);
    browser.find("[data-state=waiting]");
    for (int i = 0; i < 60; i++) {
      browser.keys(i % 2 == 0 ? "s" : "a");
    }
    browser.find(".result");
    browser.sees("Right order");
    browser.sees("first test");
    browser.sees("wanted 95 or more");
    assertThat(browser.text(".result")).contains("right order 100 %");
    // Simulated hands, twice: the second is set against the first.
    for (int time = 0; time < 2; time++) {
      browser.open(workshop + pair("&pace=CLICK_THEN_ALONE&notesABeat=4&bpm=200"));
      browser.press("Simulated hands");
      browser.until(
          "the hands are there",
          () -> browser.number("return document.querySelectorAll('.start:enabled').length") == 1);
      browser.press("Start");
      browser.find(".result");
      browser.sees("200 bpm");
    }
    browser.sees("inside the wash a change means nothing");
    browser.sees("Clock and hand");
    assertThat(
            browser.run(
                "return fetch([...document.querySelectorAll('a')].find(a => a.textContent.includes('CSV')).href)"
                    + ".then(r => r.text()).then(t => t.split('\\n')[0].trim())"))
        .isEqualTo("ms,hand,finger,velocity");
    browser.press("Forget this test");
    browser.until(
        "it is gone",
        () -> browser.number("return document.querySelectorAll('.tests li').length") == 2);
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aTestIsVoidOnceTheWindowIsLeftAndStopsWhenItHurts() {
    String workshop = workshopOf("Sore Hands");
    browser.turnTo(workshop + pair("&pace=CLICK_THEN_ALONE&notesABeat=1&bpm=60"));
    browser.find("[data-state=ready]");
    browser.keys(Keys.ENTER);
    browser.find("[data-state=counting]");
    browser.run("window.dispatchEvent(new Event('blur'))");
    browser.sees("so the test says nothing");
    browser.keys(Keys.HOME);
    browser.find("[data-state=running]");
    browser.keys("s");
    browser.keys(" ");
    browser.sees("is stopped and waits");
    browser.click(".panel [aria-label^='Left ring finger']");
    new Story(browser).choose("Pain, 0 to 10", "8");
    browser.press("End here");
    browser.sees("Stop here");
    browser.open(workshop + pair("&pace=OWN&notesABeat=1"));
    browser.sees("stopped today");
    browser.turnTo("/today");
    browser.sees("Stopped for safety");
    assertThat(browser.complaints()).isEmpty();
  }

  private void hands(boolean down) {
    Actions hands = new Actions(browser.driver());
    for (String key : new String[] {"a", "s", "d", "f"}) {
      if (down) {
        hands.keyDown(key);
      } else {
        hands.keyUp(key);
      }
    }
    hands.perform();
  }

  @Test
  void keysAreFoundOutBeforeAFingerIsAskedFor() {
    String workshop = workshopOf("Lifting Hands");
    browser.turnTo(workshop + "/hold-and-lift");
    browser.sees("No test yet");
    browser.turnTo(workshop + "/hold-and-lift/run?side=LEFT");
    browser.sees("Hold all keys of the left hand down at once");
    hands(true);
    browser.sees("All of them report together.");
    hands(false);
    browser.press("Start");
    browser.sees("Hold all its keys");
    hands(true);
    browser.find("[data-state=asking]");
    browser.sees("Lift the");
    browser.keys(Keys.ESCAPE);
    browser.isAt("/hold-and-lift");
    assertThat(browser.complaints()).isEmpty();
  }

  /** A MIDI keyboard that plays what it is told to. */
  private static final String MADE_UP_MIDI =
      """
      window.midi = new EventTarget()
      navigator.requestMIDIAccess = async () => ({ inputs: new Map([['made up', window.midi]]) })
      window.play = (note) => window.midi.dispatchEvent(
        Object.assign(new Event('midimessage'), { data: Uint8Array.of(0x90, note, 70) }))
      """;

  @Test
  void aRoundLearnsTheKeysOfAMidiKeyboardAndIsJudgedByThem() {
    String workshop = workshopOf("Playing Hands");
    browser.turnTo(workshop + "/round?minutes=1&aMinute=240&from=RING&to=LITTLE&hand=LEFT");
    browser.find("[data-state=ready]");
    browser.run(MADE_UP_MIDI);
    browser.press("MIDI keyboard");
    browser.sees("0 of");
    // From the lowest key up, until all are known.
    browser.run(
        "for (let note = 48; note < 58; note++) setTimeout(() => play(note), 10 * (note - 47))");
    browser.sees("The keys are known.");
    browser.sees("The keys judge");
    browser.press("Nothing hurts");
    browser.press("Start");
    browser.find("[data-state=running]");
    // Whatever is drilled, keys all over it are not clean; what they cannot judge is asked.
    browser.run(
        """
        window.playing = setInterval(() => {
          play(48)
          if (document.querySelector('[data-state=asked]'))
            document.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft' }))
        }, 150)
        """);
    browser.sees("Not clean by the keys:");
    browser.run("clearInterval(window.playing)");
    browser.keys(Keys.ESCAPE);
    browser.sees("Kept");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aRowThatIsFollowedGrowsOnlyIfItIsOnTime() {
    String workshop = workshopOf("Following Hands");
    browser.turnTo(workshop + "/sequences");
    browser.press("Follow me");
    browser.run("Math.random = () => 0");
    String digits =
        (String)
            browser.run(
                "return fetch('/api/clients' + location.pathname.match(/workshop(.*)\\/seq/)[1]"
                    + " + '/workshop/follow-me?thumb=false&seed=0').then(r => r.json())"
                    + ".then(row => row.slice(0, 2).map(d => ({ INDEX: 'j', MIDDLE: 'k', RING: 'l',"
                    + " LITTLE: ';' })[d]).join(''))");
    browser.press("Show me");
    browser.sees("Now you: 0 of 1");
    browser.keys(digits.substring(0, 1));
    browser.sees("Now you: 0 of 2");
    // Both at once are right, but not on the beat.
    browser.keys(digits);
    browser.sees("Once more:");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void aPieceIsReadAndOffersTheRoundForWhatItAsks() {
    String workshop = workshopOf("Reading Hands");
    browser.turnTo(workshop + "/demand");
    browser.sees("Nothing of it is kept");
    Path piece =
        TestCluster.projectRoot()
            .resolve("server/src/test/resources/pieces/43e-Multistaff-ClefDynamics.xml");
    browser.find("input[type=file]").sendKeys(piece.toString());
    browser.sees("24 notes");
    browser.sees("five neighbouring white keys");
    browser.press("Round of it");
    browser.find("[data-state=ready]");
    browser.sees("The keys judge");
    browser.keys(Keys.ESCAPE);
    browser.open(workshop + "/demand");
    browser.press("A device");
    browser.press("Count");
    browser.sees("5400 presses in 60 min");
    assertThat(browser.complaints()).isEmpty();
  }
}

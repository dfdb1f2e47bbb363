package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nimblet.server.support.HttpCaller;
import org.openqa.selenium.Keys;

/**
 * The whole story as a coach: take in a client, place and move practice, see the warm-up follow.
 */
class CoachStoryIT {

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

  @Test
  void theWarmUpFollowsThePracticeAndTheMinutes() {
    story.becomeCoach();
    browser.sees("Your first client");
    story.takeIn("Maren Quist", 10);
    story.putBlockTomorrow("18:00", "19:00");
    browser.until("placed", () -> browser.text(".warm-up").contains("to 18:00"));
    assertThat(browser.text(".warm-up")).contains("Warm-up, planned, 17:50");

    browser.press("Change");
    browser.type(browser.field("form.edit", "Starts"), "18:30");
    browser.type(browser.field("form.edit", "Ends"), "19:30");
    browser.press("Save the block");
    browser.until("moved", () -> browser.text(".warm-up").contains("to 18:30"));
    browser.press("Undo");
    browser.until("back again", () -> browser.text(".warm-up").contains("to 18:00"));

    browser.type(browser.field("main", "Warm-up, minutes"), "5");
    browser.press("Save");
    browser.sees("Saved; warm-ups are composed anew");
    browser.until("composed again", () -> browser.text(".warm-up").contains("17:55"));

    browser.type(browser.field("main", "Warm-up, minutes"), "45");
    browser.press("Save");
    browser.sees("A warm-up takes 3 to 30 minutes.");
    browser.press("Put back");
    assertThat(browser.complaints()).singleElement().asString().contains("status of 400");
  }

  @Test
  void theDemosCoachSeesEveryRibbonAndGetsAboutByKeyboard() {
    browser.open("/sign-in");
    browser.press("Look around as the coach");
    browser.isAt("/today");
    for (String name :
        new String[] {"Sunniva Haukland", "Tendai Moyo", "Ikuko Hanamura", "Caoimhe Ní Dhálaigh"}) {
      browser.sees(name);
    }
    browser.sees("Pain up");
    browser.sees("Referral sign");
    browser.keys("/");
    browser.keys("caoimhe", Keys.ENTER);
    browser.isAt("/hands");
    browser.sees("No strengthening and no intense stretching for the left hand and forearm");
    browser.run("document.activeElement.blur()");
    browser.keys("g", "c");
    browser.isAt("/clients");
    browser.keys("?");
    browser.sees("In the player");
    browser.keys(Keys.ESCAPE);
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void twoBrowsersChangingOneClientLoseNothing() {
    story.becomeCoach();
    story.takeIn("Two Windows", 10);
    String page = Story.pathOf(browser.driver().getCurrentUrl());
    browser.type(browser.field("main", "Warm-up, minutes"), "12");
    // The other window, as far as the server can tell.
    browser.run(
        "return fetch('/api' + arguments[0]).then(r => r.json()).then(c => fetch('/api' +"
            + " arguments[0], {method: 'PUT', headers: {'Content-Type': 'application/json',"
            + " 'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]}, body:"
            + " JSON.stringify({...c.facts, occupation: 'concert harp'})})).then(r => r.status)",
        page.replace("/hands", ""));
    browser.sees("concert harp");
    assertThat(browser.field("main", "Warm-up, minutes").getAttribute("value"))
        .as("what is typed stays when the page hears of the change")
        .isEqualTo("12");
    browser.press("Save");
    browser.sees("Somebody else changed this client meanwhile");
    browser.sees("occupation");
    browser.press("Keep mine");
    browser.sees("Saved; warm-ups are composed anew");
    browser.until("mine is stored", () -> browser.text(".head").contains("warm-up 12"));
  }

  @Test
  void aClientComesByInvitation() {
    story.becomeCoach();
    story.takeIn("Invited Hands", 5);
    browser.press("Invite Invited Hands");
    browser.press("Invite");
    browser.find("code");
    String path = Story.pathOf(browser.text("code"));
    try (Browser other = new Browser(NimbletProcess.shared().address())) {
      other.open(path);
      other.sees("Test Coach invites you");
      other.type(other.field("form.open", "Email"), UUID.randomUUID() + "@test.example");
      other.type(other.field("form.open", "Password"), "short");
      other.press("Open the account");
      other.sees("A password has 12 to 200 characters.");
      other.type(other.field("form.open", "Password"), HttpCaller.KNOWN_PASSWORD);
      other.press("Open the account");
      other.sees("Without consent nothing that you tell of your hands may be kept.");
      other.click("form.open input[type=checkbox]");
      other.press("Open the account");
      other.isAt("/my-day");
      other.sees("with Test Coach");
      other.sees("No block is in this day");
    }
  }

  @Test
  void aWrongPasswordIsSaidInWords() {
    browser.open("/sign-in");
    browser.type(browser.find("#email"), "ines@harbourhands.example");
    browser.type(browser.find("#password"), "not the password");
    browser.press("Sign in");
    browser.sees("Address and password do not belong together.");
    browser.type(browser.find("#password"), HttpCaller.KNOWN_PASSWORD);
    browser.press("Sign in");
    browser.isAt("/today");
  }
}

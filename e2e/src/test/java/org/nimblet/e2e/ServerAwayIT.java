package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** The server goes away in the middle of a session, and comes back. */
@Order(Order.DEFAULT + 3)
class ServerAwayIT {

  @Test
  void nothingThatHappenedIsLostAndNothingIsStoredTwice() {
    NimbletProcess server = NimbletProcess.startNew();
    try (Browser browser = new Browser(server.address())) {
      Story story = new Story(browser);
      browser.open("/sign-in");
      browser.press("as a client");
      browser.isAt("/my-day");
      String client =
          String.valueOf(
              browser.run("return fetch('/api/me').then(r => r.json()).then(m => m.clientId)"));
      String counting =
          "return fetch('/api/clients/"
              + client
              + "/log').then(r => r.json()).then(l => l.entries.length)";
      long before = browser.number(counting);
      browser.press("Start");
      browser.find(".ready");
      browser.keys(" ");
      browser.until("it runs", () -> story.position() > 500);

      server.stop();
      long here = story.position();
      browser.until("it keeps running without the server", () -> story.position() > here + 500);
      browser.keys(org.openqa.selenium.Keys.ESCAPE);
      browser.click(".leaving .key:not(.on)");
      browser.sees("Left midway");
      browser.sees("kept on this device");
      story.choose("Effort, 0 to 10", "6");
      browser.type(browser.find("#one-line"), "The server was away");
      browser.press("Keep");
      browser.sees("2 things are kept on this device");

      // Even a closed page keeps it: leaving it and coming back needs the server for the page only.
      server.start();
      browser.open("/my-day");
      browser.until("all is sent", () -> !browser.text("body").contains("kept on this device"));
      browser.open("/my-log");
      browser.sees("The server was away");
      assertThat(browser.number(counting)).isEqualTo(before + 1);
    } finally {
      server.stop();
    }
  }
}

package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nimblet.server.support.HttpCaller;

/** An account from the way in to the way out, as its owner goes through it. */
class DoorIT {

  private static final String ANOTHER = "kelp lantern nine ferry";

  private Browser browser;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
  }

  @AfterEach
  void close() {
    browser.close();
  }

  private void signIn(Browser where, String email, String password) {
    where.open("/sign-in");
    where.type(where.find("#email"), email);
    where.type(where.find("#password"), password);
    where.press("Sign in");
  }

  @Test
  void aPasswordIsChangedASessionElsewhereEndsAndAClientIsDeleted() {
    Story story = new Story(browser);
    String email = story.becomeCoach();
    try (Browser elsewhere = new Browser(NimbletProcess.shared().address())) {
      signIn(elsewhere, email, HttpCaller.KNOWN_PASSWORD);
      elsewhere.isAt("/today");
      browser.open("/account");
      browser.sees("Sign out everywhere else");
      browser.click("[aria-label^='Sign out Chrome on a computer']");
      browser.until(
          "one session is left",
          () ->
              browser.number(
                      "return document.querySelectorAll('[aria-label=\"Signed in\"] li').length")
                  == 1);
      assertThat(elsewhere.run("return fetch('/api/me').then(answer => answer.json())"))
          .asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.MAP)
          .containsEntry("signedIn", false);
    }
    browser.click("[aria-label=Password] header .btn");
    browser.type(
        browser.field("[aria-label=Password]", "Present password"), HttpCaller.KNOWN_PASSWORD);
    browser.type(browser.field("[aria-label=Password]", "New password"), ANOTHER);
    browser.press("Keep the new one");
    browser.sees("Your new password is kept");
    browser.press("Test Coach");
    browser.press("Sign out");
    browser.isAt("/sign-in");
    signIn(browser, email, ANOTHER);
    browser.isAt("/today");

    story.takeIn("Leaving Hands", 5);
    browser.press("Delete for good");
    browser.type(browser.field(".away", "To be sure, write Leaving Hands"), "Leaving Hands");
    browser.press("Delete Leaving Hands");
    browser.isAt("/clients");
    browser.sees("No client yet");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void whoeverForgotAPasswordIsToldTheSameWithOrWithoutAnAccount() {
    browser.open("/sign-in");
    browser.press("I forgot my password");
    browser.type(browser.field("form.open", "Email"), UUID.randomUUID() + "@test.example");
    browser.press("Send me a link");
    browser.sees("If ");
    browser.sees("has an account, a mail is on its way");
    browser.open("/begin/" + UUID.randomUUID());
    browser.sees("used up or too old");
    assertThat(browser.complaints()).isEmpty();
  }
}

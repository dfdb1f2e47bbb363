package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** The library as a coach uses it: found, filtered, copied, changed, bent, printed, brought in. */
@Order(3)
class LibraryIT {

  private Browser browser;
  private Story story;

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
    story = new Story(browser);
    story.becomeCoach();
  }

  @AfterEach
  void close() {
    browser.close();
  }

  private String shown() {
    return browser.text(".list h2");
  }

  static Stream<String> typedSearches() throws IOException {
    try (InputStream file = LibraryIT.class.getResourceAsStream("/typed-searches.txt")) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8)
          .lines().filter(line -> !line.startsWith("#")).toList().stream();
    }
  }

  /** What is typed finds so many at least, or says which word found nothing. */
  @Test
  void findsWhatCoachesType() throws IOException {
    browser.turnTo("/library");
    browser.find("li a");
    List<String> otherwise = new ArrayList<>();
    for (String line : typedSearches().toList()) {
      String typed = line.split(" \\| ")[0];
      String meant = line.split(" \\| ")[1];
      Object said =
          browser.run(
              """
              const field = document.querySelector('.list input, main input[type=search]')
              field.value = arguments[0]
              field.dispatchEvent(new Event('input'))
              const frame = () => new Promise(done => requestAnimationFrame(done))
              return frame().then(frame).then(() => document.querySelector('.list').innerText)
              """,
              typed);
      Matcher count = Pattern.compile("(\\d+) exercises?").matcher(String.valueOf(said));
      boolean asMeant =
          meant.startsWith("!")
              ? String.valueOf(said).contains(meant.substring(1))
              : count.find() && Integer.parseInt(count.group(1)) >= Integer.parseInt(meant);
      if (!asMeant) {
        otherwise.add(line + " => " + String.valueOf(said).lines().limit(5).toList());
      }
    }
    assertThat(typedSearches()).hasSizeGreaterThanOrEqualTo(60);
    assertThat(otherwise).isEmpty();
  }

  @Test
  void isSearchedAsOneSpeaksThenCopiedChangedAndPrinted() {
    browser.keys("g", "l");
    browser.isAt("/library");
    browser.find("li a");
    browser.keys("/");
    browser.keys("thumb after phone use, sitting, nothing at hand, 1 minute");
    browser.sees("Ball of the thumb opened");
    browser.keys(Keys.ENTER);
    browser.find("[data-exercise] svg");
    String first = browser.text("li.on b");
    browser.keys(Keys.ARROW_DOWN);
    browser.until("the next row", () -> !browser.text("li.on b").equals(first));
    browser.keys(Keys.ARROW_UP);
    browser.until("the row before", () -> browser.text("li.on b").equals(first));

    browser.isAt("/library/ball-of-the-thumb-opened");
    browser.press("Make a variant");
    browser.until("its time", () -> browser.text("[data-total]").equals("47 s"));
    browser.type(browser.field("form", "Dose"), "10 s each side");
    browser.until("the new time", () -> browser.text("[data-total]").equals("37 s"));
    browser.type(browser.field("form", "Dose"), "11 s each side");
    browser.sees("must lie within its bounds 5 to 10");
    browser.type(browser.field("form", "Dose"), "9 s x 2 each side");
    browser.until("time again", () -> browser.text("[data-total]").equals("51 s"));
    browser.type(browser.field("form", "Title"), "Thumb, evening");
    browser.press("Save");
    browser.isAt("/library/thumb-evening");
    browser.sees("9 s × 2 each side");

    browser.media("print");
    assertThat(browser.find(".card").getText())
        .contains("Thumb, evening", "9 s × 2 each side", "numbness or tingling ends it");
    assertThat(browser.text(".list")).isEmpty();
    browser.media("screen");
    assertThat(browser.complaints()).isEmpty();
  }

  @Test
  void isNarrowedByFiltersThatCombineAndCount() {
    browser.turnTo("/library");
    browser.find("li a");
    int all = Integer.parseInt(shown().split(" ")[0]);
    browser.press("Stretch");
    browser.until("fewer", () -> Integer.parseInt(shown().split(" ")[0]) < all);
    String stretches = browser.find("[aria-pressed='true']").getText();
    assertThat(shown().split(" ")[0]).isEqualTo(stretches.replaceAll("\\D", ""));
    browser.press("Position");
    String floor = browser.labelled("Floor").getText().replaceAll("\\D", "");
    browser.press("Floor");
    browser.until("on the floor", () -> shown().split(" ")[0].equals(floor));
    browser.press("Intensity");
    assertThat(browser.labelled("Only 1").isEnabled()).as("nothing is left there").isFalse();
    browser.press("Up to 4");
    browser.type(browser.find("[aria-label='Find an exercise']"), "zeppelin");
    browser.sees("No exercise speaks of “zeppelin”");
    browser.press("Clear");
    browser.until("all again", () -> Integer.parseInt(shown().split(" ")[0]) == all);
  }

  @Test
  void showsWhatSuitsAClient() {
    story.takeIn("Maren Quist", 10);
    browser.turnTo("/library");
    browser.find("li a");
    browser.press("Suits");
    browser.press("Maren Quist");
    browser.until("no band", () -> !browser.text(".list").contains("Wrist curl with a band"));
    browser.turnTo("/library/band-wrist-curl");
    browser.sees("Needs a band, which is not at hand.");
  }

  @Test
  void bendsEveryJointOfAPoseAndKeepsIt() {
    browser.turnTo("/library/open-wide-and-close/copy");
    browser.find("[data-total]");
    browser.type(browser.field("form", "Title"), "Only the index");
    String drawing = "return document.querySelector('.views svg').outerHTML.length";
    long before = browser.number(drawing);
    List<WebElement> sliders =
        browser.driver().findElements(org.openqa.selenium.By.cssSelector(".joint input"));
    assertThat(sliders).hasSize(4);
    browser.slide(sliders.get(1), 70);
    browser.until("it bends", () -> browser.number(drawing) != before);
    browser.press("Thumb");
    assertThat(browser.driver().findElements(org.openqa.selenium.By.cssSelector(".joint input")))
        .hasSize(5);
    browser.press("Add one after it");
    browser.until(
        "three keyframes",
        () ->
            browser
                    .driver()
                    .findElements(org.openqa.selenium.By.cssSelector(".frames button"))
                    .size()
                == 3);
    browser.press("Save");
    browser.isAt("/library/only-the-index");
    browser.press("Change it");
    browser.until(
        "the keyframes are kept",
        () ->
            browser
                    .driver()
                    .findElements(org.openqa.selenium.By.cssSelector(".frames button"))
                    .size()
                == 3);
    assertThat(browser.find(".joint output").getText()).endsWith("°");
    browser.press("Back to the library");
    browser.press("Put away");
    browser.sees("no longer offered");
    browser.press("Offer it again");
    browser.press("Delete");
    browser.press("Delete it for good");
    browser.isAt("/library");
  }

  @Test
  void bringsInTheGoodAndTellsWhatIsWrongWithTheBad() {
    browser.turnTo("/library/palm-rub/copy");
    browser.find("[data-total]");
    browser.type(browser.field("form", "Title"), "Evening rub");
    browser.press("Save");
    browser.isAt("/library/evening-rub");
    String yaml =
        String.valueOf(browser.run("return fetch('/api/library/own.yaml').then(r => r.text())"));
    browser.turnTo("/library/import");
    browser.find("#import-text");
    String file =
        yaml.replace("evening-rub", "morning-rub").replace("Evening rub", "Morning rub")
            + "- {id: no-words, title: No words}\n"
            + yaml.replace("evening-rub", "too-strong").replace("intensity: 1", "intensity: 9");
    browser.run(
        "const t = document.querySelector('#import-text'); t.value = arguments[0];"
            + "t.dispatchEvent(new Event('input', {bubbles: true}))",
        file);
    browser.press("Bring in the good ones");
    browser.sees("1 exercise taken in");
    assertThat(browser.text("[data-import]"))
        .contains("Morning rub", "new", "no-words", "set-up", "too-strong", "between 1 and 5")
        .contains("Left out");
    browser.until("it is in the list", () -> browser.text(".list").contains("Morning rub"));
  }
}

package org.nimblet.e2e;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;

/**
 * Takes the pictures of the main views from a running demo: {@code Screenshots ADDRESS FOLDER [NAME
 * …]}.
 */
public final class Screenshots {

  private final Browser browser;
  private final Path folder;
  private final List<String> wanted;

  private Screenshots(Browser browser, Path folder, List<String> wanted) {
    this.browser = browser;
    this.folder = folder;
    this.wanted = wanted;
  }

  /** Takes the pictures; without names, all of them. */
  public static void main(String[] arguments) {
    List<String> wanted = Arrays.asList(arguments).subList(2, arguments.length);
    try (Browser browser = new Browser(arguments[0])) {
      new Screenshots(browser, Path.of(arguments[1]), wanted).takeAll();
    }
  }

  private boolean wants(String name) {
    return wanted.isEmpty() || wanted.contains(name);
  }

  private void take(String name) {
    browser.picture(folder.resolve(name + ".png"));
    System.out.println("    " + name);
  }

  private void settle(String selector) {
    browser.find(selector);
    browser.run("window.scrollTo(0, 0)");
    browser.until("the page settles", () -> browser.number("return document.fonts.size") > 0);
  }

  private void theme(String theme) {
    browser.run("localStorage.setItem('nimblet-theme', arguments[0])", theme);
  }

  private void takeAll() {
    browser.open("/sign-in");
    theme("light");
    browser.open("/sign-in");
    settle(".demo .btn");
    browser.press("Look around as the coach");
    browser.isAt("/today");
    settle(".names a");
    if (wants("today")) {
      take("today");
    }
    if (wants("patterns") || wants("tap-test") || wants("hold-and-lift")) {
      browser.open("/workshop");
      settle(".drill.next");
      String before = browser.driver().getCurrentUrl();
      browser
          .find("[aria-label='For whom']")
          .findElement(By.xpath(".//option[.='Sunniva Haukland']"))
          .click();
      browser.until("it is hers", () -> !browser.driver().getCurrentUrl().equals(before));
      browser.find(".panel .hands svg");
      browser.run("window.scrollTo(0, 0)");
      take("patterns");
      for (String test : List.of("tap-test", "hold-and-lift")) {
        browser.press(test.equals("tap-test") ? "Tap test" : "Hold and lift");
        settle(test.equals("tap-test") ? ".result" : ".lift-hands");
        take(test);
      }
      browser.open("/today");
      settle(".names a");
    }
    library();
    browser.open("/today");
    settle(".names a");
    browser.press("Ikuko Hanamura");
    browser.isAt("/hands");
    settle(".told li");
    if (wants("hands")) {
      take("hands");
    }
    if (wants("week") || wants("programme") || wants("practice-day")) {
      weekAndProgramme();
      browser.open("/today");
      settle(".names a");
      browser.press("Ikuko Hanamura");
      browser.isAt("/hands");
      settle(".told li");
    }
    bench();
    if (wants("log")) {
      browser.open("/today");
      browser.press("Sunniva Haukland");
      browser.press("Log");
      settle("article .steps");
      take("log");
    }
    if (wants("progress")) {
      browser.open("/today");
      settle(".names a");
      browser.press("Sunniva Haukland");
      browser.isAt("/hands");
      browser.press("Progress");
      settle(".ladder");
      // Of one that is at its top nothing is to come.
      for (WebElement ladder : browser.driver().findElements(By.cssSelector(".ladder"))) {
        ladder.click();
        browser.sees("Why this dose");
        if (browser.number("return document.querySelectorAll('.asked').length") > 0) {
          break;
        }
      }
      browser.find(".sentence");
      browser.run("document.activeElement.blur(); window.scrollTo(0, 0)");
      take("progress");
    }
    if (wants("review")) {
      browser.open("/today");
      settle(".names a");
      browser.press("Sunniva Haukland");
      browser.isAt("/hands");
      browser.press("Programme");
      browser.press("Look at the weeks");
      settle(".next li");
      take("review");
    }
    browser.driver().manage().deleteAllCookies();
    browser.open("/sign-in");
    browser.press("as a client");
    browser.isAt("/my-day");
    settle(".start");
    if (wants("my-day-phone")) {
      browser.size(390, 844);
      browser.open("/my-day");
      settle(".start");
      take("my-day-phone");
      browser.size(1280, 800);
      browser.open("/my-day");
    }
    player();
  }

  private void bench() {
    if (wants("bench")) {
      browser.open("/today");
      settle(".names a");
      browser.run("sessionStorage.clear()");
      browser.open("/bench");
      browser.choose("Client", "Sunniva Haukland");
      browser.press("Cool-down");
      browser.press("Fill the minutes");
      settle(".bench-tape button");
      browser.click(".bench-tape button:nth-of-type(4)");
      settle(".editor .figure svg");
      take("bench");
    }
    if (wants("bench-findings") && !wanted.isEmpty()) {
      browser.run("sessionStorage.clear()");
      browser.open("/bench");
      browser.choose("Client", "Caoimhe");
      browser.press("Trigger endurance");
      settle(".rules li");
      take("bench-findings");
      browser.press("Add a step");
      settle(".drawer li");
      take("bench-drawer");
      theme("dark");
      browser.open("/bench");
      settle(".editor .figure svg");
      take("bench-dark");
      theme("light");
    }
    if (wants("hands-low") && !wanted.isEmpty()) {
      browser.open("/today");
      browser.press("Caoimhe");
      browser.isAt("/hands");
      settle("li.yes");
      take("hands-caoimhe");
      browser.run("document.querySelector('.signs').scrollIntoView()");
      browser.run("document.querySelectorAll('details').forEach(d => d.open = true)");
      browser.until(
          "points", () -> browser.number("return document.querySelectorAll('.says').length") > 5);
      take("hands-low");
      browser.run("document.querySelector('[aria-label=\"Set-up\"]').scrollIntoView()");
      take("hands-setup");
    }
    if (wants("intake")) {
      browser.open("/clients/new");
      browser.type(browser.field("main", "Name"), "Wiebke Tjaden");
      browser.type(browser.field("main", "What they do"), "bassoon, wind quintet");
      browser.press("Go on");
      settle(".parts");
      browser.press("Pain and signs");
      settle(".signs");
      browser.click("[aria-label='Right wrist, thumb side']");
      browser.click("[aria-label='Pain, 0 to 10'] button:nth-child(4)");
      browser.run("window.scrollTo(0, 0)");
      take("intake");
      browser.press("Leave for later");
      browser.isAt("/hands");
    }
  }

  private void weekAndProgramme() {
    browser.open("/today");
    settle(".names a");
    browser.press("Sunniva");
    browser.isAt("/hands");
    browser.press("Programme");
    settle(".obligations li");
    if (wants("programme")) {
      browser.find(".obligations .tape svg");
      browser.find(".rungs");
      take("programme");
    }
    browser.press("Week");
    settle(".counts li");
    browser.click(".peg[aria-label^='Strength']");
    browser.find(".reason .time");
    browser.run("window.scrollTo(0, 0)");
    if (wants("week")) {
      take("week");
    }
    if (wants("practice-day")) {
      browser.press("A day of practice");
      browser.sees("each technique may last");
      browser.type(browser.find("[aria-label='Technique 1']"), "Left hand alone");
      browser.type(browser.find("[aria-label='Technique 2']"), "Lever changes");
      browser.until("it is drawn", () -> browser.text(".way svg").contains("Lever changes"));
      browser.run("document.activeElement.blur(); window.scrollTo(0, 0)");
      take("practice-day");
      browser.driver().navigate().back();
    }
  }

  private void library() {
    String entry = "[data-exercise='palm-up-fingers-back'] svg";
    if (wants("library")) {
      browser.open("/library/palm-up-fingers-back");
      settle(entry);
      browser.type(browser.find("[aria-label='Find an exercise']"), "forearm");
      settle("li.on");
      browser.until(
          "the figures are drawn",
          () -> browser.number("return document.querySelectorAll('.list li a svg').length") > 7);
      take("library");
    }
  }

  private void player() {
    browser.click(".start");
    settle(".ready .start");
    browser.keys(" ");
    String position = "return Number(document.querySelector('.stage').dataset.position)";
    String index = "return document.querySelector('.kind').textContent";
    if (wants("player") || wants("player-phone")) {
      for (int i = 0; i < 20 && !String.valueOf(browser.run(index)).contains("Stretch"); i++) {
        browser.keys(org.openqa.selenium.Keys.ARROW_RIGHT);
        browser.until("the step changes", () -> browser.number(position) > 0);
        // Why less was done of it: for want of time.
        browser.keys("1");
      }
      long here = browser.number(position);
      browser.until("the hold runs", () -> browser.number(position) > here + 9_000);
      browser.keys(" ");
      take("player");
      browser.size(390, 844);
      if (wants("player-phone")) {
        take("player-phone");
      }
      browser.size(1280, 800);
      browser.keys(" ");
    }
    if (wants("it-hurts")) {
      browser.size(390, 844);
      browser.keys("h");
      browser.click("[aria-label^='Left ring finger']");
      browser.press("4");
      take("it-hurts");
      browser.press("it was nothing");
      browser.size(1280, 800);
    }
    if (wants("check-in")) {
      browser.size(390, 844);
      browser.keys(org.openqa.selenium.Keys.ESCAPE);
      browser.click(".leaving .key:not(.on)");
      settle(".check-in .keep");
      browser.press("5");
      browser.click("[aria-label^='Left ring finger']");
      browser.click(".pain [role=radio]:nth-child(3)");
      browser.run("window.scrollTo(0, 0)");
      take("check-in");
    }
  }
}

package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.providers.EmbeddedResourceAxeProvider;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * axe-core 4.11 (WCAG 2.2 AA) finds nothing on any screen, in both themes and at both sizes; and no
 * screen moves under a hand while it opens.
 */
@Order(1)
class AccessibilityIT {

  private static final List<String> EVERYTHING =
      List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice");

  private static final Map<String, ?> COLOURS =
      Map.of("type", "rule", "values", List.of("color-contrast", "link-in-text-block"));

  private static final String VIOLATIONS =
      """
      const [rules, answer] = arguments
      axe.run(document, {runOnly: rules, resultTypes: ['violations']}).then(found =>
        answer(found.violations.map(rule => `${rule.id}: ${rule.nodes[0].html}`)))
      """;

  /** By how much a page moved of itself since it was loaded. Source: Layout Instability API. */
  private static final String MOVED =
      """
      const [answer] = arguments
      new PerformanceObserver(seen => answer(seen.getEntries().reduce((sum, e) => sum + e.value, 0)))
        .observe({type: 'layout-shift', buffered: true})
      setTimeout(() => answer(0), 200)
      """;

  /** Of a page that holds still by most people's measure. Source: web.dev, CLS, good up to 0.1. */
  private static final double STILL = 0.1;

  /** What a mobile network adds to each answer, in milliseconds. */
  private static final int LATE = 60;

  private static String axe;

  private Browser browser;

  @BeforeAll
  static void load() throws Exception {
    axe = new EmbeddedResourceAxeProvider().getScript();
  }

  @BeforeEach
  void open() {
    browser = new Browser(NimbletProcess.shared().address());
  }

  @AfterEach
  void close() {
    browser.close();
  }

  /** The themes differ in colours only: what does not look at colours is asked once. */
  private void check(String screen) {
    assertThat(violations(Map.of("type", "tag", "values", EVERYTHING)))
        .as("%s, light", screen)
        .isEmpty();
    theme("dark");
    assertThat(violations(COLOURS)).as("%s, dark", screen).isEmpty();
    theme("light");
  }

  /** What axe finds wrong by these rules; it stays in the page until that is left. */
  private List<?> violations(Map<String, ?> rules) {
    if (browser.run("return 'axe' in window").equals(false)) {
      browser.run(axe);
    }
    return (List<?>) browser.driver().executeAsyncScript(VIOLATIONS, rules);
  }

  private void noSidewaysScroll(String screen) {
    assertThat(browser.number("return document.documentElement.scrollWidth - window.innerWidth"))
        .as("%s scrolls sideways", screen)
        .isLessThanOrEqualTo(0);
  }

  /** Whoever chose the dark theme finds it again, and nobody else. */
  @Test
  void theThemeIsKept() {
    browser.open("/sign-in");
    browser.until("light without a word", () -> "light".equals(theme()));
    browser.run("localStorage.setItem('nimblet-theme', 'dark')");
    browser.open("/sign-in");
    browser.until("dark as chosen", () -> "dark".equals(theme()));
  }

  /** The colours of the dark are asked of each screen in a way that finds what cannot be read. */
  @Test
  void whatCannotBeReadInTheDarkIsFound() {
    browser.open("/sign-in");
    browser.press("Look around as the coach");
    browser.find(".names a");
    theme("dark");
    assertThat(violations(COLOURS)).isEmpty();
    browser.run("document.querySelector('main h1').style.color = '#444'");
    assertThat(violations(COLOURS)).singleElement().asString().contains("color-contrast: <h1");
  }

  private void theme(String name) {
    browser.run("document.documentElement.setAttribute('data-bs-theme', arguments[0])", name);
  }

  private Object theme() {
    return browser.run("return document.documentElement.getAttribute('data-bs-theme')");
  }

  @Test
  void theCoachsScreens() {
    browser.open("/sign-in");
    browser.find(".demo");
    check("sign-in");
    browser.open("/begin");
    browser.find("form.open");
    check("begin");
    new Story(browser).becomeCoach();
    browser.sees("Your first client");
    check("today, no client yet");
    browser.turnTo("/clients");
    browser.sees("No client yet");
    check("clients, none yet");
    browser.driver().manage().deleteAllCookies();
    browser.open("/invitation/not-a-token");
    browser.sees("used up or too old");
    check("invitation");
    browser.open("/forgotten");
    browser.find("form.open");
    check("forgotten");
    browser.open("/sign-in");
    browser.press("Look around as the coach");
    browser.find(".names a");
    check("today");
    browser.turnTo("/account");
    browser.press("Turn it on");
    browser.find(".square");
    check("account");
    noSidewaysScroll("account");
    browser.turnTo("/today");
    browser.find(".names a");
    noSidewaysScroll("today");
    browser.press("Ikuko Hanamura");
    browser.find(".told");
    check("hands");
    noSidewaysScroll("hands");
    browser.press("Change");
    browser.find("form.edit");
    check("block editor");
    browser.press("Cancel");
    browser.press("Log");
    browser.find("article");
    check("log");
    noSidewaysScroll("log");
    browser.turnTo("/today");
    browser.press("Sunniva");
    browser.isAt("/hands");
    browser.press("Programme");
    browser.find(".obligations li");
    check("programme");
    noSidewaysScroll("programme");
    browser.click(".obligations li:nth-child(3) button");
    browser.find(".panel .frame svg");
    check("obligation opened");
    noSidewaysScroll("obligation opened");
    browser.press("Close");
    browser.press("Handout");
    browser.find(".handout .session");
    check("handout");
    browser.press("Back to the programme");
    browser.find(".obligations li");
    browser.press("Look at the weeks");
    browser.find(".next li");
    check("review");
    noSidewaysScroll("review");
    browser.press("Progress");
    browser.find(".ladder");
    check("progress");
    noSidewaysScroll("progress");
    browser.press("Log");
    browser.find("article .steps");
    browser.press("Note something");
    check("log, a note");
    browser.press("Put it right");
    browser.find("#correct-why");
    check("log, put right");
    browser.press("Week");
    browser.find(".counts li");
    check("week");
    noSidewaysScroll("week");
    browser.press("A day of practice");
    browser.sees("each technique may last");
    check("practice day");
    noSidewaysScroll("practice day");
    browser.driver().navigate().back();
    browser.press("Calendars and reminders");
    browser.sees("Mail goes to");
    check("calendars");
    browser.press("/harbour-players.ics");
    browser.press("Look");
    browser.sees("What each title is");
    browser.find(".import svg");
    check("import");
    noSidewaysScroll("import");
    browser.turnTo("/clients");
    browser.find("li a");
    check("clients");
    browser.turnTo("/clients/new");
    browser.find("form");
    check("new client");
    library();
    bench();
    workshop();
    browser.turnTo("/nowhere");
    browser.sees("There is nothing here");
    check("not found");
  }

  /** Answers come one after the other; a button must not go where another one was. */
  private void opensWithoutMoving(String path) {
    browser.open(path);
    browser.find("#main:not([aria-busy])");
    assertThat(((Number) browser.driver().executeAsyncScript(MOVED)).doubleValue())
        .as("%s moves while it opens", path)
        .isLessThan(STILL);
  }

  @Test
  void noScreenMovesWhileItOpens() {
    browser.open("/sign-in");
    browser.press("as a client");
    browser.isAt("/my-day");
    browser.answersLate(LATE);
    opensWithoutMoving("/my-day");
    opensWithoutMoving("/my-reminders");
    browser.size(390, 844);
    String client =
        String.valueOf(
            browser.run("return fetch('/api/me').then(r => r.json()).then(m => m.clientId)"));
    opensWithoutMoving("/my-day");
    opensWithoutMoving("/my-reminders");
    opensWithoutMoving("/workshop/" + client + "/tap-test");
    browser.size(1280, 800);
    browser.driver().manage().deleteAllCookies();
    browser.open("/sign-in");
    browser.press("Look around as the coach");
    browser.find(".names a");
    opensWithoutMoving("/today");
    opensWithoutMoving("/workshop/" + client + "/patterns");
    opensWithoutMoving("/clients/" + client + "/hands");
    opensWithoutMoving("/clients/" + client + "/week/practice-day");
    browser.answersLate(0);
  }

  private void bench() {
    browser.turnTo("/bench");
    browser.find(".empty");
    check("bench, empty");
    browser.choose("Client", "Caoimhe");
    browser.press("Recovery");
    browser.press("Fill the minutes");
    browser.find(".editor .figure svg");
    browser.find(".sign");
    check("bench");
    noSidewaysScroll("bench");
    browser.press("Add a step");
    browser.find(".drawer li");
    check("bench, adding");
    browser.press("Close");
    browser.press("Say it in lines");
    browser.find(".read li");
    check("bench, in lines");
    browser.press("As tape again");
    browser.press("Other exercises");
    browser.find(".strand");
    check("bench, two versions");
    noSidewaysScroll("bench, two versions");
    browser.turnTo("/bench/hand");
    browser.sees("Your hand");
    check("the hand");
    browser.turnTo("/today");
    browser.press("Caoimhe");
    browser.isAt("/hands");
    String hands = Story.pathOf(browser.driver().getCurrentUrl());
    browser.turnTo(hands.replace("/hands", "/intake?part=pain"));
    browser.find("li.yes");
    check("intake, pain and signs");
    noSidewaysScroll("intake, pain and signs");
    browser.turnTo(hands.replace("/hands", "/intake?part=activities"));
    browser.find(".activity");
    check("intake, what the hands do");
  }

  private void workshop() {
    browser.turnTo("/workshop");
    browser.find(".drill.next");
    browser.find(".panel .hands svg");
    check("patterns");
    noSidewaysScroll("patterns");
    browser.press("Card");
    browser.find(".card-paper svg");
    check("card");
    noSidewaysScroll("card");
    browser.driver().navigate().back();
    browser.press("Start a round");
    browser.find("[data-state=ready]");
    check("round");
    browser.keys(" ");
    browser.find("[data-state=running]");
    browser.keys("h");
    browser.find(".panel");
    check("round, it hurts");
    browser.keys(org.openqa.selenium.Keys.ESCAPE);
    browser.keys(org.openqa.selenium.Keys.ESCAPE);
    browser.find("[data-state=done]");
    check("round, done");
    browser.keys(org.openqa.selenium.Keys.ESCAPE);
    browser.press("Sequences");
    browser.find("table td");
    check("sequences");
    noSidewaysScroll("sequences");
    browser.press("Clasps");
    browser.find(".clasp svg");
    check("clasps");
    noSidewaysScroll("clasps");
    browser.press("Free fingers in c");
    check("free fingers");
    browser.press("Difficulties");
    browser.find("table .scale");
    check("difficulties");
    noSidewaysScroll("difficulties");
  }

  private void library() {
    browser.turnTo("/library");
    browser.find("li a svg");
    check("library");
    noSidewaysScroll("library");
    browser.turnTo("/library/wrist-curl-palm-down");
    browser.find("[data-exercise] svg");
    check("exercise");
    noSidewaysScroll("exercise");
    browser.turnTo("/library/import");
    browser.sees("Bring in, take out");
    check("import");
    browser.turnTo("/library/palm-rub/copy");
    browser.find("[data-total]");
    check("exercise editor");
    noSidewaysScroll("exercise editor");
  }

  @Test
  void theClientsScreens() {
    browser.open("/sign-in");
    browser.press("as a client");
    browser.isAt("/my-day");
    browser.find(".columns");
    check("my day");
    browser.size(390, 844);
    browser.open("/my-day");
    browser.find(".columns");
    check("my day, phone");
    noSidewaysScroll("my day, phone");
    browser.turnTo("/my-reminders");
    browser.sees("Never while playing");
    check("reminders");
    noSidewaysScroll("reminders");
    browser.turnTo("/my-log");
    browser.find("article");
    check("my log, phone");
    noSidewaysScroll("my log, phone");

    Story story = new Story(browser);
    // Another day's block: today's belongs to the client's own story, which may run beside this.
    String player =
        String.valueOf(
            browser.run(
                "return fetch('/api/my/day').then(r => r.json()).then(d => '/player/' + d.clientId + '/' +"
                    + " d.week.filter(day => !day.today && day.blocks.length).at(-1).blocks.at(-1).id)"));
    browser.turnTo(player);
    browser.find(".ready");
    check("player, ready");
    browser.keys(" ");
    browser.until("it runs", () -> story.position() > 300);
    browser.keys(" ");
    check("player");
    noSidewaysScroll("player");
    browser.keys("h");
    browser.find(".panel");
    check("it hurts");
    browser.press("it was nothing");
    browser.keys(org.openqa.selenium.Keys.ESCAPE);
    browser.find(".leaving");
    check("leaving");
    browser.click(".leaving .key:not(.on)");
    browser.find(".check-in");
    check("check-in");
    noSidewaysScroll("check-in");
  }
}

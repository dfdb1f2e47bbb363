package org.nimblet.e2e;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.nimblet.server.support.HttpCaller;
import org.openqa.selenium.Keys;

/**
 * Measures how long a coach waits for the picture, in a running program: {@code PaintRun ADDRESS}.
 * From the click, or the key, until what it asked for is painted: the first task after the frame in
 * which it stands in the page. Of a long roster what is in sight is drawn at once.
 */
public final class PaintRun {

  private static final int CLIENTS = 200;
  private static final int LOOKS = 15;
  private static final int KEYS = 60;

  /** So many are not counted: a coach who moves a step has moved others before. */
  private static final int FIRST_KEYS = 20;

  /** Runs something and answers the milliseconds until a condition holds and is painted. */
  private static final String PAINTED =
      """
      const [act, holds] = [arguments[0], arguments[1]]
      return new Promise(done => {
        const now = new Function('return ' + holds)
        const before = performance.now()
        new Function(act)()
        const look = () => {
          if (!now()) return setTimeout(look, 0)
          const painted = new MessageChannel()
          painted.port1.onmessage = () => done(performance.now() - before)
          requestAnimationFrame(() => painted.port2.postMessage(''))
        }
        look()
      })
      """;

  private final Browser browser;

  private PaintRun(Browser browser) {
    this.browser = browser;
  }

  /** Measures and prints. */
  public static void main(String[] arguments) {
    try (Browser browser = new Browser(arguments[0])) {
      PaintRun run = new PaintRun(browser);
      run.becomeCoach();
      run.bench(run.takeInMany());
      run.today();
    }
  }

  private void becomeCoach() {
    browser.open("/sign-in");
    browser.run(
        """
        const token = () => document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? ''
        window.send = (path, body) => fetch(path, {method: 'POST', body: JSON.stringify(body),
          headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token()}})
        return fetch('/api/me').then(() => send('/api/coaches', arguments[0]))
          .then(() => fetch('/api/me'))
        """,
        Map.of(
            "name",
            "Many Hands",
            "email",
            "paint-" + UUID.randomUUID() + "@test.example",
            "password",
            HttpCaller.KNOWN_PASSWORD));
  }

  /** Everybody plays twice today; gives the first of them. */
  private String takeInMany() {
    Object first = null;
    for (int batch = 0; batch < CLIENTS / 20; batch++) {
      Object one =
          browser.run(
              """
              const today = new Date().toISOString().slice(0, 10)
              const client = (name) => ({version: 0, name, occupation: 'lever harp',
                dominantHand: 'RIGHT', notation: 'NAMES', method: 'STEADY_HOLD', ageGroup: 'ADULT',
                claspSide: null, breathsPerMinute: 10, warmUpMinutes: 8, breakMinutes: 2,
                careMinutes: 10, timeZone: 'UTC', wakesAt: '06:00', sleepsAt: '23:30',
                positions: ['SIT', 'AT_INSTRUMENT'], things: ['INSTRUMENT', 'TOWEL'],
                weightsGrams: [], intakeAnswered: [], activities: [{id: null, kind: 'PRACTICE',
                title: 'Practice', discipline: 'PLUCKED_STRINGS', hands: ['LEFT', 'RIGHT'],
                digits: [], roles: null, weeklyMinutes: 300, weights: null}]})
              const one = async (n) => {
                const made = await (await send('/api/clients', client('Client ' + n))).json()
                for (const [startsAt, endsAt] of [['10:00', '11:30'], ['17:00', '18:00']])
                  await send('/api/clients/' + made.id + '/blocks', {version: 0, date: today,
                    activityId: made.facts.activities[0].id, startsAt, endsAt, title: 'Practice',
                    performance: false, parts: []})
                return made.id
              }
              return (async () => {
                const ids = []
                for (let n = 0; n < 20; n++) ids.push(await one(arguments[0] * 20 + n))
                return ids[0]
              })()
              """,
              batch);
      first = first == null ? one : first;
    }
    return String.valueOf(first);
  }

  private void today() {
    browser.open("/today");
    browser.until(
        "all are there",
        () -> browser.number("return document.querySelectorAll('.names a').length") >= CLIENTS);
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < LOOKS; i++) {
      browser.open("/clients");
      browser.find("main h1");
      times.add(
          painted(
              "document.querySelector('a[href=\"/today\"]').click()",
              "document.querySelectorAll('.names a').length >= " + CLIENTS));
    }
    report("Today of " + CLIENTS + " clients, click to painted", times);
  }

  private void bench(String client) {
    browser.open("/bench?client=" + client);
    browser.press("Fill the minutes");
    browser.find(".bench-tape button");
    browser.click(".bench-tape button");
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < FIRST_KEYS + KEYS; i++) {
      String key = i % 2 == 0 ? "+" : "-";
      browser.run("window.lengthBefore = document.querySelector('.length').textContent");
      times.add(
          painted(
              "document.querySelector('.bench-tape button[aria-pressed=true]').dispatchEvent(new"
                  + " KeyboardEvent('keydown', {key: '"
                  + key
                  + "', bubbles: true}))",
              "document.querySelector('.length').textContent !== window.lengthBefore"));
    }
    report("bench, key to findings painted", times.subList(FIRST_KEYS, times.size()));
    browser.keys(Keys.ESCAPE);
  }

  private double painted(String act, String holds) {
    return ((Number) browser.run(PAINTED, act, holds)).doubleValue();
  }

  private static void report(String what, List<Double> times) {
    List<Double> sorted = new ArrayList<>(times);
    Collections.sort(sorted);
    System.out.printf(
        "%s: median %.0f ms, 95 %% under %.0f ms, worst %.0f ms, %d times%n",
        what,
        sorted.get(sorted.size() / 2),
        sorted.get((int) Math.ceil(sorted.size() * 0.95) - 1),
        sorted.get(sorted.size() - 1),
        sorted.size());
  }
}

package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WindowType;

/**
 * Whether cues sound when the cue sheet says, on the clock of the sound card: while the page is
 * busy, and while nobody looks at it. Half a minute by default; {@code -Dtiming.seconds=1200} for
 * as long as a routine lasts.
 */
@Order(Order.DEFAULT + 4)
class CueTimingIT {

  /** No cue is further off than this, in seconds. */
  private static final double TOLERANCE = 0.005;

  private static final int SECONDS = Integer.getInteger("timing.seconds", 36);

  /** So many tones at least, one in ten seconds, or it is listened to for longer. */
  private static final int LEAST_TONES = SECONDS / 10;

  /**
   * Tones are handed over three seconds ahead. What a machine that stands still for nearly as long,
   * in milliseconds, does to them says nothing of the player: it is listened to once more.
   */
  private static final long STANDSTILL = 2500;

  private static final int MOST_TRIES = 4;
  private static final int FIRST = 8;
  private static final int MOST_TIMES = 12;

  /** Notes for when every tone is asked for, and how many are asked for after that. */
  private static final String RECORD =
      """
      window.asked = []
      window.late = 0
      const start = OscillatorNode.prototype.start
      OscillatorNode.prototype.start = function (at) {
        window.asked.push(at)
        if (at < this.context.currentTime) window.late++
        return start.call(this, at)
      }
      """;

  /** Works for 0.7 s out of every 1.5, as a page does that lays out a week; notes standstills. */
  private static final String BUSY =
      """
      let before = performance.now()
      window.standstill = window.outOfSight = 0
      document.addEventListener('visibilitychange', () => window.outOfSight += document.hidden)
      setInterval(() => {
        const now = performance.now()
        window.standstill = Math.max(window.standstill, now - before)
        before = now
      }, 100)
      window.busy = setInterval(() => {
        const end = performance.now() + 700
        while (performance.now() < end);
      }, 1500)
      """;

  private static final String TONES =
      """
      return fetch('/api/clients/' + arguments[0] + '/play/RECOVERY/20')
        .then(answer => answer.json())
        .then(routine => routine.shown.cues
          .filter(cue => ['START', 'BEAT', 'SWITCH', 'REST', 'DONE'].includes(cue.sound))
          .map(cue => cue.offsetMillis / 1000))
      """;

  /** How many tones were compared, and how far the worst is off, in seconds. */
  private record Heard(int tones, double worst) {
    boolean isMoreThan(Heard other) {
      boolean fits = worst <= TOLERANCE;
      boolean otherFits = other.worst <= TOLERANCE;
      return fits == otherFits ? fits ? tones > other.tones : worst < other.worst : fits;
    }
  }

  @Test
  void noCueIsFurtherOffThanFiveMilliseconds() throws InterruptedException {
    // Only the whole browser has a tab that nobody looks at.
    try (Browser browser =
        new Browser(NimbletProcess.shared().address(), RunningChromium.Extent.WHOLE)) {
      Story story = new Story(browser);
      story.beginWithClient("Steady Hands");
      String client = story.clientId();
      browser.open("/player/" + client + "/now/RECOVERY/20");
      browser.find(".ready");
      List<Double> tones = numbers(browser.run(TONES, client));
      assertThat(tones).hasSizeGreaterThan(20);
      browser.run(RECORD);
      browser.press("Start");
      browser.find("[data-state=running]");
      browser.run(BUSY);
      assertThat(browser.run("return new AudioContext().state")).isEqualTo("running");
      Heard heard;
      long late;
      int tries = 0;
      do {
        browser.run("window.late = window.standstill = 0");
        heard = listen(browser, tones);
        late = browser.number("return window.late");
        System.out.printf(
            "cue timing over %d s: %d tones, worst %.3f ms off, %d asked for too late%n",
            SECONDS, heard.tones(), heard.worst() * 1000, late);
      } while (browser.number("return Math.round(window.standstill)") > STANDSTILL
          && ++tries < MOST_TRIES);
      assertThat(browser.number("return window.outOfSight")).as("times out of sight").isPositive();
      assertThat(heard.tones()).as("tones that were compared").isGreaterThan(LEAST_TONES);
      assertThat(late).as("tones that were asked for too late").isZero();
      assertThat(heard.worst()).as("seconds off the sheet").isLessThanOrEqualTo(TOLERANCE);
      assertThat(browser.complaints()).isEmpty();
    }
  }

  private static Heard listen(Browser browser, List<Double> tones) throws InterruptedException {
    Thread.sleep(SECONDS * 1000L / 3);
    String stage = browser.driver().getWindowHandle();
    browser.driver().switchTo().newWindow(WindowType.TAB);
    Thread.sleep(SECONDS * 1000L / 3);
    browser.driver().close();
    browser.driver().switchTo().window(stage);
    Thread.sleep(SECONDS * 1000L / 3);
    Heard heard = heard(browser, tones);
    // How many fall into a while is for the routine to say.
    for (int i = 0; i < MOST_TIMES && heard.tones() <= LEAST_TONES; i++) {
      Thread.sleep(10_000);
      heard = heard(browser, tones);
    }
    return heard;
  }

  private static Heard heard(Browser browser, List<Double> tones) {
    List<Double> asked = numbers(browser.run("return window.asked"));
    // Tones that are no cues may come first; the sheet begins where it fits.
    Heard best = null;
    for (double first : asked.subList(0, Math.min(FIRST, asked.size()))) {
      Heard heard = heard(asked, tones, first - tones.get(0));
      // One that begins late is never off, since hardly a tone is left to compare.
      best = best == null || heard.isMoreThan(best) ? heard : best;
    }
    return best;
  }

  private static Heard heard(List<Double> asked, List<Double> tones, double begin) {
    double last = asked.get(asked.size() - 1);
    List<Double> due =
        tones.stream().map(tone -> begin + tone).filter(at -> at < last - 1).toList();
    double worst =
        due.stream()
            .mapToDouble(
                at -> asked.stream().mapToDouble(one -> Math.abs(one - at)).min().orElseThrow())
            .max()
            .orElse(Double.MAX_VALUE);
    return new Heard(due.size(), worst);
  }

  private static List<Double> numbers(Object list) {
    return ((List<?>) list).stream().map(one -> ((Number) one).doubleValue()).toList();
  }
}

package org.nimblet.e2e;

import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.logging.Level;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;

/**
 * A Chromium of Debian's packages that runs. Starting one costs seconds, so one that is done with
 * is made to forget everything and kept for the next test.
 */
final class RunningChromium {

  /** How much of the browser there is around the page. */
  enum Extent {
    /** The page and what draws it: a fifth less to do for each page. */
    PAGE("/usr/bin/chromium-headless-shell", List.of()),
    /** All of it, with tabs that can be out of sight. */
    WHOLE("/usr/bin/chromium", List.of("--headless=new"));

    private final String program;
    private final List<String> arguments;

    Extent(String program, List<String> arguments) {
      this.program = program;
      this.arguments = arguments;
    }
  }

  private static final Map<Extent, Deque<RunningChromium>> IDLE =
      Map.of(
          Extent.PAGE, new ConcurrentLinkedDeque<>(),
          Extent.WHOLE, new ConcurrentLinkedDeque<>());

  static {
    Runtime.getRuntime()
        .addShutdownHook(
            new Thread(
                () -> IDLE.values().forEach(idle -> idle.forEach(one -> one.driver.quit()))));
  }

  private final Extent extent;
  private final ChromeDriver driver;

  private RunningChromium(Extent extent) {
    this.extent = extent;
    ChromeOptions options = new ChromeOptions();
    options.setBinary(extent.program);
    options.addArguments(extent.arguments);
    options.addArguments(
        "--no-sandbox",
        "--disable-gpu",
        "--disable-dev-shm-usage",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--no-first-run",
        "--no-default-browser-check",
        "--disable-extensions",
        "--disable-domain-reliability",
        "--no-proxy-server",
        "--password-store=basic",
        "--disable-features=OptimizationHints,MediaRouter,Translate",
        "--force-prefers-reduced-motion",
        "--autoplay-policy=no-user-gesture-required");
    LoggingPreferences logs = new LoggingPreferences();
    logs.enable(LogType.BROWSER, Level.WARNING);
    options.setCapability("goog:loggingPrefs", logs);
    ChromeDriverService service =
        new ChromeDriverService.Builder()
            .usingDriverExecutable(new java.io.File("/usr/bin/chromedriver"))
            .build();
    this.driver = new ChromeDriver(service, options);
  }

  /** One that nobody uses, or else a new one. */
  static RunningChromium idleOrNew(Extent extent) {
    RunningChromium idle = IDLE.get(extent).poll();
    return idle == null ? new RunningChromium(extent) : idle;
  }

  ChromeDriver driver() {
    return driver;
  }

  /**
   * Forgets everything about an address, and waits for the next test; one that cannot be made to
   * forget is closed.
   */
  void giveBack(String address) {
    try {
      List<String> windows = List.copyOf(driver.getWindowHandles());
      for (String window : windows.subList(1, windows.size())) {
        driver.switchTo().window(window).close();
      }
      driver.switchTo().window(windows.get(0));
      driver.get("about:blank");
      driver.executeCdpCommand(
          "Storage.clearDataForOrigin", Map.of("origin", address, "storageTypes", "all"));
      driver.executeCdpCommand("Network.clearBrowserCookies", Map.of());
      driver.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", ""));
      driver.manage().logs().get(LogType.BROWSER);
      IDLE.get(extent).add(this);
    } catch (WebDriverException e) {
      driver.quit();
    }
  }
}

package org.nimblet.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
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

  private static final Deque<RunningChromium> IDLE = new ConcurrentLinkedDeque<>();

  static {
    Runtime.getRuntime().addShutdownHook(new Thread(() -> IDLE.forEach(RunningChromium::quit)));
  }

  private final ChromeDriver driver;
  private final Path profile;

  private RunningChromium() {
    try {
      this.profile = Files.createTempDirectory("nimblet-browser");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    ChromeOptions options = new ChromeOptions();
    options.setBinary("/usr/bin/chromium");
    options.addArguments(
        "--headless=new",
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
        "--autoplay-policy=no-user-gesture-required",
        "--user-data-dir=" + profile);
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
  static RunningChromium idleOrNew() {
    RunningChromium idle = IDLE.poll();
    return idle == null ? new RunningChromium() : idle;
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
      IDLE.add(this);
    } catch (WebDriverException e) {
      quit();
    }
  }

  private void quit() {
    driver.quit();
    try (var files = Files.walk(profile)) {
      files.sorted(Comparator.reverseOrder()).forEach(file -> file.toFile().delete());
    } catch (IOException | UncheckedIOException e) {
      // A lock file of the browser may vanish while the folder is being emptied.
    }
  }
}

package org.nimblet.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.HttpCookie;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReference;
import org.nimblet.server.support.HttpCaller;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.support.ui.WebDriverWait;

/**
 * Headless Chromium from Debian's packages, pointed at one address, with words for what a person
 * does.
 */
public final class Browser implements AutoCloseable {

  private static final Duration PATIENCE = Duration.ofSeconds(40);
  private static final Duration GLANCE = Duration.ofMillis(50);

  /**
   * The first that shows of those that a script finds. Asked in the page, by what the browser
   * itself knows: asked of WebDriver, each element is a question of its own, and what a page says
   * takes its walk through every element.
   */
  private static final String FIRST_VISIBLE =
      """
      const shows = element => element.getClientRects().length > 0
        && element.checkVisibility({opacityProperty: true, visibilityProperty: true})
      const first = found => found.find(shows) ?? null
      const all = selector => [...document.querySelectorAll(selector)]
      """;

  private static final String BY_SELECTOR = FIRST_VISIBLE + "return first(all(arguments[0]))";

  private static final String BY_LABEL =
      FIRST_VISIBLE
          + """
          const words = element => element.textContent.replace(/\\s+/g, ' ')
          return first(all('button, a, [role=radio]').filter(e => words(e).includes(arguments[0])))
          """;

  private static final String TEXT =
      FIRST_VISIBLE
          + """
          const found = first(all(arguments[0]))
          const says = found?.innerText ?? found?.textContent ?? ''
          return says.replaceAll('\\u00a0', ' ').trim()
          """;

  /** Answers once the page is drawn that belongs to the path, or why it was not gone to. */
  private static final String TURN_TO =
      """
      const [path, answer] = arguments
      document.querySelector('#app').__vue_app__.config.globalProperties.$router.push(path)
        .catch(refused => refused)
        .then(refused => setTimeout(() => answer(refused ? String(refused) : '')))
      """;

  private static final String LISTEN =
      """
      const [element] = arguments
      element.scrollIntoView({block: 'center'})
      window.pressed = false
      const hear = event => { window.pressed = event.composedPath().includes(element) }
      addEventListener('click', hear, {once: true, capture: true})
      """;

  private final RunningChromium chromium;
  private final ChromeDriver driver;
  private final String address;

  /** Opens a browser that knows nothing yet. */
  public Browser(String address) {
    this(address, RunningChromium.Extent.PAGE);
  }

  /** Opens one that knows nothing yet, of this extent. */
  Browser(String address, RunningChromium.Extent extent) {
    this.address = address;
    this.chromium = RunningChromium.idleOrNew(extent);
    this.driver = chromium.driver();
    size(1280, 800);
  }

  ChromeDriver driver() {
    return driver;
  }

  String address() {
    return address;
  }

  /** Is from now on signed in as whoever signed in there. */
  void goOnAs(HttpCaller caller) {
    for (HttpCookie cookie : caller.cookies()) {
      driver.executeCdpCommand(
          "Network.setCookie",
          Map.of(
              "name", cookie.getName(),
              "value", cookie.getValue(),
              "url", address,
              "httpOnly", cookie.isHttpOnly()));
    }
  }

  /** Makes the page itself this large. */
  public void size(int width, int height) {
    driver.executeCdpCommand("Emulation.clearDeviceMetricsOverride", Map.of());
    driver.manage().window().setSize(new Dimension(width, height));
    // The window's own edges; a page that has not followed yet says something else.
    int edgeWidth = edge(width - (int) number("return window.innerWidth"));
    int edgeHeight = edge(height - (int) number("return window.innerHeight"));
    driver.manage().window().setSize(new Dimension(width + edgeWidth, height + edgeHeight));
    if (number("return window.innerWidth") > width) {
      driver.executeCdpCommand(
          "Emulation.setDeviceMetricsOverride",
          Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", true));
    }
  }

  private static int edge(int missing) {
    return missing > 0 && missing < 300 ? missing : 0;
  }

  /** Every answer takes so many milliseconds longer from now on. */
  void answersLate(int millis) {
    driver.executeCdpCommand("Network.enable", Map.of());
    driver.executeCdpCommand(
        "Network.emulateNetworkConditions",
        Map.of(
            "offline", false, "latency", millis, "downloadThroughput", -1, "uploadThroughput", -1));
  }

  /** Loads a path of the application, as whoever types its address. */
  public void open(String path) {
    driver.get(address + path);
  }

  /**
   * Goes to another page of the application that is open, as a link to it does; what is loaded
   * stays. Half the work of {@link #open}.
   */
  public void turnTo(String path) {
    Object refused = driver.executeAsyncScript(TURN_TO, path);
    if (!"".equals(refused)) {
      throw new IllegalStateException("could not turn to " + path + ": " + refused);
    }
  }

  /** A number that a script gives back. */
  public long number(String script) {
    return ((Number) driver.executeScript(script)).longValue();
  }

  /** Runs a script in the page. */
  public Object run(String script, Object... arguments) {
    return driver.executeScript(script, arguments);
  }

  /** Waits until something holds; says what was waited for if it does not. */
  public void until(String what, java.util.function.BooleanSupplier holds) {
    new WebDriverWait(driver, PATIENCE)
        .pollingEvery(GLANCE)
        .withMessage(() -> what + "; the page says: " + text("body"))
        .ignoring(StaleElementReferenceException.class)
        .until(d -> holds.getAsBoolean());
  }

  /** The first visible element, as soon as there is one. */
  public WebElement find(String selector) {
    return there("no visible " + selector, BY_SELECTOR, selector);
  }

  /** The visible button or link with this text, as soon as there is one. */
  public WebElement labelled(String text) {
    return there("no button or link: " + text, BY_LABEL, text);
  }

  private WebElement there(String otherwise, String script, String what) {
    AtomicReference<WebElement> found = new AtomicReference<>();
    until(
        otherwise,
        () -> {
          found.set((WebElement) run(script, what));
          return found.get() != null;
        });
    return found.get();
  }

  /** Presses the button or follows the link with this text. */
  public void press(String text) {
    click(() -> labelled(text));
  }

  /** Clicks an element once it can be clicked. */
  public void click(String selector) {
    click(() -> find(selector));
  }

  /** What went elsewhere in that moment was not pressed; a person presses again. */
  private void click(java.util.function.Supplier<WebElement> element) {
    until(
        "could not be clicked",
        () -> {
          try {
            WebElement found = element.get();
            run(LISTEN, found);
            found.click();
            return !Boolean.FALSE.equals(run("return window.pressed"));
          } catch (org.openqa.selenium.ElementClickInterceptedException e) {
            return false;
          }
        });
  }

  /** The field with this label inside a part of the page. */
  public WebElement field(String within, String label) {
    By by =
        By.xpath(
            ".//label[normalize-space(.)=\""
                + label
                + "\"]/following::*[self::input or self::select or self::textarea][1]");
    until("no field " + label, () -> !find(within).findElements(by).isEmpty());
    return find(within).findElement(by);
  }

  /** Chooses an option by its text in the list with this label, once it is there. */
  public void choose(String label, String option) {
    WebElement list = field("main", label);
    By wanted = By.xpath(".//option[contains(normalize-space(.), \"" + option + "\")]");
    until("no option " + option, () -> !list.findElements(wanted).isEmpty());
    list.findElement(wanted).click();
  }

  /** Replaces what is in a field. */
  public void type(WebElement field, String text) {
    if ("time".equals(field.getAttribute("type"))) {
      // The parts of a time field follow the browser's language; its value does not.
      run(
          "arguments[0].value = arguments[1];"
              + "arguments[0].dispatchEvent(new Event('input', {bubbles: true}));"
              + "arguments[0].dispatchEvent(new Event('change', {bubbles: true}))",
          field,
          text);
      return;
    }
    field.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE);
    field.sendKeys(text);
  }

  /** Moves a slider to a value, as dragging it does. */
  public void slide(WebElement slider, int value) {
    run(
        "arguments[0].value = arguments[1];"
            + "arguments[0].dispatchEvent(new Event('input', {bubbles: true}))",
        slider,
        String.valueOf(value));
  }

  /** Shows the page as paper does, or as the screen again. */
  public void media(String media) {
    driver.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", media));
  }

  /** Sends keys to whatever has the focus. */
  public void keys(CharSequence... keys) {
    new Actions(driver).sendKeys(keys).perform();
  }

  /** The text of an element; empty if there is none. */
  public String text(String selector) {
    return (String) run(TEXT, selector);
  }

  /** Waits until the page shows this text. */
  public void sees(String text) {
    until("does not see: " + text, () -> text("body").contains(text));
  }

  /** Waits until the address ends so. */
  public void isAt(String pathEnd) {
    until(
        "is not at " + pathEnd + " but at " + driver.getCurrentUrl(),
        () -> driver.getCurrentUrl().endsWith(pathEnd));
  }

  /** What the page complained of. */
  public List<String> complaints() {
    return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
        .map(LogEntry::getMessage)
        .toList();
  }

  /** Writes a picture of the page. */
  public void picture(Path file) {
    run("return document.fonts.ready");
    try {
      Files.createDirectories(file.getParent());
      Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void close() {
    chromium.giveBack(address);
  }
}

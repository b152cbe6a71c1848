package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.logging.Level;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A headless browser that watches for console errors, requests elsewhere and barriers to access. */
public final class Browser implements AutoCloseable {
    private static final int LOOKS = 3;
    private static final Path ACCESSIBILITY_ENGINE = Path.of("../web/node_modules/axe-core/axe.min.js");

    private final ChromeDriver driver;
    private final WebDriverWait wait;
    private final String base;
    private final JsonMapper json = JsonMapper.builder().build();

    /** Opens a window of the given size; mode is light or dark. */
    public Browser(String base, String mode, int width, int height) {
        this.base = base;
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--ignore-certificate-errors",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--disable-dev-shm-usage",
                "--user-data-dir=" + profile());
        LoggingPreferences logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.WARNING);
        logs.enable(LogType.PERFORMANCE, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        driver = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                        .usingAnyFreePort()
                        .build(),
                options);
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        driver.executeCdpCommand(
                "Page.addScriptToEvaluateOnNewDocument",
                Map.of(
                        "source",
                        "localStorage.setItem('mode', '" + mode
                                + "'); localStorage.getItem('first-minute') ?? localStorage.setItem('first-minute', 'seen')"));
        wait = new WebDriverWait(driver, Duration.ofSeconds(15));
    }

    private static Path profile() {
        try {
            return Files.createTempDirectory("browser");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Has the page remember something from the next opening on. */
    public void remember(String name, String value) {
        driver.executeScript("localStorage.setItem(arguments[0], arguments[1])", name, value);
    }

    public void open(String path) {
        driver.get(base + path);
        see("h1");
    }

    /** Waits until something that matches is shown. */
    public WebElement see(String css) {
        return wait.until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector(css)));
    }

    /** Waits until the page shows a text. */
    public void seeText(String text) {
        wait.until(d -> d.findElement(By.tagName("body")).getText().contains(text));
    }

    public String text(String css) {
        return see(css).getText();
    }

    /** Presses the first shown button or link of this text. */
    public void press(String text) {
        acting(
                () -> wait.until(d -> d.findElements(By.cssSelector("button, a, [role=button]")).stream()
                        .filter(e -> e.isDisplayed() && e.getText().strip().startsWith(text) && e.isEnabled())
                        .findFirst()
                        .orElse(null)),
                WebElement::click);
    }

    /**
     * Acts on an element in the middle of the window; one that was drawn anew meanwhile is looked for again, as an eye
     * does.
     */
    private void acting(Supplier<WebElement> looking, Consumer<WebElement> act) {
        for (int looks = 1; ; looks++) {
            try {
                WebElement element = looking.get();
                driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", element);
                act.accept(element);
                return;
            } catch (StaleElementReferenceException e) {
                if (looks == LOOKS) {
                    throw e;
                }
            }
        }
    }

    public void click(String css) {
        acting(
                () -> see(css),
                element -> new Actions(driver).moveToElement(element).click().perform());
    }

    public void scrollTo(String css) {
        driver.executeScript("arguments[0].scrollIntoView()", see(css));
    }

    /** Clicks with the point of the pointer on an element of a drawing. */
    public void clickDrawn(String css, int right, int down) {
        acting(() -> see(css), element -> new Actions(driver)
                .moveToElement(element, right, down)
                .click()
                .perform());
    }

    /** Gives a file of this computer to a field for files. */
    public void give(String css, Path file) {
        driver.findElement(By.cssSelector(css)).sendKeys(file.toAbsolutePath().toString());
    }

    public void type(String css, String text) {
        acting(() -> see(css), element -> {
            element.clear();
            element.sendKeys(text);
        });
    }

    public void choose(String css, String value) {
        acting(() -> see(css), element -> new Select(element).selectByValue(value));
    }

    /** The title of the check on the card; empty where there is none. */
    public String heading() {
        return String.valueOf(
                driver.executeScript(
                        "return [...document.querySelectorAll('.next article header h2')].map(h => h.textContent.trim()).join('')"));
    }

    /** Types keys to whatever has the focus. */
    public void keys(CharSequence... keys) {
        for (CharSequence key : keys) {
            new Actions(driver).sendKeys(key).perform();
        }
    }

    /** Tabs on until the element that matches has the focus. */
    public void tabTo(String css) {
        for (int i = 0; i < 150; i++) {
            if (Boolean.TRUE.equals(driver.executeScript(
                    "return document.activeElement !== null && document.activeElement.matches(arguments[0])", css))) {
                return;
            }
            keys(Keys.TAB);
        }
        throw new AssertionError("no way by the tab key to " + css);
    }

    /** Leaves the field that has the focus, so that keys are commands again. */
    public void blur() {
        driver.executeScript("document.activeElement.blur()");
    }

    public boolean shows(String css) {
        return Boolean.TRUE.equals(driver.executeScript(
                "return [...document.querySelectorAll(arguments[0])].some(e => e.getClientRects().length > 0)", css));
    }

    public void await(java.util.function.BooleanSupplier condition) {
        wait.until(d -> condition.getAsBoolean());
    }

    public String path() {
        return URI.create(driver.getCurrentUrl()).getPath();
    }

    public void awaitPath(String pattern) {
        wait.until(d -> path().matches(pattern));
    }

    public String mode() {
        return String.valueOf(driver.executeScript("return document.documentElement.dataset.mode"));
    }

    public void picture(Path file) throws IOException {
        Files.createDirectories(file.getParent());
        Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
    }

    /** The page has no barrier that the accessibility engine knows of. */
    @SuppressWarnings("unchecked")
    public void assertAccessible() {
        try {
            driver.executeScript(Files.readString(ACCESSIBILITY_ENGINE));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Map<String, Object> result = (Map<String, Object>) driver.executeAsyncScript("""
        const done = arguments[arguments.length - 1];
        axe.run(document, {runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']})
          .then(r => done({violations: r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html + ' ' +
            n.failureSummary).join(' | ')), passes: r.passes.length}));""");
        assertThat((List<String>) result.get("violations")).as("on " + path()).isEmpty();
        assertThat((Long) result.get("passes")).isPositive();
    }

    /** Nothing went to the console and no request left this server since the last look. */
    public void assertQuiet() {
        assertThat(driver.manage().logs().get(LogType.BROWSER).getAll())
                .as("console on " + path())
                .isEmpty();
        assertThat(driver.manage().logs().get(LogType.PERFORMANCE).getAll().stream()
                        .map(entry -> json.readTree(entry.getMessage()).get("message"))
                        .filter(message -> message.get("method").asString().equals("Network.requestWillBeSent"))
                        .map(message -> message.get("params").get("request").get("url"))
                        .map(JsonNode::asString)
                        // The browser's own pages, such as that of a new tab.
                        .filter(url -> !url.startsWith(base)
                                && !url.startsWith("data:")
                                && !url.startsWith("chrome:")
                                && !url.startsWith("chrome-untrusted:"))
                        .toList())
                .as("requests elsewhere")
                .isEmpty();
    }

    @Override
    public void close() {
        driver.quit();
    }
}

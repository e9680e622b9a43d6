package pandel.files.handon;

import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.logging.Level;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A page open in a real browser, headless, as a person has it before them. */
public final class ABrowser implements AutoCloseable {

    private static final Path DRIVER = Path.of("/usr/bin/chromedriver");
    private static final Path BROWSER = Path.of("/usr/bin/chromium");

    private final ChromeDriver driver;
    private final Path folder;

    private ABrowser(ChromeDriver driver, Path folder) {
        this.driver = driver;
        this.folder = folder;
    }

    /** Without a browser on the machine the test is left out, and says so. */
    public static ABrowser open(int width, int height) throws IOException {
        assumeTrue(
                Files.isExecutable(DRIVER) && Files.isExecutable(BROWSER),
                "The exported page is not tried in a browser: there is no " + DRIVER + " with " + BROWSER
                        + "; Debian's packages chromium and chromium-driver have them.");
        Path folder = Files.createTempDirectory("pandel-browser");
        ChromeOptions options = new ChromeOptions();
        options.setBinary(BROWSER.toFile());
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--user-data-dir=" + folder.resolve("profile"));
        LoggingPreferences logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.ALL);
        logs.enable(LogType.PERFORMANCE, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        ChromeDriver driver = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(DRIVER.toFile())
                        .build(),
                options);
        driver.manage().window().setSize(new Dimension(width, height));
        return new ABrowser(driver, folder);
    }

    /** Opens a page from disk. */
    void show(String page, String at) throws IOException {
        Path file = folder.resolve("page.html");
        Files.writeString(file, page);
        driver.get("about:blank");
        driver.get(file.toUri() + at);
    }

    /** Goes to an address. */
    public void go(String address) {
        driver.get(address);
    }

    public Object run(String script, Object... with) {
        return driver.executeScript(script, with);
    }

    public String text(String css) {
        return driver.findElement(By.cssSelector(css)).getText();
    }

    boolean has(String css) {
        return !driver.findElements(By.cssSelector(css)).isEmpty();
    }

    public WebElement element(String css) {
        return driver.findElement(By.cssSelector(css));
    }

    /** Waits until a sentence in JavaScript is true. */
    public void until(String script) {
        new WebDriverWait(driver, java.time.Duration.ofSeconds(30))
                .until(d -> Boolean.TRUE.equals(driver.executeScript("return " + script)));
    }

    /** The middle of what is named so, clicked by the mouse where it stands. */
    public void click(String label) {
        WebElement named = named(label);
        new Actions(driver).moveToElement(named).click().perform();
    }

    WebElement named(String label) {
        return driver.findElements(By.cssSelector(".touch")).stream()
                .filter(e -> label.equals(e.getDomAttribute("aria-label")))
                .findFirst()
                .orElseThrow(() -> new AssertionError("Nothing is named “" + label + "”"));
    }

    Actions actions() {
        return new Actions(driver);
    }

    void size(int width, int height) {
        driver.manage().window().setSize(new Dimension(width, height));
    }

    /** A phone with a finger. */
    void phone(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 2, "mobile", true));
        driver.executeCdpCommand("Emulation.setTouchEmulationEnabled", Map.of("enabled", true, "maxTouchPoints", 1));
    }

    /** What went wrong in the page. */
    public List<String> errors() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .filter(e -> e.getLevel().intValue() >= Level.WARNING.intValue())
                .map(e -> e.getMessage())
                .toList();
    }

    /** Addresses that were asked for since it was asked last. */
    public List<String> asked() {
        return driver.manage().logs().get(LogType.PERFORMANCE).getAll().stream()
                .map(e -> e.getMessage())
                .filter(m -> m.contains("\"Network.requestWillBeSent\""))
                .map(m -> m.replaceAll("(?s).*\"request\":\\{.*?\"url\":\"([^\"]*)\".*", "$1"))
                .toList();
    }

    @Override
    public void close() throws IOException {
        driver.quit();
        try (var files = Files.walk(folder)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(f -> f.toFile().delete());
        }
    }
}

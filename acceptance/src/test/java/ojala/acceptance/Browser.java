package ojala.acceptance;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** Debian's Chromium without a window, at one service's console. */
final class Browser implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final ChromeDriver driver;
    private final String service;

    Browser(String service) {
        this.service = service;
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--disable-dev-shm-usage",
                "--window-size=1280,800");
        driver = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                        .build(),
                options);
    }

    ChromeDriver driver() {
        return driver;
    }

    void open(String path) {
        driver.get(service + path);
    }

    /** Waits until a text is to be seen, anywhere on the page. */
    WebElement see(String text) {
        return await(By.xpath("//*[text()[contains(normalize-space(.), \"" + text + "\")]]"));
    }

    WebElement await(By what) {
        return new WebDriverWait(driver, PATIENCE).until(ExpectedConditions.visibilityOfElementLocated(what));
    }

    void awaitAddress(String part) {
        new WebDriverWait(driver, PATIENCE).until(ExpectedConditions.urlContains(part));
    }

    /** Opens a page in a theme and gives what axe finds wrong with it. */
    List<?> axe(String path, String theme, String seen) throws IOException {
        open(path);
        driver.executeScript("localStorage.setItem('ojala-theme', arguments[0])", theme);
        open(path);
        await(By.tagName("h1"));
        see(seen);
        driver.executeScript(Files.readString(Server.CHECKOUT.resolve("console/node_modules/axe-core/axe.min.js")));
        return (List<?>)
                driver.executeAsyncScript(
                        "const done = arguments[arguments.length - 1]; axe.run().then(found =>"
                                + " done(found.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html + ' ' + n.any.map(a => a.message).join(' ')).slice(0, 3).join(' | '))))");
    }

    /** What the browser's log has of errors. */
    List<?> errors() {
        return driver.manage().logs().get("browser").getAll().stream()
                .filter(entry -> entry.getLevel().intValue() >= 1000)
                .toList();
    }

    @Override
    public void close() {
        driver.quit();
    }
}

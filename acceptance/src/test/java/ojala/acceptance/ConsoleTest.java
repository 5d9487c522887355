package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The console in a real browser. */
public class ConsoleTest {
    private Browser browser;
    private Harbour harbour;
    private String head;
    private int number;

    @BeforeClass
    public void openAChange() {
        harbour = House.get().harbour().begin(Harbour.GATE);
        harbour.testAndSend();
        harbour.git("checkout", "-q", "-b", "feature/hazard");
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.write("src/<b>pilots.js", "export const pilots = 2\n");
        head = harbour.commit("Keep hazardous cargo outside");
        harbour.push("feature/hazard");
        number = harbour.openPullRequest("Berths for <i>hazardous</i> cargo", "feature/hazard", "main");
        harbour.testAndSend();
        harbour.verdict();
        browser = new Browser(House.get().service().url());
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        if (browser != null) {
            browser.close();
        }
    }

    private void open(String path) {
        browser.open(path);
    }

    private String change() {
        return "/" + harbour.key() + "/changes/" + number;
    }

    private WebElement see(String text) {
        return browser.see(text);
    }

    @Test
    public void theChangeSaysWhetherItMayBeMergedAndWhichLinesHoldItUp() {
        open(change());
        see("May not be merged");
        see("lines at least 80 %");
        see("Berths for <i>hazardous</i> cargo");
        see("4 lines");
        see("no report mentions this file");
        new WebDriverWait(browser.driver(), Duration.ofSeconds(15))
                .until(ExpectedConditions.presenceOfElementLocated(By.cssSelector("#L12[data-state=missed]")));
        assertThat(browser.driver().findElements(By.cssSelector("[data-state=missed]")))
                .hasSize(5);
        assertThat(browser.driver().findElements(By.cssSelector("main i > i, main b")))
                .as("nothing of a name is markup")
                .isEmpty();
    }

    @Test
    public void fromProjectsDownToTheSource() {
        open("/");
        see(harbour.key()).click();
        see("Changes").click();
        see("Berths for").click();
        see("src/berths.js").click();
        new WebDriverWait(browser.driver(), Duration.ofSeconds(15))
                .until(ExpectedConditions.urlContains("/commits/" + head + "/files/src/berths.js"));
        new WebDriverWait(browser.driver(), Duration.ofSeconds(15))
                .until(ExpectedConditions.presenceOfElementLocated(By.cssSelector("#L16[data-state=missed]")));
        assertThat(browser.driver().findElement(By.id("L1")).getDomAttribute("data-state"))
                .isEqualTo("covered");
        see("hazardBerth");
        see("no suite");
    }

    @Test
    public void linesAndSuitesAreInTheAddress() {
        open("/" + harbour.key() + "/commits/" + head + "/files/src/berths.js?suite=unit#L5");
        WebElement chosen = new WebDriverWait(browser.driver(), Duration.ofSeconds(15))
                .until(ExpectedConditions.presenceOfElementLocated(By.cssSelector("button[aria-pressed=true]")));
        assertThat(chosen.getText()).isEqualTo("unit");
        chosen.sendKeys(Keys.chord(Keys.SHIFT, Keys.TAB), Keys.ENTER);
        new WebDriverWait(browser.driver(), Duration.ofSeconds(15))
                .until((WebDriver window) ->
                        !String.valueOf(window.getCurrentUrl()).contains("suite="));
    }

    @Test
    public void whatIsNotThereIsSaid() {
        open("/" + harbour.key() + "/changes/999");
        see("There is no such thing");
        open("/no-such-project/changes");
        see("there is no project no-such-project");
        open("/a/b/c/d/e");
        see("There is no such page");
    }

    @DataProvider
    public Object[][] pages() {
        return new Object[][] {
            {"/", "Projects"},
            {"/" + harbour.key(), "main holds its gate"},
            {"/" + harbour.key() + "?as=table", "Assign ships to berths"},
            {"/" + harbour.key() + "/changes", "Berths for"},
            {"/" + harbour.key() + "/commits/" + head, "Deliveries"},
            {change(), "May not be merged"},
            {"/" + harbour.key() + "/commits/" + head + "/files/src/berths.js", "hazardBerth"},
        };
    }

    @Test(dataProvider = "pages")
    public void nothingKeepsAnybodyOut(String path, String seen) throws IOException {
        for (String theme : List.of("light", "dark")) {
            assertThat(browser.axe(path, theme, seen)).as(theme + " " + path).isEmpty();
        }
        assertThat(browser.errors()).isEmpty();
    }
}

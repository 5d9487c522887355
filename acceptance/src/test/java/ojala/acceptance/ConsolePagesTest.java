package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** The pages of a project that stands for some commits: now, commits with their folders, the search, and failures. */
public class ConsolePagesTest {
    private static final String SETTINGS = """
            version: 1
            areas:
              quay: { paths: ["src/**"] }
            gate:
              change:
                - lines at least 50 %
            """;

    private Browser browser;
    private Harbour harbour;
    private Harbour empty;
    private String first;
    private String second;

    @BeforeClass
    public void openAHarbour() {
        empty = House.get().harbour();
        harbour = House.get().harbour().begin(SETTINGS);
        first = harbour.git("rev-parse", "HEAD");
        harbour.testAndSend("--branch", "main");
        harbour.verdict();
        harbour.append("src/berths.js", Harbour.HAZARD);
        for (int i = 0; i < 120; i++) {
            harbour.write("src/quays/quay" + i + ".js", "export const quay = " + i + "\n");
        }
        second = harbour.commit("Keep <b>hazardous</b> cargo outside");
        harbour.push("main");
        harbour.testAndSend("--branch", "main");
        harbour.verdict();
        browser = new Browser(House.get().service().url());
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        if (browser != null) {
            browser.close();
        }
    }

    private String at(String rest) {
        return "/" + harbour.key() + rest;
    }

    @Test
    public void nowSaysWhereTheBranchStands() {
        browser.open(at(""));
        browser.see("main does not hold its gate");
        browser.see("Keep <b>hazardous</b> cargo outside");
        browser.see("files are in no report");
        browser.see("quay");
        assertThat(browser.await(By.cssSelector("[role=figure]")).getAttribute("aria-label"))
                .contains("2 commits from", "100.00 % at first");
    }

    @Test
    public void aPointOfTheTrendLeadsToItsCommit() {
        browser.open(at(""));
        WebElement point = browser.await(By.cssSelector("[role=figure] svg circle"));
        new Actions(browser.driver()).moveToElement(point).click().perform();
        browser.awaitAddress("/commits/" + first);
        browser.see("Assign ships to berths");
    }

    @Test
    public void whatIsChosenIsInTheAddress() {
        browser.open(at("?as=table&area=quay"));
        browser.see("Lines covered on main, area quay");
        browser.see("Assign ships to berths");
        browser.await(By.xpath("//button[text()='line']")).click();
        browser.await(By.cssSelector("[role=figure]"));
        assertThat(browser.driver().getCurrentUrl()).endsWith("?area=quay");
        browser.driver().navigate().back();
        browser.see("Assign ships to berths");
    }

    @Test
    public void fromACommitDownToAFile() {
        browser.open(at("/commits/" + second));
        browser.see("Keep <b>hazardous</b> cargo outside");
        browser.see("The gate does not hold");
        browser.await(By.linkText("src/")).click();
        browser.awaitAddress("in=src");
        browser.see("120 in no report");
        browser.await(By.linkText("berths.js")).click();
        browser.awaitAddress("/files/src/berths.js");
        browser.await(By.cssSelector("#L12[data-state=missed]"));
        browser.driver().navigate().back();
        browser.await(By.linkText("all files"));
    }

    @Test
    public void aLongFolderDrawsNoMoreThanIsSeen() {
        browser.open(at("/commits/" + second + "?in=src/quays"));
        browser.await(By.linkText("quay0.js"));
        assertThat(browser.driver().findElements(By.cssSelector("[role=row]"))).hasSizeBetween(10, 60);
        assertThat(browser.await(By.cssSelector("[role=table]")).getDomAttribute("aria-rowcount"))
                .isEqualTo("121");
        browser.await(By.xpath("//button[text()='least covered first']")).click();
        browser.awaitAddress("sort=share");
    }

    @Test
    public void deliveriesShowTheirReceipts() {
        browser.open(at("/commits/" + first));
        browser.await(By.cssSelector("details summary")).click();
        browser.see("lcov.info");
        browser.see("lcov: 2 of 2 files found");
    }

    @Test
    public void theSlashFindsAFile() {
        browser.open(at("/changes"));
        browser.see("Changes");
        WebElement page = browser.await(By.tagName("body"));
        page.sendKeys("/");
        WebElement field = browser.driver().switchTo().activeElement();
        assertThat(field.getDomAttribute("role")).isEqualTo("combobox");
        field.sendKeys("quay11");
        browser.see("src/quays/quay11.js");
        field.sendKeys(Keys.ARROW_DOWN, Keys.ARROW_UP, Keys.ENTER);
        browser.awaitAddress("/files/src/quays/quay11.js");
        browser.await(By.tagName("body")).sendKeys("/");
        browser.driver().switchTo().activeElement().sendKeys("no such thing");
        browser.see("Nothing of that name");
    }

    @Test
    public void aProjectWithoutReportsShowsTheCommand() throws IOException {
        browser.open("/" + empty.key());
        browser.see("ojala send --suite unit --branch main");
        for (String theme : List.of("light", "dark")) {
            assertThat(browser.axe("/" + empty.key(), theme, "Nothing was delivered"))
                    .isEmpty();
        }
    }

    @Test
    public void foldersAndSearchKeepNobodyOut() throws IOException {
        for (String theme : List.of("light", "dark")) {
            assertThat(browser.axe(at("/commits/" + second + "?in=src/quays"), theme, "quay0.js"))
                    .isEmpty();
            assertThat(browser.axe(at("/no/such/page"), theme, "There is no such page"))
                    .isEmpty();
            assertThat(browser.axe(at("/commits/" + "0".repeat(40)), theme, "There is no such thing"))
                    .isEmpty();
        }
    }

    @Test
    public void aServiceThatFailsIsSaid() {
        Gateway gateway = new Gateway(House.get().service().url());
        try (Browser behind = new Browser(gateway.url())) {
            gateway.delay(Duration.ofSeconds(2));
            behind.open(at(""));
            behind.see("Loading …");
            behind.see("main does not hold its gate");
            gateway.delay(Duration.ZERO);
            gateway.answer(403);
            behind.open(at("/changes"));
            behind.see("This is not open to you");
            gateway.answer(404);
            behind.open(at("/commits/" + first));
            behind.see("There is no such thing");
            gateway.answer(500);
            behind.open("/");
            behind.see("The service could not answer");
            gateway.answer(0);
            behind.await(By.xpath("//button[text()='Try again']")).click();
            behind.see(harbour.key());
            gateway.close();
            behind.see(harbour.key()).click();
            behind.see("The service can’t be reached");
        } finally {
            gateway.close();
        }
    }

    /** What the first page loads, as it goes over the wire: at most 250 kB. */
    @Test
    public void theFirstPageIsSmall() {
        browser.driver().executeCdpCommand("Network.clearBrowserCache", Map.of());
        browser.open("/");
        browser.see(harbour.key());
        Object bytes = browser.driver()
                .executeScript("return performance.getEntriesByType('resource')"
                        + ".concat(performance.getEntriesByType('navigation'))"
                        + ".map(one => one.transferSize).reduce((a, b) => a + b, 0)");
        assertThat(((Number) bytes).longValue()).isBetween(50_000L, 250_000L);
    }

    @Test
    public void answersArePackedAndKeepTheirTag() {
        String trend = "/api/v1/projects/" + harbour.key() + "/commits/" + second + "/files";
        HttpResponse<String> packed = House.get()
                .send(HttpRequest.newBuilder(URI.create(House.get().service().url() + trend))
                        .header("Accept-Encoding", "gzip"));
        assertThat(packed.headers().firstValue("Content-Encoding")).contains("gzip");
        String tag = packed.headers().firstValue("ETag").orElseThrow();
        assertThat(House.get()
                        .send(HttpRequest.newBuilder(
                                        URI.create(House.get().service().url() + trend))
                                .header("If-None-Match", tag))
                        .statusCode())
                .isEqualTo(304);
    }
}

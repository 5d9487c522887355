package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The simulated code host: a merge in each of its ways, and none while the required check does not pass. */
public class CodeHostTest {
    private static Harbour tested(String settings) {
        Harbour harbour = House.get().harbour().begin(settings);
        harbour.git("checkout", "-q", "-b", "feature/hazard");
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.commit("Keep hazardous cargo outside");
        harbour.write("test/hazard.test.js", Harbour.HAZARD_TEST);
        harbour.commit("Test where hazardous cargo goes");
        harbour.push("feature/hazard");
        return harbour;
    }

    @DataProvider
    public Object[][] ways() {
        return new Object[][] {{"merge", 4}, {"squash", 2}, {"rebase", 3}};
    }

    @Test(dataProvider = "ways")
    public void aPassingPullRequestIsMerged(String method, int commitsOnMain) {
        Harbour harbour = tested(Harbour.GATE);
        int number = harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        HttpResponse<String> tooEarly = harbour.merge(number, method);
        assertThat(tooEarly.statusCode()).isEqualTo(409);
        String head = harbour.git("rev-parse", "HEAD");
        await().atMost(Duration.ofSeconds(20))
                .untilAsserted(() -> assertThat(harbour.published(head)).isEqualTo("waiting"));
        harbour.testAndSend();
        await().atMost(Duration.ofSeconds(20))
                .untilAsserted(() -> assertThat(harbour.published(head)).isEqualTo("pass"));
        assertThat(harbour.merge(number, method).statusCode()).isEqualTo(200);
        harbour.git("fetch", "-q", "origin", "main", "refs/pull/" + number + "/head");
        assertThat(harbour.git("rev-list", "--count", "origin/main")).isEqualTo(String.valueOf(commitsOnMain));
        assertThat(harbour.git("rev-parse", "FETCH_HEAD")).isNotBlank();
        assertThat(harbour.git("diff", "--stat", "origin/main", head)).isEmpty();
        assertThat(harbour.merge(number, method).body()).contains("no open pull request");
    }

    @Test
    public void theTalliesOfASquashedMergeAreFoundByItsTree() {
        Harbour harbour = tested(Harbour.GATE + "  whole:\n    - lines fall by at most 0.2 points\n");
        int number = harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        harbour.testAndSend();
        String head = harbour.git("rev-parse", "HEAD");
        await().atMost(Duration.ofSeconds(20))
                .untilAsserted(() -> assertThat(harbour.published(head)).isEqualTo("pass"));
        assertThat(harbour.merge(number, "squash").statusCode()).isEqualTo(200);
        harbour.git("fetch", "-q", "origin");
        harbour.git("checkout", "-q", "-b", "feature/next", "origin/main");
        harbour.append("src/berths.js", "\nexport const quays = 4\n");
        harbour.commit("Count the quays");
        harbour.push("feature/next");
        harbour.openPullRequest("Count the quays", "feature/next", "main");
        harbour.testAndSend();
        Client.Judged judged = harbour.verdict();
        assertThat(judged.document().verdict()).isEqualTo("pass");
        assertThat(judged.document().compared().commit())
                .as("nothing was delivered for the squashed commit itself")
                .isEqualTo(harbour.git("rev-parse", "origin/main"));
    }

    @Test
    public void theRequiredCheckFollowsThePushedHead() {
        Harbour harbour = tested(Harbour.GATE);
        int number = harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        harbour.testAndSend();
        String head = harbour.git("rev-parse", "HEAD");
        await().atMost(Duration.ofSeconds(20))
                .untilAsserted(() -> assertThat(harbour.published(head)).isEqualTo("pass"));
        harbour.append("src/berths.js", "\nexport const pilots = (ship) => ship.length\n");
        harbour.commit("One more thing");
        harbour.push("feature/hazard");
        assertThat(harbour.merge(number, "merge").statusCode())
                .as("the new head was not judged")
                .isEqualTo(409);
    }

    @Test
    public void thePlainPageListsWhatIsBlocked() {
        Harbour harbour = tested(Harbour.GATE);
        harbour.openPullRequest("Berths <b>bold</b>", "feature/hazard", "main");
        String page = harbour.house()
                .send(HttpRequest.newBuilder(URI.create(harbour.house().host().url() + "/")))
                .body();
        assertThat(page)
                .contains(
                        harbour.key(),
                        "Berths &lt;b&gt;bold&lt;/b&gt;",
                        "feature/hazard → main".replace("→", "&rarr;"));
        HttpResponse<String> forged = harbour.house()
                .send(HttpRequest.newBuilder(
                                URI.create(harbour.house().host().url() + "/repositories/" + harbour.key() + "/checks"))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString("{\"verdict\":\"pass\"}")));
        assertThat(forged.statusCode()).isEqualTo(409);
        assertThat(forged.body()).contains("not signed");
    }
}

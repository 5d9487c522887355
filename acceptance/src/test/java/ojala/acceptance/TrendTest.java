package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import ojala.wire.Json;
import ojala.wire.TrendDocument;
import ojala.wire.TrendPoint;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Trends, folders and comparisons of a branch whose reports came in another order than its commits. */
public class TrendTest {
    private static final String SETTINGS = """
            version: 1
            sources:
              include: ["src/**"]
              exclude:
                - paths: ["src/generated/**"]
                  because: generated from the schema
            areas:
              berths: { paths: ["src/berths.js"] }
              pilots: { paths: ["src/pilots.js"] }
            gate:
              whole:
                - lines fall by at most 50 points
            """;

    private Harbour harbour;
    private String first;
    private String second;
    private String side;
    private String merge;

    private static String report(String berths, String pilots) {
        return section("src/berths.js", berths) + (pilots.isEmpty() ? "" : section("src/pilots.js", pilots));
    }

    private static String section(String path, String hits) {
        StringBuilder text = new StringBuilder("TN:\nSF:" + path + "\n");
        for (int i = 0; i < hits.length(); i++) {
            text.append("DA:").append(i + 1).append(',').append(hits.charAt(i)).append('\n');
        }
        return text + "end_of_record\n";
    }

    @BeforeClass
    public void sendInTheWrongOrder() {
        harbour = House.get().harbour().begin(SETTINGS);
        first = harbour.git("rev-parse", "HEAD");
        harbour.write("src/pilots.js", "export const a = 1\nexport const b = 2\n");
        harbour.write("src/generated/codec.js", "export const c = 3\n");
        second = harbour.commit("Bring pilots in");
        harbour.git("checkout", "-q", "-b", "side", first);
        harbour.write("NOTES.md", "side\n");
        side = harbour.commit("Take notes");
        harbour.git("checkout", "-q", "main");
        harbour.git("merge", "-q", "--no-ff", "-m", "Merge the notes", "side");
        merge = harbour.git("rev-parse", "HEAD");
        harbour.push("main");
        send(merge, report("111100", "10"), "3");
        send(side, report("000000", ""), "9");
        send(first, report("111111", ""), "1");
        send(second, report("111100", "11"), "2");
        harbour.git("checkout", "-q", "main");
    }

    private void send(String commit, String report, String build) {
        harbour.git("checkout", "-q", "--detach", commit);
        harbour.write("lcov.info", report);
        harbour.send("--branch", "main", "--build", build).ok();
        harbour.verdict(commit);
    }

    private Ran ojala(String... arguments) {
        return harbour.client().run(harbour.folder(), arguments);
    }

    @Test
    public void pointsStandInFirstParentOrder() {
        TrendDocument trend = Json.read(ojala("history", "--json").ok(), TrendDocument.class);
        assertThat(trend.points())
                .extracting(point -> point.commit().commit())
                .as("not in the order of arrival, and without the side branch")
                .containsExactly(first, second, merge);
        assertThat(trend.points()).extracting(TrendPoint::place).containsExactly(0, 1, 2);
        assertThat(trend.points().get(1).count().covered()).isEqualTo(6);
        assertThat(trend.points().get(1).count().total()).isEqualTo(8);
        assertThat(trend.areas()).containsExactly("berths", "pilots");
        assertThat(trend.counts()).containsExactly("lines");
    }

    @Test
    public void anAreaHasATrendOfItsOwn() {
        TrendDocument trend =
                Json.read(ojala("history", "--area", "pilots", "--json").ok(), TrendDocument.class);
        assertThat(trend.area()).isEqualTo("pilots");
        assertThat(trend.points())
                .extracting(
                        point -> point.count().covered() + "/" + point.count().total())
                .endsWith("2/2", "1/2");
    }

    @Test
    public void historyFitsATerminal() {
        String printed = ojala("history").ok();
        assertThat(printed.lines()).allSatisfy(line -> assertThat(line.length()).isLessThanOrEqualTo(100));
        assertThat(printed)
                .contains("62.50 %", "5 / 8", "−12.50", "Merge the notes")
                .contains("main: 62.50 % of lines, −37.50 points since")
                .contains("3 commits measured");
        assertThat(printed.indexOf("Merge the notes"))
                .as("newest first")
                .isLessThan(printed.indexOf("Bring pilots in"));
        assertThat(ojala("history", "--area", "gauge").ok()).contains("Nothing was measured on main in area gauge");
        assertThat(ojala("history", "--count", "miles").exit()).isEqualTo(2);
        assertThat(ojala("history", "--last", "0").err()).contains("--last is 0");
    }

    @Test
    public void showGoesDownToTheMissedLines() {
        String root = ojala("show").ok();
        assertThat(root).contains("src/", "62.50 %", "5 / 8", "1 file excluded", "pass for main");
        String files = ojala("show", "main", "--in", "src/").ok();
        assertThat(files).contains("berths.js", "4 / 6", "5-6", "pilots.js");
        String all = ojala("show", first.substring(0, 9), "--all").ok();
        assertThat(all).contains("src/berths.js", "100.00 %").doesNotContain("pilots.js");
        assertThat(ojala("show", "main~1", "--all").ok()).contains("src/pilots.js", "2 / 2", "excluded: generated");
        assertThat(all.lines()).allSatisfy(line -> assertThat(line.length()).isLessThanOrEqualTo(100));
        JsonNode json = Json.mapper().readTree(ojala("show", "--json").ok());
        assertThat(json.at("/commit/commit/commit").asString()).isEqualTo(merge);
        assertThat(json.at("/folder/entries/0/excluded").asInt()).isEqualTo(1);
    }

    @Test
    public void whatIsNotThereIsNamed() {
        Ran nothing = ojala("show", "no-such-branch");
        assertThat(nothing.exit()).isEqualTo(2);
        assertThat(nothing.err()).contains("“no-such-branch” is neither a commit nor a branch");
        assertThat(ojala("show", "--in", "gauge").err()).contains("has no sources below “gauge”");
        assertThat(ojala("show", "main~99").err()).contains("fewer ancestors than 99");
        harbour.git("checkout", "-q", "-b", "unmeasured", first);
        harbour.write("NOTES.md", "other\n");
        String unmeasured = harbour.commit("Take other notes");
        harbour.push("unmeasured");
        harbour.git("checkout", "-q", "main");
        assertThat(ojala("compare", first, unmeasured).exit()).isEqualTo(2);
        assertThat(ojala("show", "0000000000").err()).contains("neither a commit");
    }

    @Test
    public void compareNamesTheLinesThatLostTheirTests() {
        String printed = ojala("compare", first, "main").ok();
        assertThat(printed)
                .contains("src/berths.js", "100.00 %", "66.66 %", "5-6")
                .contains("src/pilots.js")
                .contains("2 lines lost their tests, 0 lines gained some, 1 line of what is new or changed is bare");
        assertThat(printed.lines()).allSatisfy(line -> assertThat(line.length()).isLessThanOrEqualTo(100));
        JsonNode json =
                Json.mapper().readTree(ojala("compare", second, merge, "--json").ok());
        assertThat(json.path("lost").asInt()).isEqualTo(1);
        assertThat(json.path("sources")).hasSize(1);
        assertThat(json.at("/sources/0/lost").asString()).isEqualTo("2");
    }

    @Test
    public void namesAreFound() {
        String at = "/projects/" + harbour.key() + "/search?text=";
        JsonNode files = House.get().read(at + "PILOT");
        assertThat(files.get(0).path("name").asString()).isEqualTo("src/pilots.js");
        assertThat(files.get(0).path("commit").asString()).isEqualTo(merge);
        assertThat(List.of(
                        files.get(1).path("kind").asString(),
                        files.get(1).path("detail").asString()))
                .containsExactly("commit", "Bring pilots in");
        assertThat(House.get()
                        .read(at + merge.substring(0, 7))
                        .get(0)
                        .path("name")
                        .asString())
                .isEqualTo(merge);
        assertThat(House.get().read(at + "100%25_"))
                .as("nothing in it is a pattern")
                .isEmpty();
        assertThat(House.get().read(at + "%20")).isEmpty();
    }

    @Test
    public void aCommitPageHasItsDeliveriesAndSuites() {
        JsonNode page = House.get().read("/projects/" + harbour.key() + "/commits/" + merge);
        assertThat(page.at("/deliveries/0/counts").asBoolean()).isTrue();
        assertThat(page.at("/deliveries/0/receipt/files/0/format").asString()).isEqualTo("lcov");
        assertThat(page.at("/suites/0/counts/lines/covered").asInt()).isEqualTo(5);
        assertThat(page.at("/excluded").asInt()).isEqualTo(1);
        assertThat(page.at("/verdicts/0/headline").asString()).startsWith("The gate holds");
        JsonNode folder = House.get()
                .read("/projects/" + harbour.key() + "/commits/" + merge + "/folder?path=src&since=" + first);
        assertThat(folder.at("/entries/1/before/lines/covered").asInt()).isEqualTo(6);
        assertThat(folder.at("/entries/2/before").isMissingNode()
                        || folder.at("/entries/2/before").isNull())
                .as("pilots.js was not there")
                .isTrue();
    }

    @Test
    public void theSameDeliverySentTwiceIsOneDelivery() {
        harbour.git("checkout", "-q", "--detach", second);
        harbour.write("lcov.info", report("111100", "11"));
        harbour.send("--branch", "main", "--build", "2").ok();
        harbour.git("checkout", "-q", "main");
        JsonNode page = House.get().read("/projects/" + harbour.key() + "/commits/" + second);
        assertThat(page.path("deliveries")).hasSize(1);
    }
}

package ojala.core.path;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** From paths as reported to paths in the tree. */
public class PathMatchingTest {
    private static final List<String> TREE = List.of(
            "src/berths.js",
            "src/index.js",
            "quayside/src/index.js",
            "quayside/src/page.js",
            "quayside/src/Gate.ts",
            "tides/tides/harmonics.py",
            "lib/ñandú.js",
            "gauge/level.c");

    private static Map<String, Optional<String>> match(
            String reportPath, List<PathRewrite> rewrites, String... reported) {
        return new PathMatching(TREE, rewrites)
                .match(List.of(reported), List.of(), reportPath).stream()
                        .collect(Collectors.toMap(PathMatch::reported, PathMatch::path));
    }

    @DataProvider
    public Object[][] alone() {
        return new Object[][] {
            {"src/berths.js", "src/berths.js"},
            {"./src//berths.js", "src/berths.js"},
            {"src/../src/berths.js", "src/berths.js"},
            {"/agent/job/3/s/gauge/level.c", "gauge/level.c"},
            {"C:\\agent\\work\\gauge\\level.c", "gauge/level.c"},
            {"\\\\?\\C:\\agent\\gauge\\level.c", "gauge/level.c"},
            {"file:///home/ci/gauge/level.c", "gauge/level.c"},
            {"file:///home/ci/lib/%C3%B1and%C3%BA.js", "lib/ñandú.js"},
            {"lib/n\u0303andu\u0301.js", "lib/ñandú.js"},
            {"harmonics.py", "tides/tides/harmonics.py"},
            {"tides/harmonics.py", "tides/tides/harmonics.py"},
            {"QUAYSIDE/SRC/gate.TS", "quayside/src/Gate.ts"},
            {"quayside/src/nowhere.js", null},
            {"/usr/lib/node_modules/npm/src/index.js", null},
            {"../../etc/passwd", null},
            {"../src/berths.js", null},
        };
    }

    @Test(dataProvider = "alone")
    public void aPathIsMatchedByItself(String reported, String expected) {
        assertThat(match("lcov.info", List.of(), reported).get(reported)).isEqualTo(Optional.ofNullable(expected));
    }

    @Test
    public void whatMostFilesAgreeOnSettlesTheRest() {
        assertThat(match("lcov.info", List.of(), "src/index.js", "src/page.js", "src/Gate.ts")
                        .values())
                .extracting(Optional::orElseThrow)
                .containsExactlyInAnyOrder("quayside/src/index.js", "quayside/src/page.js", "quayside/src/Gate.ts");
        assertThat(match("lcov.info", List.of(), "src/index.js", "src/berths.js")
                        .get("src/index.js"))
                .contains("src/index.js");
    }

    @Test
    public void theReportsOwnFolderSettlesBetweenEquals() {
        assertThat(match("quayside/coverage/lcov.info", List.of(), "src/index.js")
                        .get("src/index.js"))
                .contains("quayside/src/index.js");
        assertThat(match("lcov.info", List.of(), "src/index.js").get("src/index.js"))
                .contains("src/index.js");
    }

    @Test
    public void betweenEqualsNothingIsGuessed() {
        PathMatch match = new PathMatching(TREE, List.of())
                .match(List.of("/build/index.js"), List.of(), "lcov.info")
                .get(0);
        assertThat(match.path()).isEmpty();
        assertThat(match.candidates()).containsExactly("quayside/src/index.js", "src/index.js");
    }

    @Test
    public void aFolderThatTheTreeLacksAndOneThatThePathLacksAreSettledTogether() {
        assertThat(match("x", List.of(), "/app/src/page.js", "/app/src/Gate.ts", "/app/src/index.js"))
                .containsEntry("/app/src/page.js", Optional.of("quayside/src/page.js"))
                .containsEntry("/app/src/index.js", Optional.of("quayside/src/index.js"));
    }

    @Test
    public void aPathAboveTheRunsFolderStaysInTheRepository() {
        assertThat(match("x", List.of(), "src/page.js", "src/Gate.ts", "../gauge/level.c")
                        .get("../gauge/level.c"))
                .contains("gauge/level.c");
    }

    @Test
    public void settingsRewriteWhatMatchingCantSolve() {
        List<PathRewrite> rewrites = List.of(new PathRewrite("/gen/out/", "quayside/src/"));
        assertThat(match("x", rewrites, "/gen/out/index.js").get("/gen/out/index.js"))
                .contains("quayside/src/index.js");
    }

    @Test
    public void everyMatchSaysHow() {
        Function<String, String> how = reported -> new PathMatching(TREE, List.of())
                .match(List.of(reported), List.of(), "x")
                .get(0)
                .how();
        assertThat(how.apply("src/berths.js")).isEqualTo("as reported");
        assertThat(how.apply("tides/harmonics.py")).isEqualTo("below tides/");
        assertThat(how.apply("/agent/gauge/level.c")).isEqualTo("without /agent/");
        assertThat(how.apply("../../etc/passwd")).isEqualTo("the path climbs out of the repository");
    }

    @Test
    public void aReportsOwnRootsSettleWhatItsPathsLeaveOpen() {
        PathMatching matching = new PathMatching(
                List.of("tides/tides/tables.py", "tides/tools/tables.py", "tides/tools/gauge.py", "tables.py"),
                List.of());
        Function<List<String>, PathMatch> tables = roots ->
                matching.match(List.of("tables.py"), roots, "coverage.xml").get(0);
        assertThat(tables.apply(List.of("/ci/harbour/tides/tools")).path()).contains("tides/tools/tables.py");
        assertThat(tables.apply(List.of("C:\\ci\\harbour\\tides\\tides\\")).path())
                .contains("tides/tides/tables.py");
        assertThat(tables.apply(List.of("/ci/harbour")).path()).contains("tables.py");
        assertThat(tables.apply(List.of("/ci/tides/tides", "/ci/tides/tools"))).satisfies(match -> {
            assertThat(match.path()).isEmpty();
            assertThat(match.how()).contains("several of the report's roots");
            assertThat(match.candidates()).containsExactly("tides/tides/tables.py", "tides/tools/tables.py");
        });
        assertThat(matching.match(List.of("gauge.py"), List.of("/nowhere/else"), "x")
                        .get(0)
                        .path())
                .as("roots that are no folder of the commit say nothing")
                .contains("tides/tools/gauge.py");
    }
}

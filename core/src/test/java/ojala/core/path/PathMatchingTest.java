package ojala.core.path;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
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

    private static PathMatch one(List<String> tree, String reportPath, String reported) {
        return new PathMatching(tree, List.of())
                .match(List.of(reported), List.of(), reportPath)
                .get(0);
    }

    private static final List<String> MODULES = List.of(
            "berthing/src/main/java/candela/berths/Berth.java",
            "berthing/src/main/java/candela/berths/Quay.java",
            "tariff/src/main/java/candela/berths/Berth.java",
            "tariff/src/main/kotlin/Fee.kt",
            "tariff/src/main/kotlin/Rebate.kt");

    @Test
    public void packageAndFileNameAreFoundBelowSourceRoots() {
        assertThat(one(MODULES, "x", "candela/berths/Quay.java").path())
                .contains("berthing/src/main/java/candela/berths/Quay.java");
    }

    @Test
    public void ofSeveralModulesWithOnePackageTheGroupsNameOrTheReportsFolderTells() {
        assertThat(one(MODULES, "x", "tariff/candela/berths/Berth.java").path())
                .as("the group's name")
                .contains("tariff/src/main/java/candela/berths/Berth.java");
        assertThat(one(MODULES, "tariff/target/site/jacoco.xml", "candela/berths/Berth.java")
                        .path())
                .as("the report's folder")
                .contains("tariff/src/main/java/candela/berths/Berth.java");
        assertThat(one(MODULES, "jacoco.xml", "candela/berths/Berth.java")).satisfies(match -> {
            assertThat(match.path()).as("nothing tells").isEmpty();
            assertThat(match.how()).isEqualTo("several files fit equally well");
            assertThat(match.candidates()).hasSize(2);
        });
    }

    @Test
    public void aPackageThatNoFolderStandsForIsFoundTogether() {
        List<PathMatch> matches = new PathMatching(MODULES, List.of())
                .match(List.of("candela/fees/Fee.kt", "candela/fees/Rebate.kt"), List.of(), "x");
        assertThat(matches).allSatisfy(match -> assertThat(match.path()).isPresent());
        assertThat(one(MODULES, "x", "candela/fees/Fee.kt").how()).isEqualTo("only the end of the path fits");
    }

    @Test
    public void importPathsLoseTheirModuleAsGoModTellsIt() {
        List<String> tree = List.of("go.mod", "ais.go", "beacon/go.mod", "beacon/ais.go", "beacon/v2/ais/ais.go");
        Map<String, String> texts = Map.of(
                "go.mod", "module harbour.example/port\n\ngo 1.22\n",
                "beacon/go.mod", "// position messages\nmodule \"harbour.example/port/beacon\"\n");
        PathMatching matching = new PathMatching(tree, List.of(), path -> Optional.ofNullable(texts.get(path)));
        Function<String, PathMatch> match =
                reported -> matching.match(List.of(reported), List.of(), "x").get(0);
        assertThat(match.apply("harbour.example/port/beacon/ais.go").path()).contains("beacon/ais.go");
        assertThat(match.apply("harbour.example/port/beacon/ais.go").how()).isEqualTo("in the module of beacon/");
        assertThat(match.apply("harbour.example/port/ais.go").path()).contains("ais.go");
        assertThat(match.apply("harbour.example/port/beacon/v2/ais/ais.go").path())
                .contains("beacon/v2/ais/ais.go");
        assertThat(match.apply("other.example/lib/lib.go").path()).isEmpty();
    }

    @Test
    public void whatIsInstalledIsNoFileOfTheCommit() {
        assertThat(one(List.of("version.h"), "x", "/usr/include/linux/version.h")
                        .path())
                .isEmpty();
        assertThat(one(List.of("site-packages/tide.py"), "x", "/venv/site-packages/tide.py")
                        .path())
                .as("unless the commit has it there")
                .contains("site-packages/tide.py");
    }

    @Test
    public void ofFilesThatDifferInCaseAloneTheOneWrittenSoIsMeant() {
        List<String> tree = List.of("src/Gate.ts", "src/gate.ts");
        assertThat(one(tree, "x", "/ci/src/gate.ts").path()).contains("src/gate.ts");
        assertThat(one(tree, "x", "/ci/src/GATE.ts").path()).isEmpty();
    }

    @Test
    public void whereVeryManyFilesShareANameWhatOthersAgreeOnSettles() {
        List<String> tree = new ArrayList<>(List.of("web/only/here.ts", "web/and/there.ts"));
        List<String> reported = new ArrayList<>(List.of("/app/only/here.ts", "/app/and/there.ts", "/app/index.ts"));
        for (int i = 0; i < 1000; i++) {
            tree.add("web/page" + i + "/index.ts");
            tree.add("other" + i + "/index.ts");
            reported.add("/app/page" + i + "/index.ts");
        }
        tree.add("web/index.ts");
        List<PathMatch> matches = new PathMatching(tree, List.of()).match(reported, List.of(), "x");
        assertThat(matches)
                .allSatisfy(match ->
                        assertThat(match.path()).contains(match.reported().replace("/app/", "web/")));
    }
}

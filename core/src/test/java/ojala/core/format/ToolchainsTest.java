package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.LineSet;
import ojala.core.model.Measurement;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Ojala's numbers beside those that the toolchains print themselves, of the programs in
 * {@code core/src/test/toolchains} as {@code scripts/toolchains.sh} recorded them. Where they differ, the test says by
 * how much and why.
 */
public class ToolchainsTest {
    private static final Path PROGRAMS =
            Path.of(System.getProperty("ojala.checkout"), "core/src/test/toolchains/quayside");

    private static InputStream open(String recorded) throws IOException {
        return Files.newInputStream(
                Path.of(System.getProperty("ojala.checkout"), "core/src/test/resources/toolchains", recorded));
    }

    private static String printed(String recorded) throws IOException {
        try (InputStream in = open(recorded)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** The text of a script of the programs, wherever the report says that it lay. */
    private static Optional<String> text(String url) {
        Path file = PROGRAMS.resolve(url.substring(Math.max(url.indexOf("/quayside/"), 0) + "/quayside/".length()));
        try {
            return Files.exists(file) ? Optional.of(Files.readString(file)) : Optional.empty();
        } catch (IOException unreadable) {
            throw new java.io.UncheckedIOException(unreadable);
        }
    }

    /** The sources by their file names. */
    private static Map<String, Measurement> read(String recorded) throws Exception {
        Report report = ReportReader.read(open(recorded), 1 << 24, new Origin(recorded, ToolchainsTest::text));
        Map<String, Measurement> byName = new TreeMap<>();
        report.sources().forEach((path, one) -> byName.put(path.substring(path.lastIndexOf('/') + 1), one));
        return byName;
    }

    private static Count count(Measurement measured, CountName name) {
        return measured.coverage().counts().of(name);
    }

    /** As gcov prints it: {@code 94.44% of 18}. */
    private static String share(Count count) {
        return String.format(Locale.ROOT, "%.2f%% of %d", 100.0 * count.covered() / count.total(), count.total());
    }

    @DataProvider
    public Object[][] runs() {
        return new Object[][] {{"storm"}, {"calm"}, {"both"}};
    }

    /** Calls are compared in number only: gcov calls one executed that never returned. */
    @Test(dataProvider = "runs")
    public void gcovJsonSaysWhatGcovPrints(String run) throws Exception {
        Map<String, Measurement> read = read("gcov/" + run + ".json");
        Matcher file = Pattern.compile("File '([^']+)'\nLines executed:(.+)\n(?:Branches executed:.+\nTaken at least "
                        + "once:(.+)\n)?")
                .matcher(printed("gcov/" + run + ".printed"));
        int files = 0;
        while (file.find()) {
            Measurement measured = read.get(file.group(1));
            assertThat(share(count(measured, CountName.LINES)))
                    .as(file.group(1))
                    .isEqualTo(file.group(2));
            assertThat(share(count(measured, CountName.BRANCHES)))
                    .as(file.group(1))
                    .isEqualTo(file.group(3));
            files++;
        }
        assertThat(files).isEqualTo(3).isEqualTo(read.size());
    }

    @Test(dataProvider = "runs")
    public void gcovTextSaysWhatGcovJsonSays(String run) throws Exception {
        for (Map.Entry<String, Measurement> json : read("gcov/" + run + ".json").entrySet()) {
            Measurement text =
                    read("gcov/" + run + "-" + json.getKey() + ".gcov").get(json.getKey());
            assertThat(text.coverage().lines())
                    .isEqualTo(json.getValue().coverage().lines());
            assertThat(text.hits()).isEqualTo(json.getValue().hits());
            assertThat(text.coverage().branches())
                    .isEqualTo(json.getValue().coverage().branches());
        }
    }

    /**
     * A template: gcov leaves the branches of its instances out of the summary, and counts edges that only an exception
     * takes. Ojala unites the sides of instances, and leaves those edges out.
     */
    @Test
    public void gcovOfATemplateHasTheSameLinesAndOtherBranches() throws Exception {
        Measurement buoy = read("gcov/buoy.json").get("buoy.cpp");
        Matcher printed = Pattern.compile(
                        "File 'buoy.cpp'\nLines executed:(.+)\n.*\nTaken at least once:.* of (\\d+)\n")
                .matcher(printed("gcov/buoy.printed"));
        assertThat(printed.find()).isTrue();
        assertThat(share(count(buoy, CountName.LINES))).isEqualTo(printed.group(1));
        int sidesOfTemplate = 4;
        int exceptionEdges = 2;
        assertThat(count(buoy, CountName.BRANCHES).total())
                .isEqualTo(Long.parseLong(printed.group(2)) + sidesOfTemplate - exceptionEdges);
        Measurement text = read("gcov/buoy-buoy.cpp.gcov").get("buoy.cpp");
        assertThat(text.coverage().lines().measurable())
                .isEqualTo(buoy.coverage().lines().measurable());
        assertThat(text.hits()).isEqualTo(buoy.hits());
    }

    private static Map<String, List<Integer>> llvmTable(String run) throws IOException {
        Map<String, List<Integer>> table = new TreeMap<>();
        for (String line : printed("llvm/" + run + ".printed").lines().toList()) {
            String[] cells = line.strip().split("\\s+");
            if (cells.length == 13 && !cells[0].equals("TOTAL")) {
                table.put(
                        cells[0].substring(cells[0].lastIndexOf('/') + 1),
                        List.of(4, 5, 7, 8, 10, 11).stream()
                                .map(cell -> Integer.valueOf(cells[cell]))
                                .toList());
            }
        }
        return table;
    }

    private static List<Integer> llvmFigures(Measurement measured) {
        List<Integer> figures = new ArrayList<>();
        for (CountName name : List.of(CountName.FUNCTIONS, CountName.LINES, CountName.BRANCHES)) {
            Count count = count(measured, name);
            figures.add((int) count.total());
            figures.add((int) count.missed());
        }
        return figures;
    }

    @Test(dataProvider = "runs")
    public void llvmExportSaysWhatLlvmPrints(String run) throws Exception {
        Map<String, Measurement> read = read("llvm/" + run + ".json");
        Map<String, List<Integer>> table = llvmTable(run);
        assertThat(read.keySet()).isEqualTo(table.keySet()).hasSize(3);
        read.forEach(
                (file, measured) -> assertThat(llvmFigures(measured)).as(file).isEqualTo(table.get(file)));
    }

    /**
     * LLVM adds lines up by function: the line of a lambda is counted for both functions on it, and a template's
     * function once an instance. Ojala counts a line, and a source range, once.
     */
    @Test
    public void llvmAddsALambdasLineUpTwice() throws Exception {
        Measurement buoy = read("llvm/buoy.json").get("buoy.cpp");
        List<Integer> table = llvmTable("buoy").get("buoy.cpp");
        assertThat(count(buoy, CountName.LINES).missed()).isEqualTo(table.get(3).longValue());
        assertThat(table.get(2) - count(buoy, CountName.LINES).total()).isEqualTo(1);
        assertThat(count(buoy, CountName.FUNCTIONS).total())
                .isEqualTo(table.get(0).longValue());
    }

    @Test(dataProvider = "runs")
    public void llvmsTracefileHasTheLinesOfItsExport(String run) throws Exception {
        Map<String, Measurement> tracefile = read("llvm/" + run + ".info");
        read("llvm/" + run + ".json").forEach((file, measured) -> {
            assertThat(tracefile.get(file).coverage().lines().covered())
                    .isEqualTo(measured.coverage().lines().covered());
            assertThat(tracefile.get(file).hits()).isEqualTo(measured.hits());
        });
    }

    @DataProvider
    public Object[][] goRuns() {
        return new Object[][] {{"short"}, {"whole"}, {"both"}, {"set"}};
    }

    @Test(dataProvider = "goRuns")
    public void goProfileSaysWhatGoPrints(String run) throws Exception {
        Count all = read("goprofile/" + run + ".out").values().stream()
                .map(one -> count(one, CountName.STATEMENTS))
                .reduce(Count.NONE, Count::plus);
        assertThat(printed("goprofile/" + run + ".printed"))
                .containsPattern("total:\\s+\\(statements\\)\\s+"
                        + Pattern.quote(BigDecimal.valueOf(100 * all.covered())
                                        .divide(BigDecimal.valueOf(all.total()), 1, RoundingMode.HALF_EVEN)
                                + "%"));
        Count track = count(read("goprofile/" + run + ".out").get("track.go"), CountName.STATEMENTS);
        assertThat(track.total()).isEqualTo(6);
    }

    /** Node counts every line of a file; Ojala leaves out blank lines and comments. What ran and what not is equal. */
    @Test
    public void v8SaysWhatNodePrints() throws Exception {
        Measurement v8 = read("v8/berths.json").get("berths.js");
        Matcher row = Pattern.compile("# src/berths\\.js +\\| +([0-9.]+) \\|.*\\| ([0-9-]+)\n")
                .matcher(printed("v8/node.printed"));
        assertThat(row.find()).isTrue();
        assertThat(v8.coverage().lines().missed()).hasToString(row.group(2));
        Measurement lcov = read("v8/node.info").get("berths.js");
        assertThat(lcov.coverage().lines().missed()).hasToString(row.group(2));
        assertThat(count(lcov, CountName.LINES).percent()).isEqualTo(row.group(1));
        LineSet comments = LineSet.parse("2-5,12,15,19,23");
        assertThat(lcov.coverage().lines().measurable().minus(comments))
                .isEqualTo(v8.coverage().lines().measurable());
        assertThat(v8.coverage().functions()).hasSize(3);
    }

    @Test
    public void rubySaysWhatRubyCounts() throws Exception {
        Measurement roster = read("ruby/all.json").get("roster.rb");
        assertThat(printed("ruby/all.printed"))
                .isEqualTo("lines %d of %d\nbranches %d of %d\nmethods %d of %d\n"
                        .formatted(
                                count(roster, CountName.LINES).covered(),
                                count(roster, CountName.LINES).total(),
                                count(roster, CountName.BRANCHES).covered(),
                                count(roster, CountName.BRANCHES).total(),
                                count(roster, CountName.FUNCTIONS).covered(),
                                count(roster, CountName.FUNCTIONS).total()));
        assertThat(read("ruby/old.json").get("roster.rb").hits()).isEqualTo(roster.hits());
        assertThat(read("ruby/oneshot.json").get("roster.rb").coverage().lines().covered())
                .isEqualTo(roster.coverage().lines().covered());
    }

    @DataProvider
    public Object[][] merges() {
        return new Object[][] {
            {"gcov/storm.json", "gcov/calm.json", "gcov/both.json"},
            {"llvm/storm.json", "llvm/calm.json", "llvm/both.json"},
            {"goprofile/short.out", "goprofile/whole.out", "goprofile/both.out"},
        };
    }

    /** The union of two runs is what the toolchain itself makes of both. */
    @Test(dataProvider = "merges")
    public void theUnionOfTwoRunsIsTheToolchainsOwn(String one, String other, String both) throws Exception {
        Map<String, Measurement> first = read(one);
        Map<String, Measurement> second = read(other);
        Map<String, Measurement> together = read(both);
        assertThat(first.keySet()).isEqualTo(together.keySet());
        together.forEach((file, own) -> {
            Measurement merged = SourceMerge.merge(first.get(file), second.get(file));
            assertThat(merged.coverage().counts())
                    .as(file)
                    .isEqualTo(own.coverage().counts());
            assertThat(merged.hits()).as(file).isEqualTo(own.hits());
            assertThat(merged.coverage().branches())
                    .as(file)
                    .isEqualTo(own.coverage().branches());
            assertThat(merged.coverage().drawnStates())
                    .as(file)
                    .isEqualTo(own.coverage().drawnStates());
        });
    }

    @DataProvider
    public Object[][] raw() {
        return new Object[][] {
            {"gcov/level.gcda", "gcov"},
            {"gcov/level.gcno", "gcov"},
            {"llvm/storm.profraw", "llvm-profdata"},
            {"llvm/storm.profdata", "llvm-cov export"},
        };
    }

    @Test(dataProvider = "raw")
    public void rawDataIsNamedWithTheStepThatIsMissing(String recorded, String step) {
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> read(recorded))
                .isInstanceOfSatisfying(
                        UnreadableReport.class,
                        refused -> assertThat(refused.reason()).contains(step));
    }
}

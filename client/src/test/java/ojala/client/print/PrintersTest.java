package ojala.client.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import ojala.wire.CommitLine;
import ojala.wire.CommitPage;
import ojala.wire.ComparedSource;
import ojala.wire.ComparisonDocument;
import ojala.wire.CountDocument;
import ojala.wire.DoubtDocument;
import ojala.wire.FolderDocument;
import ojala.wire.FolderEntry;
import ojala.wire.TrendDocument;
import ojala.wire.TrendPoint;
import ojala.wire.VerdictSummary;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

/** Folders, trends and comparisons as terminal tables, with the longest things in them that there can be. */
public class PrintersTest {
    private static final String LONG =
            "quayside/src/a/very/deep/folder/that/nobody/would/want/to/type/harbourmaster.ts";
    private static final CommitLine COMMIT = commit("4be1a2d0", "Tide tables in local time");

    private static CommitLine commit(String id, String subject) {
        return new CommitLine(id.repeat(5), subject, "Nerea", Instant.parse("2026-11-22T10:10:00Z"));
    }

    private static Map<String, CountDocument> lines(long covered, long total) {
        return Map.of("lines", new CountDocument(covered, total));
    }

    private static String printed(Consumer<PrintWriter> printer) {
        StringWriter text = new StringWriter();
        printer.accept(new PrintWriter(text));
        assertThat(text.toString().lines())
                .allSatisfy(line ->
                        assertThat(line.codePointCount(0, line.length())).isLessThanOrEqualTo(100));
        return text.toString();
    }

    private static FolderEntry file(
            String path, @Nullable String standing, @Nullable String because, @Nullable String missed) {
        boolean measured = "measured".equals(standing);
        return new FolderEntry(
                path.substring(path.lastIndexOf('/') + 1),
                path,
                standing == null ? "folder" : "file",
                standing,
                because,
                measured ? lines(3, 8) : Map.of(),
                null,
                measured ? 1 : 0,
                "unmeasured".equals(standing) ? 1 : 0,
                because == null ? 0 : 1,
                missed);
    }

    private static CommitPage page(List<DoubtDocument> doubts) {
        VerdictSummary verdict = new VerdictSummary(
                "4", "main", 3, "warn", "The gate holds, with a warning.", null, Instant.parse("2026-11-22T10:20:00Z"));
        return new CommitPage(
                COMMIT, List.of(), lines(3, 8), null, 1, List.of(), 1, List.of(verdict), doubts, List.of(), List.of());
    }

    @Test
    public void aFolderSaysWhatIsMissedExcludedAndInNoReport() {
        FolderDocument folder = new FolderDocument(
                COMMIT.commit(),
                "",
                null,
                lines(3, 8),
                List.of(
                        file("quayside", null, null, null),
                        file(LONG, "measured", null, "1-4,6,8-10,12,14,16,18,20,22,24,26,28,30-99"),
                        file("a.ts", "unmeasured", null, null),
                        file("b.ts", "excluded", "generated from the port's own message schema", null)));
        String text = printed(out -> new FolderPrinter(out)
                .print(page(List.of(new DoubtDocument("all-zero", "It is all zero.", "Look."))), folder));
        assertThat(text)
                .startsWith("4be1a2d0 Tide tables in local time")
                .contains("quayside/", "harbourmaster.ts", "37.50 %", "3 / 8", "1-4,6", " more")
                .contains("no report mentions it", "excluded: generated", "◇ It is all zero.");
        assertThat(text.strip().lines().reduce((one, next) -> next).orElseThrow())
                .as("the last line is the verdict")
                .isEqualTo("▲ warn for main: The gate holds, with a warning.");
    }

    private static TrendDocument trend(TrendPoint... points) {
        return new TrendDocument("main", null, "lines", points.length, List.of(), List.of("lines"), List.of(points));
    }

    private static TrendPoint point(int place, String subject, long covered, String... doubts) {
        String verdict = doubts.length == 0 ? "pass" : "undecided";
        return new TrendPoint(
                place, commit("0000000" + place, subject), verdict, List.of(doubts), new CountDocument(covered, 100));
    }

    @Test
    public void aTrendShowsTheNewestFirstWithWhatEachChanged() {
        String text = printed(out -> new TrendPrinter(out)
                .print(
                        trend(
                                point(0, "Begin", 50),
                                point(
                                        1,
                                        "Lose the data of a run, and say at some length how that came about",
                                        20,
                                        "all-zero"),
                                point(2, "Find it again", 70)),
                        2));
        assertThat(text.indexOf("Find it again")).isLessThan(text.indexOf("Lose the data"));
        assertThat(text)
                .contains("+50.00", "−30.00", "(in doubt: all-zero)", "2026-11-22")
                .doesNotContain("Begin")
                .contains("main: 70.00 % of lines, +20.00 points since 2026-11-22, 3 commits measured");
    }

    @Test
    public void aTrendOfNothingSaysWhatToDo() {
        assertThat(printed(out -> new TrendPrinter(out).print(trend(), 5)))
                .contains("Nothing was measured on main yet: send a report");
    }

    @Test
    public void aComparisonNamesLostLinesAndFilesThatAreGone() {
        List<ComparedSource> sources = new ArrayList<>();
        sources.add(new ComparedSource(LONG, null, lines(8, 8), lines(3, 8), "1-5", "", ""));
        sources.add(new ComparedSource("gone.ts", null, lines(1, 1), null, "", "", ""));
        sources.add(new ComparedSource("new.ts", null, null, lines(0, 9), "", "2-3", "1-9"));
        ComparisonDocument comparison =
                new ComparisonDocument(COMMIT, COMMIT, lines(9, 9), lines(3, 17), 5, 2, 1, sources);
        String text = printed(out -> new ComparisonPrinter(out).print(comparison));
        assertThat(text).contains("1-5", "gone", "100.00 %", "17.64 %", "−82.35");
        assertThat(text.strip())
                .endsWith("▲ 5 lines lost their tests, 2 lines gained some, 1 line of what is new or changed is bare");
    }
}

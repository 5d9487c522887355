package ojala.client.report;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import ojala.core.model.Counts;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.LineState;
import ojala.core.model.SourceCoverage;
import ojala.wire.ConditionDocument;
import ojala.wire.CountDocument;
import ojala.wire.Documents;
import ojala.wire.FunctionDocument;
import ojala.wire.SideDocument;
import ojala.wire.SourceDocuments;
import ojala.wire.UnmatchedDocument;
import org.jspecify.annotations.Nullable;

/**
 * What {@code inspect --json} prints: the merged view of all files given. A count is left out where no report has it.
 */
public record InspectDocument(
        int schema,
        List<ReportDocument> reports,
        Map<String, CountDocument> counts,
        List<SourceLinesDocument> sources,
        List<UnmatchedDocument> unmatched) {
    private static final int SCHEMA = 2;

    /**
     * One report file.
     *
     * @param state {@code read} or {@code refused}
     * @param format absent where none was recognised
     */
    public record ReportDocument(
            String name, String state, @Nullable String format, int sources, List<String> problems) {}

    /**
     * One source; line sets are written {@code 1-3,7}.
     *
     * @param reportedAs the paths under which reports speak of it, each with how it was matched
     * @param counts by name, those that exist
     * @param tests the lines that each test reached
     */
    public record SourceLinesDocument(
            String path,
            Map<String, String> reportedAs,
            LinesDocument lines,
            Map<String, CountDocument> counts,
            boolean branchesAtLeast,
            List<BranchesDocument> branches,
            List<FunctionDocument> functions,
            List<ConditionDocument> conditions,
            Map<String, String> tests) {}

    /** The lines of a source; the partial ones are among the covered. */
    public record LinesDocument(
            long covered, long total, String coveredLines, String partialLines, String missedLines) {}

    /** The branches of a line. */
    public record BranchesDocument(int line, long covered, long total, boolean atLeast, List<SideDocument> sides) {}

    /** The document for reports that were read. */
    public static InspectDocument of(LocalReports reports) {
        Counts counts =
                reports.coverage().values().stream().map(SourceCoverage::counts).reduce(Counts.NONE, Counts::plus);
        return new InspectDocument(
                SCHEMA,
                reports.reports().stream()
                        .map(report -> new ReportDocument(
                                report.name(),
                                report.facts().readable() ? "read" : "refused",
                                report.format().orElse(null),
                                report.facts().sources(),
                                report.problems()))
                        .toList(),
                new LinkedHashMap<>(Documents.of(counts)),
                reports.sources().entrySet().stream()
                        .map(entry -> source(entry.getKey(), entry.getValue()))
                        .toList(),
                reports.unmatched().stream()
                        .map(match -> new UnmatchedDocument(match.reported(), match.how(), match.candidates()))
                        .toList());
    }

    private static SourceLinesDocument source(String path, LocalReports.Merged merged) {
        SourceCoverage coverage = merged.measurement().coverage();
        Map<String, CountDocument> counts = Documents.of(coverage.counts());
        CountDocument lines = counts.get("lines");
        boolean atLeast = coverage.branches().values().stream().anyMatch(LineBranches::atLeast);
        Map<String, String> tests = new LinkedHashMap<>();
        merged.measurement().tests().forEach((test, reached) -> tests.put(test, reached.toString()));
        return new SourceLinesDocument(
                path,
                merged.reportedAs(),
                new LinesDocument(
                        lines.covered(),
                        lines.total(),
                        coverage.lines().covered().toString(),
                        partial(coverage).toString(),
                        coverage.lines().missed().toString()),
                counts,
                atLeast,
                coverage.branches().entrySet().stream()
                        .map(entry -> branches(entry.getKey(), entry.getValue()))
                        .toList(),
                coverage.distinctFunctions().stream()
                        .map(function -> SourceDocuments.of(function, coverage))
                        .toList(),
                coverage.conditions().stream().map(SourceDocuments::of).toList(),
                tests);
    }

    private static LineSet partial(SourceCoverage coverage) {
        LineState[] drawn = coverage.drawnStates();
        return LineSet.of(IntStream.range(0, drawn.length)
                .filter(i -> drawn[i] == LineState.PARTIAL)
                .map(i -> coverage.lines().number(i))
                .toArray());
    }

    private static BranchesDocument branches(int line, LineBranches branches) {
        return new BranchesDocument(
                line,
                branches.count().covered(),
                branches.count().total(),
                branches.atLeast(),
                SourceDocuments.sides(branches));
    }
}

package ojala.client.report;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ojala.core.model.Counts;
import ojala.core.model.SourceCoverage;
import ojala.wire.CountDocument;
import ojala.wire.Documents;
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

    /** One report file. */
    public record ReportDocument(String name, @Nullable String format, int sources, List<String> problems) {}

    /** One source; line sets are written {@code 1-3,7}. */
    public record SourceLinesDocument(
            String path,
            List<String> reportedAs,
            LinesDocument lines,
            @Nullable CountDocument branches,
            @Nullable Boolean branchesAtLeast,
            @Nullable CountDocument functions,
            @Nullable CountDocument mcdc) {}

    /** The lines of a source. */
    public record LinesDocument(long covered, long total, String coveredLines, String missedLines) {}

    /** The document for reports that were read. */
    public static InspectDocument of(LocalReports reports) {
        Counts counts =
                reports.coverage().values().stream().map(SourceCoverage::counts).reduce(Counts.NONE, Counts::plus);
        return new InspectDocument(
                1,
                reports.reports().stream()
                        .map(report -> new ReportDocument(
                                report.name(),
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
        boolean atLeast = coverage.branches().values().stream().anyMatch(sides -> sides.atLeast());
        return new SourceLinesDocument(
                path,
                List.copyOf(merged.reportedAs()),
                new LinesDocument(
                        lines.covered(),
                        lines.total(),
                        coverage.lines().covered().toString(),
                        coverage.lines().missed().toString()),
                counts.get("branches"),
                atLeast ? true : null,
                counts.get("functions"),
                counts.get("mcdc"));
    }
}

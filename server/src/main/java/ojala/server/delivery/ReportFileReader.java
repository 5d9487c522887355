package ojala.server.delivery;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.core.doubt.DeliveryFacts.ReportFacts;
import ojala.core.format.Note;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.format.UnreadableReport;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Count;
import ojala.core.model.Measurement;
import ojala.core.path.CleanPath;
import ojala.core.path.PathMatch;
import ojala.core.path.PathMatching;
import ojala.core.path.PathRewrite;
import ojala.core.settings.SettingsReading;
import ojala.git.SettingsInForce;
import ojala.git.Snapshot;
import ojala.wire.CountDocument;
import ojala.wire.FileReceipt;
import ojala.wire.UnmatchedDocument;

/** Reads the reports of one delivery, one after the other, and matches their paths to the measured commit's files. */
final class ReportFileReader {
    private static final int SHOWN_UNMATCHED = 200;

    private final MeasuredCommit measured;
    private final PathMatching matching;
    private final long limitBytes;

    ReportFileReader(MeasuredCommit measured, long limitBytes) {
        this.measured = measured;
        this.limitBytes = limitBytes;
        this.matching = new PathMatching(
                measured.files().<Set<String>>map(Snapshot::paths).orElse(Set.of()), rewrites(measured));
    }

    private static List<PathRewrite> rewrites(MeasuredCommit measured) {
        return measured.files()
                .flatMap(SettingsInForce::read)
                .map(reading -> reading instanceof SettingsReading.Valid valid
                        ? valid.settings().paths()
                        : List.<PathRewrite>of())
                .orElse(List.of());
    }

    /** What became of a file: its sources at the head by path, its receipt, and what the doubts look at. */
    record Result(Map<String, Measurement> sources, FileReceipt receipt, ReportFacts facts) {}

    Result refused(FileReceipt file) {
        return new Result(Map.of(), file, new ReportFacts(file.name(), false, 0, 0, Count.NONE, Set.of(), List.of()));
    }

    Result read(FileReceipt file, InputStream content) throws IOException {
        try (content) {
            return matched(file, ReportReader.read(content, limitBytes));
        } catch (UnreadableReport broken) {
            return refused(new FileReceipt(
                    file.name(),
                    "refused",
                    broken.format().equals("none") ? null : broken.format(),
                    file.sizeBytes(),
                    file.digest(),
                    0,
                    0,
                    null,
                    List.of(String.valueOf(broken.getMessage())),
                    Map.of(),
                    List.of()));
        }
    }

    private Result matched(FileReceipt file, Report report) {
        Map<String, Measurement> sources = new HashMap<>();
        List<UnmatchedDocument> unmatched = new ArrayList<>();
        List<String> pastTheEnd = new ArrayList<>();
        int found = 0;
        for (PathMatch match : matches(report, file.name())) {
            Measurement measurement = report.sources().get(match.reported());
            if (match.path().isEmpty()) {
                unmatched.add(new UnmatchedDocument(match.reported(), match.how(), match.candidates()));
                continue;
            }
            found++;
            String path = match.path().get();
            if (measured.files()
                    .map(files -> files.lineCount(path)
                            < measurement.coverage().lines().last())
                    .orElse(false)) {
                pastTheEnd.add(path);
            }
            measured.atHead(path, measurement)
                    .ifPresent(at -> sources.merge(at.getKey(), at.getValue(), SourceMerge::merge));
        }
        Count lines = report.sources().values().stream()
                .map(one -> one.coverage().lines().count())
                .reduce(Count.NONE, Count::plus);
        FileReceipt receipt = new FileReceipt(
                file.name(),
                "read",
                report.format().name(),
                file.sizeBytes(),
                file.digest(),
                report.sources().size(),
                found,
                new CountDocument(lines.covered(), lines.total()),
                Stream.concat(
                                report.notes().stream().map(Note::text),
                                pastTheEnd.stream().map(path -> path + ": lists lines past the file's end"))
                        .toList(),
                report.skipped(),
                unmatched.stream().limit(SHOWN_UNMATCHED).toList());
        ReportFacts facts = new ReportFacts(
                file.name(),
                true,
                report.sources().size(),
                found,
                lines,
                report.notes().stream().map(Note::kind).collect(Collectors.toSet()),
                pastTheEnd);
        return new Result(sources, receipt, facts);
    }

    private List<PathMatch> matches(Report report, String name) {
        if (measured.files().isPresent()) {
            return matching.match(report.sources().keySet(), name);
        }
        return report.sources().keySet().stream()
                .map(reported ->
                        PathMatch.found(reported, CleanPath.of(reported).replaceFirst("^/+", ""), "as reported"))
                .toList();
    }
}

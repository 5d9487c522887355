package ojala.server.delivery;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ojala.core.doubt.DeliveryFacts.ReportFacts;
import ojala.core.format.Format;
import ojala.core.format.Origin;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.format.SourceTexts;
import ojala.core.format.UnreadableReport;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Count;
import ojala.core.model.Measurement;
import ojala.core.path.PathMatching;
import ojala.core.path.PathRewrite;
import ojala.core.report.MatchedReport;
import ojala.core.report.MatchedTexts;
import ojala.core.settings.SettingsReading;
import ojala.git.SettingsInForce;
import ojala.wire.CountDocument;
import ojala.wire.FileReceipt;
import ojala.wire.UnmatchedDocument;

/** Reads the reports of one delivery, one after the other, and matches their paths to the measured commit's files. */
final class ReportFileReader {
    private static final int SHOWN_UNMATCHED = 200;

    private final MeasuredCommit measured;
    private final Optional<PathMatching> matching;
    private final Optional<Format> format;
    private final long limitBytes;

    /** @param format of all files, where the sender overrode recognition */
    ReportFileReader(MeasuredCommit measured, Optional<Format> format, long limitBytes) {
        this.format = format;
        this.measured = measured;
        this.limitBytes = limitBytes;
        this.matching = measured.files().map(files -> new PathMatching(files.paths(), rewrites(measured), files::text));
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
            return matched(file, report(file, content));
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
                    List.of(),
                    Map.of()));
        }
    }

    private Report report(FileReceipt file, InputStream content) throws IOException, UnreadableReport {
        SourceTexts texts = matching.<SourceTexts>map(known -> new MatchedTexts(
                        known, path -> measured.files().orElseThrow().text(path)))
                .orElse(SourceTexts.NONE);
        Origin origin = new Origin(file.name(), texts);
        return format.isPresent()
                ? ReportReader.readAs(format.get(), content, limitBytes, origin)
                : ReportReader.read(content, limitBytes, origin);
    }

    private Result matched(FileReceipt file, Report report) {
        MatchedReport matched = MatchedReport.of(
                file.name(),
                report,
                matching,
                path -> measured.files().orElseThrow().lineCount(path));
        Map<String, Measurement> sources = new HashMap<>();
        matched.found()
                .forEach(found -> measured.atHead(found.path(), found.measurement())
                        .ifPresent(at -> sources.merge(at.getKey(), at.getValue(), SourceMerge::merge)));
        FileReceipt receipt = new FileReceipt(
                file.name(),
                "read",
                report.format().name(),
                file.sizeBytes(),
                file.digest(),
                report.sources().size(),
                matched.found().size(),
                new CountDocument(matched.lines().covered(), matched.lines().total()),
                matched.problems(),
                report.skipped(),
                matched.unmatched().stream()
                        .limit(SHOWN_UNMATCHED)
                        .map(match -> new UnmatchedDocument(match.reported(), match.how(), match.candidates()))
                        .toList(),
                matched.ways());
        return new Result(sources, receipt, matched.facts());
    }
}

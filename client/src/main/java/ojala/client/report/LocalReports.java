package ojala.client.report;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.client.Failure;
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
import ojala.core.model.SourceCoverage;
import ojala.core.path.PathMatch;
import ojala.core.path.PathMatching;
import ojala.core.path.PathRewrite;
import ojala.core.report.MatchedReport;
import ojala.core.report.MatchedTexts;
import ojala.core.settings.SettingsReading;
import ojala.git.SettingsInForce;
import ojala.git.Snapshot;

/**
 * Report files of this machine, read, matched to a snapshot's files and merged. A file that can't be read does not keep
 * the others out.
 */
public final class LocalReports {
    private static final long LIMIT_BYTES = 16L << 30;

    private final Optional<Snapshot> files;
    private final Optional<PathMatching> matching;
    private final List<ReportResult> reports = new ArrayList<>();
    private final SortedMap<String, Merged> sources = new TreeMap<>();
    private final List<PathMatch> unmatched = new ArrayList<>();

    private final Optional<Format> format;

    private LocalReports(Optional<Snapshot> files, Optional<Format> format) {
        this.files = files;
        this.format = format;
        this.matching = files.map(snapshot -> new PathMatching(snapshot.paths(), rewrites(snapshot), snapshot::text));
    }

    /** A source with the paths under which reports speak of it, each with how it was matched. */
    public record Merged(SortedMap<String, String> reportedAs, Measurement measurement) {
        static Merged of(MatchedReport.Found found) {
            return new Merged(new TreeMap<>(Map.of(found.reported(), found.how())), found.measurement());
        }

        Merged plus(Merged other) {
            SortedMap<String, String> all = new TreeMap<>(reportedAs);
            all.putAll(other.reportedAs);
            return new Merged(all, SourceMerge.merge(measurement, other.measurement));
        }
    }

    /**
     * One file.
     *
     * @param format empty if it could not be read
     */
    public record ReportResult(String name, Optional<String> format, List<String> problems, ReportFacts facts) {}

    /** Reads files; without a snapshot paths stay as reported, cleaned. */
    public static LocalReports read(List<Path> reports, Optional<Snapshot> files) {
        return read(reports, files, Optional.empty());
    }

    /**
     * Reads files.
     *
     * @param format that all of them have, whatever they look like; where absent it is recognised
     */
    public static LocalReports read(List<Path> reports, Optional<Snapshot> files, Optional<Format> format) {
        LocalReports read = new LocalReports(files, format);
        reports.forEach(read::add);
        return read;
    }

    private static List<PathRewrite> rewrites(Snapshot snapshot) {
        return SettingsInForce.read(snapshot)
                .map(reading -> reading instanceof SettingsReading.Valid valid
                        ? valid.settings().paths()
                        : List.<PathRewrite>of())
                .orElse(List.of());
    }

    private void add(Path file) {
        if (!Files.isRegularFile(file)) {
            throw Failure.usage("there is no file " + file + ": name a report");
        }
        try {
            add(file.toString(), report(file));
        } catch (UnreadableReport broken) {
            Optional<String> format = Optional.of(broken.format()).filter(name -> !name.equals("none"));
            ReportFacts facts =
                    new ReportFacts(file.toString(), false, 0, 0, Count.NONE, java.util.Set.of(), List.of());
            reports.add(new ReportResult(file.toString(), format, List.of(String.valueOf(broken.getMessage())), facts));
        } catch (IOException unreadable) {
            throw Failure.usage(file + " can't be read: " + unreadable.getMessage());
        }
    }

    private Report report(Path file) throws IOException, UnreadableReport {
        SourceTexts texts = matching.<SourceTexts>map(known ->
                        new MatchedTexts(known, path -> files.orElseThrow().text(path)))
                .orElse(LocalTexts::text);
        Origin origin = new Origin(file.toString(), texts);
        return format.isPresent()
                ? ReportReader.readAs(format.get(), Files.newInputStream(file), LIMIT_BYTES, origin)
                : ReportReader.read(Files.newInputStream(file), LIMIT_BYTES, origin);
    }

    private void add(String name, Report report) {
        MatchedReport matched = MatchedReport.of(
                name, report, matching, path -> files.orElseThrow().lineCount(path));
        matched.found().forEach(found -> sources.merge(found.path(), Merged.of(found), Merged::plus));
        unmatched.addAll(matched.unmatched());
        List<String> problems = new ArrayList<>(matched.problems());
        report.skipped().forEach((what, times) -> problems.add(times + " " + what + " left out"));
        reports.add(new ReportResult(name, Optional.of(report.format().name()), problems, matched.facts()));
    }

    public List<ReportResult> reports() {
        return reports;
    }

    public SortedMap<String, Merged> sources() {
        return sources;
    }

    public List<PathMatch> unmatched() {
        return unmatched;
    }

    public SortedMap<String, SourceCoverage> coverage() {
        SortedMap<String, SourceCoverage> coverage = new TreeMap<>();
        sources.forEach(
                (path, merged) -> coverage.put(path, merged.measurement().coverage()));
        return coverage;
    }

    public boolean anyUnreadable() {
        return reports.stream().anyMatch(report -> !report.facts().readable());
    }
}

package ojala.client.report;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import ojala.client.Failure;
import ojala.core.doubt.DeliveryFacts.ReportFacts;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.format.UnreadableReport;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Count;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;
import ojala.core.path.PathMatch;
import ojala.core.path.PathMatching;
import ojala.core.path.PathRewrite;
import ojala.core.report.MatchedReport;
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

    private LocalReports(Optional<Snapshot> files) {
        this.files = files;
        this.matching = files.map(snapshot -> new PathMatching(snapshot.paths(), rewrites(snapshot)));
    }

    /** A source with the paths under which reports speak of it. */
    public record Merged(TreeSet<String> reportedAs, Measurement measurement) {
        Merged plus(Merged other) {
            TreeSet<String> all = new TreeSet<>(reportedAs);
            all.addAll(other.reportedAs);
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
        LocalReports read = new LocalReports(files);
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
            add(file.toString(), ReportReader.read(Files.newInputStream(file), LIMIT_BYTES));
        } catch (UnreadableReport broken) {
            Optional<String> format = Optional.of(broken.format()).filter(name -> !name.equals("none"));
            ReportFacts facts =
                    new ReportFacts(file.toString(), false, 0, 0, Count.NONE, java.util.Set.of(), List.of());
            reports.add(new ReportResult(file.toString(), format, List.of(String.valueOf(broken.getMessage())), facts));
        } catch (IOException unreadable) {
            throw Failure.usage(file + " can't be read: " + unreadable.getMessage());
        }
    }

    private void add(String name, Report report) {
        MatchedReport matched = MatchedReport.of(
                name, report, matching, path -> files.orElseThrow().lineCount(path));
        matched.found()
                .forEach(found -> sources.merge(
                        found.path(),
                        new Merged(new TreeSet<>(List.of(found.reported())), found.measurement()),
                        Merged::plus));
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

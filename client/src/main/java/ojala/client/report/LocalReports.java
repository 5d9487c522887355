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
import java.util.stream.Collectors;
import ojala.client.Failure;
import ojala.core.doubt.DeliveryFacts.ReportFacts;
import ojala.core.format.Note;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.format.UnreadableReport;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Count;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;
import ojala.core.path.CleanPath;
import ojala.core.path.PathMatch;
import ojala.core.path.PathMatching;
import ojala.core.path.PathRewrite;
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
        List<String> pastTheEnd = new ArrayList<>();
        int matched = 0;
        for (PathMatch match : matches(report, name)) {
            if (match.path().isEmpty()) {
                unmatched.add(match);
                continue;
            }
            matched++;
            String path = match.path().get();
            Measurement measurement = report.sources().get(match.reported());
            if (files.map(snapshot -> snapshot.lineCount(path)
                            < measurement.coverage().lines().last())
                    .orElse(false)) {
                pastTheEnd.add(path);
            }
            sources.merge(path, new Merged(new TreeSet<>(List.of(match.reported())), measurement), Merged::plus);
        }
        List<String> problems =
                new ArrayList<>(report.notes().stream().map(Note::text).toList());
        report.skipped().forEach((what, times) -> problems.add(times + " " + what + " left out"));
        pastTheEnd.forEach(path -> problems.add(path + ": lists lines past the file's end"));
        Count lines = report.sources().values().stream()
                .map(one -> one.coverage().lines().count())
                .reduce(Count.NONE, Count::plus);
        reports.add(new ReportResult(
                name,
                Optional.of(report.format().name()),
                problems,
                new ReportFacts(
                        name,
                        true,
                        report.sources().size(),
                        matched,
                        lines,
                        report.notes().stream().map(Note::kind).collect(Collectors.toSet()),
                        pastTheEnd)));
    }

    private List<PathMatch> matches(Report report, String name) {
        return matching.map(found -> found.match(report.sources().keySet(), name))
                .orElseGet(() -> report.sources().keySet().stream()
                        .map(reported -> PathMatch.found(reported, CleanPath.of(reported), "as reported"))
                        .toList());
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

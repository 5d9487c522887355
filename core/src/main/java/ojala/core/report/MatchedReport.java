package ojala.core.report;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.core.doubt.DeliveryFacts.ReportFacts;
import ojala.core.format.Note;
import ojala.core.format.Report;
import ojala.core.model.Count;
import ojala.core.model.Measurement;
import ojala.core.path.CleanPath;
import ojala.core.path.PathMatch;
import ojala.core.path.PathMatching;

/**
 * A report whose paths were matched to the files of a commit.
 *
 * @param found what it measured, with the file that each was found to be and how; two may be of one file
 * @param unmatched the paths that no file was found for
 */
public record MatchedReport(
        String name,
        Report report,
        List<Found> found,
        List<PathMatch> unmatched,
        Count lines,
        List<String> pastTheEnd) {
    private static final int SHOWN_WAYS = 20;

    /** What a report says of one file of the commit. */
    public record Found(String path, String reported, String how, Measurement measurement) {}

    /**
     * Matches a report.
     *
     * @param name where the report lay, which settles between equals
     * @param matching with the commit's files; where these are not known paths stay as reported, cleaned
     * @param lineCount how many lines a file of the commit has
     */
    public static MatchedReport of(
            String name, Report report, Optional<PathMatching> matching, ToIntFunction<String> lineCount) {
        List<Found> found = new ArrayList<>();
        List<PathMatch> unmatched = new ArrayList<>();
        for (PathMatch match : matches(name, report, matching)) {
            if (match.path().isPresent()) {
                found.add(new Found(
                        match.path().get(),
                        match.reported(),
                        match.how(),
                        report.sources().get(match.reported())));
            } else {
                unmatched.add(match);
            }
        }
        List<String> pastTheEnd = matching.isEmpty()
                ? List.of()
                : found.stream()
                        .filter(one -> one.measurement().coverage().lines().last() > lineCount.applyAsInt(one.path()))
                        .map(Found::path)
                        .toList();
        Count lines = report.sources().values().stream()
                .map(one -> one.coverage().lines().count())
                .reduce(Count.NONE, Count::plus);
        return new MatchedReport(name, report, found, unmatched, lines, pastTheEnd);
    }

    private static List<PathMatch> matches(String name, Report report, Optional<PathMatching> matching) {
        return matching.map(known -> known.match(report.sources().keySet(), report.roots(), name))
                .orElseGet(() -> report.sources().keySet().stream()
                        .map(reported -> PathMatch.found(
                                reported, CleanPath.of(reported).replaceFirst("^/+", ""), "as reported"))
                        .toList());
    }

    /** How its paths were matched, each way with how many went it, the most gone first. */
    public Map<String, Long> ways() {
        Map<String, Long> ways =
                found.stream().collect(Collectors.groupingBy(Found::how, TreeMap::new, Collectors.counting()));
        Map<String, Long> ordered = new LinkedHashMap<>();
        ways.entrySet().stream()
                .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
                .limit(SHOWN_WAYS)
                .forEach(way -> ordered.put(way.getKey(), way.getValue()));
        return ordered;
    }

    /** What was odd, with places. */
    public List<String> problems() {
        return Stream.concat(
                        report.notes().stream().map(Note::text),
                        pastTheEnd.stream().map(path -> path + ": lists lines past the file's end"))
                .toList();
    }

    /** What the doubts look at. */
    public ReportFacts facts() {
        return new ReportFacts(
                name,
                true,
                report.sources().size(),
                found.size(),
                lines,
                report.notes().stream().map(Note::kind).collect(Collectors.toSet()),
                pastTheEnd);
    }
}

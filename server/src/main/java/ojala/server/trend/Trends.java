package ojala.server.trend;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ojala.core.insight.Thinning;
import ojala.core.model.CountName;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.server.mirror.Mirrors;
import ojala.server.project.Project;
import ojala.server.store.LikePattern;
import ojala.wire.CommitLine;
import ojala.wire.CountDocument;
import ojala.wire.Json;
import ojala.wire.TrendDocument;
import ojala.wire.TrendPoint;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The trends of projects: kept as pushes are judged, read in the first-parent order of a branch. */
@Service
public class Trends {
    private final TrendMapper rows;
    private final FirstParents firstParents;
    private final Mirrors mirrors;

    Trends(TrendMapper rows, FirstParents firstParents, Mirrors mirrors) {
        this.rows = rows;
        this.firstParents = firstParents;
        this.mirrors = mirrors;
    }

    /** Keeps a point, in place of the one that the commit had. */
    @Transactional
    public void keep(Project project, TrendEntry entry) {
        CommitInfo commit = entry.commit();
        rows.saveCommit(
                project.id(),
                new TrendMapper.CommitRow(
                        commit.id(),
                        commit.subject(),
                        commit.author(),
                        commit.committedAt(),
                        entry.verdict(),
                        Json.write(entry.doubts())));
        rows.clearCounts(project.id(), commit.id());
        entry.counts()
                .forEach((area, counts) -> counts.byName()
                        .forEach((name, count) -> rows.addCount(
                                project.id(),
                                area,
                                name.word(),
                                new TrendMapper.CountRow(commit.id(), count.covered(), count.total()))));
    }

    /** The newest commit of a branch that was measured; empty if none was, or there is no such branch. */
    public Optional<String> newestMeasured(Project project, String branch) {
        List<String> line = line(project, branch);
        Map<String, TrendMapper.CountRow> measured = lines(project, TrendEntry.WHOLE, "lines", line);
        for (int i = line.size() - 1; i >= 0; i--) {
            if (measured.containsKey(line.get(i))) {
                return Optional.of(line.get(i));
            }
        }
        return Optional.empty();
    }

    /** The line count of the newest measured commit that was a week old when the named one was made. */
    public Optional<CountDocument> weekBefore(Project project, String branch, String commit) {
        TrendDocument trend = read(project, branch, TrendEntry.WHOLE, "lines", Integer.MAX_VALUE);
        Optional<Instant> made = trend.points().stream()
                .filter(point -> point.commit().commit().equals(commit))
                .map(point -> point.commit().committedAt())
                .findFirst();
        return made.flatMap(at -> trend.points().stream()
                .filter(point -> point.commit().committedAt().isBefore(at.minus(Duration.ofDays(7))))
                .reduce((earlier, later) -> later)
                .map(TrendPoint::count));
    }

    /**
     * Reads a trend.
     *
     * @param area empty for the whole
     * @param most how many points to give at most; what is thinned out are neither highs nor lows
     */
    public TrendDocument read(Project project, String branch, String area, String count, int most) {
        List<String> line = line(project, branch);
        Map<String, TrendMapper.CountRow> counts = lines(project, area, count, line);
        List<String> measured = line.stream().filter(counts::containsKey).toList();
        Map<String, Integer> places = new HashMap<>();
        for (int i = 0; i < line.size(); i++) {
            places.put(line.get(i), i);
        }
        List<String> shown = Thinning.thin(measured, most, commit -> share(counts.get(commit)));
        Map<String, TrendMapper.CommitRow> commits = commits(project, shown);
        List<TrendPoint> points = shown.stream()
                .filter(commits::containsKey)
                .map(commit -> point(places.get(commit), commits.get(commit), counts.get(commit)))
                .toList();
        List<TrendMapper.KeptRow> kept =
                measured.isEmpty() ? List.of() : rows.kept(project.id(), measured.get(measured.size() - 1));
        return new TrendDocument(
                branch,
                area.isEmpty() ? null : area,
                count,
                measured.size(),
                kept.stream()
                        .map(TrendMapper.KeptRow::area)
                        .filter(name -> !name.isEmpty())
                        .distinct()
                        .toList(),
                kept.stream()
                        .filter(row -> row.area().equals(area))
                        .map(TrendMapper.KeptRow::countName)
                        .sorted(Comparator.comparing(
                                word -> CountName.ofWord(word).orElseThrow()))
                        .toList(),
                points);
    }

    /** Commits whose id begins so, or whose subject has the text in it, newest first. */
    public List<CommitLine> search(Project project, String text, int most) {
        return rows.search(project.id(), LikePattern.beginning(text), LikePattern.within(text), most).stream()
                .map(Trends::line)
                .toList();
    }

    private List<String> line(Project project, String branch) {
        try (GitRepository repository = mirrors.of(project).open()) {
            return repository
                    .commit("refs/heads/" + branch)
                    .map(tip -> firstParents.of(repository, tip))
                    .orElse(List.of());
        }
    }

    private Map<String, TrendMapper.CountRow> lines(Project project, String area, String count, List<String> line) {
        return rows.points(project.id(), area, count, line.toArray(String[]::new)).stream()
                .collect(Collectors.toMap(TrendMapper.CountRow::commit, row -> row));
    }

    private Map<String, TrendMapper.CommitRow> commits(Project project, List<String> ids) {
        return rows.commits(project.id(), ids.toArray(String[]::new)).stream()
                .collect(Collectors.toMap(TrendMapper.CommitRow::commit, row -> row));
    }

    private static double share(TrendMapper.CountRow row) {
        return row.total() == 0 ? 1 : row.covered() / (double) row.total();
    }

    private static TrendPoint point(int place, TrendMapper.CommitRow commit, TrendMapper.CountRow count) {
        return new TrendPoint(
                place,
                line(commit),
                commit.verdict(),
                new ArrayList<>(Arrays.asList(Json.read(commit.doubts(), String[].class))),
                new CountDocument(count.covered(), count.total()));
    }

    private static CommitLine line(TrendMapper.CommitRow row) {
        return new CommitLine(row.commit(), row.subject(), row.author(), row.committedAt());
    }
}

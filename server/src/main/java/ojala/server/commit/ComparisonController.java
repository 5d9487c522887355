package ojala.server.commit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import ojala.core.change.FileChange;
import ojala.core.insight.SourceComparison;
import ojala.core.model.Counts;
import ojala.core.model.Lines;
import ojala.core.model.SourceCoverage;
import ojala.core.tally.Tally;
import ojala.git.GitRepository;
import ojala.server.mirror.Mirrors;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.wire.ComparedSource;
import ojala.wire.ComparisonDocument;
import ojala.wire.CountDocument;
import ojala.wire.Documents;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Two commits beside each other, over HTTP. */
@RestController
class ComparisonController {
    private final Projects projects;
    private final Mirrors mirrors;
    private final CommitViews views;

    ComparisonController(Projects projects, Mirrors mirrors, CommitViews views) {
        this.projects = projects;
        this.mirrors = mirrors;
        this.views = views;
    }

    /**
     * Compares two commits.
     *
     * @param from the older one: an id or a branch
     * @param to the newer one
     */
    @GetMapping("/api/v1/projects/{key}/compare")
    ComparisonDocument compare(@PathVariable String key, @RequestParam String from, @RequestParam String to) {
        Project project = projects.get(key);
        try (GitRepository repository = mirrors.of(project).open()) {
            CommitView older = views.of(project, repository, views.resolve(project, repository, from));
            CommitView newer = views.of(project, repository, views.resolve(project, repository, to));
            return new Comparing(older, newer).document();
        }
    }

    private static final class Comparing {
        private final CommitView older;
        private final CommitView newer;
        private final Map<String, Tally.Source> olderSources;
        private final Map<String, Tally.Source> newerSources;
        private int lost;
        private int gained;
        private int bare;

        Comparing(CommitView older, CommitView newer) {
            this.older = older;
            this.newer = newer;
            this.olderSources = older.tally().sources();
            this.newerSources = newer.tally().sources();
        }

        ComparisonDocument document() {
            Map<String, FileChange> changes = newer
                    .repository()
                    .changes(
                            older.repository().snapshot(older.commit()),
                            newer.repository().snapshot(newer.commit()))
                    .stream()
                    .collect(Collectors.toMap(FileChange::path, Function.identity()));
            Map<String, String> renamed = changes.values().stream()
                    .flatMap(change -> change.oldPath().stream()
                            .filter(old -> !old.equals(change.path()))
                            .map(old -> Map.entry(old, change.path())))
                    .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (one, other) -> one));
            TreeSet<String> paths = new TreeSet<>(newer.view().measured().keySet());
            older.view().measured().keySet().forEach(old -> paths.add(renamed.getOrDefault(old, old)));
            List<ComparedSource> sources = new ArrayList<>();
            for (String path : paths) {
                compared(path, Optional.ofNullable(changes.get(path))).ifPresent(sources::add);
            }
            return new ComparisonDocument(
                    CommitController.line(older.commit()),
                    CommitController.line(newer.commit()),
                    Documents.of(older.view().whole()),
                    Documents.of(newer.view().whole()),
                    lost,
                    gained,
                    bare,
                    sources);
        }

        private Optional<ComparedSource> compared(String path, Optional<FileChange> change) {
            String oldPath = change.flatMap(FileChange::oldPath).orElse(path);
            Counts before = older.view().measured().get(oldPath);
            Counts after = newer.view().measured().get(path);
            boolean sameLeaf = before != null
                    && after != null
                    && olderSources
                            .get(oldPath)
                            .leaf()
                            .equals(newerSources.get(path).leaf());
            if (sameLeaf && oldPath.equals(path)) {
                return Optional.empty();
            }
            SourceComparison lines = SourceComparison.of(
                    lines(older.tally(), oldPath, before), lines(newer.tally(), path, after), change);
            lost += lines.lost().size();
            gained += lines.gained().size();
            bare += lines.bare().size();
            return Optional.of(new ComparedSource(
                    path,
                    oldPath.equals(path) ? null : oldPath,
                    counts(before),
                    counts(after),
                    lines.lost().toString(),
                    lines.gained().toString(),
                    lines.bare().toString()));
        }

        private static Lines lines(Tally tally, String path, @Nullable Counts inView) {
            return inView == null
                    ? Lines.NONE
                    : tally.source(path).map(SourceCoverage::lines).orElse(Lines.NONE);
        }

        private static @Nullable Map<String, CountDocument> counts(@Nullable Counts counts) {
            return counts == null ? null : Documents.of(counts);
        }
    }
}

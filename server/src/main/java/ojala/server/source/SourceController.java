package ojala.server.source;

import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.change.FileChange;
import ojala.core.model.Counts;
import ojala.core.model.LineSet;
import ojala.core.model.SourceCoverage;
import ojala.core.tally.Tally;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.server.delivery.Deliveries;
import ojala.server.delivery.Delivery;
import ojala.server.judge.Verdicts;
import ojala.server.mirror.Mirrors;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.server.store.Objects;
import ojala.wire.Documents;
import ojala.wire.SourceDocument;
import ojala.wire.SourceDocuments;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One source at a commit over HTTP: its text, and what reaches each line. */
@RestController
class SourceController {
    private final Projects projects;
    private final Deliveries deliveries;
    private final Verdicts verdicts;
    private final Mirrors mirrors;
    private final Objects objects;

    SourceController(Projects projects, Deliveries deliveries, Verdicts verdicts, Mirrors mirrors, Objects objects) {
        this.projects = projects;
        this.deliveries = deliveries;
        this.verdicts = verdicts;
        this.mirrors = mirrors;
        this.objects = objects;
    }

    /** @param since the commit against which changed lines are marked */
    @GetMapping("/api/v1/projects/{key}/commits/{commit}/source")
    SourceDocument source(
            @PathVariable String key,
            @PathVariable String commit,
            @RequestParam String path,
            @RequestParam(required = false) @Nullable String since) {
        Project project = projects.get(key);
        if (!commit.matches("[0-9a-f]{40}") || (since != null && !since.matches("[0-9a-f]{40}"))) {
            throw new Refusal(ProblemType.BAD_REQUEST, "a commit is named by its 40 hexadecimal digits");
        }
        Objects.Session store = objects.open(project.id());
        Optional<SourceCoverage> merged = verdicts.root(project, commit)
                .map(root -> new Tally(root, store))
                .flatMap(tally -> tally.source(path));
        List<SuiteSource> suites = suites(project, commit, path, store);
        try (GitRepository repository = mirrors.of(project).open()) {
            Optional<CommitInfo> info = repository.commit(commit);
            Optional<String> text = info.map(repository::snapshot).flatMap(files -> files.text(path));
            if (text.isEmpty() && merged.isEmpty()) {
                throw new Refusal(ProblemType.NOT_FOUND, "commit " + commit.substring(0, 8) + " has no file " + path);
            }
            LineSet changed =
                    changed(repository, info, Optional.ofNullable(since).flatMap(repository::commit), path);
            return document(path, commit, text, changed, merged, suites);
        }
    }

    private static LineSet changed(
            GitRepository repository, Optional<CommitInfo> head, Optional<CommitInfo> since, String path) {
        if (head.isEmpty() || since.isEmpty()) {
            return LineSet.EMPTY;
        }
        return repository.changes(repository.snapshot(since.get()), repository.snapshot(head.get())).stream()
                .filter(change -> change.path().equals(path))
                .findFirst()
                .map(FileChange::changed)
                .orElse(LineSet.EMPTY);
    }

    private List<SuiteSource> suites(Project project, String commit, String path, Objects.Session store) {
        SortedMap<String, SuiteSource> bySuite = new TreeMap<>();
        for (Delivery delivery : Deliveries.current(deliveries.ofHead(project, commit))) {
            SuiteSource.of(project, delivery, path, store, deliveries)
                    .ifPresent(found -> bySuite.merge(delivery.suite(), found, SuiteSource::plus));
        }
        return List.copyOf(bySuite.values());
    }

    private static SourceDocument document(
            String path,
            String commit,
            Optional<String> text,
            LineSet changed,
            Optional<SourceCoverage> merged,
            List<SuiteSource> suites) {
        SourceCoverage coverage = merged.orElse(SourceCoverage.NONE);
        return new SourceDocument(
                path,
                commit,
                merged.isPresent() ? "measured" : "unmeasured",
                null,
                text.orElse(null),
                changed.toString(),
                SourceLines.of(coverage, suites),
                coverage.distinctFunctions().stream()
                        .map(function -> SourceDocuments.of(function, coverage))
                        .toList(),
                coverage.conditions().stream().map(SourceDocuments::of).toList(),
                Documents.of(merged.map(SourceCoverage::counts).orElse(Counts.NONE)),
                suites.stream().map(SuiteSource::suite).toList());
    }
}

package ojala.server.commit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.model.Counts;
import ojala.core.tally.Digest;
import ojala.core.tally.Tally;
import ojala.core.view.View;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.server.delivery.Deliveries;
import ojala.server.delivery.Delivery;
import ojala.server.judge.Verdicts;
import ojala.server.mirror.Mirrors;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.server.store.Objects;
import ojala.wire.CommitLine;
import ojala.wire.CommitPage;
import ojala.wire.DeliveryDocument;
import ojala.wire.Documents;
import ojala.wire.DoubtDocument;
import ojala.wire.Resolved;
import ojala.wire.SuiteTally;
import ojala.wire.VerdictDocument;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Commits as they were measured, over HTTP. */
@RestController
class CommitController {
    private static final int SHOWN_UNMEASURED = 200;

    private final Projects projects;
    private final Mirrors mirrors;
    private final CommitViews views;
    private final Verdicts verdicts;
    private final Deliveries deliveries;
    private final Objects objects;

    CommitController(
            Projects projects,
            Mirrors mirrors,
            CommitViews views,
            Verdicts verdicts,
            Deliveries deliveries,
            Objects objects) {
        this.projects = projects;
        this.mirrors = mirrors;
        this.views = views;
        this.verdicts = verdicts;
        this.deliveries = deliveries;
        this.objects = objects;
    }

    /**
     * The commit that a name means.
     *
     * @param name an id, whole or abbreviated, or a branch; the default branch if empty
     */
    @GetMapping("/api/v1/projects/{key}/resolve")
    Resolved resolve(@PathVariable String key, @RequestParam(defaultValue = "") String name) {
        Project project = projects.get(key);
        try (GitRepository repository = mirrors.of(project).open()) {
            return new Resolved(name, views.resolve(project, repository, name).id());
        }
    }

    @GetMapping("/api/v1/projects/{key}/commits/{commit}")
    CommitPage commit(@PathVariable String key, @PathVariable String commit) {
        Project project = projects.get(key);
        try (GitRepository repository = mirrors.of(project).open()) {
            CommitView seen = views.of(project, repository, views.resolve(project, repository, commit));
            return page(project, seen);
        }
    }

    private CommitPage page(Project project, CommitView seen) {
        String id = seen.commit().id();
        List<Delivery> all = deliveries.ofHead(project, id);
        List<Delivery> current = Deliveries.current(all);
        View view = seen.view();
        List<VerdictDocument> judged = verdicts.ofHead(project, id);
        return new CommitPage(
                line(seen.commit()),
                seen.commit().parents(),
                Documents.of(view.whole()),
                seen.settings().orElse(null),
                view.measured().size(),
                view.unmeasured().stream().limit(SHOWN_UNMEASURED).toList(),
                view.excluded().size(),
                judged.stream()
                        .flatMap(one -> verdicts.summary(project, id, String.valueOf(one.target())).stream())
                        .toList(),
                doubts(judged),
                suites(project, current),
                all.stream()
                        .sorted(Comparator.comparing(Delivery::receivedAt).reversed())
                        .map(one -> new DeliveryDocument(deliveries.receipt(project, one.id()), current.contains(one)))
                        .toList());
    }

    static CommitLine line(CommitInfo commit) {
        return new CommitLine(commit.id(), commit.subject(), commit.author(), commit.committedAt());
    }

    private static List<DoubtDocument> doubts(List<VerdictDocument> judged) {
        return judged.stream()
                .flatMap(verdict -> verdict.doubts().stream())
                .distinct()
                .toList();
    }

    private List<SuiteTally> suites(Project project, List<Delivery> current) {
        SortedMap<String, List<Delivery>> bySuite = new TreeMap<>();
        current.stream()
                .filter(Delivery::read)
                .forEach(one -> bySuite.computeIfAbsent(one.suite(), key -> new ArrayList<>())
                        .add(one));
        Objects.Session store = objects.open(project.id());
        List<SuiteTally> suites = new ArrayList<>();
        bySuite.forEach((suite, brought) -> {
            List<Tally> tallies = brought.stream()
                    .flatMap(one -> Optional.ofNullable(one.root()).stream())
                    .map(root -> new Tally(new Digest(root), store))
                    .toList();
            Counts counts = Tally.merge(tallies, store).sources().values().stream()
                    .map(Tally.Source::counts)
                    .reduce(Counts.NONE, Counts::plus);
            List<String> parts = brought.stream()
                    .map(Delivery::part)
                    .filter(part -> !part.isEmpty())
                    .distinct()
                    .sorted()
                    .toList();
            suites.add(new SuiteTally(suite, parts, Documents.of(counts)));
        });
        return suites;
    }
}

package ojala.server.commit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import ojala.core.view.Folder;
import ojala.core.view.Standing;
import ojala.core.view.View;
import ojala.git.GitRepository;
import ojala.server.mirror.Mirrors;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.wire.Documents;
import ojala.wire.FolderDocument;
import ojala.wire.FolderEntry;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The folders of a commit over HTTP. */
@RestController
class FolderController {
    private static final int MOST_FILES = 5000;

    private final Projects projects;
    private final Mirrors mirrors;
    private final CommitViews views;

    FolderController(Projects projects, Mirrors mirrors, CommitViews views) {
        this.projects = projects;
        this.mirrors = mirrors;
        this.views = views;
    }

    /**
     * One folder.
     *
     * @param path without a slash at its end; the root if empty
     * @param since a commit to compare with
     */
    @GetMapping("/api/v1/projects/{key}/commits/{commit}/folder")
    FolderDocument folder(
            @PathVariable String key,
            @PathVariable String commit,
            @RequestParam(defaultValue = "") String path,
            @RequestParam(required = false) @Nullable String since) {
        Project project = projects.get(key);
        try (GitRepository repository = mirrors.of(project).open()) {
            CommitView seen = views.of(project, repository, views.resolve(project, repository, commit));
            Folder folder = Folder.of(seen.view(), path).orElseThrow(() -> nothingBelow(seen, path));
            Optional<CommitView> older = Optional.ofNullable(since)
                    .map(name -> views.of(project, repository, views.resolve(project, repository, name)));
            Map<String, Folder.Entry> before = older
                    .map(CommitView::view)
                    .flatMap(view -> Folder.of(view, path))
                    .map(Folder::entries)
                    .orElse(List.of())
                    .stream()
                    .collect(Collectors.toMap(Folder.Entry::path, Function.identity()));
            return document(seen, folder, older.map(view -> view.commit().id()), before);
        }
    }

    /** All files below a folder, by path, at most {@value #MOST_FILES}. */
    @GetMapping("/api/v1/projects/{key}/commits/{commit}/files")
    FolderDocument files(
            @PathVariable String key, @PathVariable String commit, @RequestParam(defaultValue = "") String path) {
        Project project = projects.get(key);
        try (GitRepository repository = mirrors.of(project).open()) {
            CommitView seen = views.of(project, repository, views.resolve(project, repository, commit));
            Folder folder = Folder.filesBelow(seen.view(), path).orElseThrow(() -> nothingBelow(seen, path));
            return document(seen, folder, Optional.empty(), Map.of());
        }
    }

    private static Refusal nothingBelow(CommitView seen, String path) {
        return new Refusal(
                ProblemType.NOT_FOUND,
                "commit " + seen.commit().id().substring(0, 8) + " has no sources below “" + path + "”");
    }

    private static FolderDocument document(
            CommitView seen, Folder folder, Optional<String> since, Map<String, Folder.Entry> before) {
        return new FolderDocument(
                seen.commit().id(),
                folder.path(),
                since.orElse(null),
                Documents.of(folder.counts()),
                folder.entries().stream()
                        .limit(MOST_FILES)
                        .map(entry -> entry(seen, entry, Optional.ofNullable(before.get(entry.path()))))
                        .toList());
    }

    private static FolderEntry entry(CommitView seen, Folder.Entry entry, Optional<Folder.Entry> before) {
        View view = seen.view();
        return new FolderEntry(
                entry.name(),
                entry.path(),
                entry.standing().isPresent() ? "file" : "folder",
                entry.standing().map(Documents::word).orElse(null),
                view.excludedBecause(entry.path()).orElse(null),
                Documents.of(entry.counts()),
                before.filter(older -> older.measured() > 0)
                        .map(older -> Documents.of(older.counts()))
                        .orElse(null),
                entry.measured(),
                entry.unmeasured(),
                entry.excluded(),
                entry.standing()
                        .filter(Standing.MEASURED::equals)
                        .flatMap(standing -> seen.tally().source(entry.path()))
                        .map(source -> source.lines().missed().toString())
                        .orElse(null));
    }
}

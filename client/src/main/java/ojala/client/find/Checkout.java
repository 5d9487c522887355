package ojala.client.find;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ojala.client.Failure;
import ojala.client.ci.CiJob;
import ojala.client.ci.CiSystems;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.wire.Manifest;
import ojala.wire.MeasuredCommit;
import org.jspecify.annotations.Nullable;

/**
 * What a delivery says of itself, put together from options, the checkout and the CI job's environment, in this order.
 */
public final class Checkout implements AutoCloseable {
    private final GitRepository repository;
    private final Optional<CiJob> job;

    private Checkout(GitRepository repository, Optional<CiJob> job) {
        this.repository = repository;
        this.job = job;
    }

    public static Checkout open(Path folder, Map<String, String> environment) {
        return new Checkout(GitRepository.open(folder), CiSystems.job(environment));
    }

    /** What the user said; each may be absent. */
    public record Said(
            @Nullable String commit,
            @Nullable String head,
            @Nullable String branch,
            @Nullable Integer pullRequest,
            @Nullable String target,
            @Nullable String build,
            @Nullable Integer attempt,
            String suite,
            @Nullable String part,
            @Nullable String format) {}

    /** The CI system whose job this is; empty outside CI. */
    public Optional<String> ciSystem() {
        return job.map(CiJob::system);
    }

    /** The absolute paths of the files in the checked-out commit. */
    public Set<Path> trackedFiles() {
        Optional<Path> root = repository.workTree();
        Optional<CommitInfo> head = repository.commit("HEAD");
        if (root.isEmpty() || head.isEmpty()) {
            return Set.of();
        }
        return repository.snapshot(head.get()).paths().stream()
                .map(path -> root.get().toAbsolutePath().normalize().resolve(path))
                .collect(Collectors.toSet());
    }

    /** The name of a report in receipts: its path in the checkout, or its file name elsewhere. */
    public String nameOf(Path report) {
        Path absolute = report.toAbsolutePath().normalize();
        return repository
                .workTree()
                .map(root -> root.toAbsolutePath().normalize())
                .filter(absolute::startsWith)
                .map(root -> root.relativize(absolute).toString().replace('\\', '/'))
                .orElseGet(() -> String.valueOf(absolute.getFileName()));
    }

    /** The manifest; a build outside CI is the second it is made in, so that a later one replaces an earlier one. */
    public Manifest manifest(Said said) {
        CommitInfo measured = commit(said.commit() == null ? "HEAD" : said.commit());
        Optional<Integer> pullRequest = or(said.pullRequest(), job.flatMap(CiJob::pullRequest));
        Optional<String> target = or(said.target(), job.flatMap(CiJob::target));
        String head = or(said.head(), job.flatMap(CiJob::head))
                .map(this::resolved)
                .orElseGet(() -> headOf(measured, pullRequest.isPresent() || target.isPresent()));
        return new Manifest(
                new MeasuredCommit(measured.id(), measured.tree(), measured.parents()),
                head,
                or(said.branch(), job.flatMap(CiJob::branch))
                        .or(repository::branch)
                        .orElse(null),
                pullRequest.orElse(null),
                target.orElse(null),
                or(said.build(), job.flatMap(CiJob::build))
                        .orElseGet(() -> String.valueOf(System.currentTimeMillis() / 1000)),
                or(said.attempt(), job.map(CiJob::attempt)).orElse(1),
                said.suite(),
                or(said.part(), job.flatMap(CiJob::part)).orElse(""),
                "ojala 0.1.0",
                said.format());
    }

    private static <T> Optional<T> or(@Nullable T said, Optional<T> found) {
        return Optional.ofNullable(said).or(() -> found);
    }

    /** In a job for a pull request a commit with two parents is the system's merge: the second parent is the head. */
    private static String headOf(CommitInfo measured, boolean pullRequest) {
        List<String> parents = measured.parents();
        return pullRequest && parents.size() == 2 ? parents.get(1) : measured.id();
    }

    /** A head need not be in a shallow checkout: a whole id is taken as it is. */
    private String resolved(String revision) {
        return repository
                .commit(revision)
                .map(CommitInfo::id)
                .or(() -> Optional.of(revision).filter(text -> text.matches("[0-9a-f]{40}")))
                .orElseThrow(() -> unknown(revision));
    }

    /** The id of a commit of this repository. */
    public CommitInfo commit(String revision) {
        return repository.commit(revision).orElseThrow(() -> unknown(revision));
    }

    /**
     * The head that a command speaks of when the user names none: that of the CI job's pull request, else what is
     * checked out.
     */
    public String currentHead() {
        return manifest(new Said(null, null, null, null, null, "0", 1, "any", null, null))
                .head();
    }

    private Failure unknown(String revision) {
        return Failure.usage("commit “" + revision + "” is not in this checkout"
                + (repository.isShallow()
                        ? ", which is shallow: fetch more of it (git fetch --deepen=50), or name a full id"
                        : ""));
    }

    @Override
    public void close() {
        repository.close();
    }
}

package ojala.server.delivery;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import ojala.core.change.FileChange;
import ojala.core.change.LineMap;
import ojala.core.doubt.Doubt;
import ojala.core.model.Measurement;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.git.Snapshot;
import ojala.wire.Manifest;

/**
 * The source that the tests ran on, and the way from it to the commit that is judged. CI often checks out a merge of
 * head and target that no branch holds; its tree is fetched or made again from its parents.
 */
final class MeasuredCommit {
    private final Optional<Snapshot> files;
    private final Map<String, FileChange> changedByMeasuredPath = new HashMap<>();
    private final Optional<SortedSet<String>> headPaths;
    private final List<Doubt> doubts = new ArrayList<>();

    private MeasuredCommit(Optional<Snapshot> files, Optional<SortedSet<String>> headPaths) {
        this.files = files;
        this.headPaths = headPaths;
    }

    /** Where the head is not to be had, nothing can be matched or mapped: paths stay as reported, under a doubt. */
    static MeasuredCommit unknown(Doubt doubt) {
        MeasuredCommit measured = new MeasuredCommit(Optional.empty(), Optional.empty());
        measured.doubts.add(doubt);
        return measured;
    }

    static MeasuredCommit find(GitRepository repository, CommitInfo head, Manifest manifest) {
        Snapshot headFiles = repository.snapshot(head);
        Optional<String> tree = tree(repository, manifest, head);
        Snapshot files = tree.map(repository::tree).orElse(headFiles);
        MeasuredCommit measured = new MeasuredCommit(Optional.of(files), Optional.of(headFiles.paths()));
        if (tree.isEmpty()) {
            measured.doubts.add(
                    new Doubt(
                            "measured-commit-unknown",
                            Doubt.Effect.UNSURE,
                            "The tests ran on commit "
                                    + manifest.measured().id().substring(0, 8)
                                    + ", which the repository does not give and its parents do not make again.",
                            "Push that commit, or let the job check out the head itself; lines are taken as those of the head."));
        } else if (!tree.get().equals(head.tree())) {
            repository
                    .changes(files, headFiles)
                    .forEach(change ->
                            change.oldPath().ifPresent(old -> measured.changedByMeasuredPath.put(old, change)));
        }
        return measured;
    }

    private static Optional<String> tree(GitRepository repository, Manifest manifest, CommitInfo head) {
        String wanted = manifest.measured().tree();
        if (wanted.equals(head.tree())) {
            return Optional.of(wanted);
        }
        Optional<String> known = repository.commit(manifest.measured().id()).map(CommitInfo::tree);
        return known.isPresent() ? known : merged(repository, manifest).filter(wanted::equals);
    }

    private static Optional<String> merged(GitRepository repository, Manifest manifest) {
        List<Optional<CommitInfo>> parents =
                manifest.measured().parents().stream().map(repository::commit).toList();
        if (parents.size() != 2 || !parents.stream().allMatch(Optional::isPresent)) {
            return Optional.empty();
        }
        return repository.mergedTree(
                parents.get(0).orElseThrow(), parents.get(1).orElseThrow());
    }

    /** The files that the tests ran on; absent if nothing is known of them. */
    Optional<Snapshot> files() {
        return files;
    }

    List<Doubt> doubts() {
        return doubts;
    }

    /** A measurement under the head's path and lines; empty if the head has no such file. */
    Optional<Map.Entry<String, Measurement>> atHead(String path, Measurement measurement) {
        FileChange change = changedByMeasuredPath.get(path);
        if (change != null) {
            return Optional.of(Map.entry(change.path(), new LineMap(change.edits()).map(measurement)));
        }
        return headPaths.isPresent() && !headPaths.get().contains(path)
                ? Optional.empty()
                : Optional.of(Map.entry(path, measurement));
    }
}

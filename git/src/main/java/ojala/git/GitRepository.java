package ojala.git;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import ojala.core.change.FileChange;
import org.eclipse.jgit.errors.MissingObjectException;
import org.eclipse.jgit.errors.RevisionSyntaxException;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.ObjectInserter;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.merge.MergeStrategy;
import org.eclipse.jgit.merge.ThreeWayMerger;
import org.eclipse.jgit.revwalk.RevCommit;
import org.eclipse.jgit.revwalk.RevWalk;
import org.eclipse.jgit.revwalk.filter.RevFilter;
import org.eclipse.jgit.storage.file.FileRepositoryBuilder;

/** A git repository, bare or with a working tree. Reading is safe from several threads. */
public final class GitRepository implements AutoCloseable {
    static {
        IsolatedSystem.install();
    }

    private final Repository repository;

    GitRepository(Repository repository) {
        this.repository = repository;
    }

    /** Opens the repository that a folder is, or lies in. */
    public static GitRepository open(Path folder) {
        if (!Files.isDirectory(folder)) {
            throw new GitFailure(folder + " is no folder: name a git checkout or a bare repository");
        }
        try {
            boolean bare = Files.isDirectory(folder.resolve("objects")) && Files.isRegularFile(folder.resolve("HEAD"));
            FileRepositoryBuilder builder = new FileRepositoryBuilder().setMustExist(true);
            if (bare) {
                builder.setGitDir(folder.toFile()).setBare();
            } else {
                builder.findGitDir(folder.toAbsolutePath().toFile());
            }
            if (builder.getGitDir() == null) {
                throw new GitFailure(folder + " is in no git repository: name one with --repository");
            }
            return new GitRepository(builder.build());
        } catch (IOException failure) {
            throw new GitFailure(folder + " is no git repository that can be read: " + failure.getMessage(), failure);
        }
    }

    /** The folder of the checkout; empty for a bare repository. */
    public Optional<Path> workTree() {
        return repository.isBare()
                ? Optional.empty()
                : Optional.of(repository.getWorkTree().toPath());
    }

    /** The branch that is checked out; empty if none is. */
    public Optional<String> branch() {
        try {
            String full = repository.getFullBranch();
            return full != null && full.startsWith("refs/heads/") ? Optional.of(full.substring(11)) : Optional.empty();
        } catch (IOException failure) {
            throw new GitFailure("HEAD can't be read in " + repository, failure);
        }
    }

    /** Whether history ends early, as in most CI checkouts. */
    public boolean isShallow() {
        return Files.exists(repository.getDirectory().toPath().resolve("shallow"));
    }

    /** The commit that a revision names (id, branch, tag, {@code HEAD~1} …); empty if the repository has none such. */
    public Optional<CommitInfo> commit(String revision) {
        try (RevWalk walk = new RevWalk(repository)) {
            ObjectId id = repository.resolve(revision);
            return id == null ? Optional.empty() : Optional.of(info(walk.parseCommit(id)));
        } catch (MissingObjectException | RevisionSyntaxException none) {
            return Optional.empty();
        } catch (IOException failure) {
            throw new GitFailure("commit " + revision + " can't be read from " + repository, failure);
        }
    }

    private static CommitInfo info(RevCommit commit) {
        return new CommitInfo(
                commit.name(),
                commit.getTree().name(),
                Arrays.stream(commit.getParents()).map(RevCommit::name).toList(),
                commit.getShortMessage(),
                commit.getAuthorIdent().getName(),
                Instant.ofEpochSecond(commit.getCommitTime()));
    }

    /** The files of a commit that exists. */
    public Snapshot snapshot(CommitInfo commit) {
        return tree(commit.tree());
    }

    /** The files of a tree that exists. */
    public Snapshot tree(String treeId) {
        return new CommitSnapshot(repository, ObjectId.fromString(treeId));
    }

    /** The files of the working tree; the repository has one. */
    public Snapshot workTreeSnapshot() {
        return new WorkTreeSnapshot(repository);
    }

    public List<FileChange> changes(Snapshot older, Snapshot newer) {
        return Changes.between(repository, older, newer);
    }

    /** The first merge base of two commits; empty if their histories do not meet here. */
    public Optional<CommitInfo> mergeBase(CommitInfo a, CommitInfo b) {
        try (RevWalk walk = new RevWalk(repository)) {
            walk.setRevFilter(RevFilter.MERGE_BASE);
            walk.markStart(walk.parseCommit(ObjectId.fromString(a.id())));
            walk.markStart(walk.parseCommit(ObjectId.fromString(b.id())));
            RevCommit base = walk.next();
            return base == null ? Optional.empty() : commit(base.name());
        } catch (IOException failure) {
            throw new GitFailure("the merge base of " + a.id() + " and " + b.id() + " can't be found", failure);
        }
    }

    /** A commit and its first parents, newest first, at most so many. */
    public List<CommitInfo> firstParents(CommitInfo from, int most) {
        List<CommitInfo> line = new ArrayList<>();
        Optional<CommitInfo> next = Optional.of(from);
        while (next.isPresent() && line.size() < most) {
            line.add(next.get());
            next = next.get().parents().stream().findFirst().flatMap(this::commit);
        }
        return line;
    }

    /**
     * The ids of a commit and its first parents, newest first, at most so many; reads nothing but the commits' headers.
     */
    public List<String> firstParentIds(CommitInfo from, int most) {
        List<String> line = new ArrayList<>();
        try (RevWalk walk = new RevWalk(repository)) {
            walk.setRetainBody(false);
            RevCommit next = walk.parseCommit(ObjectId.fromString(from.id()));
            while (line.size() < most) {
                line.add(next.name());
                if (next.getParentCount() == 0) {
                    break;
                }
                next = walk.parseCommit(next.getParent(0));
            }
            return line;
        } catch (MissingObjectException shallow) {
            return line;
        } catch (IOException failure) {
            throw new GitFailure("the history of " + from.id() + " can't be read from " + repository, failure);
        }
    }

    /**
     * The tree that merging two commits gives, made in memory and kept as objects; empty if they conflict. CI systems
     * check out such merges, and no branch holds them.
     */
    public Optional<String> mergedTree(CommitInfo ours, CommitInfo theirs) {
        try (ObjectInserter inserter = repository.newObjectInserter()) {
            ThreeWayMerger merger = MergeStrategy.RECURSIVE.newMerger(repository, true);
            merger.setObjectInserter(inserter);
            boolean clean = merger.merge(ObjectId.fromString(ours.id()), ObjectId.fromString(theirs.id()));
            if (!clean) {
                return Optional.empty();
            }
            inserter.flush();
            return Optional.of(merger.getResultTreeId().name());
        } catch (IOException failure) {
            throw new GitFailure("merging " + ours.id() + " and " + theirs.id() + " failed", failure);
        }
    }

    @Override
    public void close() {
        repository.close();
    }
}

package ojala.codehost;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.eclipse.jgit.lib.CommitBuilder;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.ObjectInserter;
import org.eclipse.jgit.lib.PersonIdent;
import org.eclipse.jgit.lib.RefUpdate;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.merge.MergeStrategy;
import org.eclipse.jgit.merge.ThreeWayMerger;
import org.eclipse.jgit.revwalk.RevCommit;
import org.eclipse.jgit.revwalk.RevSort;
import org.eclipse.jgit.revwalk.RevWalk;
import org.jspecify.annotations.Nullable;

/** Merges a pull request in a bare repository: as a merge commit, squashed into one, or rebased commit by commit. */
final class Merging {
    private static final PersonIdent HOST = new PersonIdent("Code host", "host@puerto-candela.example");

    private final Repository git;
    private final ObjectId target;
    private final ObjectId head;

    Merging(Repository git, String targetBranch, String head) throws IOException {
        this.git = git;
        this.target = git.resolve("refs/heads/" + targetBranch);
        this.head = git.resolve(head);
        if (target == null || this.head == null) {
            throw new Refused("branch " + targetBranch + " or commit " + head + " is gone");
        }
    }

    ObjectId merge(String message) throws IOException {
        return commit(mergedTree(target, head, null), message, List.of(target, head));
    }

    ObjectId squash(String message) throws IOException {
        return commit(mergedTree(target, head, null), message, List.of(target));
    }

    ObjectId rebase() throws IOException {
        List<RevCommit> commits = new ArrayList<>();
        try (RevWalk walk = new RevWalk(git)) {
            walk.sort(RevSort.TOPO);
            walk.sort(RevSort.REVERSE, true);
            walk.markStart(walk.parseCommit(head));
            walk.markUninteresting(walk.parseCommit(target));
            for (RevCommit commit : walk) {
                walk.parseBody(commit);
                if (commit.getParentCount() == 1) {
                    commits.add(commit);
                }
            }
        }
        ObjectId onto = target;
        for (RevCommit commit : commits) {
            onto = commit(mergedTree(onto, commit, commit.getParent(0)), commit.getFullMessage(), List.of(onto));
        }
        return onto;
    }

    private ObjectId mergedTree(ObjectId ours, ObjectId theirs, @Nullable ObjectId base) throws IOException {
        ThreeWayMerger merger = base == null
                ? MergeStrategy.RECURSIVE.newMerger(git, true)
                : MergeStrategy.RESOLVE.newMerger(git, true);
        try (ObjectInserter inserter = git.newObjectInserter()) {
            merger.setObjectInserter(inserter);
            if (base != null) {
                merger.setBase(base);
            }
            if (!merger.merge(ours, theirs)) {
                throw new Refused("the branches conflict: merge the target into the pull request first");
            }
            inserter.flush();
            return merger.getResultTreeId();
        }
    }

    private ObjectId commit(ObjectId tree, String message, List<ObjectId> parents) throws IOException {
        CommitBuilder commit = new CommitBuilder();
        commit.setTreeId(tree);
        commit.setParentIds(parents);
        commit.setAuthor(HOST);
        commit.setCommitter(HOST);
        commit.setMessage(message);
        try (ObjectInserter inserter = git.newObjectInserter()) {
            ObjectId id = inserter.insert(commit);
            inserter.flush();
            return id;
        }
    }

    /** Moves the target branch, if nobody did in between. */
    void move(String targetBranch, ObjectId to) throws IOException {
        RefUpdate update = git.updateRef("refs/heads/" + targetBranch);
        update.setExpectedOldObjectId(target);
        update.setNewObjectId(to);
        RefUpdate.Result result = update.update();
        if (result != RefUpdate.Result.FAST_FORWARD && result != RefUpdate.Result.NO_CHANGE) {
            throw new Refused("branch " + targetBranch + " moved in between (" + result + "): try again");
        }
    }
}

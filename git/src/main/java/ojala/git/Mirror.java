package ojala.git;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.ReentrantLock;
import org.eclipse.jgit.api.Git;
import org.eclipse.jgit.api.errors.GitAPIException;
import org.eclipse.jgit.internal.storage.file.FileRepository;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.Ref;
import org.eclipse.jgit.lib.RefUpdate;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.transport.FetchResult;
import org.eclipse.jgit.transport.RefSpec;
import org.eclipse.jgit.transport.TrackingRefUpdate;

/**
 * A bare copy of a remote repository: its branches, tags and pull-request heads. Fetching is one at a time per folder.
 */
public final class Mirror {
    private static final ConcurrentHashMap<Path, ReentrantLock> LOCKS = new ConcurrentHashMap<>();

    private static final List<RefSpec> ALL = List.of(
            new RefSpec("+refs/heads/*:refs/heads/*"),
            new RefSpec("+refs/tags/*:refs/tags/*"),
            new RefSpec("+refs/pull/*:refs/pull/*"));

    static {
        IsolatedSystem.install();
    }

    private final Path folder;
    private final String url;
    private final int timeoutSeconds;

    /** @param timeoutSeconds after which a silent remote is given up */
    public Mirror(Path folder, String url, int timeoutSeconds) {
        this.folder = folder.toAbsolutePath();
        this.url = url;
        this.timeoutSeconds = timeoutSeconds;
    }

    /** Opens the copy as it is, made empty if there is none yet. */
    public GitRepository open() {
        return new GitRepository(repository());
    }

    private Repository repository() {
        ReentrantLock lock = lock();
        lock.lock();
        try {
            Repository repository = new FileRepository(folder.toFile());
            if (!Files.exists(folder.resolve("HEAD"))) {
                Files.createDirectories(folder);
                repository.create(true);
            }
            return repository;
        } catch (IOException failure) {
            throw new GitFailure("the mirror " + folder + " can't be opened: " + failure.getMessage(), failure);
        } finally {
            lock.unlock();
        }
    }

    /** Fetches what is new. */
    public void fetch() {
        fetch(ALL);
    }

    /** Asks for a commit that no ref holds; many hosts refuse that, which is a {@link GitFailure} like any other. */
    public void fetchCommit(String id) {
        fetch(List.of(new RefSpec("+" + id + ":refs/ojala/commits/" + id)));
    }

    private void fetch(List<RefSpec> specs) {
        ReentrantLock lock = lock();
        lock.lock();
        try (Repository repository = repository();
                Git git = new Git(repository)) {
            FetchResult result = fetch(git, specs);
            if (!tookEffect(repository, result)) {
                removeDeleted(repository, result);
                fetch(git, specs);
            }
        } catch (IOException | GitAPIException | org.eclipse.jgit.api.errors.JGitInternalException failure) {
            throw new GitFailure(
                    "the repository " + url + " does not answer as a git repository: " + failure.getMessage(), failure);
        } finally {
            lock.unlock();
        }
    }

    private FetchResult fetch(Git git, List<RefSpec> specs) throws GitAPIException {
        return git.fetch()
                .setRemote(url)
                .setRefSpecs(specs)
                .setRemoveDeletedRefs(specs.equals(ALL))
                .setTimeout(timeoutSeconds)
                .call();
    }

    /**
     * Where a branch stands in the way of a folder of branches, or the other way round, all updates of a fetch come to
     * nothing, whatever their results say.
     */
    private static boolean tookEffect(Repository repository, FetchResult result) throws IOException {
        for (TrackingRefUpdate update : result.getTrackingRefUpdates()) {
            Ref now = repository.exactRef(update.getLocalName());
            ObjectId id = now == null ? ObjectId.zeroId() : now.getObjectId();
            if (!update.getNewObjectId().equals(id)) {
                return false;
            }
        }
        return true;
    }

    private static void removeDeleted(Repository repository, FetchResult result) throws IOException {
        for (TrackingRefUpdate update : result.getTrackingRefUpdates()) {
            if (update.getNewObjectId().equals(ObjectId.zeroId())) {
                RefUpdate deletion = repository.updateRef(update.getLocalName());
                deletion.setForceUpdate(true);
                deletion.delete();
            }
        }
    }

    private ReentrantLock lock() {
        return LOCKS.computeIfAbsent(folder, key -> new ReentrantLock());
    }
}

package ojala.git;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ojala.core.change.FileChange;
import ojala.core.doubt.Doubt;
import org.testng.annotations.Test;

/** What Ojala asks of git, asked of repositories that git made. */
public class GitRepositoryTest {
    private static String lines(int first, int last) {
        return IntStream.rangeClosed(first, last)
                .mapToObj(line -> "line " + line + "\n")
                .collect(Collectors.joining());
    }

    private static FileChange change(List<FileChange> changes, String path) {
        return changes.stream()
                .filter(one -> one.path().equals(path))
                .findFirst()
                .orElseThrow();
    }

    private static List<FileChange> changes(GitRepository git, String older, String newer) {
        return git.changes(
                git.snapshot(git.commit(older).orElseThrow()),
                git.snapshot(git.commit(newer).orElseThrow()));
    }

    @Test
    public void aChangeFollowsRenamesAndLeavesDeletionsOut() {
        TemporaryRepository repository = new TemporaryRepository();
        String base = repository
                .write("tides/level.py", lines(1, 20))
                .write("old.py", lines(1, 5))
                .commit("begin");
        repository.git("mv", "tides/level.py", "tides/height.py");
        repository.git("rm", "-q", "old.py");
        String head = repository
                .write("tides/height.py", lines(1, 9) + "changed\n" + lines(11, 20) + "added\n")
                .write("new.py", "quite\nanother\ntext\n")
                .commit("rename");
        try (GitRepository git = repository.open()) {
            List<FileChange> changes = changes(git, base, head);
            assertThat(changes).extracting(FileChange::path).containsExactlyInAnyOrder("tides/height.py", "new.py");
            assertThat(change(changes, "tides/height.py").oldPath()).contains("tides/level.py");
            assertThat(change(changes, "tides/height.py").changed()).hasToString("10,21");
            assertThat(change(changes, "new.py").oldPath()).isEmpty();
            assertThat(change(changes, "new.py").changed()).hasToString("1-3");
        }
    }

    @Test
    public void aPureRenameChangesNoLine() {
        TemporaryRepository repository = new TemporaryRepository();
        String base = repository.write("a.py", lines(1, 9)).commit("begin");
        repository.git("mv", "a.py", "b.py");
        String head = repository.commit("rename");
        try (GitRepository git = repository.open()) {
            assertThat(changes(git, base, head))
                    .singleElement()
                    .satisfies(one -> assertThat(one.changed().isEmpty()).isTrue());
        }
    }

    @Test
    public void theLinesOfACopyAreNew() {
        TemporaryRepository repository = new TemporaryRepository();
        String base = repository.write("a.py", lines(1, 30)).commit("begin");
        repository.git("mv", "a.py", "b.py");
        String head = repository.write("c.py", lines(1, 30)).commit("move and copy");
        try (GitRepository git = repository.open()) {
            int changed = changes(git, base, head).stream()
                    .mapToInt(one -> one.changed().size())
                    .sum();
            assertThat(changed)
                    .as("one of the two is the old file, the other is new")
                    .isEqualTo(30);
        }
    }

    @Test
    public void theWorkingTreeIsSeenWithoutWhatIsIgnored() {
        TemporaryRepository repository = new TemporaryRepository();
        repository
                .write(".gitignore", "build/\n")
                .write("kept/a.py", lines(1, 4))
                .commit("begin");
        repository
                .write("build/out.py", "x\n")
                .write("untracked.py", lines(1, 2))
                .write("kept/a.py", lines(1, 5));
        try (GitRepository git = repository.open()) {
            Snapshot working = git.workTreeSnapshot();
            assertThat(working.paths()).containsExactly(".gitignore", "kept/a.py", "untracked.py");
            assertThat(working.lineCount("kept/a.py")).isEqualTo(5);
            assertThat(working.text("../outside")).isEmpty();
            List<FileChange> changes =
                    git.changes(git.snapshot(git.commit("HEAD").orElseThrow()), working);
            assertThat(change(changes, "kept/a.py").changed()).hasToString("5");
            assertThat(change(changes, "untracked.py").changed()).hasToString("1-2");
        }
    }

    @Test
    public void aSyntheticMergeIsMadeAgainWithTheSameTree() {
        TemporaryRepository repository = new TemporaryRepository();
        repository.write("a.py", lines(1, 9)).commit("begin");
        repository.git("checkout", "-q", "-b", "feature");
        String head = repository.write("b.py", lines(1, 3)).commit("feature");
        repository.git("checkout", "-q", "main");
        String target = repository.write("a.py", "first\n" + lines(1, 9)).commit("main goes on");
        repository.git("checkout", "-q", "--detach");
        repository.git("merge", "-q", "--no-ff", "-m", "merge", head);
        String tree = repository.git("rev-parse", "HEAD^{tree}");
        try (GitRepository git = repository.open()) {
            CommitInfo ours = git.commit(target).orElseThrow();
            CommitInfo theirs = git.commit(head).orElseThrow();
            assertThat(git.mergedTree(ours, theirs)).contains(tree);
            assertThat(git.mergeBase(ours, theirs)).map(CommitInfo::subject).contains("begin");
            assertThat(git.tree(tree).paths()).containsExactly("a.py", "b.py");
        }
    }

    @Test
    public void conflictsMakeNoTree() {
        TemporaryRepository repository = new TemporaryRepository();
        repository.write("a.py", "one\n").commit("begin");
        repository.git("checkout", "-q", "-b", "feature");
        String head = repository.write("a.py", "two\n").commit("feature");
        repository.git("checkout", "-q", "main");
        String target = repository.write("a.py", "three\n").commit("main");
        try (GitRepository git = repository.open()) {
            assertThat(git.mergedTree(
                            git.commit(target).orElseThrow(), git.commit(head).orElseThrow()))
                    .isEmpty();
        }
    }

    @Test
    public void submodulesAreLeftOut() {
        TemporaryRepository inner = new TemporaryRepository();
        inner.write("x.py", "x\n").commit("inner");
        TemporaryRepository repository = new TemporaryRepository();
        repository.write("a.py", "a\n").commit("begin");
        repository.git("submodule", "add", "-q", inner.folder().toString(), "vendor/inner");
        repository.commit("add it");
        try (GitRepository git = repository.open()) {
            assertThat(git.snapshot(git.commit("HEAD").orElseThrow()).paths()).containsExactly(".gitmodules", "a.py");
        }
    }

    @Test
    public void whatIsNoRepositoryIsNamed() throws IOException {
        Path folder = Files.createTempDirectory("no repository");
        assertThatThrownBy(() -> GitRepository.open(folder))
                .isInstanceOf(GitFailure.class)
                .hasMessageContaining("in no git repository");
        assertThatThrownBy(() -> GitRepository.open(folder.resolve("nowhere"))).hasMessageContaining("is no folder");
        Mirror mirror = new Mirror(
                folder.resolve("mirror.git"), folder.resolve("nowhere").toString(), 5);
        assertThatThrownBy(mirror::fetch)
                .isInstanceOf(GitFailure.class)
                .hasMessageContaining("nowhere does not answer");
    }

    @Test
    public void aMirrorFollowsItsRepository() throws IOException {
        TemporaryRepository repository = new TemporaryRepository();
        String first = repository.write("a.py", "a\n").commit("begin");
        Path folder = Files.createTempDirectory("mirrors").resolve("1.git");
        Mirror mirror = new Mirror(folder, repository.folder().toString(), 5);
        mirror.fetch();
        try (GitRepository git = mirror.open()) {
            assertThat(git.commit(first)).isPresent();
            assertThat(git.workTree()).isEmpty();
            repository.git("checkout", "-q", "-b", "feature/a");
            String second = repository.write("a.py", "b\n").commit("more");
            assertThat(git.commit(second)).isEmpty();
            mirror.fetch();
            assertThat(git.commit("refs/heads/feature/a")).map(CommitInfo::id).contains(second);
            repository.git("checkout", "-q", "main");
            repository.git("branch", "-q", "-D", "feature/a");
            repository.git("branch", "-q", "feature");
            mirror.fetch();
        }
        try (GitRepository git = mirror.open()) {
            assertThat(git.commit("refs/heads/feature"))
                    .as("a branch where a folder of branches was")
                    .isPresent();
        }
    }

    @Test
    public void aShallowCheckoutIsKnown() throws IOException {
        TemporaryRepository repository = new TemporaryRepository();
        repository.write("a.py", "a\n").commit("begin");
        repository.write("a.py", "b\n").commit("more");
        Path shallow = Files.createTempDirectory("shallow").resolve("clone");
        repository.git("clone", "-q", "--depth", "1", "file://" + repository.folder(), shallow.toString());
        try (GitRepository git = GitRepository.open(shallow);
                GitRepository whole = repository.open()) {
            assertThat(git.isShallow()).isTrue();
            assertThat(whole.isShallow()).isFalse();
        }
    }

    @Test
    public void theLastReadableSettingsAreInForce() {
        TemporaryRepository repository = new TemporaryRepository();
        String readable = repository.write("ojala.yaml", "version: 1\n").commit("begin");
        repository.write("ojala.yaml", "version: 1\ngaet: {}\n").commit("break it");
        String tip = repository.write("a.py", "a\n").commit("more");
        try (GitRepository git = repository.open()) {
            SettingsInForce settings = SettingsInForce.of(git, git.commit(tip).orElseThrow());
            assertThat(settings.commit().id()).isEqualTo(readable);
            assertThat(settings.doubts()).singleElement().satisfies(doubt -> {
                assertThat(doubt.effect()).isEqualTo(Doubt.Effect.INFORMS);
                assertThat(doubt.message()).contains("line 2, column 1", readable.substring(0, 8));
            });
            CommitInfo first = git.commit(readable).orElseThrow();
            assertThat(SettingsInForce.of(git, first).doubts()).isEmpty();
        }
    }

    @Test
    public void aBranchWithoutSettingsHasNone() {
        TemporaryRepository repository = new TemporaryRepository();
        String tip = repository.write("a.py", "a\n").commit("begin");
        try (GitRepository git = repository.open()) {
            assertThat(SettingsInForce.of(git, git.commit(tip).orElseThrow()).settings())
                    .isEqualTo(Optional.empty());
        }
    }

    @Test
    public void firstParentsLeaveMergedBranchesOut() {
        TemporaryRepository repository = new TemporaryRepository();
        String first = repository.write("a.py", lines(1, 3)).commit("begin");
        repository.git("checkout", "-q", "-b", "side");
        repository.write("b.py", lines(1, 3)).commit("aside");
        repository.git("checkout", "-q", "-");
        String second = repository.write("a.py", lines(1, 4)).commit("go on");
        repository.git("merge", "-q", "--no-ff", "-m", "merge", "side");
        try (GitRepository git = repository.open()) {
            CommitInfo tip = git.commit("HEAD").orElseThrow();
            assertThat(git.firstParentIds(tip, 50)).containsExactly(tip.id(), second, first);
            assertThat(git.firstParentIds(tip, 2)).containsExactly(tip.id(), second);
            assertThat(git.firstParents(tip, 50)).extracting(CommitInfo::id).containsExactly(tip.id(), second, first);
        }
    }
}

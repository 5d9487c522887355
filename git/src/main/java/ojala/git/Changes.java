package ojala.git;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ojala.core.change.Edit;
import ojala.core.change.FileChange;
import org.eclipse.jgit.diff.DiffEntry;
import org.eclipse.jgit.diff.DiffFormatter;
import org.eclipse.jgit.diff.RawTextComparator;
import org.eclipse.jgit.lib.FileMode;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.util.io.DisabledOutputStream;

/**
 * The differences between two snapshots, renames followed. A copy counts as added: its lines are new to the repository.
 */
final class Changes {
    private Changes() {}

    static List<FileChange> between(Repository repository, Snapshot older, Snapshot newer) {
        try (DiffFormatter formatter = new DiffFormatter(DisabledOutputStream.INSTANCE)) {
            formatter.setRepository(repository);
            formatter.setDiffComparator(RawTextComparator.DEFAULT);
            formatter.setDetectRenames(true);
            List<FileChange> changes = new ArrayList<>();
            for (DiffEntry entry : formatter.scan(older.iterator(), newer.iterator())) {
                boolean file =
                        entry.getNewMode() == FileMode.REGULAR_FILE || entry.getNewMode() == FileMode.EXECUTABLE_FILE;
                if (entry.getChangeType() != DiffEntry.ChangeType.DELETE && file) {
                    changes.add(change(formatter, entry, newer));
                }
            }
            return changes;
        } catch (IOException failure) {
            throw new GitFailure("the change can't be computed in " + repository, failure);
        }
    }

    private static FileChange change(DiffFormatter formatter, DiffEntry entry, Snapshot newer) throws IOException {
        String path = entry.getNewPath();
        if (entry.getChangeType() == DiffEntry.ChangeType.COPY) {
            int lines = newer.lineCount(path);
            return new FileChange(path, Optional.empty(), lines == 0 ? List.of() : List.of(new Edit(1, 0, 1, lines)));
        }
        List<Edit> edits = formatter.toFileHeader(entry).toEditList().stream()
                .map(edit -> new Edit(edit.getBeginA() + 1, edit.getLengthA(), edit.getBeginB() + 1, edit.getLengthB()))
                .toList();
        boolean added = entry.getChangeType() == DiffEntry.ChangeType.ADD;
        return new FileChange(path, added ? Optional.empty() : Optional.of(entry.getOldPath()), edits);
    }
}

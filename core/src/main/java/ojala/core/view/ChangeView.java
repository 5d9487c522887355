package ojala.core.view;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ojala.core.change.FileChange;
import ojala.core.model.Counts;
import ojala.core.model.SourceCoverage;

/** A change seen through a view: each file with its changed lines and what reaches them. */
public record ChangeView(List<ChangedSource> sources) {
    public ChangeView {
        sources = List.copyOf(sources);
    }

    /** @param coverage a file's coverage at the head, by path */
    public static ChangeView of(
            Collection<FileChange> changes, View view, Function<String, Optional<SourceCoverage>> coverage) {
        return new ChangeView(changes.stream()
                .map(change -> ChangedSource.of(change, view.standing(change.path()), coverage.apply(change.path())))
                .toList());
    }

    /** The files that count and are measured. */
    public List<ChangedSource> measured() {
        return sources.stream()
                .filter(source -> source.standing() == Standing.MEASURED)
                .toList();
    }

    public Counts counts() {
        return measured().stream().map(ChangedSource::counts).reduce(Counts.NONE, Counts::plus);
    }

    /** The paths of files with changed lines that belong to the view and that no report mentions. */
    public List<String> unmeasured() {
        return sources.stream()
                .filter(source -> source.standing() == Standing.UNMEASURED
                        && !source.changed().isEmpty())
                .map(ChangedSource::path)
                .toList();
    }
}

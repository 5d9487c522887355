package ojala.core.view;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.model.Counts;

/** A folder as a view shows it: its folders, then its files, each by name. */
public record Folder(String path, Counts counts, List<Entry> entries) {
    /**
     * What stands in a folder.
     *
     * @param standing of a file; absent for a folder
     * @param measured how many files in it count
     */
    public record Entry(
            String name,
            String path,
            Optional<Standing> standing,
            Counts counts,
            int measured,
            int unmeasured,
            int excluded) {
        private Entry plus(Entry other) {
            return new Entry(
                    name,
                    path,
                    standing,
                    counts.plus(other.counts),
                    measured + other.measured,
                    unmeasured + other.unmeasured,
                    excluded + other.excluded);
        }
    }

    private static final Comparator<Entry> ORDER = Comparator.<Entry, Boolean>comparing(
                    entry -> entry.standing().isPresent())
            .thenComparing(Entry::name);

    /**
     * A folder of a view; empty if the view has no file below it.
     *
     * @param path without a slash at its end; empty for the root
     */
    public static Optional<Folder> of(View view, String path) {
        String prefix = path.isEmpty() ? "" : path + "/";
        SortedMap<String, Entry> entries = new TreeMap<>();
        for (Map.Entry<String, Standing> file : view.below(prefix).entrySet()) {
            Entry entry = entry(view, prefix, file.getKey(), file.getValue());
            entries.merge(entry.path(), entry, Entry::plus);
        }
        List<Entry> sorted = new ArrayList<>(entries.values());
        sorted.sort(ORDER);
        Counts counts = sorted.stream().map(Entry::counts).reduce(Counts.NONE, Counts::plus);
        return sorted.isEmpty()
                ? Optional.empty()
                : Optional.of(new Folder(path, counts, Collections.unmodifiableList(sorted)));
    }

    /** All files of a view below a folder, by path; empty if there is none. */
    public static Optional<Folder> filesBelow(View view, String path) {
        String prefix = path.isEmpty() ? "" : path + "/";
        List<Entry> files = view.below(prefix).entrySet().stream()
                .map(file -> entry(view, parent(file.getKey()), file.getKey(), file.getValue()))
                .toList();
        Counts counts = files.stream().map(Entry::counts).reduce(Counts.NONE, Counts::plus);
        return files.isEmpty() ? Optional.empty() : Optional.of(new Folder(path, counts, files));
    }

    private static String parent(String file) {
        return file.substring(0, file.lastIndexOf('/') + 1);
    }

    private static Entry entry(View view, String prefix, String file, Standing standing) {
        int slash = file.indexOf('/', prefix.length());
        String own = slash < 0 ? file : file.substring(0, slash);
        return new Entry(
                own.substring(prefix.length()),
                own,
                slash < 0 ? Optional.of(standing) : Optional.empty(),
                Optional.ofNullable(view.measured().get(file)).orElse(Counts.NONE),
                standing == Standing.MEASURED ? 1 : 0,
                standing == Standing.UNMEASURED ? 1 : 0,
                standing == Standing.EXCLUDED ? 1 : 0);
    }
}

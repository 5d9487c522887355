package ojala.core.tally;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Counts;
import ojala.core.model.SourceCoverage;

/**
 * Merged coverage as a tree of digests, like git's trees: leaves are sources, nodes are folders. A tally is a root
 * digest in a store; it knows no settings.
 */
public final class Tally {
    private final Digest root;
    private final ObjectStore store;

    public Tally(Digest root, ObjectStore store) {
        this.root = root;
        this.store = store;
    }

    /** A source of a tally: its leaf's digest and its counts. */
    public record Source(Digest leaf, Counts counts) {}

    public Digest root() {
        return root;
    }

    /** Keeps the coverage of these sources, by path, and gives their tally. */
    public static Tally of(Map<String, SourceCoverage> sources, ObjectStore store) {
        SortedMap<String, Node.Entry> leaves = new TreeMap<>();
        sources.forEach((path, coverage) -> leaves.put(path, leaf(coverage, store)));
        return new Tally(store.keep(folder(leaves, store).write()), store);
    }

    private static Node.Entry leaf(SourceCoverage coverage, ObjectStore store) {
        return new Node.Entry(Node.Kind.LEAF, store.keep(Leaf.write(coverage)), coverage.counts());
    }

    private static Node folder(SortedMap<String, Node.Entry> leavesByPath, ObjectStore store) {
        SortedMap<String, Node.Entry> entries = new TreeMap<>();
        SortedMap<String, SortedMap<String, Node.Entry>> folders = new TreeMap<>();
        leavesByPath.forEach((path, leaf) -> {
            int slash = path.indexOf('/');
            if (slash < 0) {
                entries.put(path, leaf);
            } else {
                folders.computeIfAbsent(path.substring(0, slash), key -> new TreeMap<>())
                        .put(path.substring(slash + 1), leaf);
            }
        });
        folders.forEach((name, below) -> entries.put(name, folderEntry(folder(below, store), store)));
        return new Node(entries);
    }

    private static Node.Entry folderEntry(Node node, ObjectStore store) {
        return new Node.Entry(Node.Kind.FOLDER, store.keep(node.write()), node.counts());
    }

    /** The merge of tallies; walks only where they differ. Costs nothing but a look for equal ones. */
    public static Tally merge(Collection<Tally> tallies, ObjectStore store) {
        Set<Digest> roots = tallies.stream().map(Tally::root).collect(Collectors.toCollection(LinkedHashSet::new));
        if (roots.isEmpty()) {
            return of(Map.of(), store);
        }
        return new Tally(mergeNodes(roots, store), store);
    }

    private static Digest mergeNodes(Set<Digest> digests, ObjectStore store) {
        return digests.size() == 1
                ? digests.iterator().next()
                : store.keep(mergedNode(digests, store).write());
    }

    private static Node mergedNode(Set<Digest> digests, ObjectStore store) {
        Map<String, List<Node.Entry>> byName = new TreeMap<>();
        store.load(digests)
                .values()
                .forEach(bytes -> Node.read(bytes)
                        .entries()
                        .forEach((name, entry) -> byName.computeIfAbsent(name, key -> new ArrayList<>())
                                .add(entry)));
        SortedMap<String, Node.Entry> merged = new TreeMap<>();
        byName.forEach((name, entries) -> merged.put(name, mergedEntry(name, entries, store)));
        return new Node(merged);
    }

    private static Node.Entry mergedEntry(String name, List<Node.Entry> entries, ObjectStore store) {
        Set<Digest> digests =
                entries.stream().map(Node.Entry::digest).collect(Collectors.toCollection(LinkedHashSet::new));
        if (digests.size() == 1) {
            return entries.get(0);
        }
        if (entries.stream().map(Node.Entry::kind).distinct().count() > 1) {
            throw new IllegalStateException(name + " is a file in one slot and a folder in another of the same commit");
        }
        if (entries.get(0).kind() == Node.Kind.FOLDER) {
            return folderEntry(mergedNode(digests, store), store);
        }
        return leaf(
                SourceMerge.merge(
                        store.load(digests).values().stream().map(Leaf::read).toList()),
                store);
    }

    /** All sources by path; reads the folders level by level, no leaf. */
    public SortedMap<String, Source> sources() {
        SortedMap<String, Source> sources = new TreeMap<>();
        Map<String, Digest> level = Map.of("", root);
        while (!level.isEmpty()) {
            Map<Digest, byte[]> loaded = store.load(Set.copyOf(level.values()));
            Map<String, Digest> below = new HashMap<>();
            level.forEach((prefix, digest) -> Node.read(loaded.get(digest))
                    .entries()
                    .forEach((name, entry) -> {
                        if (entry.kind() == Node.Kind.FOLDER) {
                            below.put(prefix + name + "/", entry.digest());
                        } else {
                            sources.put(prefix + name, new Source(entry.digest(), entry.counts()));
                        }
                    }));
            level = below;
        }
        return sources;
    }

    /** The coverage of one source; reads only the folders on its way. */
    public Optional<SourceCoverage> source(String path) {
        Digest at = root;
        String[] names = path.split("/");
        for (int i = 0; i < names.length; i++) {
            Node.Entry entry = Node.read(bytes(at)).entries().get(names[i]);
            boolean wanted = i == names.length - 1;
            if (entry == null || wanted != (entry.kind() == Node.Kind.LEAF)) {
                return Optional.empty();
            }
            at = entry.digest();
        }
        return Optional.of(Leaf.read(bytes(at)));
    }

    private byte[] bytes(Digest digest) {
        return store.load(List.of(digest)).get(digest);
    }
}

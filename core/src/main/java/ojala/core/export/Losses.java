package ojala.core.export;

import java.util.Collections;
import java.util.SortedMap;
import java.util.TreeMap;

/** What a writer could not say: each kind of thing with how many sources have it. For one writing. */
public final class Losses {
    private final SortedMap<String, Integer> sources = new TreeMap<>();

    /** One source has such things. */
    public void add(String what) {
        sources.merge(what, 1, Integer::sum);
    }

    /** One source has such things, if it does. */
    public void addIf(boolean has, String what) {
        if (has) {
            add(what);
        }
    }

    /** How many sources have each kind of thing. */
    public SortedMap<String, Integer> sources() {
        return Collections.unmodifiableSortedMap(sources);
    }
}

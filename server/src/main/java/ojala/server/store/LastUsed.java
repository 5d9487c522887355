package ojala.server.store;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Remembers the values of the keys that were asked for last. For values that never change under their key: nothing is
 * ever thrown away because it is old. Safe from several threads; a value may be made twice.
 */
public final class LastUsed<K, V> {
    private final Map<K, V> values;

    /** @param most how many values are remembered */
    public LastUsed(int most) {
        values = new LinkedHashMap<>(most, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** The value of a key, made if it is not remembered. */
    public V get(K key, Function<K, V> make) {
        synchronized (values) {
            V known = values.get(key);
            if (known != null) {
                return known;
            }
        }
        V made = make.apply(key);
        synchronized (values) {
            values.put(key, made);
        }
        return made;
    }
}

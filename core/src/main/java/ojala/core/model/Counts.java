package ojala.core.model;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** Counts by name. A name that no report carries is absent, which is not the same as zero of zero. Immutable. */
public record Counts(Map<CountName, Count> byName) {
    public static final Counts NONE = new Counts(Map.of());

    public Counts {
        Map<CountName, Count> copy = new EnumMap<>(CountName.class);
        copy.putAll(byName);
        byName = Collections.unmodifiableMap(copy);
    }

    public Optional<Count> get(CountName name) {
        return Optional.ofNullable(byName.get(name));
    }

    /** The count, zero of zero where absent. */
    public Count of(CountName name) {
        return byName.getOrDefault(name, Count.NONE);
    }

    public Counts plus(Counts other) {
        if (other.byName.isEmpty()) {
            return this;
        }
        Map<CountName, Count> sum = new EnumMap<>(CountName.class);
        sum.putAll(byName);
        other.byName.forEach((name, count) -> sum.merge(name, count, Count::plus));
        return new Counts(sum);
    }
}

package ojala.client.ci;

import java.util.Map;
import java.util.Optional;

/** Environment variables; an empty one counts as absent. */
record Environment(Map<String, String> variables) {
    boolean has(String name) {
        return get(name).isPresent();
    }

    Optional<String> get(String name) {
        return Optional.ofNullable(variables.get(name)).filter(value -> !value.isBlank());
    }

    /** The first of these that is there. */
    Optional<String> first(String... names) {
        for (String name : names) {
            if (has(name)) {
                return get(name);
            }
        }
        return Optional.empty();
    }

    Optional<Integer> number(String name) {
        return get(name).filter(value -> value.matches("\\d{1,9}")).map(Integer::valueOf);
    }

    /** A commit id; all zeros, as some systems write for “none”, count as absent. */
    Optional<String> commit(String name) {
        return get(name).filter(value -> value.matches("[0-9a-f]{40}") && !value.matches("0+"));
    }

    /** A job's name with its place among parallel ones: {@code berthing 2/4}, or {@code 2/4} alone. */
    static Optional<String> part(Optional<String> job, Optional<Integer> placeFromOne, Optional<Integer> of) {
        if (placeFromOne.isEmpty() || of.isEmpty() || of.get() < 2) {
            return job;
        }
        return Optional.of(placeFromOne.get() + "/" + of.get());
    }
}

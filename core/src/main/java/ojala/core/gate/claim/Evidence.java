package ojala.core.gate.claim;

import java.util.List;
import java.util.Optional;
import ojala.core.model.Counts;

/**
 * What was measured in a rule's scope.
 *
 * @param unmeasured the files of the scope that no report mentions
 * @param before the same scope at the base
 */
public record Evidence(Counts counts, List<String> unmeasured, Before before) {
    /**
     * The same scope at the base, or why there is none.
     *
     * @param known false where a base exists that this judgement can't see, true where there is nothing to compare with
     */
    public record Before(Optional<Counts> counts, boolean known) {}
}

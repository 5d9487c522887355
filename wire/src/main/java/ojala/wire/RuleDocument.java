package ojala.wire;

import com.fasterxml.jackson.annotation.JsonProperty;
import org.jspecify.annotations.Nullable;

/**
 * One rule, judged.
 *
 * @param line of the rule in {@code ojala.yaml}; 0 for one that holds without being written
 * @param outcome {@code pass}, {@code warn}, {@code fail}, {@code doubted} or {@code not-judged}
 */
public record RuleDocument(
        String scope,
        String sentence,
        int line,
        String outcome,
        @Nullable FoundDocument found,
        @JsonProperty("short") @Nullable ShortDocument shortfall,
        @Nullable String remark) {}

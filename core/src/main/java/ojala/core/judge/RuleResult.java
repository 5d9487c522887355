package ojala.core.judge;

import java.util.Optional;
import ojala.core.gate.Severity;
import ojala.core.gate.claim.Finding;

/**
 * One rule, judged.
 *
 * @param scope in the rule language's words; a file of {@code each changed file} is named behind it
 * @param line of the rule in {@code ojala.yaml}; 0 for a rule that holds without being written
 * @param remark what else a reader should know; may be empty
 */
public record RuleResult(
        String scope,
        String sentence,
        int line,
        Severity onBreach,
        Outcome outcome,
        Optional<Finding.Found> found,
        Optional<Finding.Shortfall> shortfall,
        String remark) {}

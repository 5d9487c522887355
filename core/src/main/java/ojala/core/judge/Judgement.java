package ojala.core.judge;

import java.util.List;

/** A verdict's outcome with the rules that led to it. */
public record Judgement(Outcome outcome, List<RuleResult> rules) {
    public Judgement {
        rules = List.copyOf(rules);
    }
}

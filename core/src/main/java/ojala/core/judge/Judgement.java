package ojala.core.judge;

import java.util.List;

/** A verdict's outcome with the rules that led to it. */
public record Judgement(Outcome outcome, List<RuleResult> rules) {
    public Judgement {
        rules = List.copyOf(rules);
    }

    /** The outcome as far as the rules alone tell, for a judgement that no suite can still come to. */
    public Outcome outcomeOfRules() {
        return outcome(rules, false);
    }

    static Judgement of(List<RuleResult> rules, boolean waiting) {
        return new Judgement(outcome(rules, waiting), rules);
    }

    private static Outcome outcome(List<RuleResult> rules, boolean waiting) {
        if (has(rules, Outcome.FAIL)) {
            return Outcome.FAIL;
        }
        if (waiting) {
            return Outcome.WAITING;
        }
        if (has(rules, Outcome.DOUBTED)) {
            return Outcome.UNDECIDED;
        }
        if (has(rules, Outcome.NOT_JUDGED)) {
            return Outcome.NOT_JUDGED;
        }
        return has(rules, Outcome.WARN) ? Outcome.WARN : Outcome.PASS;
    }

    private static boolean has(List<RuleResult> rules, Outcome outcome) {
        return rules.stream().anyMatch(rule -> rule.outcome() == outcome);
    }
}

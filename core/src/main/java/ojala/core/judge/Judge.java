package ojala.core.judge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ojala.core.doubt.Doubt;
import ojala.core.fault.Fault;
import ojala.core.fault.Place;
import ojala.core.gate.Rule;
import ojala.core.gate.Scope;
import ojala.core.gate.Severity;
import ojala.core.gate.claim.Evidence;
import ojala.core.gate.claim.Finding;
import ojala.core.gate.claim.UnmeasuredAtMost;
import ojala.core.model.Counts;
import ojala.core.settings.Glob;
import ojala.core.settings.Settings;
import ojala.core.view.ChangedSource;
import ojala.core.view.View;

/**
 * Judges a change by its gate. The outcome: a breach that nothing outstanding can undo fails; else suites still to come
 * make it wait; else a doubt that touches a rule that could fail leaves it undecided; else it warns; else it passes.
 */
public final class Judge {
    private final Case facts;
    private final List<RuleResult> results = new ArrayList<>();

    private Judge(Case facts) {
        this.facts = facts;
    }

    public static Judgement judge(Case facts) {
        Judge judge = new Judge(facts);
        facts.headFaults().forEach(judge::addHeadFault);
        judge.impliedRules().forEach(judge::add);
        facts.settings().gate().rules().forEach(judge::add);
        return Judgement.of(judge.results, !facts.awaited().isEmpty());
    }

    private void addHeadFault(Fault fault) {
        results.add(new RuleResult(
                "settings",
                "the head's " + Settings.FILE + " can be read",
                fault.place().line(),
                Severity.FAIL,
                Outcome.FAIL,
                Optional.empty(),
                Optional.empty(),
                fault.toString()));
    }

    /** A changed file that no test loads must not pass in silence, unless the gate itself says how many may. */
    private List<Rule> impliedRules() {
        List<Rule> onChange = facts.settings().gate().rules().stream()
                .filter(rule ->
                        rule.scope().kind() == Scope.Kind.CHANGE || rule.scope().kind() == Scope.Kind.EACH_CHANGED_FILE)
                .toList();
        boolean written = onChange.stream().anyMatch(rule -> rule.claim() instanceof UnmeasuredAtMost);
        if (onChange.isEmpty() || written || facts.change().unmeasured().isEmpty()) {
            return List.of();
        }
        return List.of(new Rule(
                new Scope(Scope.Kind.CHANGE, ""),
                new UnmeasuredAtMost(0),
                Severity.FAIL,
                "unmeasured files at most 0",
                new Place(0, 0)));
    }

    private void add(Rule rule) {
        if (rule.scope().kind() == Scope.Kind.EACH_CHANGED_FILE) {
            addEachFile(rule);
        } else {
            results.add(result(rule, rule.scope().toString(), rule.claim().judge(evidence(rule.scope()))));
        }
    }

    /** Every file that does not hold has a row of its own; where all hold, one row says so. */
    private void addEachFile(Rule rule) {
        List<RuleResult> breaches = new ArrayList<>();
        for (ChangedSource source : facts.change().measured()) {
            Finding finding = rule.claim().judge(evidence(source.counts(), List.of(), Optional.empty()));
            if (finding.state() == Finding.State.BREACHED) {
                breaches.add(result(rule, rule.scope() + ": " + source.path(), finding));
            }
        }
        if (breaches.isEmpty()) {
            Finding all = new Finding(
                    facts.change().measured().isEmpty() ? Finding.State.NOTHING : Finding.State.HOLDS,
                    Optional.empty(),
                    Optional.empty(),
                    facts.change().measured().isEmpty() ? "nothing to measure" : "holds for each of them");
            results.add(result(rule, rule.scope().toString(), all));
        }
        results.addAll(breaches);
    }

    private Evidence evidence(Scope scope) {
        return switch (scope.kind()) {
            case CHANGE, EACH_CHANGED_FILE ->
                evidence(facts.change().counts(), facts.change().unmeasured(), Optional.empty());
            case WHOLE ->
                evidence(
                        facts.head().whole(),
                        facts.head().unmeasured(),
                        facts.base().map(View::whole));
            case AREA -> {
                List<Glob> paths = facts.settings().areas().stream()
                        .filter(area -> area.name().equals(scope.area()))
                        .findFirst()
                        .map(Settings.Area::paths)
                        .orElse(List.of());
                yield evidence(
                        facts.head().within(paths),
                        facts.head().unmeasuredWithin(paths),
                        facts.base().map(base -> base.within(paths)));
            }
        };
    }

    private Evidence evidence(Counts counts, List<String> unmeasured, Optional<Counts> before) {
        return new Evidence(counts, unmeasured, new Evidence.Before(before, facts.baseKnown()));
    }

    private RuleResult result(Rule rule, String scope, Finding finding) {
        Outcome outcome = outcome(rule, finding);
        String remark = finding.remark();
        if (outcome == Outcome.NOT_JUDGED && finding.state() == Finding.State.BREACHED) {
            remark = (remark.isEmpty() ? "" : remark + "; ") + "may still change, suites are to come";
        }
        return new RuleResult(
                scope,
                rule.sentence(),
                rule.place().line(),
                rule.onBreach(),
                outcome,
                finding.found(),
                finding.shortfall(),
                remark);
    }

    private Outcome outcome(Rule rule, Finding finding) {
        boolean warnOnly = rule.onBreach() == Severity.WARN;
        return switch (finding.state()) {
            case UNKNOWN -> Outcome.NOT_JUDGED;
            case HOLDS -> doubted(Doubt.Effect.UNSURE) && !warnOnly ? Outcome.DOUBTED : Outcome.PASS;
            case NOTHING -> doubtedNothing(rule) && !warnOnly ? Outcome.DOUBTED : Outcome.PASS;
            case BREACHED -> {
                if (warnOnly) {
                    yield Outcome.WARN;
                }
                if (!facts.awaited().isEmpty()) {
                    yield Outcome.NOT_JUDGED;
                }
                boolean doubted = doubted(Doubt.Effect.UNSURE) || doubted(Doubt.Effect.MISSING);
                yield doubted ? Outcome.DOUBTED : Outcome.FAIL;
            }
        };
    }

    private boolean doubted(Doubt.Effect effect) {
        return facts.doubts().stream().anyMatch(doubt -> doubt.effect() == effect);
    }

    /**
     * Nothing to measure is a reason to pass only if the measurement is all there. On a change the lines themselves
     * tell.
     */
    private boolean doubtedNothing(Rule rule) {
        boolean wide = rule.scope().kind() == Scope.Kind.WHOLE || rule.scope().kind() == Scope.Kind.AREA;
        boolean changesSources = facts.change().sources().stream()
                .anyMatch(source -> !source.changed().isEmpty()
                        && facts.head().excludedBecause(source.path()).isEmpty());
        boolean missing = doubted(Doubt.Effect.MISSING) || doubted(Doubt.Effect.UNSURE);
        return missing && (wide || (changesSources && facts.head().measured().isEmpty()));
    }
}

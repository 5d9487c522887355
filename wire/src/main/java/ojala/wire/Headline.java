package ojala.wire;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ojala.core.doubt.Doubt;
import ojala.core.gate.claim.Finding;
import ojala.core.judge.Awaited;
import ojala.core.judge.Judgement;
import ojala.core.judge.Outcome;
import ojala.core.judge.RuleResult;
import ojala.core.view.ChangeView;
import ojala.core.view.ChangedSource;

/**
 * A verdict in words.
 *
 * @param sentence whether the change may be merged, and what decides it
 * @param advice the least that would do; empty where nothing is to do
 */
public record Headline(String sentence, String advice) {

    /** What is judged, and how its outcome is said. */
    public enum Subject {
        PULL_REQUEST("May be merged", "May not be merged"),
        PUSH("The gate holds", "The gate does not hold");

        private final String good;
        private final String bad;

        Subject(String good, String bad) {
            this.good = good;
            this.bad = bad;
        }
    }

    public static Headline of(
            Subject subject, Judgement judgement, ChangeView change, List<Awaited> awaited, List<Doubt> doubts) {
        return switch (judgement.outcome()) {
            case FAIL -> failed(subject, judgement, change);
            case WAITING ->
                new Headline(
                        "Waiting for "
                                + awaited.stream()
                                        .map(a -> a.suite() + " (" + a.missing() + ")")
                                        .collect(Collectors.joining(", "))
                                + ".",
                        "The verdict comes when they have arrived.");
            case UNDECIDED -> undecided(doubts);
            case WARN ->
                new Headline(
                        subject.good + ", with a warning: "
                                + first(judgement, Outcome.WARN)
                                        .map(Headline::claim)
                                        .orElse("") + ".",
                        "");
            case NOT_JUDGED ->
                new Headline(
                        "Not judged in full: what is missing is not known here.",
                        "The rules marked not-judged say what they need.");
            default -> passed(subject, judgement, change);
        };
    }

    private static Headline undecided(List<Doubt> doubts) {
        return doubts.stream()
                .filter(doubt -> doubt.effect() != Doubt.Effect.INFORMS)
                .findFirst()
                .map(doubt -> new Headline("Undecided. " + doubt.message(), doubt.next()))
                .orElseGet(() -> new Headline("Undecided: the measurement can't be trusted.", ""));
    }

    private static Headline failed(Subject subject, Judgement judgement, ChangeView change) {
        RuleResult rule = first(judgement, Outcome.FAIL).orElseThrow();
        long others = judgement.rules().stream()
                        .filter(r -> r.outcome() == Outcome.FAIL)
                        .count()
                - 1;
        String also = others == 0
                ? ""
                : " " + others + (others == 1 ? " other rule fails" : " other rules fail") + " as well.";
        return new Headline(subject.bad + ": " + claim(rule) + ".", advice(rule, change) + also);
    }

    private static String advice(RuleResult rule, ChangeView change) {
        if (rule.shortfall().isEmpty()) {
            return "";
        }
        Finding.Shortfall shortfall = rule.shortfall().get();
        if (shortfall.unit().startsWith("file")) {
            return "Let a test load " + (shortfall.count() == 1 ? "it" : shortfall.count() + " of them")
                    + ", or say in the settings that it is no source.";
        }
        long missed = change.measured().stream()
                .map(ChangedSource::missed)
                .mapToLong(lines -> lines.size())
                .sum();
        boolean ofChange = rule.scope().equals("change") && shortfall.unit().startsWith("line") && missed > 0;
        return ofChange
                ? shortfall.count() + " more of "
                        + (missed == 1 ? "this 1 missed line" : "these " + missed + " missed lines") + " would do."
                : "Short by " + shortfall + ".";
    }

    private static Headline passed(Subject subject, Judgement judgement, ChangeView change) {
        if (judgement.rules().isEmpty()) {
            return new Headline(
                    subject.good + ": no gate yet.",
                    "Add a gate to ojala.yaml on the target branch to have changes judged.");
        }
        boolean nothing = change.measured().stream()
                .allMatch(
                        source -> source.covered().isEmpty() && source.missed().isEmpty());
        return new Headline(
                subject.good + (nothing ? ": nothing in the change to measure." : ": every rule holds."), "");
    }

    private static Optional<RuleResult> first(Judgement judgement, Outcome outcome) {
        return judgement.rules().stream()
                .filter(rule -> rule.outcome() == outcome)
                .findFirst();
    }

    private static final Pattern AT_LEAST = Pattern.compile("(\\w+) at least ([0-9.]+) ?%(, else (warn|fail))?");

    /**
     * {@code changed lines are 71.42 % covered, 80 % is asked: 5 lines short}; other claims in the rule's own words,
     * with what was found.
     */
    private static String claim(RuleResult rule) {
        Matcher atLeast = AT_LEAST.matcher(rule.sentence());
        if (atLeast.matches() && rule.found().orElse(null) instanceof Finding.OfCount of) {
            return subject(rule.scope(), atLeast.group(1)) + " are "
                    + of.count().percent() + " % covered, "
                    + atLeast.group(2) + " % is asked"
                    + rule.shortfall()
                            .map(shortfall -> ": " + shortfall + " short")
                            .orElse("");
        }
        if (rule.sentence().startsWith("unmeasured files")) {
            return rule.remark() + (rule.scope().equals("change") ? ", which the change adds or modifies" : "");
        }
        String remark = rule.remark().isEmpty() ? "" : " (" + rule.remark() + ")";
        String sentence = rule.sentence().replaceFirst(", else (warn|fail)$", "");
        String found = rule.found().map(figure -> ": found " + found(figure)).orElse("");
        return rule.scope() + ", " + sentence + found + remark;
    }

    private static String subject(String scope, String count) {
        return switch (scope) {
            case "change" -> "changed " + count;
            case "whole" -> count + " of the whole";
            default ->
                scope.startsWith("each changed file: ")
                        ? "changed " + count + " of " + scope.substring(19)
                        : count + " of " + scope;
        };
    }

    private static String found(Finding.Found found) {
        if (found instanceof Finding.OfCount of) {
            return of.count().percent() + " % (" + of.count().covered() + " of "
                    + of.count().total() + ")";
        }
        if (found instanceof Finding.Points points) {
            return points.points() + " points down to " + points.now().percent() + " %";
        }
        return String.valueOf(((Finding.Plain) found).count());
    }
}

package ojala.wire;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import ojala.core.doubt.Doubt;
import ojala.core.gate.Severity;
import ojala.core.gate.claim.Finding;
import ojala.core.judge.Awaited;
import ojala.core.judge.Judgement;
import ojala.core.judge.Outcome;
import ojala.core.judge.RuleResult;
import ojala.core.model.Count;
import ojala.core.view.ChangeView;
import org.testng.annotations.Test;

/** A verdict in one sentence, and the least that would do. */
public class HeadlineTest {
    private static final ChangeView NO_CHANGE = new ChangeView(List.of());

    private static RuleResult rule(String scope, String sentence, Outcome outcome, Finding.Found found, long shortBy) {
        return new RuleResult(
                scope,
                sentence,
                3,
                Severity.FAIL,
                outcome,
                Optional.of(found),
                shortBy == 0 ? Optional.empty() : Optional.of(new Finding.Shortfall(shortBy, "lines")),
                "");
    }

    private static Headline of(Headline.Subject subject, Outcome outcome, RuleResult... rules) {
        return Headline.of(subject, new Judgement(outcome, List.of(rules)), NO_CHANGE, List.of(), List.of());
    }

    @Test
    public void aPullRequestMayOrMayNotBeMerged() {
        RuleResult short5 =
                rule("area tides", "lines at least 85 %", Outcome.FAIL, new Finding.OfCount(new Count(80, 100)), 5);
        Headline failed = of(Headline.Subject.PULL_REQUEST, Outcome.FAIL, short5);
        assertThat(failed.sentence())
                .isEqualTo("May not be merged: lines of area tides are 80.00 % covered, 85 % is asked: 5 lines short.");
        assertThat(failed.advice()).isEqualTo("Short by 5 lines.");
        assertThat(of(Headline.Subject.PULL_REQUEST, Outcome.FAIL, short5, short5)
                        .advice())
                .endsWith("1 other rule fails as well.");
        assertThat(of(Headline.Subject.PULL_REQUEST, Outcome.PASS).sentence()).isEqualTo("May be merged: no gate yet.");
    }

    @Test
    public void aPushHoldsItsGateOrDoesNot() {
        RuleResult holds =
                rule("whole", "lines at least 85 %", Outcome.PASS, new Finding.OfCount(new Count(90, 100)), 0);
        assertThat(of(Headline.Subject.PUSH, Outcome.PASS, holds).sentence()).startsWith("The gate holds");
        RuleResult fell = rule(
                "whole",
                "lines fall by at most 0.5 points, else warn",
                Outcome.WARN,
                new Finding.Points("1.56", new Count(88, 100), new Count(90, 100)),
                0);
        assertThat(of(Headline.Subject.PUSH, Outcome.WARN, fell).sentence())
                .isEqualTo(
                        "The gate holds, with a warning: whole, lines fall by at most 0.5 points: found 1.56 points down to 88.00 %.");
        RuleResult failed = rule("whole", "missed lines at most 4", Outcome.FAIL, new Finding.Plain(9), 5);
        assertThat(of(Headline.Subject.PUSH, Outcome.FAIL, failed).sentence())
                .startsWith("The gate does not hold: whole, missed lines at most 4: found 9");
    }

    @Test
    public void waitingAndDoubtsAreTheSameForBoth() {
        for (Headline.Subject subject : Headline.Subject.values()) {
            Headline waiting = Headline.of(
                    subject,
                    new Judgement(Outcome.WAITING, List.of()),
                    NO_CHANGE,
                    List.of(new Awaited("system", "nothing of it was delivered yet", Optional.empty())),
                    List.of());
            assertThat(waiting.sentence()).isEqualTo("Waiting for system (nothing of it was delivered yet).");
            Headline undecided = Headline.of(
                    subject,
                    new Judgement(Outcome.UNDECIDED, List.of()),
                    NO_CHANGE,
                    List.of(),
                    List.of(
                            new Doubt("exclusion-ended", Doubt.Effect.INFORMS, "An exclusion ended.", "Renew it."),
                            new Doubt("no-report", Doubt.Effect.MISSING, "No report came.", "Look at the job.")));
            assertThat(undecided).isEqualTo(new Headline("Undecided. No report came.", "Look at the job."));
        }
    }
}

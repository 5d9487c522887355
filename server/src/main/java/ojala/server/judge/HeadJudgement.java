package ojala.server.judge;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ojala.core.change.FileChange;
import ojala.core.doubt.Doubt;
import ojala.core.judge.Case;
import ojala.core.judge.Judge;
import ojala.core.judge.Judgement;
import ojala.core.judge.Outcome;
import ojala.core.model.Counts;
import ojala.core.settings.Settings;
import ojala.core.tally.Tally;
import ojala.core.view.ChangeView;
import ojala.core.view.View;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.git.JudgementFacts;
import ojala.git.SettingsInForce;
import ojala.git.Snapshot;
import ojala.server.ServiceSettings;
import ojala.server.delivery.Delivery;
import ojala.server.project.Project;
import ojala.server.store.Objects;
import ojala.server.trend.TrendEntry;
import ojala.wire.ChangeDocument;
import ojala.wire.ComparedDocument;
import ojala.wire.Documents;
import ojala.wire.DoubtDocument;
import ojala.wire.Headline;
import ojala.wire.Json;
import ojala.wire.SettingsDocument;
import ojala.wire.VerdictDocument;
import org.springframework.stereotype.Component;

/** Judges one head for one target. */
@Component
class HeadJudgement {
    private final BaseTallies bases;
    private final ServiceSettings service;

    HeadJudgement(BaseTallies bases, ServiceSettings service) {
        this.bases = bases;
        this.service = service;
    }

    /**
     * @param current the deliveries that count
     * @param fetchFailure why the repository did not answer, if it did not
     */
    record Inputs(
            GitRepository repository,
            String head,
            Target target,
            List<Delivery> current,
            Instant firstHeard,
            Instant now,
            Optional<String> fetchFailure) {}

    JudgedHead judge(Project project, Inputs inputs, Objects.Session store) {
        Tally tally = BaseTallies.merge(
                inputs.current().stream().filter(Delivery::read).toList(), store);
        Optional<CommitInfo> head = inputs.repository().commit(inputs.head());
        Optional<CommitInfo> tip = inputs.target().push()
                ? head
                : inputs.repository().commit("refs/heads/" + inputs.target().branch());
        if (head.isEmpty() || tip.isEmpty()) {
            return withoutCommit(project, inputs, tally, head.isEmpty());
        }
        return new Known(project, inputs, store, tally, head.get(), tip.get()).judge();
    }

    /** A judgement in which all commits are known. */
    private final class Known {
        private final Project project;
        private final Inputs inputs;
        private final Objects.Session store;
        private final Tally tally;
        private final CommitInfo head;
        private final SettingsInForce settings;
        private final Optional<CommitInfo> mergeBase;
        private final LocalDate today;

        Known(Project project, Inputs inputs, Objects.Session store, Tally tally, CommitInfo head, CommitInfo tip) {
            this.project = project;
            this.inputs = inputs;
            this.store = store;
            this.tally = tally;
            this.head = head;
            this.settings = SettingsInForce.of(inputs.repository(), tip);
            this.mergeBase = inputs.target().push()
                    ? head.parents().stream().findFirst().flatMap(inputs.repository()::commit)
                    : inputs.repository().mergeBase(tip, head);
            this.today = LocalDate.ofInstant(inputs.now(), ZoneOffset.UTC);
        }

        JudgedHead judge() {
            Snapshot headFiles = inputs.repository().snapshot(head);
            List<FileChange> change = mergeBase
                    .map(base -> inputs.repository().changes(inputs.repository().snapshot(base), headFiles))
                    .orElse(List.of());
            Set<String> suites = inputs.current().stream().map(Delivery::suite).collect(Collectors.toSet());
            BaseTallies.Base base = bases.find(project, inputs.repository(), mergeBase, suites, store);
            JudgementFacts facts = JudgementFacts.gather(
                    settings.settings(),
                    new JudgementFacts.Side(headFiles, Optional.of(tally)),
                    change,
                    base.side(),
                    today);
            Settings inForce = settings.settings().orElse(Settings.NONE);
            SuitesSoFar suitesSoFar = SuitesSoFar.of(inForce, inputs.current(), inputs.firstHeard(), inputs.now());
            List<Doubt> doubts = new ArrayList<>(settings.doubts());
            doubts.addAll(endedExclusions(inForce));
            doubts.addAll(suitesSoFar.doubts());
            doubts.addAll(deliveryDoubts(inputs.current()));
            inputs.fetchFailure().ifPresent(failure -> doubts.add(stale(failure)));
            Case facing = new Case(
                    inForce,
                    facts.head(),
                    facts.change(),
                    facts.base(),
                    true,
                    doubts,
                    suitesSoFar.awaited(),
                    facts.headFaults());
            Judgement judgement = Judge.judge(facing);
            VerdictDocument document = document(facing, judgement, base.document());
            return new JudgedHead(
                    document,
                    inputs.target().push(),
                    tally.root(),
                    trend(inForce, facts.head(), document),
                    suitesSoFar.nextDeadline());
        }

        private Optional<TrendEntry> trend(Settings inForce, View view, VerdictDocument document) {
            if (!inputs.target().push() || view.measured().isEmpty()) {
                return Optional.empty();
            }
            SortedMap<String, Counts> counts = new TreeMap<>();
            counts.put(TrendEntry.WHOLE, view.whole());
            inForce.areas().forEach(area -> counts.put(area.name(), view.within(area.paths())));
            List<String> doubts = document.doubts().stream()
                    .map(DoubtDocument::kind)
                    .distinct()
                    .toList();
            return Optional.of(new TrendEntry(head, document.verdict(), doubts, counts));
        }

        private List<Doubt> endedExclusions(Settings inForce) {
            return inForce.sources().exclude().stream()
                    .filter(exclusion -> exclusion.until().map(today::isAfter).orElse(false))
                    .map(exclusion -> new Doubt(
                            "exclusion-ended",
                            Doubt.Effect.INFORMS,
                            "The exclusion of " + exclusion.paths() + " (" + exclusion.because() + ") ended on "
                                    + exclusion.until().orElseThrow() + "; these files count again.",
                            "Test them, or renew the exclusion on the target branch."))
                    .toList();
        }

        private VerdictDocument document(Case facing, Judgement judgement, ComparedDocument compared) {
            Headline headline =
                    Headline.of(subject(inputs), judgement, facing.change(), facing.awaited(), facing.doubts());
            return new VerdictDocument(
                    1,
                    judgement.outcome().word(),
                    headline.sentence(),
                    headline.advice(),
                    project.key(),
                    inputs.head(),
                    inputs.target().branch(),
                    null,
                    false,
                    judgement.rules().stream().map(Documents::of).toList(),
                    Documents.of(
                            facing.change(),
                            facing.head(),
                            mergeBase.map(CommitInfo::id).orElse(null)),
                    facing.doubts().stream().map(Documents::of).toList(),
                    facing.awaited().stream().map(Documents::of).toList(),
                    SuiteReach.of(inputs.current(), facing.change(), store),
                    Documents.of(facing.head().whole()),
                    compared,
                    new SettingsDocument(
                            settings.settings().isPresent() ? settings.commit().id() : null, today),
                    List.of(),
                    inputs.now(),
                    page(project, inputs));
        }
    }

    private static List<Doubt> deliveryDoubts(List<Delivery> current) {
        return current.stream()
                .flatMap(delivery -> Arrays.stream(Json.read(delivery.doubts(), Doubt[].class)))
                .toList();
    }

    private static Doubt stale(String failure) {
        return new Doubt(
                "repository-silent",
                Doubt.Effect.INFORMS,
                "Judged from the service's copy of the repository, which may be old: " + failure + ".",
                "Check the project's repository URL and that the host is up.");
    }

    private JudgedHead withoutCommit(Project project, Inputs inputs, Tally tally, boolean headUnknown) {
        List<Doubt> doubts = new ArrayList<>(deliveryDoubts(inputs.current()));
        if (doubts.isEmpty() || !headUnknown) {
            doubts.add(new Doubt(
                    headUnknown ? "commit-unknown" : "target-unknown",
                    Doubt.Effect.UNSURE,
                    (headUnknown
                                    ? "commit " + inputs.head().substring(0, 8)
                                    : "branch " + inputs.target().branch())
                            + " is not in the repository"
                            + inputs.fetchFailure()
                                    .map(failure -> ": " + failure)
                                    .orElse(""),
                    "Push it, or mend the project's repository URL."));
        }
        boolean unread = inputs.current().stream().anyMatch(delivery -> !delivery.read());
        SuitesSoFar suites = SuitesSoFar.of(Settings.NONE, inputs.current(), inputs.firstHeard(), inputs.now());
        Outcome outcome = unread ? Outcome.WAITING : Outcome.UNDECIDED;
        Headline headline = Headline.of(
                subject(inputs),
                new Judgement(outcome, List.of()),
                new ChangeView(List.of()),
                suites.awaited(),
                doubts);
        VerdictDocument document = new VerdictDocument(
                1,
                outcome.word(),
                headline.sentence(),
                headline.advice(),
                project.key(),
                inputs.head(),
                inputs.target().branch(),
                null,
                false,
                List.of(),
                new ChangeDocument(null, List.of()),
                doubts.stream().map(Documents::of).toList(),
                suites.awaited().stream().map(Documents::of).toList(),
                List.of(),
                Documents.of(View.unfiltered(java.util.Map.of()).whole()),
                null,
                null,
                List.of(),
                inputs.now(),
                page(project, inputs));
        return new JudgedHead(document, inputs.target().push(), tally.root(), Optional.empty(), Optional.empty());
    }

    private static Headline.Subject subject(Inputs inputs) {
        return inputs.target().push() ? Headline.Subject.PUSH : Headline.Subject.PULL_REQUEST;
    }

    private String page(Project project, Inputs inputs) {
        Integer number = inputs.target().pullRequest();
        String at = service.page() + "/" + project.key();
        return number == null || number == 0 ? at + "/commits/" + inputs.head() : at + "/changes/" + number;
    }
}

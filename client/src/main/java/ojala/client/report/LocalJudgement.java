package ojala.client.report;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.client.Failure;
import ojala.core.change.FileChange;
import ojala.core.doubt.DeliveryFacts;
import ojala.core.doubt.Doubt;
import ojala.core.doubt.Doubts;
import ojala.core.fault.Fault;
import ojala.core.judge.Awaited;
import ojala.core.judge.Case;
import ojala.core.judge.Judge;
import ojala.core.judge.Judgement;
import ojala.core.settings.Settings;
import ojala.core.settings.SettingsReader;
import ojala.core.settings.SettingsReading;
import ojala.core.tally.MemoryStore;
import ojala.core.tally.ObjectStore;
import ojala.core.tally.Tally;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.git.JudgementFacts;
import ojala.git.SettingsInForce;
import ojala.git.Snapshot;
import ojala.wire.ComparedDocument;
import ojala.wire.Documents;
import ojala.wire.Headline;
import ojala.wire.SettingsDocument;
import ojala.wire.VerdictDocument;
import org.jspecify.annotations.Nullable;

/** A judgement without the service, by the same rules. What can't be known here is not judged, and said so. */
public final class LocalJudgement {
    private final VerdictDocument document;
    private final List<String> unreadable;

    private LocalJudgement(VerdictDocument document, List<String> unreadable) {
        this.document = document;
        this.unreadable = unreadable;
    }

    /**
     * What is asked.
     *
     * @param head a revision; absent for the working tree
     * @param gate the text of settings to use instead of the base's
     * @param suite the one suite that the reports are of; absent if they count as all
     */
    public record Question(
            String base,
            @Nullable String head,
            @Nullable String gate,
            @Nullable String suite) {}

    public VerdictDocument document() {
        return document;
    }

    /** The reports that could not be read, each with place and reason. */
    public List<String> unreadable() {
        return unreadable;
    }

    public static LocalJudgement of(GitRepository git, Question question, List<Path> reports, List<Path> baseReports) {
        CommitInfo base = commit(git, question.base());
        CommitInfo headCommit = commit(git, question.head() == null ? "HEAD" : question.head());
        if (question.head() == null && git.workTree().isEmpty()) {
            throw Failure.usage("a bare repository has no working tree: name the head with --head");
        }
        Snapshot head = question.head() == null ? git.workTreeSnapshot() : git.snapshot(headCommit);
        SettingsInForce settings = question.gate() == null
                ? SettingsInForce.of(git, base)
                : new SettingsInForce(Optional.of(parsed(question.gate())), base, List.of());
        Optional<CommitInfo> mergeBase = git.mergeBase(base, headCommit);
        if (mergeBase.isEmpty()) {
            throw Failure.usage("the histories of " + question.base() + " and "
                    + headCommit.id().substring(0, 8) + " do not meet here"
                    + (git.isShallow() ? ": this checkout is shallow, fetch more of it (git fetch --deepen=50)" : ""));
        }
        LocalReports ofHead = LocalReports.read(reports, Optional.of(head));
        Snapshot baseFiles = git.snapshot(mergeBase.get());
        LocalReports ofBase = LocalReports.read(baseReports, Optional.of(baseFiles));
        ObjectStore store = new MemoryStore();
        List<FileChange> change = git.changes(baseFiles, head);
        Optional<Tally> baseTally =
                baseReports.isEmpty() ? Optional.empty() : Optional.of(Tally.of(ofBase.coverage(), store));
        LocalDate today = LocalDate.now(Clock.systemUTC().withZone(ZoneOffset.UTC));
        JudgementFacts facts = JudgementFacts.gather(
                settings.settings(),
                new JudgementFacts.Side(head, Optional.of(Tally.of(ofHead.coverage(), store))),
                change,
                Optional.of(new JudgementFacts.Side(baseFiles, baseTally)),
                today);
        Settings inForce = settings.settings().orElse(Settings.NONE);
        Case facing = new Case(
                inForce,
                facts.head(),
                facts.change(),
                facts.base(),
                baseTally.isPresent(),
                doubts(settings, question, ofHead),
                elsewhere(inForce, question.suite()),
                facts.headFaults());
        return new LocalJudgement(
                document(facing, mergeBase.get(), settings, today, baseTally.isPresent()),
                Stream.of(ofHead, ofBase)
                        .flatMap(read -> read.reports().stream())
                        .filter(report -> !report.facts().readable())
                        .map(report -> report.name() + ": " + String.join("; ", report.problems()))
                        .toList());
    }

    private static CommitInfo commit(GitRepository git, String revision) {
        return git.commit(revision)
                .orElseThrow(() -> Failure.usage("“" + revision + "” names no commit of this repository"
                        + (git.isShallow() ? ", which is shallow: fetch more of it (git fetch --deepen=50)" : "")));
    }

    private static Settings parsed(String text) {
        SettingsReading reading = SettingsReader.read(text);
        if (reading instanceof SettingsReading.Faulty faulty) {
            throw Failure.usage("the gate can't be read:\n  "
                    + faulty.faults().stream().map(Fault::toString).collect(Collectors.joining("\n  ")));
        }
        return ((SettingsReading.Valid) reading).settings();
    }

    private static List<Doubt> doubts(SettingsInForce settings, Question question, LocalReports reports) {
        List<Doubt> doubts = new ArrayList<>(settings.doubts());
        String suite = question.suite() == null ? "of the reports given" : question.suite();
        doubts.addAll(Doubts.of(new DeliveryFacts(
                suite,
                "",
                reports.reports().stream().map(LocalReports.ReportResult::facts).toList())));
        return doubts;
    }

    /** The suites that the settings wait for and that these reports are not of. */
    private static List<Awaited> elsewhere(Settings settings, @Nullable String suite) {
        if (suite == null) {
            return List.of();
        }
        return settings.suites().stream()
                .filter(one -> !one.name().equals(suite) && one.whenAbsent() == Settings.WhenAbsent.WAIT)
                .map(one -> new Awaited(one.name(), "not among these reports", Optional.empty()))
                .toList();
    }

    private static VerdictDocument document(
            Case facing, CommitInfo mergeBase, SettingsInForce settings, LocalDate today, boolean baseKnown) {
        Judgement judged = Judge.judge(facing);
        Judgement judgement = new Judgement(judged.outcomeOfRules(), judged.rules());
        Headline headline = Headline.of(
                Headline.Subject.PULL_REQUEST, judgement, facing.change(), facing.awaited(), facing.doubts());
        List<String> notes = new ArrayList<>();
        facing.awaited().forEach(one -> notes.add("suite " + one.suite() + " is not among these reports"));
        if (!baseKnown) {
            notes.add("the base's coverage is not known here; give it with --base-report");
        }
        return new VerdictDocument(
                1,
                judgement.outcome().word(),
                headline.sentence(),
                headline.advice(),
                null,
                null,
                null,
                null,
                false,
                judgement.rules().stream().map(Documents::of).toList(),
                Documents.of(facing.change(), facing.head(), mergeBase.id()),
                facing.doubts().stream().map(Documents::of).toList(),
                List.of(),
                List.of(),
                Documents.of(facing.head().whole()),
                baseKnown ? new ComparedDocument(mergeBase.id(), "the merge base, from --base-report") : null,
                new SettingsDocument(
                        settings.settings().isPresent() ? settings.commit().id() : null, today),
                notes,
                null,
                null);
    }
}

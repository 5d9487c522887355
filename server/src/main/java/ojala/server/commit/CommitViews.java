package ojala.server.commit;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ojala.core.settings.Settings;
import ojala.core.tally.Digest;
import ojala.core.tally.Tally;
import ojala.core.view.View;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.git.JudgementFacts;
import ojala.git.SettingsInForce;
import ojala.server.judge.Verdicts;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.server.store.LastUsed;
import ojala.server.store.Objects;
import ojala.server.trend.Trends;
import ojala.wire.SettingsDocument;
import ojala.wire.VerdictDocument;
import org.springframework.stereotype.Component;

/** Makes the views of commits, and remembers the last few: a view is the same as long as what it is made of is. */
@Component
class CommitViews {
    private static final int REMEMBERED = 24;
    private static final Pattern BACK = Pattern.compile("(.*)~(\\d{1,4})");

    private final Verdicts verdicts;
    private final Trends trends;
    private final Objects objects;
    private final Clock clock;

    /** All that a view is made of. */
    private record Source(long project, String commit, Digest root, Optional<String> settings, LocalDate day) {}

    private final LastUsed<Source, View> views = new LastUsed<>(REMEMBERED);

    CommitViews(Verdicts verdicts, Trends trends, Objects objects, Clock clock) {
        this.verdicts = verdicts;
        this.trends = trends;
        this.objects = objects;
        this.clock = clock;
    }

    /**
     * The commit that a name means: a whole or abbreviated id, else the newest measured commit of a branch; the default
     * branch where the name is empty. {@code ~1} behind either goes so many first parents back.
     */
    CommitInfo resolve(Project project, GitRepository repository, String name) {
        Matcher back = BACK.matcher(name);
        if (back.matches()) {
            CommitInfo from = resolve(project, repository, back.group(1));
            return repository
                    .commit(from.id() + "~" + back.group(2))
                    .orElseThrow(() -> new Refusal(
                            ProblemType.NOT_FOUND,
                            "commit " + from.id().substring(0, 8) + " has fewer ancestors than " + back.group(2)));
        }
        String branch = name.isEmpty() ? project.defaultBranch() : name;
        Optional<String> measured = trends.newestMeasured(project, branch);
        Optional<CommitInfo> found = measured.isPresent() || !name.matches("[0-9a-f]{4,40}")
                ? measured.flatMap(repository::commit)
                : repository.commit(name);
        return found.orElseThrow(() -> new Refusal(
                ProblemType.NOT_FOUND,
                "“" + branch + "” is neither a commit nor a branch of project " + project.key()
                        + " with something measured: name a commit's id, or send a report for the branch"));
    }

    CommitView of(Project project, GitRepository repository, CommitInfo commit) {
        Digest root = verdicts.root(project, commit.id())
                .orElseThrow(() -> new Refusal(
                        ProblemType.NOT_FOUND,
                        "nothing was measured of commit " + commit.id().substring(0, 8) + " in project " + project.key()
                                + " yet"));
        Tally tally = new Tally(root, objects.open(project.id()));
        Optional<SettingsDocument> used = verdicts.ofHead(project, commit.id()).stream()
                .max(java.util.Comparator.comparing(VerdictDocument::decidedAt))
                .map(VerdictDocument::settings);
        Optional<String> settingsCommit = used.map(SettingsDocument::commit);
        LocalDate day =
                used.map(SettingsDocument::day).orElseGet(() -> LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC));
        View view = views.get(
                new Source(project.id(), commit.id(), root, settingsCommit, day),
                source -> view(repository, commit, tally, source));
        return new CommitView(commit, repository, tally, view, settingsCommit);
    }

    private static View view(GitRepository repository, CommitInfo commit, Tally tally, Source source) {
        Optional<Settings> settings = source.settings()
                .flatMap(repository::commit)
                .flatMap(from -> SettingsInForce.of(repository, from).settings());
        return JudgementFacts.view(
                settings, new JudgementFacts.Side(repository.snapshot(commit), Optional.of(tally)), source.day());
    }
}

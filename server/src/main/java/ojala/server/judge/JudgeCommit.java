package ojala.server.judge;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ojala.git.GitFailure;
import ojala.git.GitRepository;
import ojala.git.Mirror;
import ojala.server.delivery.Deliveries;
import ojala.server.delivery.Delivery;
import ojala.server.mirror.Mirrors;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.server.schedule.Job;
import ojala.server.schedule.JobName;
import ojala.server.store.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Merges what came for a commit and judges it for each of its targets. Answers every request up to the one it sees at
 * its beginning.
 */
@Component
class JudgeCommit implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(JudgeCommit.class);

    private final Projects projects;
    private final Deliveries deliveries;
    private final Mirrors mirrors;
    private final Objects objects;
    private final Targets targets;
    private final HeadJudgement judgement;
    private final JudgeRequests requests;
    private final VerdictStore verdicts;
    private final Clock clock;

    JudgeCommit(
            Projects projects,
            Deliveries deliveries,
            Mirrors mirrors,
            Objects objects,
            Targets targets,
            HeadJudgement judgement,
            JudgeRequests requests,
            VerdictStore verdicts,
            Clock clock) {
        this.projects = projects;
        this.deliveries = deliveries;
        this.mirrors = mirrors;
        this.objects = objects;
        this.targets = targets;
        this.judgement = judgement;
        this.requests = requests;
        this.verdicts = verdicts;
        this.clock = clock;
    }

    @Override
    public JobName name() {
        return JobName.JUDGE;
    }

    @Override
    public Optional<Duration> run(String instance) {
        String[] parts = instance.split(":");
        Project project = projects.get(Long.parseLong(parts[0]));
        String head = parts[1];
        if (parts[2].startsWith(JudgeRequests.DUE)) {
            requests.request(project.id(), head);
            return Optional.empty();
        }
        JudgeRequestMapper.Row request = requests.find(project.id(), head)
                .orElseThrow(() -> new IllegalStateException("nothing asked for " + head + " of " + project.key()));
        boolean answered = request.judged() >= Long.parseLong(parts[2]);
        if (!answered) {
            judge(project, head, request);
        }
        return Optional.empty();
    }

    private void judge(Project project, String head, JudgeRequestMapper.Row request) {
        List<Delivery> current = Deliveries.current(deliveries.ofHead(project, head));
        Mirror mirror = mirrors.of(project);
        List<JudgedHead> judged = new ArrayList<>();
        Objects.Session store = objects.open(project.id());
        try (GitRepository repository = mirror.open()) {
            Optional<String> failure = fetchFailure(mirror);
            for (Target target : targets.of(project, head, deliveries.ofHead(project, head))) {
                judged.add(judgement.judge(
                        project,
                        new HeadJudgement.Inputs(
                                repository, head, target, current, request.firstAt(), clock.instant(), failure),
                        store));
            }
        }
        store.flush();
        verdicts.keep(project, head, request.requested(), judged);
    }

    /**
     * The target's tip may have moved since the last look. Where the repository does not answer, the copy has to do.
     */
    private static Optional<String> fetchFailure(Mirror mirror) {
        try {
            mirror.fetch();
            return Optional.empty();
        } catch (GitFailure failure) {
            LOG.warn("Judging from the mirror as it is: {}", failure.getMessage());
            return Optional.of(String.valueOf(failure.getMessage()));
        }
    }
}

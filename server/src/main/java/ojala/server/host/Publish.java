package ojala.server.host;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import ojala.server.judge.Verdicts;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.server.schedule.Job;
import ojala.server.schedule.JobName;
import ojala.wire.CheckReport;
import ojala.wire.VerdictDocument;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Publishes one verdict to the code host, unless a newer one of the same head and target is there: never a lower number
 * after a higher.
 */
@Component
class Publish implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(Publish.class);
    private static final Duration RETRY = Duration.ofSeconds(5);

    private final PublicationMapper rows;
    private final Projects projects;
    private final ObjectProvider<Verdicts> verdicts;
    private final CodeHost host;
    private final TransactionOperations transactions;

    Publish(
            PublicationMapper rows,
            Projects projects,
            ObjectProvider<Verdicts> verdicts,
            CodeHost host,
            TransactionOperations transactions) {
        this.rows = rows;
        this.projects = projects;
        this.verdicts = verdicts;
        this.host = host;
        this.transactions = transactions;
    }

    @Override
    public JobName name() {
        return JobName.PUBLISH;
    }

    @Override
    public Optional<Duration> run(String instance) {
        String[] parts = instance.split(":", 4);
        Project project = projects.get(Long.parseLong(parts[0]));
        PublicationMapper.Id id = new PublicationMapper.Id(project.id(), parts[1], parts[3], Long.parseLong(parts[2]));
        try {
            transactions.executeWithoutResult(status -> publish(project, id));
            return Optional.empty();
        } catch (CodeHost.HostFailure failure) {
            LOG.warn("Verdict {} of {} is not published yet: {}", id.number(), id.head(), failure.getMessage());
            rows.failed(id, String.valueOf(failure.getMessage()));
            return Optional.of(RETRY);
        }
    }

    private void publish(Project project, PublicationMapper.Id id) {
        List<PublicationMapper.Row> all = rows.lockAll(id);
        boolean newer = all.stream().anyMatch(row -> row.number() > id.number());
        boolean waiting = all.stream()
                .anyMatch(row -> row.number() == id.number() && row.state().equals("waiting"));
        if (!waiting) {
            return;
        }
        if (newer) {
            rows.mark(id, "superseded");
            return;
        }
        VerdictDocument verdict =
                verdicts.getObject().newest(project, id.head(), id.target()).orElseThrow();
        host.publish(
                project,
                new CheckReport(
                        id.head(),
                        id.target(),
                        id.number(),
                        verdict.verdict(),
                        verdict.headline(),
                        String.valueOf(verdict.page())));
        rows.mark(id, "published");
    }
}

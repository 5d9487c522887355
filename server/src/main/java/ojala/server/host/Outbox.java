package ojala.server.host;

import java.time.Clock;
import ojala.server.project.Project;
import ojala.server.schedule.JobName;
import ojala.server.schedule.Jobs;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What is to leave the house, written in the transaction of its cause. */
@Component
public class Outbox {
    private final PublicationMapper rows;
    private final Jobs jobs;
    private final Clock clock;

    Outbox(PublicationMapper rows, Jobs jobs, Clock clock) {
        this.rows = rows;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** Adds a verdict; nothing if the project has no code host. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void add(Project project, String head, String target, long number) {
        if (project.codeHostUrl() != null) {
            rows.insert(new PublicationMapper.Id(project.id(), head, target, number), clock.instant());
            jobs.start(
                    JobName.PUBLISH,
                    String.join(":", String.valueOf(project.id()), head, String.valueOf(number), target));
        }
    }
}

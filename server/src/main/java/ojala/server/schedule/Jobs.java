package ojala.server.schedule;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import java.time.Clock;
import java.time.Instant;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/** Schedules jobs in the caller's transaction, so that a job exists exactly if its cause does. */
@Component
public class Jobs {
    private final SchedulerClient scheduler;
    private final Clock clock;

    Jobs(DataSource database, Clock clock) {
        this.scheduler = SchedulerClient.Builder.create(new TransactionAwareDataSourceProxy(database))
                .build();
        this.clock = clock;
    }

    /** Starts a job as soon as possible; the same job waiting already is enough. */
    public void start(JobName name, String instance) {
        startAt(name, instance, clock.instant());
    }

    public void startAt(JobName name, String instance, Instant when) {
        scheduler.scheduleIfNotExists(new TaskInstance<>(name.text(), instance), when);
    }
}

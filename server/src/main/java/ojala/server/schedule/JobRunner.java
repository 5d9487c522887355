package ojala.server.schedule;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/**
 * Runs the jobs: any number of nodes share them through the database, and a dead node's jobs are taken up by another.
 */
@Component
class JobRunner implements SmartLifecycle {
    private static final int THREADS = 4;

    private final Scheduler scheduler;
    private final Clock clock;
    private final MeterRegistry meters;
    private volatile boolean running;

    JobRunner(DataSource database, List<Job> jobs, Clock clock, MeterRegistry meters) {
        this.meters = meters;
        this.clock = clock;
        List<Task<?>> tasks = jobs.stream().<Task<?>>map(this::task).toList();
        this.scheduler = Scheduler.create(new TransactionAwareDataSourceProxy(database), tasks)
                .threads(THREADS)
                .pollingInterval(Duration.ofMillis(300))
                .heartbeatInterval(Duration.ofSeconds(5))
                .missedHeartbeatsLimit(4)
                .shutdownMaxWait(Duration.ofSeconds(15))
                .enablePriority()
                .build();
    }

    private Task<Void> task(Job job) {
        return Tasks.custom(job.name().text(), Void.class)
                .onFailure((complete, operations) -> operations.reschedule(
                        complete, complete.getTimeDone().plus(pause(complete.getExecution().consecutiveFailures))))
                .execute((instance, context) -> {
                    Optional<Duration> again = time(job).record(() -> job.run(instance.getId()));
                    if (again.isPresent()) {
                        return (complete, operations) ->
                                operations.reschedule(complete, clock.instant().plus(again.get()));
                    }
                    return new CompletionHandler.OnCompleteRemove<>();
                });
    }

    private Timer time(Job job) {
        return Timer.builder("ojala.jobs")
                .description("How long jobs take")
                .tag("job", job.name().text())
                .register(meters);
    }

    /** Twice as long after each failure, at most a minute: a job goes on soon after what it needs is back. */
    private static Duration pause(int failures) {
        return Duration.ofSeconds(Math.min(60, 1L << Math.min(failures, 6)));
    }

    @Override
    public void start() {
        scheduler.start();
        running = true;
    }

    @Override
    public void stop() {
        scheduler.stop();
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}

package ojala.server.judge;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import ojala.server.schedule.JobName;
import ojala.server.schedule.Jobs;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Asks for a commit to be merged and judged anew. Every request has a number; a job answers all requests up to the one
 * that it saw when it began, so that many requests become one judgement and none is lost.
 */
@Component
public class JudgeRequests {
    /**
     * Begins the last part of a job's name that asks when its time has come, instead of answering a numbered request.
     */
    static final String DUE = "due-";

    private final JudgeRequestMapper rows;
    private final Jobs jobs;
    private final Clock clock;

    JudgeRequests(JudgeRequestMapper rows, Jobs jobs, Clock clock) {
        this.rows = rows;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** Remembers when a commit was first heard of: waiting for its suites begins there. */
    @Transactional
    public void note(long projectId, String head) {
        rows.note(projectId, head, clock.instant());
    }

    /** Asks for a judgement, in the transaction of its cause. */
    @Transactional
    public void request(long projectId, String head) {
        note(projectId, head);
        long number = rows.raise(projectId, head);
        jobs.start(JobName.JUDGE, projectId + ":" + head + ":" + number);
    }

    /** Asks for a judgement at a later time: when waiting for a suite ends. */
    @Transactional
    public void requestAt(long projectId, String head, Instant when) {
        jobs.startAt(JobName.JUDGE, projectId + ":" + head + ":" + DUE + when.getEpochSecond(), when);
    }

    Optional<JudgeRequestMapper.Row> find(long projectId, String head) {
        return rows.find(projectId, head);
    }
}

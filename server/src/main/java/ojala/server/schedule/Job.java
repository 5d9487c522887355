package ojala.server.schedule;

import java.time.Duration;
import java.util.Optional;

/**
 * One kind of job. Running it twice, or dying in the middle and running it again, has the effect of running it once.
 */
public interface Job {
    JobName name();

    /**
     * Does the work for one instance.
     *
     * @return empty when done, or after how long it wants to be run again
     */
    Optional<Duration> run(String instance);
}

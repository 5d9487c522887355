package ojala.server;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.util.unit.DataSize;

/**
 * The service's own settings, under {@code ojala} in its configuration.
 *
 * @param page where people reach the console, for links
 * @param mirrors the folder of the git mirrors
 * @param administratorToken taken over at the first start, when there is no administrator yet
 * @param openReading whether reading needs no token; holds only while the service listens on loopback
 */
@ConfigurationProperties("ojala")
public record ServiceSettings(
        String page, Path mirrors, String administratorToken, boolean openReading, GitSettings git, Limits limits) {
    /**
     * @param timeout after which a silent repository is given up
     * @param patience how long a commit that the mirror lacks is waited for
     * @param retry between two looks for it
     */
    public record GitSettings(Duration timeout, Duration patience, Duration retry) {}

    /**
     * @param file largest file as sent
     * @param delivery largest delivery as sent
     * @param report largest report as unpacked
     * @param files most files of one delivery
     */
    public record Limits(DataSize file, DataSize delivery, DataSize report, int files) {}
}

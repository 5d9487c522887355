package ojala.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.SQLException;
import org.testng.annotations.Test;

/** A full disk is told from other failures, however deep it lies. */
public class FullDiskTest {
    @Test
    public void theServicesOwnAndTheDatabases() {
        assertThat(FullDisk.caused(new UncheckedIOException(new IOException("No space left on device"))))
                .isTrue();
        assertThat(FullDisk.caused(new IllegalStateException(new SQLException("could not extend file", "53100"))))
                .isTrue();
    }

    @Test
    public void otherFailuresAreNot() {
        assertThat(FullDisk.caused(new IllegalStateException("No space left in the harbour")))
                .isFalse();
        assertThat(FullDisk.caused(new RuntimeException(new SQLException("duplicate key", "23505"))))
                .isFalse();
        assertThat(FullDisk.caused(new IOException())).isFalse();
    }
}

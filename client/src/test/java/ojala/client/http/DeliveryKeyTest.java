package ojala.client.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import ojala.wire.Manifest;
import ojala.wire.MeasuredCommit;
import org.testng.annotations.Test;

/** The same delivery has the same key, any other another. */
public class DeliveryKeyTest {
    private static Manifest manifest(int attempt) {
        String id = "a".repeat(40);
        return new Manifest(
                new MeasuredCommit(id, id, List.of()), id, "main", null, null, "7", attempt, "unit", "", "ojala", null);
    }

    @Test
    public void allThatIsInItCounts() throws IOException {
        Path folder = Files.createTempDirectory("key");
        Path one = Files.writeString(folder.resolve("one"), "DA:1,1\n");
        Path other = Files.writeString(folder.resolve("other"), "DA:1,2\n");
        String key = DeliveryKey.of(manifest(1), List.of(new Upload("lcov.info", one)));
        assertThat(key).matches("[0-9a-f]{64}");
        assertThat(DeliveryKey.of(manifest(1), List.of(new Upload("lcov.info", one))))
                .isEqualTo(key);
        assertThat(List.of(
                        DeliveryKey.of(manifest(2), List.of(new Upload("lcov.info", one))),
                        DeliveryKey.of(manifest(1), List.of(new Upload("lcov.info", other))),
                        DeliveryKey.of(manifest(1), List.of(new Upload("other.info", one))),
                        DeliveryKey.of(manifest(1), List.of(new Upload("lcov.info", one), new Upload("b", other))),
                        DeliveryKey.of(manifest(1), List.of())))
                .doesNotContain(key)
                .doesNotHaveDuplicates();
    }
}

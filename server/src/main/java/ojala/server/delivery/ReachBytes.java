package ojala.server.delivery;

import com.github.luben.zstd.Zstd;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import ojala.core.model.Hits;
import ojala.core.model.Measurement;
import ojala.wire.Json;
import org.jspecify.annotations.Nullable;

/**
 * Hit counts and per-test lines of one source in one delivery, kept beside its leaf as zstd-packed JSON.
 *
 * @param hits in the order of the leaf's lines; absent where the format has none
 * @param tests the lines that each test reached, as text
 */
public record ReachBytes(long @Nullable [] hits, Map<String, String> tests) {
    private static final int LARGEST = 256 << 20;

    static byte[] write(Measurement measurement) {
        Map<String, String> tests = new LinkedHashMap<>();
        measurement.tests().forEach((test, lines) -> tests.put(test, lines.toString()));
        long[] hits = measurement.hits().map(ReachBytes::values).orElse(null);
        return Zstd.compress(Json.write(new ReachBytes(hits, tests)).getBytes(StandardCharsets.UTF_8));
    }

    private static long[] values(Hits hits) {
        long[] values = new long[hits.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = hits.at(i);
        }
        return values;
    }

    static ReachBytes read(byte[] packed) {
        int size = (int) Math.min(Zstd.getFrameContentSize(packed), LARGEST);
        return Json.read(new String(Zstd.decompress(packed, size), StandardCharsets.UTF_8), ReachBytes.class);
    }

    public Optional<long[]> counted() {
        return Optional.ofNullable(hits);
    }
}

package ojala.wire;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What became of one file of a delivery.
 *
 * @param state {@code received}, {@code read} or {@code refused}
 * @param digest SHA-256 of the file as unpacked
 * @param problems what was odd, or why it was refused, with places
 * @param ways how paths were matched to the commit's files, in words, each with how many were; at most 20
 */
public record FileReceipt(
        String name,
        String state,
        @Nullable String format,
        long sizeBytes,
        String digest,
        int sources,
        int matched,
        @Nullable CountDocument lines,
        List<String> problems,
        Map<String, Long> skipped,
        List<UnmatchedDocument> unmatched,
        Map<String, Long> ways) {
    public FileReceipt {
        // receipts kept before there were any have none
        ways = ways == null ? Map.of() : ways;
    }
}

package ojala.server.store;

import com.github.luben.zstd.ZstdInputStream;
import com.github.luben.zstd.ZstdOutputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.SequenceInputStream;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Enumeration;
import java.util.HexFormat;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import ojala.core.format.Unpacked;
import ojala.core.tally.Digest;
import org.springframework.stereotype.Component;

/**
 * Keeps reports as received: unpacked, hashed and packed again with zstd as they stream by, in chunks, each content
 * once.
 */
@Component
public class Contents {
    private static final int CHUNK_BYTES = 1 << 20;

    private final ContentMapper rows;

    Contents(ContentMapper rows) {
        this.rows = rows;
    }

    /** A content that was kept: SHA-256 and size of the unpacked bytes. */
    public record Kept(String digest, long sizeBytes) {}

    /**
     * Keeps a stream, in the caller's transaction.
     *
     * @throws Unpacked.Refused if it can't be unpacked within the limit; its chunks are gone again
     */
    public Kept keep(long projectId, InputStream sent, long limitBytes) throws IOException {
        UUID contentId = UUID.randomUUID();
        MessageDigest digest = Digest.sha256();
        long size;
        try (InputStream unpacked = Unpacked.open(sent, limitBytes);
                Chunks chunks = new Chunks(projectId, contentId);
                OutputStream packed = new DigestOutputStream(new ZstdOutputStream(chunks, 3), digest)) {
            size = unpacked.transferTo(packed);
        } catch (Unpacked.Refused refused) {
            rows.dropChunks(projectId, contentId);
            throw refused;
        }
        String hex = HexFormat.of().formatHex(digest.digest());
        if (rows.insert(projectId, hex, contentId, size) == 0) {
            rows.dropChunks(projectId, contentId);
        }
        return new Kept(hex, size);
    }

    /** Opens a kept content, unpacked. */
    public InputStream open(long projectId, String digest) throws IOException {
        UUID contentId = rows.find(projectId, digest)
                .orElseThrow(() -> new IllegalStateException("project " + projectId + " has no content " + digest));
        return new ZstdInputStream(new SequenceInputStream(new ChunkStreams(projectId, contentId)));
    }

    @SuppressWarnings("JdkObsolete") // what SequenceInputStream takes
    private final class ChunkStreams implements Enumeration<InputStream> {
        private final long projectId;
        private final UUID contentId;
        private int ordinal;
        private Optional<ContentMapper.Chunk> next;

        ChunkStreams(long projectId, UUID contentId) {
            this.projectId = projectId;
            this.contentId = contentId;
            this.next = rows.chunk(projectId, contentId, 0);
        }

        @Override
        public boolean hasMoreElements() {
            return next.isPresent();
        }

        @Override
        public InputStream nextElement() {
            byte[] bytes = next.orElseThrow(NoSuchElementException::new).bytes();
            next = rows.chunk(projectId, contentId, ++ordinal);
            return new ByteArrayInputStream(bytes);
        }
    }

    private final class Chunks extends OutputStream {
        private final long projectId;
        private final UUID contentId;
        private final byte[] buffer = new byte[CHUNK_BYTES];
        private int filled;
        private int ordinal;

        Chunks(long projectId, UUID contentId) {
            this.projectId = projectId;
            this.contentId = contentId;
        }

        @Override
        public void write(int octet) {
            write(new byte[] {(byte) octet}, 0, 1);
        }

        @Override
        public void write(byte[] bytes, int offset, int length) {
            int at = offset;
            int rest = length;
            while (rest > 0) {
                int taken = Math.min(rest, buffer.length - filled);
                System.arraycopy(bytes, at, buffer, filled, taken);
                filled += taken;
                at += taken;
                rest -= taken;
                if (filled == buffer.length) {
                    writeChunk();
                }
            }
        }

        private void writeChunk() {
            rows.insertChunk(projectId, contentId, ordinal++, Arrays.copyOf(buffer, filled));
            filled = 0;
        }

        @Override
        public void close() {
            if (filled > 0 || ordinal == 0) {
                writeChunk();
            }
        }
    }
}

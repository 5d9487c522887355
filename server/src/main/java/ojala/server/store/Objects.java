package ojala.server.store;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ojala.core.tally.Digest;
import ojala.core.tally.ObjectStore;
import org.springframework.stereotype.Component;

/** Opens the object store of a project. */
@Component
public class Objects {
    private final ObjectMapper rows;
    private final Batch batch;

    Objects(ObjectMapper rows, Batch batch) {
        this.rows = rows;
        this.batch = batch;
    }

    public Session open(long projectId) {
        return new Session(projectId);
    }

    /**
     * A store for one job. What is kept is seen by this session at once and by all others after {@link #flush}; content
     * under a digest never changes, so that nothing kept too early can be wrong.
     */
    public final class Session implements ObjectStore {
        private final long projectId;
        private final Map<Digest, byte[]> known = new HashMap<>();
        private final Map<Digest, byte[]> unwritten = new LinkedHashMap<>();

        private Session(long projectId) {
            this.projectId = projectId;
        }

        @Override
        public Map<Digest, byte[]> load(Collection<Digest> digests) {
            String[] missing = digests.stream()
                    .filter(digest -> !known.containsKey(digest))
                    .map(Digest::hex)
                    .toArray(String[]::new);
            if (missing.length > 0) {
                rows.load(projectId, missing).forEach(row -> known.put(new Digest(row.digest()), row.bytes()));
            }
            Map<Digest, byte[]> found = new HashMap<>();
            for (Digest digest : digests) {
                byte[] bytes = known.get(digest);
                if (bytes == null) {
                    throw new IllegalStateException("project " + projectId + " has no object " + digest.hex());
                }
                found.put(digest, bytes);
            }
            return found;
        }

        @Override
        public Digest keep(byte[] bytes) {
            Digest digest = Digest.of(bytes);
            if (known.putIfAbsent(digest, bytes) == null) {
                unwritten.put(digest, bytes);
            }
            return digest;
        }

        /** Writes what was kept. */
        public void flush() {
            List<ObjectMapper.Row> all = unwritten.entrySet().stream()
                    .sorted(Map.Entry.comparingByKey())
                    .map(entry -> new ObjectMapper.Row(entry.getKey().hex(), entry.getValue()))
                    .toList();
            batch.write(ObjectMapper.class, all, (mapper, row) -> mapper.keep(projectId, row));
            unwritten.clear();
        }
    }
}

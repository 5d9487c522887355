package ojala.core.tally;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

/** A store for judging without the service. Not safe for several threads. */
public final class MemoryStore implements ObjectStore {
    private final Map<Digest, byte[]> objects = new HashMap<>();

    @Override
    public Map<Digest, byte[]> load(Collection<Digest> digests) {
        Map<Digest, byte[]> found = new HashMap<>();
        for (Digest digest : digests) {
            byte[] bytes = objects.get(digest);
            if (bytes == null) {
                throw new IllegalStateException("no object " + digest.hex());
            }
            found.put(digest, bytes);
        }
        return found;
    }

    @Override
    public Digest keep(byte[] bytes) {
        Digest digest = Digest.of(bytes);
        objects.put(digest, bytes);
        return digest;
    }
}

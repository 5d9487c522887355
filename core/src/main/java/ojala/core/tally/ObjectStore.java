package ojala.core.tally;

import java.util.Collection;
import java.util.Map;

/** Where canonical bytes lie, by their digest. Content never changes under a digest. */
public interface ObjectStore {
    /** The bytes of each digest; a digest that is not there is an {@link IllegalStateException} naming it. */
    Map<Digest, byte[]> load(Collection<Digest> digests);

    /** Keeps bytes under their digest; keeping them again changes nothing. */
    Digest keep(byte[] bytes);
}

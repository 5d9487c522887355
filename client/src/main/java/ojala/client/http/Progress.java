package ojala.client.http;

/** Hears how much of a delivery has been sent. */
public interface Progress {
    /** @param sentBytes of {@code totalBytes}, before packing */
    void sent(long sentBytes, long totalBytes);
}

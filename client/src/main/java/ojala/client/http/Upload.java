package ojala.client.http;

import java.nio.file.Path;

/** A file to send, under the name that the receipt shows. */
public record Upload(String name, Path file) {}

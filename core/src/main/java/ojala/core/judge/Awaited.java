package ojala.core.judge;

import java.time.Instant;
import java.util.Optional;

/**
 * A suite that is not complete yet.
 *
 * @param missing what of it, for people
 * @param until when waiting ends; absent where nothing ends it
 */
public record Awaited(String suite, String missing, Optional<Instant> until) {}

package ojala.server.judge;

import java.time.Instant;
import java.util.Optional;
import ojala.core.tally.Digest;
import ojala.server.trend.TrendEntry;
import ojala.wire.VerdictDocument;

/**
 * A head judged for one target, before it has its number.
 *
 * @param push whether it is about a push, not about a pull request
 * @param trend what a push adds to the trends
 * @param again when it must be judged again even if nothing arrives
 */
record JudgedHead(
        VerdictDocument document, boolean push, Digest root, Optional<TrendEntry> trend, Optional<Instant> again) {}

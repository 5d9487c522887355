package ojala.server.access;

import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import ojala.core.tally.Digest;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.wire.TokenDocument;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Makes, checks and revokes tokens. A token's secret has 256 random bits, so that a plain SHA-256 of it is enough. */
@Service
public class Tokens {
    private final TokenMapper rows;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Tokens(TokenMapper rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** Makes a token that may deliver to one project and read it. */
    public TokenDocument createDelivery(Project project) {
        byte[] secret = new byte[32];
        random.nextBytes(secret);
        return store(
                project,
                "delivery",
                "ojala_" + Base64.getUrlEncoder().withoutPadding().encodeToString(secret));
    }

    /** Takes over the first administrator's token; does nothing if there is an administrator already. */
    void adopt(String secret) {
        if (rows.administrators() == 0) {
            store(null, "administrator", secret);
        }
    }

    private TokenDocument store(@Nullable Project project, String kind, String secret) {
        UUID id = UUID.randomUUID();
        Instant now = clock.instant();
        rows.insert(id, project == null ? null : project.id(), kind, hash(secret), now);
        return new TokenDocument(id.toString(), kind, project == null ? null : project.key(), now, secret);
    }

    public void revoke(Project project, UUID id) {
        if (rows.revoke(project.id(), id, clock.instant()) != 1) {
            throw new Refusal(
                    ProblemType.NOT_FOUND,
                    "project " + project.key() + " has no valid token " + id + ": see its id where it was made");
        }
    }

    Optional<Caller> caller(String secret) {
        return rows.valid(hash(secret)).map(row -> new Caller(row.id(), row.kind(), row.projectKey(), row.createdAt()));
    }

    private static String hash(String secret) {
        return Digest.of(secret.getBytes(StandardCharsets.UTF_8)).hex();
    }
}

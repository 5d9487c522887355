package ojala.server.delivery;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ojala.core.format.Unpacked;
import ojala.server.ServiceSettings;
import ojala.server.judge.JudgeRequests;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.server.schedule.JobName;
import ojala.server.schedule.Jobs;
import ojala.server.store.Contents;
import ojala.wire.DoubtDocument;
import ojala.wire.FileReceipt;
import ojala.wire.Json;
import ojala.wire.Manifest;
import ojala.wire.Receipt;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes deliveries in and gives their receipts. What is acknowledged is stored, together with the job that reads it.
 */
@Service
public class Deliveries {
    private final DeliveryMapper rows;
    private final Contents contents;
    private final Jobs jobs;
    private final JudgeRequests judgeRequests;
    private final ServiceSettings settings;
    private final Clock clock;
    private final Counter received;

    Deliveries(
            DeliveryMapper rows,
            Contents contents,
            Jobs jobs,
            JudgeRequests judgeRequests,
            ServiceSettings settings,
            Clock clock,
            MeterRegistry meters) {
        this.received = Counter.builder("ojala.deliveries")
                .description("Deliveries that were taken in")
                .register(meters);
        this.rows = rows;
        this.contents = contents;
        this.jobs = jobs;
        this.judgeRequests = judgeRequests;
        this.settings = settings;
        this.clock = clock;
    }

    /** A file on its way in. */
    public interface SentFile {
        String name();

        InputStream open() throws IOException;
    }

    /**
     * Stores a delivery whole or not at all. A file that can't be unpacked is refused in the receipt, the others stay.
     *
     * @param idempotencyKey a repeated one gives the first delivery's receipt again
     */
    @Transactional
    public Receipt receive(Project project, Manifest manifest, @Nullable String idempotencyKey, List<SentFile> files)
            throws IOException {
        Optional<Delivery> before = Optional.ofNullable(idempotencyKey).flatMap(key -> rows.ofKey(project.id(), key));
        if (before.isPresent()) {
            return receipt(project, before.get());
        }
        UUID id = UUID.randomUUID();
        int inserted = rows.insert(project.id(), id, idempotencyKey, Json.write(manifest), manifest, clock.instant());
        if (inserted == 0) {
            return receipt(
                    project,
                    rows.ofKey(project.id(), String.valueOf(idempotencyKey)).orElseThrow());
        }
        for (int i = 0; i < files.size(); i++) {
            rows.insertFile(project.id(), id, i, Json.write(keep(project, files.get(i))));
        }
        jobs.start(JobName.READ_DELIVERY, project.id() + ":" + id);
        judgeRequests.note(project.id(), manifest.head());
        received.increment();
        return receipt(project, rows.find(project.id(), id).orElseThrow());
    }

    private FileReceipt keep(Project project, SentFile file) throws IOException {
        try (InputStream sent = file.open()) {
            Contents.Kept kept =
                    contents.keep(project.id(), sent, settings.limits().report().toBytes());
            return new FileReceipt(
                    file.name(),
                    "received",
                    null,
                    kept.sizeBytes(),
                    kept.digest(),
                    0,
                    0,
                    null,
                    List.of(),
                    Map.of(),
                    List.of(),
                    Map.of());
        } catch (Unpacked.Refused refused) {
            return new FileReceipt(
                    file.name(),
                    "refused",
                    null,
                    0,
                    "",
                    0,
                    0,
                    null,
                    List.of("byte " + refused.atByte() + ": " + refused.getMessage()),
                    Map.of(),
                    List.of(),
                    Map.of());
        }
    }

    public Receipt receipt(Project project, UUID id) {
        return receipt(
                project,
                rows.find(project.id(), id)
                        .orElseThrow(() -> new Refusal(
                                ProblemType.NOT_FOUND, "project " + project.key() + " has no delivery " + id)));
    }

    private Receipt receipt(Project project, Delivery delivery) {
        Manifest manifest = Json.read(delivery.manifest(), Manifest.class);
        return new Receipt(
                1,
                delivery.id().toString(),
                project.key(),
                delivery.suite(),
                delivery.part(),
                delivery.build(),
                delivery.attempt(),
                delivery.head(),
                manifest.measured().id(),
                delivery.receivedAt(),
                delivery.state(),
                delivery.message(),
                files(project.id(), delivery.id()),
                doubts(delivery));
    }

    List<FileReceipt> files(long projectId, UUID id) {
        return rows.files(projectId, id).stream()
                .map(json -> Json.read(json, FileReceipt.class))
                .toList();
    }

    public static List<DoubtDocument> doubts(Delivery delivery) {
        return Arrays.asList(Json.read(delivery.doubts(), DoubtDocument[].class));
    }

    /** All deliveries for a commit, in the order in which they came. */
    public List<Delivery> ofHead(Project project, String head) {
        return rows.ofHead(project.id(), head);
    }

    /** The commits with this tree that something was delivered for. */
    public List<String> headsWithTree(Project project, String tree) {
        return rows.headsWithTree(project.id(), tree);
    }

    /**
     * What counts of a commit's deliveries: of each slot the newest attempt of the newest build, all its deliveries.
     * The order of arrival only breaks ties, so that a repeated job never counts twice.
     */
    public static List<Delivery> current(List<Delivery> all) {
        List<Delivery> current = new ArrayList<>();
        for (Delivery delivery : all) {
            boolean newest = all.stream()
                    .filter(other -> sameSlot(delivery, other))
                    .noneMatch(other -> newer(other, delivery, all));
            if (newest) {
                current.add(delivery);
            }
        }
        return current;
    }

    private static boolean sameSlot(Delivery a, Delivery b) {
        return a.suite().equals(b.suite()) && a.part().equals(b.part());
    }

    private static boolean newer(Delivery a, Delivery b, List<Delivery> inOrderOfArrival) {
        if (a.build().equals(b.build())) {
            return a.attempt() > b.attempt();
        }
        if (a.build().matches("\\d{1,18}") && b.build().matches("\\d{1,18}")) {
            return Long.parseLong(a.build()) > Long.parseLong(b.build());
        }
        Comparator<Delivery> arrival = Comparator.comparingInt(inOrderOfArrival::indexOf);
        return arrival.compare(a, b) > 0;
    }

    /** What a delivery's own run saw of one source beside its coverage. */
    public Optional<SourceReach> reach(Project project, Delivery delivery, String path) {
        return rows.reach(project.id(), delivery.id(), path)
                .map(row -> new SourceReach(row.leaf(), ReachBytes.read(row.bytes())));
    }

    /** @param leaf the digest of the slot leaf that the hits belong to */
    public record SourceReach(String leaf, ReachBytes reach) {}
}

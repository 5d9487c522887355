package ojala.server.delivery;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import ojala.core.doubt.Doubt;
import ojala.git.CommitInfo;
import ojala.git.GitFailure;
import ojala.git.GitRepository;
import ojala.git.Mirror;
import ojala.server.ServiceSettings;
import ojala.server.mirror.Mirrors;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.server.schedule.Job;
import ojala.server.schedule.JobName;
import ojala.wire.Json;
import ojala.wire.Manifest;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Reads one delivery. A commit that the mirror lacks is waited for and fetched again, and only then doubted. */
@Component
class ReadDelivery implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(ReadDelivery.class);

    private final DeliveryMapper rows;
    private final Projects projects;
    private final Mirrors mirrors;
    private final DeliveryReading reading;
    private final ServiceSettings settings;
    private final Clock clock;

    ReadDelivery(
            DeliveryMapper rows,
            Projects projects,
            Mirrors mirrors,
            DeliveryReading reading,
            ServiceSettings settings,
            Clock clock) {
        this.rows = rows;
        this.projects = projects;
        this.mirrors = mirrors;
        this.reading = reading;
        this.settings = settings;
        this.clock = clock;
    }

    @Override
    public JobName name() {
        return JobName.READ_DELIVERY;
    }

    @Override
    public Optional<Duration> run(String instance) {
        Project project = projects.get(Long.parseLong(instance.substring(0, instance.indexOf(':'))));
        UUID id = UUID.fromString(instance.substring(instance.indexOf(':') + 1));
        Delivery delivery = rows.find(project.id(), id)
                .orElseThrow(() -> new IllegalStateException("delivery " + id + " of " + project.key() + " is gone"));
        return delivery.read() ? Optional.empty() : read(project, delivery);
    }

    private Optional<Duration> read(Project project, Delivery delivery) {
        Manifest manifest = Json.read(delivery.manifest(), Manifest.class);
        Mirror mirror = mirrors.of(project);
        try (GitRepository repository = mirror.open()) {
            String failure = fetchIfNeeded(mirror, repository, manifest);
            Optional<CommitInfo> head = repository.commit(manifest.head());
            if (head.isPresent()) {
                reading.read(
                        project,
                        delivery,
                        MeasuredCommit.find(repository, head.get(), manifest),
                        head.get().tree());
                return Optional.empty();
            }
            String shortHead = manifest.head().substring(0, 8);
            String missing = failure.isEmpty() ? "commit " + shortHead + " is not in " + project.repository() : failure;
            if (clock.instant()
                    .isBefore(delivery.receivedAt().plus(settings.git().patience()))) {
                rows.waiting(project.id(), delivery.id(), missing + "; it is looked for again");
                return Optional.of(settings.git().retry());
            }
            LOG.warn("Delivery {} of {} is read without its commit: {}", delivery.id(), project.key(), missing);
            reading.read(project, delivery, MeasuredCommit.unknown(unknown(missing)), null);
            return Optional.empty();
        }
    }

    private static Doubt unknown(String missing) {
        return new Doubt(
                "commit-unknown",
                Doubt.Effect.UNSURE,
                "The judged commit could not be had: " + missing + ".",
                "Push it, or mend the project's repository URL, and send again.");
    }

    /** Why fetching failed; empty if it did not, or was not needed. */
    private static String fetchIfNeeded(Mirror mirror, GitRepository repository, Manifest manifest) {
        String failure = "";
        if (repository.commit(manifest.head()).isEmpty() || !measuredCanBeHad(repository, manifest)) {
            failure = failureOf(mirror::fetch);
        }
        if (failure.isEmpty() && repository.commit(manifest.head()).isEmpty()) {
            String refused = failureOf(() -> mirror.fetchCommit(manifest.head()));
            LOG.debug("The host does not give {}: {}", manifest.head(), refused);
        }
        return failure;
    }

    private static boolean measuredCanBeHad(GitRepository repository, Manifest manifest) {
        return repository.commit(manifest.measured().id()).isPresent()
                || manifest.measured().parents().stream()
                        .allMatch(parent -> repository.commit(parent).isPresent());
    }

    private static String failureOf(Runnable fetching) {
        try {
            fetching.run();
            return "";
        } catch (GitFailure failure) {
            return String.valueOf(failure.getMessage());
        }
    }
}

package ojala.client.ci;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import ojala.wire.Json;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** GitHub Actions. The pull request's own head stands only in the event's file. */
final class GitHubActions implements CiSystem {
    private static final long LARGEST_EVENT = 16 << 20;

    @Override
    public String name() {
        return "GitHub Actions";
    }

    @Override
    public String variables() {
        return "GITHUB_ACTIONS, GITHUB_EVENT_PATH, GITHUB_HEAD_REF, GITHUB_BASE_REF, GITHUB_REF_NAME, GITHUB_RUN_ID,"
                + " GITHUB_RUN_ATTEMPT, GITHUB_JOB";
    }

    @Override
    public Optional<CiJob> job(Environment environment) {
        if (!environment.has("GITHUB_ACTIONS")) {
            return Optional.empty();
        }
        Optional<JsonNode> pullRequest = environment.get("GITHUB_EVENT_PATH").flatMap(GitHubActions::pullRequest);
        return Optional.of(new CiJob(
                name(),
                pullRequest
                        .map(event -> event.path("head").path("sha").asString(""))
                        .filter(head -> head.matches("[0-9a-f]{40}")),
                environment.first("GITHUB_HEAD_REF", "GITHUB_REF_NAME"),
                pullRequest.map(event -> event.path("number").asInt(0)).filter(number -> number > 0),
                environment.get("GITHUB_BASE_REF"),
                environment.get("GITHUB_RUN_ID"),
                environment.number("GITHUB_RUN_ATTEMPT").orElse(1),
                environment.get("GITHUB_JOB")));
    }

    private static Optional<JsonNode> pullRequest(String eventFile) {
        try {
            Path file = Path.of(eventFile);
            if (!Files.isRegularFile(file) || Files.size(file) > LARGEST_EVENT) {
                return Optional.empty();
            }
            JsonNode event = Json.mapper().readTree(Files.readString(file)).path("pull_request");
            return event.isObject() ? Optional.of(event) : Optional.empty();
        } catch (IOException | JacksonException unreadable) {
            return Optional.empty();
        }
    }
}

package ojala.server.host;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.util.Set;
import ojala.server.change.PullRequest;
import ojala.server.change.PullRequests;
import ojala.server.judge.JudgeRequests;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.wire.HostEvent;
import ojala.wire.Json;
import ojala.wire.Signature;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a code host tells the service, in signed calls: pushes and pull requests. */
@RestController
class HostEventController {
    private static final String COMMIT = "[0-9a-f]{40}";
    private static final Set<String> STATES = Set.of("open", "merged", "closed");

    private final Projects projects;
    private final PullRequests pullRequests;
    private final JudgeRequests judgeRequests;
    private final Clock clock;

    HostEventController(Projects projects, PullRequests pullRequests, JudgeRequests judgeRequests, Clock clock) {
        this.projects = projects;
        this.pullRequests = pullRequests;
        this.judgeRequests = judgeRequests;
        this.clock = clock;
    }

    @PostMapping("/api/v1/projects/{key}/code-host/events")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void take(
            @PathVariable String key,
            @RequestHeader(name = Signature.HEADER, required = false) @Nullable String signature,
            @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = @Content(schema = @Schema(implementation = HostEvent.class)))
                    @RequestBody
                    String body) {
        Project project = projects.get(key);
        String secret = project.codeHostSecret();
        if (secret == null || signature == null || !Signature.matches(body, secret, signature)) {
            throw new Refusal(
                    ProblemType.TOKEN_NEEDED, "the call is not signed with the secret of this project's code host");
        }
        take(project, Json.read(body, HostEvent.class));
    }

    private void take(Project project, HostEvent event) {
        if (event.head() == null || !event.head().matches(COMMIT)) {
            throw new Refusal(ProblemType.BAD_REQUEST, "an event has a head of 40 hexadecimal digits");
        }
        if (!"pull-request".equals(event.type())) {
            return; // a push is fetched when something is delivered for it
        }
        if (event.number() == null
                || event.source() == null
                || event.target() == null
                || !STATES.contains(String.valueOf(event.state()))) {
            throw new Refusal(
                    ProblemType.BAD_REQUEST, "a pull request has number, source, target, and a state of " + STATES);
        }
        PullRequest pullRequest = new PullRequest(
                event.number(),
                event.title() == null ? "" : event.title(),
                event.source(),
                event.target(),
                event.head(),
                event.state(),
                clock.instant());
        pullRequests.save(project, pullRequest);
        if (pullRequest.state().equals("open")) {
            judgeRequests.request(project.id(), pullRequest.head());
        }
    }
}

package ojala.codehost;

import java.io.IOException;
import java.util.List;
import ojala.wire.CheckReport;
import ojala.wire.Json;
import ojala.wire.Signature;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.Repository;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The host's own simple protocol. */
@RestController
@RequestMapping("/repositories")
class RepositoryController {
    private final Hosting hosting;
    private final Announcer announcer;

    RepositoryController(Hosting hosting, Announcer announcer) {
        this.hosting = hosting;
        this.announcer = announcer;
    }

    record NewRepository(String name, HostedRepository.@Nullable OjalaProject ojala) {}

    record NewPullRequest(String title, String source, String target) {}

    /** @param method {@code merge}, {@code squash} or {@code rebase} */
    record MergeRequest(String method) {}

    record Merged(String commit) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    HostedRepository create(@RequestBody NewRepository wanted) {
        return hosting.create(wanted.name(), wanted.ojala());
    }

    @GetMapping("/{name}")
    HostedRepository one(@PathVariable String name) {
        return hosting.get(name);
    }

    @PutMapping("/{name}/required-checks")
    HostedRepository requireChecks(@PathVariable String name, @RequestBody List<String> targets) {
        return hosting.change(
                name,
                repository -> new HostedRepository(
                        name, repository.ojala(), targets, repository.pullRequests(), repository.checks()));
    }

    @PostMapping("/{name}/pull-requests")
    @ResponseStatus(HttpStatus.CREATED)
    HostedRepository.PullRequest open(@PathVariable String name, @RequestBody NewPullRequest wanted)
            throws IOException {
        try (Repository git = hosting.open(name)) {
            ObjectId head = git.resolve("refs/heads/" + wanted.source());
            if (head == null || git.resolve("refs/heads/" + wanted.target()) == null) {
                throw new Refused("push both branches first: " + wanted.source() + " and " + wanted.target());
            }
            HostedRepository.PullRequest[] opened = new HostedRepository.PullRequest[1];
            HostedRepository after = hosting.change(name, repository -> {
                opened[0] = new HostedRepository.PullRequest(
                        repository.pullRequests().size() + 1,
                        wanted.title(),
                        wanted.source(),
                        wanted.target(),
                        head.name(),
                        "open");
                return repository.with(opened[0]);
            });
            PushWatch.publishHead(git, opened[0]);
            announcer.pullRequest(after, opened[0]);
            return opened[0];
        }
    }

    @PostMapping("/{name}/pull-requests/{number}/close")
    HostedRepository.PullRequest close(@PathVariable String name, @PathVariable int number) {
        return end(name, pullRequest(name, number).withState("closed"));
    }

    @PostMapping("/{name}/pull-requests/{number}/merge")
    Merged merge(@PathVariable String name, @PathVariable int number, @RequestBody MergeRequest wanted)
            throws IOException {
        HostedRepository.PullRequest one = pullRequest(name, number);
        allowed(hosting.get(name), one);
        try (Repository git = hosting.open(name)) {
            Merging merging = new Merging(git, one.target(), one.head());
            String message = one.title() + " (#" + number + ")";
            ObjectId merged = switch (wanted.method()) {
                case "merge" -> merging.merge(message);
                case "squash" -> merging.squash(message);
                case "rebase" -> merging.rebase();
                default -> throw new Refused("merge by merge, squash or rebase, not by " + wanted.method());
            };
            merging.move(one.target(), merged);
            end(name, one.withState("merged"));
            announcer.push(hosting.get(name), one.target(), merged.name());
            return new Merged(merged.name());
        }
    }

    private HostedRepository.PullRequest end(String name, HostedRepository.PullRequest ended) {
        HostedRepository after = hosting.change(name, repository -> repository.with(ended));
        announcer.pullRequest(after, ended);
        return ended;
    }

    private static void allowed(HostedRepository repository, HostedRepository.PullRequest one) {
        if (!repository.requiredChecks().contains(one.target())) {
            return;
        }
        HostedRepository.Check check = repository
                .check(one)
                .orElseThrow(() -> new Refused(
                        "the required check has no verdict for " + one.head().substring(0, 8) + " yet"));
        if (!check.passing()) {
            throw new Refused("the required check says " + check.verdict() + ": " + check.headline());
        }
    }

    private HostedRepository.PullRequest pullRequest(String name, int number) {
        return hosting.get(name)
                .pullRequest(number)
                .filter(one -> one.state().equals("open"))
                .orElseThrow(() -> new Refused("there is no open pull request " + number + " in " + name));
    }

    /** Takes a verdict from the service. */
    @PostMapping("/{name}/checks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void check(
            @PathVariable String name,
            @RequestHeader(name = Signature.HEADER, required = false) @Nullable String signature,
            @RequestBody String body) {
        HostedRepository repository = hosting.get(name);
        if (signature == null
                || repository.ojala() == null
                || !Signature.matches(body, repository.ojala().secret(), signature)) {
            throw new Refused("the call is not signed with this repository's secret");
        }
        CheckReport report = Json.read(body, CheckReport.class);
        hosting.change(
                name,
                one -> one.with(new HostedRepository.Check(
                        report.commit(),
                        report.target(),
                        report.number(),
                        report.verdict(),
                        report.headline(),
                        report.page())));
    }

    @ExceptionHandler
    ProblemDetail refused(Refused refusal) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, refusal.getMessage());
    }
}

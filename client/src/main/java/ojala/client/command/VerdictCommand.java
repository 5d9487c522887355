package ojala.client.command;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.Failure;
import ojala.client.find.Checkout;
import ojala.client.http.Service;
import ojala.client.print.VerdictPrinter;
import ojala.wire.ChangePage;
import ojala.wire.Json;
import ojala.wire.VerdictDocument;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Waits for a verdict and prints it. */
@Command(
        name = "verdict",
        mixinStandardHelpOptions = true,
        description = "Waits for the verdict of a commit or pull request and prints it.",
        footer = {
            "",
            "Examples:",
            "  ojala verdict                        of what is checked out",
            "  ojala verdict --pull-request 41      of a pull request's newest head",
            "  ojala verdict --wait 0 --json        as it stands, for programs"
        })
public final class VerdictCommand implements Callable<Integer> {
    private static final Duration PAUSE = Duration.ofMillis(300);

    @Spec
    private CommandSpec spec;

    @Mixin
    private ServiceOptions options;

    @Option(names = "--pull-request", paramLabel = "N", description = "the pull request's number")
    private @Nullable Integer pullRequest;

    @Option(
            names = "--target",
            paramLabel = "BRANCH",
            description = "the branch to be judged for, where a commit has several")
    private @Nullable String target;

    @Option(
            names = "--wait",
            paramLabel = "SECONDS",
            defaultValue = "300",
            description = "how long to wait for suites to come (default: ${DEFAULT-VALUE})")
    private int waitSeconds;

    @Option(names = "--json", description = "print the verdict as JSON")
    private boolean json;

    @Parameters(arity = "0..1", paramLabel = "COMMIT", description = "the commit; else what is checked out")
    private @Nullable String commit;

    @Override
    public Integer call() throws InterruptedException {
        Service service = options.service();
        String key = options.project(service);
        Instant end = Instant.now().plusSeconds(waitSeconds);
        Optional<VerdictDocument> verdict = newest(service, key);
        while (!settled(verdict) && Instant.now().isBefore(end)) {
            Thread.sleep(PAUSE.toMillis());
            verdict = newest(service, key);
        }
        PrintWriter out = spec.commandLine().getOut();
        if (verdict.isEmpty()) {
            spec.commandLine().getErr().println("ojala: no verdict yet; ask again, or wait longer with --wait");
            return ExitCode.UNDECIDED;
        }
        if (json) {
            out.println(Json.writePretty(verdict.get()));
        } else {
            new VerdictPrinter(out).print(verdict.get());
        }
        return verdict.get().pending()
                ? ExitCode.UNDECIDED
                : ExitCode.of(verdict.get().verdict());
    }

    private static boolean settled(Optional<VerdictDocument> verdict) {
        return verdict.map(found -> !found.pending() && !found.verdict().equals("waiting"))
                .orElse(false);
    }

    private Optional<VerdictDocument> newest(Service service, String key) {
        if (pullRequest != null) {
            return Optional.ofNullable(service.change(key, pullRequest)).map(ChangePage::verdict);
        }
        List<VerdictDocument> found = service.verdicts(key, head()).stream()
                .filter(verdict -> target == null || target.equals(verdict.target()))
                .toList();
        if (found.size() > 1) {
            return Optional.of(ofPullRequest(found));
        }
        return found.stream().findFirst();
    }

    /** A head that was pushed and is a pull request's has two verdicts; the one that blocks the merge is meant. */
    private static VerdictDocument ofPullRequest(List<VerdictDocument> found) {
        List<VerdictDocument> changes = found.stream()
                .filter(verdict -> String.valueOf(verdict.page()).matches(".*/changes/\\d+"))
                .toList();
        if (changes.size() != 1) {
            throw Failure.usage("this commit has verdicts for "
                    + String.join(
                            ", ",
                            found.stream().map(v -> String.valueOf(v.target())).toList())
                    + ": choose one with --target");
        }
        return changes.get(0);
    }

    private String head() {
        if (commit != null && commit.matches("[0-9a-f]{40}")) {
            return commit;
        }
        try (Checkout checkout = Checkout.open(Path.of(""), System.getenv())) {
            return commit == null
                    ? checkout.currentHead()
                    : checkout.commit(commit).id();
        }
    }
}

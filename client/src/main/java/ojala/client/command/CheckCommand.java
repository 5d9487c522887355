package ojala.client.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.Failure;
import ojala.client.find.Checkout;
import ojala.client.find.ReportFinder;
import ojala.client.print.VerdictPrinter;
import ojala.client.report.LocalJudgement;
import ojala.git.GitRepository;
import ojala.wire.Json;
import ojala.wire.VerdictDocument;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Judges local reports without the service. */
@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Judges a change from local reports and the local repository, with no service.",
        footer = {
            "",
            "Examples:",
            "  ojala check --base origin/main                         the working tree, reports found here",
            "  ojala check --base main --head HEAD coverage/lcov.info",
            "  ojala check --base main --gate stricter.yaml --base-report main.info lcov.info",
            "",
            "The gate is read from the base, as the service reads it from the target branch. What can't be",
            "known here (other suites, the base's coverage without --base-report) is not judged."
        })
public final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(
            names = "--repository",
            paramLabel = "DIR",
            defaultValue = ".",
            description = "the repository (default: this folder's)")
    private Path repository;

    @Option(
            names = "--base",
            paramLabel = "REV",
            required = true,
            description = "the branch or commit that the change would go to")
    private String base;

    @Option(names = "--head", paramLabel = "REV", description = "the changed commit; else the working tree")
    private @Nullable String head;

    @Option(names = "--gate", paramLabel = "FILE", description = "judge by this ojala.yaml instead of the base's")
    private @Nullable Path gate;

    @Option(names = "--base-report", paramLabel = "FILE", description = "a report of the base; may be repeated")
    private List<Path> baseReports = List.of();

    @Option(
            names = "--suite",
            paramLabel = "NAME",
            description = "the suite that the reports are of; else they count as all suites")
    private @Nullable String suite;

    @Option(names = "--json", description = "print the verdict as JSON")
    private boolean json;

    @Parameters(paramLabel = "FILE", description = "reports; else those found below this folder")
    private List<Path> files = List.of();

    @Override
    public Integer call() throws IOException {
        try (GitRepository git = GitRepository.open(repository)) {
            LocalJudgement judgement = LocalJudgement.of(
                    git, new LocalJudgement.Question(base, head, gateText(), suite), reports(), baseReports);
            VerdictDocument verdict = judgement.document();
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(Json.writePretty(verdict));
            } else {
                judgement
                        .unreadable()
                        .forEach(problem -> spec.commandLine().getErr().println("ojala: " + problem));
                new VerdictPrinter(out).print(verdict);
            }
            return judgement.unreadable().isEmpty() ? ExitCode.of(verdict.verdict()) : ExitCode.USAGE;
        }
    }

    private List<Path> reports() throws IOException {
        if (!files.isEmpty()) {
            return files;
        }
        try (Checkout checkout = Checkout.open(repository, System.getenv())) {
            return new ReportFinder(checkout.trackedFiles()).below(Path.of("").toAbsolutePath());
        }
    }

    private @Nullable String gateText() {
        if (gate == null) {
            return null;
        }
        try {
            return Files.readString(gate);
        } catch (IOException unreadable) {
            throw Failure.usage("the gate " + gate + " can't be read: " + unreadable.getMessage());
        }
    }
}

package ojala.client.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.Failure;
import ojala.client.find.Checkout;
import ojala.client.find.ReportFinder;
import ojala.client.http.DeliveryKey;
import ojala.client.http.Service;
import ojala.client.http.Upload;
import ojala.client.print.ProgressLine;
import ojala.client.print.ReceiptPrinter;
import ojala.wire.Json;
import ojala.wire.Manifest;
import ojala.wire.Receipt;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Finds and delivers reports. */
@Command(
        name = "send",
        mixinStandardHelpOptions = true,
        description = "Finds coverage reports and delivers them; run it also when tests failed.",
        footer = {
            "",
            "Examples:",
            "  ojala send --suite unit                        what is found below this folder",
            "  ojala send --suite unit coverage/lcov.info     this report only",
            "  ojala send --suite system --part 2/4           one of four parallel jobs",
            "",
            "Reports are found by their content, not by their names; files that git tracks are passed",
            "over. Nothing found is delivered too, as an empty delivery, and ends with 2."
        })
public final class SendCommand implements Callable<Integer> {
    private static final Duration PAUSE = Duration.ofMillis(200);

    @Spec
    private CommandSpec spec;

    @Mixin
    private ServiceOptions options;

    @Option(
            names = "--suite",
            paramLabel = "NAME",
            required = true,
            description = "the kind of test run: unit, system, manual …")
    private String suite;

    @Option(
            names = "--part",
            paramLabel = "PART",
            description = "a slice of the suite: 2/4, or a name; else the CI job's name")
    private @Nullable String part;

    @Option(
            names = "--commit",
            paramLabel = "REV",
            description = "the commit that the tests ran on; else what is checked out")
    private @Nullable String commit;

    @Option(
            names = "--head",
            paramLabel = "REV",
            description = "the commit to judge, where CI checked out a merge of it with the target")
    private @Nullable String head;

    @Option(names = "--branch", paramLabel = "NAME", description = "the branch")
    private @Nullable String branch;

    @Option(names = "--pull-request", paramLabel = "N", description = "the pull request's number")
    private @Nullable Integer pullRequest;

    @Option(names = "--target", paramLabel = "BRANCH", description = "the branch that the pull request goes to")
    private @Nullable String target;

    @Option(names = "--build", paramLabel = "ID", description = "the CI build; a higher number replaces a lower one")
    private @Nullable String build;

    @Option(names = "--attempt", paramLabel = "N", description = "the attempt of the build, from 1")
    private @Nullable Integer attempt;

    @Option(
            names = "--format",
            paramLabel = "NAME",
            description = "the format of all reports, whatever they look like; else it is recognised")
    private @Nullable String format;

    @Option(
            names = "--wait",
            paramLabel = "SECONDS",
            defaultValue = "60",
            description = "how long to wait until the delivery is read; 0 for not at all (default: ${DEFAULT-VALUE})")
    private int waitSeconds;

    @Option(names = "--json", description = "print the receipt as JSON")
    private boolean json;

    @Parameters(paramLabel = "PATH", description = "reports, or folders to look in; else this folder")
    private List<Path> paths = List.of();

    @Override
    public Integer call() throws IOException, InterruptedException {
        ReportOptions.format(format);
        if (format != null && paths.stream().noneMatch(Files::isRegularFile)) {
            throw Failure.usage("--format says what files are: name them too, as in: ojala send --suite unit --format "
                    + format + " FILE");
        }
        Service service = options.service();
        try (Checkout checkout = Checkout.open(Path.of(""), System.getenv())) {
            List<Upload> uploads = uploads(checkout);
            Manifest manifest = checkout.manifest(
                    new Checkout.Said(commit, head, branch, pullRequest, target, build, attempt, suite, part, format));
            String key = options.project(service);
            Receipt receipt = service.deliver(
                    key, manifest, uploads, DeliveryKey.of(manifest, uploads), new ProgressLine(System.err));
            receipt = awaitRead(service, key, receipt);
            print(receipt);
            return exitCode(receipt);
        }
    }

    private List<Upload> uploads(Checkout checkout) throws IOException {
        List<Path> files = new ArrayList<>();
        ReportFinder finder = new ReportFinder(checkout.trackedFiles());
        for (Path path : paths.isEmpty() ? List.of(Path.of("").toAbsolutePath()) : paths) {
            if (Files.isDirectory(path)) {
                files.addAll(finder.below(path));
            } else if (Files.isRegularFile(path)) {
                files.add(path);
            } else {
                throw Failure.usage("there is no file " + path + ": name a report, or a folder to look in");
            }
        }
        return files.stream()
                .distinct()
                .map(file -> new Upload(checkout.nameOf(file), file))
                .toList();
    }

    private Receipt awaitRead(Service service, String key, Receipt first) throws InterruptedException {
        Receipt receipt = first;
        Instant end = Instant.now().plusSeconds(waitSeconds);
        while (!receipt.state().equals("read") && Instant.now().isBefore(end)) {
            Thread.sleep(PAUSE.toMillis());
            receipt = service.receipt(key, receipt.id());
        }
        return receipt;
    }

    private void print(Receipt receipt) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(Json.writePretty(receipt));
            return;
        }
        new ReceiptPrinter(out).print(receipt);
    }

    private static int exitCode(Receipt receipt) {
        boolean unreadable =
                receipt.files().stream().anyMatch(file -> file.state().equals("refused"));
        return receipt.files().isEmpty() || unreadable ? ExitCode.USAGE : ExitCode.OK;
    }
}

package ojala.demo;

import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import ojala.client.Failure;
import ojala.client.http.Service;
import ojala.demo.history.HarbourFiles;
import ojala.demo.history.History;
import ojala.demo.history.Stage;
import ojala.demo.run.Ci;
import ojala.demo.run.HostApi;
import ojala.demo.run.Ledger;
import ojala.demo.run.Progress;
import ojala.demo.run.Trouble;
import ojala.demo.run.WorkTree;
import ojala.wire.CodeHostDocument;
import ojala.wire.NewProject;
import ojala.wire.VerdictDocument;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/**
 * Fills a running service and a running code host with the harbour. Run again it goes on where it stopped; when all is
 * there it changes nothing.
 */
@Command(name = "demo")
public final class Demo implements Callable<Integer> {
    private static final String PROJECT = "harbour";
    private static final Duration VERDICTS_WITHIN = Duration.ofMinutes(2);

    @Option(names = "--scenario", required = true, description = "the folder with history.yaml and files/")
    private Path scenario;

    @Option(names = "--folder", required = true, description = "where the checkout and the tokens are kept")
    private Path folder;

    @Option(names = "--client", required = true, description = "the client's jar")
    private Path client;

    @Option(names = "--service", required = true)
    private URI service;

    @Option(names = "--host", required = true)
    private URI host;

    @Option(names = "--terminal", description = "progress in one line that changes")
    private boolean terminal;

    private final PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);

    public static void main(String[] arguments) {
        CommandLine line = new CommandLine(new Demo());
        line.setExecutionExceptionHandler((failure, command, parsed) -> {
            if (failure instanceof Trouble || failure instanceof Failure || failure instanceof UncheckedIOException) {
                System.err.println("\nojala: the demonstration stopped: " + reason(failure));
                System.err.println("Run ./ojala demo again: it goes on where it stopped.");
                return 2;
            }
            failure.printStackTrace();
            return 70;
        });
        System.exit(line.execute(arguments));
    }

    private static String reason(Throwable failure) {
        return failure instanceof UncheckedIOException unchecked
                ? failure.getMessage() + " (" + unchecked.getCause().getMessage() + ")"
                : String.valueOf(failure.getMessage());
    }

    @Override
    public Integer call() throws Exception {
        Progress progress = new Progress(out, terminal, 4);
        History history = History.read(scenario.resolve("history.yaml"));
        HarbourFiles files = new HarbourFiles(scenario.resolve("files"), history);
        WorkTree tree = new WorkTree(folder.resolve("harbour"), history, files);

        progress.step("Making the harbour's git history");
        tree.build(made -> progress.at(
                made, history.commits().size(), history.commits().get(made - 1).says()));
        progress.done(
                history.commits().size() + " commits and " + history.changes().size() + " branches");

        progress.step("Setting up the project and its pull requests");
        HostApi codeHost = new HostApi(host, PROJECT);
        String token = setUp(codeHost);
        tree.push(codeHost.remote());
        codeHost.requireChecks("main");
        Map<Stage, Optional<Integer>> stages = stages(history, codeHost);
        progress.done("project " + PROJECT + ", " + history.changes().size() + " open pull requests");

        progress.step("Sending the reports of CI with the real client");
        send(progress, history, files, tree, token, stages);

        tree.checkOutMain();
        progress.step("Waiting for the verdicts");
        List<VerdictDocument> verdicts = verdicts(history, tree, token);
        progress.done(verdicts.size() + " pull requests are judged");
        out.println();
        verdicts.forEach(verdict -> out.printf("  %-10s %s%n", verdict.verdict(), verdict.headline()));
        return 0;
    }

    /** Makes what is missing; gives a delivery token of the project. */
    private String setUp(HostApi codeHost) throws IOException {
        String secret = kept("code-host-secret", Demo::secret);
        codeHost.create(service.toString(), PROJECT, secret);
        String administrator =
                Files.readString(folder.resolve("administrator-token")).strip();
        Service api = new Service(service, Optional.of(administrator));
        boolean there = api.projects().stream().anyMatch(one -> one.key().equals(PROJECT));
        if (!there) {
            String token = Objects.requireNonNull(api.add(new NewProject(
                            PROJECT, codeHost.remote(), "main", new CodeHostDocument(codeHost.checks(), secret)))
                    .token()
                    .secret());
            Files.deleteIfExists(folder.resolve("delivery-token"));
            return kept("delivery-token", () -> token);
        }
        return kept(
                "delivery-token",
                () -> Objects.requireNonNull(api.createToken(PROJECT).secret()));
    }

    private interface Made {
        String make();
    }

    /** A secret that is made once and read by its owner only. */
    private String kept(String name, Made made) throws IOException {
        Path file = folder.resolve(name);
        if (!Files.exists(file)) {
            Files.writeString(Files.createFile(file, ownerOnly()), made.make());
        }
        return Files.readString(file).strip();
    }

    private static java.nio.file.attribute.FileAttribute<?> ownerOnly() {
        return java.nio.file.attribute.PosixFilePermissions.asFileAttribute(
                java.nio.file.attribute.PosixFilePermissions.fromString("rw-------"));
    }

    private static String secret() {
        byte[] bytes = new byte[24];
        new SecureRandom().nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }

    private static Map<Stage, Optional<Integer>> stages(History history, HostApi codeHost) {
        Map<Stage, Optional<Integer>> stages = new LinkedHashMap<>();
        for (int i = 1; i <= history.commits().size(); i++) {
            stages.put(Stage.main(i), Optional.empty());
        }
        history.changes()
                .forEach(change -> stages.put(
                        history.stage(change), Optional.of(codeHost.pullRequest(change.branch(), change.says()))));
        return stages;
    }

    private void send(
            Progress progress,
            History history,
            HarbourFiles files,
            WorkTree tree,
            String token,
            Map<Stage, Optional<Integer>> stages) {
        ExecutorService two = Executors.newFixedThreadPool(2);
        try {
            Map<String, String> environment =
                    Map.of("OJALA_URL", service.toString(), "OJALA_TOKEN", token, "HOME", folder.toString());
            Ci ci = new Ci(
                    history,
                    files,
                    tree,
                    Ci.client(client.toAbsolutePath()),
                    environment,
                    new Ledger(folder.resolve("sent")),
                    two);
            int all = stages.keySet().stream().mapToInt(ci::left).sum();
            int sent = 0;
            for (Map.Entry<Stage, Optional<Integer>> stage : stages.entrySet()) {
                int here = ci.left(stage.getKey());
                ci.run(stage.getKey(), stage.getValue());
                sent += here;
                if (here > 0) {
                    progress.at(sent, all, "commit " + stage.getKey().name());
                }
            }
            progress.done(all == 0 ? "all were sent before" : all + " deliveries");
        } finally {
            two.shutdownNow();
        }
    }

    /** The verdicts of the open pull requests, as soon as nothing delivered is left out of them. */
    private List<VerdictDocument> verdicts(History history, WorkTree tree, String token) throws InterruptedException {
        Service api = new Service(service, Optional.of(token));
        List<VerdictDocument> verdicts = new ArrayList<>();
        Instant end = Instant.now().plus(VERDICTS_WITHIN);
        for (History.Change change : history.changes()) {
            String head = tree.commit(history.stage(change));
            Optional<VerdictDocument> judged = judged(api, head);
            while (judged.isEmpty()) {
                if (Instant.now().isAfter(end)) {
                    throw new Trouble("branch " + change.branch()
                            + " is not judged after two minutes; the service's log says why");
                }
                Thread.sleep(200);
                judged = judged(api, head);
            }
            verdicts.add(judged.get());
        }
        return verdicts;
    }

    private static Optional<VerdictDocument> judged(Service api, String head) {
        return api.verdicts(PROJECT, head).stream()
                .filter(verdict -> "main".equals(verdict.target()) && !verdict.pending())
                .findFirst();
    }
}

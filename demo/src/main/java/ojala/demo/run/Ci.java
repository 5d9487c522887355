package ojala.demo.run;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import ojala.demo.history.HarbourFiles;
import ojala.demo.history.History;
import ojala.demo.history.Stage;
import ojala.demo.report.JobReports;

/**
 * The harbour's CI: at each stage every job writes its reports into the checkout and sends them with the real client.
 */
public final class Ci {
    private static final int NOTHING_FOUND = 2;

    private final History history;
    private final HarbourFiles files;
    private final WorkTree tree;
    private final List<String> client;
    private final Map<String, String> environment;
    private final Ledger ledger;
    private final ExecutorService atOnce;

    /**
     * @param client the command that runs {@code ojala}
     * @param environment of the client: where the service is, and the delivery token
     */
    public Ci(
            History history,
            HarbourFiles files,
            WorkTree tree,
            List<String> client,
            Map<String, String> environment,
            Ledger ledger,
            ExecutorService atOnce) {
        this.history = history;
        this.files = files;
        this.tree = tree;
        this.client = client;
        this.environment = environment;
        this.ledger = ledger;
        this.atOnce = atOnce;
    }

    /** How many sends a stage has left. */
    public int left(Stage stage) {
        return waiting(stage).size();
    }

    private List<History.Job> waiting(Stage stage) {
        return history.jobs(stage).stream()
                .filter(job -> !ledger.has(line(stage, job)))
                .filter(job -> !history.mishap(job, stage).equals(Optional.of(History.What.NEVER_SENT)))
                .toList();
    }

    private static String line(Stage stage, History.Job job) {
        return stage.name() + " " + job.name();
    }

    /**
     * Runs the jobs of a stage.
     *
     * @param pullRequest its number, if the stage is one
     */
    public void run(Stage stage, Optional<Integer> pullRequest) {
        List<History.Job> jobs = waiting(stage);
        if (jobs.isEmpty()) {
            return;
        }
        tree.checkOut(stage);
        SortedMap<String, String> texts = files.at(stage);
        List<Future<?>> running = jobs.stream()
                .<Future<?>>map(job -> atOnce.submit(() -> run(stage, job, texts, pullRequest)))
                .toList();
        running.forEach(Ci::await);
    }

    private static void await(Future<?> running) {
        try {
            running.get();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(failed.getCause());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Trouble("stopped while reports were sent");
        }
    }

    private void run(Stage stage, History.Job job, SortedMap<String, String> texts, Optional<Integer> pullRequest) {
        Optional<History.What> mishap = history.mishap(job, stage);
        boolean empty = mishap.equals(Optional.of(History.What.NO_REPORT));
        List<String> command = new ArrayList<>(client);
        command.addAll(List.of("send", "--project", "harbour", "--suite", job.suite(), "--part", job.part()));
        command.addAll(List.of("--build", build(stage), "--attempt", "1"));
        if (pullRequest.isPresent()) {
            command.addAll(List.of("--pull-request", String.valueOf(pullRequest.get()), "--target", "main"));
        }
        command.addAll(List.of("--branch", stage.branch().orElse("main")));
        if (empty) {
            tree.write("coverage/nothing/.keep", "");
            command.add("coverage/nothing");
        } else {
            JobReports.of(job, texts, mishap.equals(Optional.of(History.What.ALL_ZERO)))
                    .forEach((path, report) -> {
                        tree.write(path, report);
                        command.add(path);
                    });
        }
        new Shell(tree.folder(), environment)
                .run(command)
                .expect("ojala send (" + line(stage, job) + ")", List.of(empty ? NOTHING_FOUND : 0));
        ledger.add(line(stage, job));
    }

    /** Builds are numbered through: those of the main line first, then those of the branches. */
    private String build(Stage stage) {
        int before = stage.branch()
                .map(branch -> 1
                        + history.changes().stream()
                                .map(History.Change::branch)
                                .toList()
                                .indexOf(branch))
                .orElse(0);
        return String.valueOf(stage.commit() + before);
    }

    /** The command that runs the client's jar, tuned for a short life. */
    public static List<String> client(Path jar) {
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xshare:auto",
                "-Dstdout.encoding=UTF-8",
                "-Dfile.encoding=UTF-8",
                "-jar",
                jar.toString());
    }
}

package ojala.client.command;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.Failure;
import ojala.client.print.Marks;
import ojala.client.print.Table;
import ojala.client.report.InspectDocument;
import ojala.client.report.LocalReports;
import ojala.core.model.Count;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.wire.CountDocument;
import ojala.wire.Json;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Reads reports and prints what is in them. */
@Command(
        name = "inspect",
        mixinStandardHelpOptions = true,
        description = "Reads report files and prints what is in them, merged; needs no service.",
        footer = {
            "",
            "Examples:",
            "  ojala inspect coverage/lcov.info",
            "  ojala inspect --repository . --commit HEAD unit.info system.info.gz --json"
        })
public final class InspectCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(
            names = "--repository",
            paramLabel = "DIR",
            description = "match paths to a commit of this repository, which may be bare")
    private @Nullable Path repository;

    @Option(
            names = "--commit",
            paramLabel = "REV",
            defaultValue = "HEAD",
            description = "the commit (default: ${DEFAULT-VALUE})")
    private String commit;

    @Option(names = "--json", description = "print it as JSON")
    private boolean json;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "report files; gzip and zstd are unpacked")
    private List<Path> files;

    @Override
    public Integer call() {
        LocalReports reports = repository == null ? LocalReports.read(files, Optional.empty()) : matched(repository);
        InspectDocument document = InspectDocument.of(reports);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(Json.writePretty(document));
        } else {
            print(document, out);
        }
        return reports.anyUnreadable() ? ExitCode.USAGE : ExitCode.OK;
    }

    private LocalReports matched(Path folder) {
        try (GitRepository git = GitRepository.open(folder)) {
            CommitInfo found =
                    git.commit(commit).orElseThrow(() -> Failure.usage("commit “" + commit + "” is not in " + folder));
            return LocalReports.read(files, Optional.of(git.snapshot(found)));
        }
    }

    private static void print(InspectDocument document, PrintWriter out) {
        document.reports().forEach(report -> {
            String format = report.format() == null ? "refused" : report.format() + ", " + report.sources() + " files";
            out.println(report.name() + ": " + format);
            report.problems().forEach(problem -> out.println("  " + problem));
        });
        if (!document.sources().isEmpty()) {
            sources(document, out);
        }
        document.unmatched()
                .forEach(one -> out.println(Marks.glyph("warn") + " " + one.reportedAs()
                        + " is not matched, " + one.why()
                        + (one.candidates().isEmpty() ? "" : ": " + String.join(", ", one.candidates()))));
        out.flush();
    }

    private static void sources(InspectDocument document, PrintWriter out) {
        Table table = new Table(
                Table.Column.TEXT,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.TEXT);
        List<String> marks = new ArrayList<>(List.of(" "));
        table.row("file", "lines", "covered / all", "branches", "functions", "missed lines");
        for (InspectDocument.SourceLinesDocument source : document.sources()) {
            table.row(
                    source.path(),
                    new Count(source.lines().covered(), source.lines().total()).percent() + " %",
                    source.lines().covered() + " / " + source.lines().total(),
                    figure(source.branches()),
                    figure(source.functions()),
                    source.lines().missedLines());
            marks.add(" ");
        }
        CountDocument all = document.counts().getOrDefault("lines", new CountDocument(0, 0));
        table.row(
                "together",
                new Count(all.covered(), all.total()).percent() + " %",
                all.covered() + " / " + all.total(),
                figure(document.counts().get("branches")),
                figure(document.counts().get("functions")),
                "");
        marks.add(" ");
        out.println();
        table.print(out, marks);
    }

    private static String figure(@Nullable CountDocument count) {
        return count == null ? "–" : count.covered() + " / " + count.total();
    }
}

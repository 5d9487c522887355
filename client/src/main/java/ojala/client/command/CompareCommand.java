package ojala.client.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.http.Service;
import ojala.client.print.ComparisonPrinter;
import ojala.wire.ComparisonDocument;
import ojala.wire.Json;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Compares two commits: counts, files, and the lines that lost or gained tests. */
@Command(
        name = "compare",
        mixinStandardHelpOptions = true,
        description = "Compares two commits: counts, files, and the lines that lost or gained tests.",
        footer = {
            "",
            "Examples:",
            "  ojala compare main~1 main            what the last commit changed",
            "  ojala compare 4be1a2d0 9f27c31e      any two commits"
        })
public final class CompareCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private ServiceOptions options;

    @Parameters(index = "0", paramLabel = "FROM", description = "the older commit: an id, or a branch")
    private String from;

    @Parameters(index = "1", paramLabel = "TO", description = "the newer commit: an id, or a branch")
    private String to;

    @Option(names = "--json", description = "print it as JSON")
    private boolean json;

    @Override
    public Integer call() {
        Service service = options.service();
        String key = options.project(service);
        PrintWriter out = spec.commandLine().getOut();
        ComparisonDocument comparison = service.compare(key, from, to);
        if (json) {
            out.println(Json.writePretty(comparison));
        } else {
            new ComparisonPrinter(out).print(comparison);
        }
        return ExitCode.OK;
    }
}

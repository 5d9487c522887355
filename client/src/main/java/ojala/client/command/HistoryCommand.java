package ojala.client.command;

import java.io.PrintWriter;
import java.util.Optional;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.Failure;
import ojala.client.http.Service;
import ojala.client.print.TrendPrinter;
import ojala.wire.Json;
import ojala.wire.TrendDocument;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Shows how a count moved along a branch, commit by commit. */
@Command(
        name = "history",
        mixinStandardHelpOptions = true,
        description = "Shows how a count moved along a branch, commit by commit.",
        footer = {
            "",
            "Examples:",
            "  ojala history                            lines, on the default branch",
            "  ojala history --area tides --last 10     of an area",
            "  ojala history --count branches           of another count"
        })
public final class HistoryCommand implements Callable<Integer> {
    /** As many points as the service gives at once. */
    private static final int MOST = 2000;

    @Spec
    private CommandSpec spec;

    @Mixin
    private ServiceOptions options;

    @Option(names = "--branch", paramLabel = "NAME", description = "the branch; else the default branch")
    private @Nullable String branch;

    @Option(names = "--area", paramLabel = "NAME", description = "an area of the settings; else the whole")
    private @Nullable String area;

    @Option(
            names = "--count",
            paramLabel = "COUNT",
            defaultValue = "lines",
            description = "lines, branches, functions … (default: ${DEFAULT-VALUE})")
    private String count;

    @Option(
            names = "--last",
            paramLabel = "N",
            defaultValue = "20",
            description = "how many commits, at most 2000 (default: ${DEFAULT-VALUE})")
    private int last;

    @Option(names = "--json", description = "print it as JSON")
    private boolean json;

    @Override
    public Integer call() {
        Service service = options.service();
        String key = options.project(service);
        PrintWriter out = spec.commandLine().getOut();
        if (last < 1 || last > MOST) {
            throw Failure.usage("--last is " + last + ": it must be 1 to " + MOST);
        }
        TrendDocument trend = service.trend(key, Optional.ofNullable(branch), Optional.ofNullable(area), count, MOST);
        if (json) {
            out.println(Json.writePretty(trend));
        } else {
            new TrendPrinter(out).print(trend, last);
        }
        return ExitCode.OK;
    }
}

package ojala.client.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.print.InspectPrinter;
import ojala.client.report.InspectDocument;
import ojala.client.report.LocalReports;
import ojala.wire.Json;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
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
            "  ojala inspect --sides --functions gauge.json.gz",
            "  ojala inspect --repository . --commit HEAD unit.info system.info.gz --json"
        })
public final class InspectCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private ReportOptions reports;

    @Option(names = "--sides", description = "print the branch sides and conditions of each line too")
    private boolean sides;

    @Option(names = "--functions", description = "print the functions too, with counts and complexity")
    private boolean functions;

    @Option(names = "--tests", description = "print which lines each test reaches too")
    private boolean tests;

    @Option(names = "--json", description = "print all of it as JSON")
    private boolean json;

    @Override
    public Integer call() {
        LocalReports read = reports.read();
        InspectDocument document = InspectDocument.of(read);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(Json.writePretty(document));
        } else {
            print(document, new InspectPrinter(out));
        }
        out.flush();
        return read.anyUnreadable() ? ExitCode.USAGE : ExitCode.OK;
    }

    private void print(InspectDocument document, InspectPrinter printer) {
        printer.reports(document);
        printer.sources(document);
        if (sides) {
            printer.sides(document);
        }
        if (functions) {
            printer.functions(document);
        }
        if (tests) {
            printer.tests(document);
        }
        printer.unmatched(document);
    }
}

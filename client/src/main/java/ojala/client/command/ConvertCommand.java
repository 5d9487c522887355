package ojala.client.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.Failure;
import ojala.client.report.LocalReports;
import ojala.core.export.Losses;
import ojala.core.export.ReportWriter;
import ojala.core.export.Writers;
import ojala.core.model.Measurement;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Turns reports of any formats into one of an open format. */
@Command(
        name = "convert",
        mixinStandardHelpOptions = true,
        description = "Merges report files of any formats into one of an open format; needs no service.",
        footer = {
            "",
            "Examples:",
            "  ojala convert jacoco.xml --to lcov --output coverage.info",
            "  ojala convert unit.info system.json --repository . --to exchange",
            "  ojala convert coverage/*.json --to csv",
            "",
            "What the format can't say is listed on the error stream."
        })
public final class ConvertCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private ReportOptions reports;

    @Option(names = "--to", paramLabel = "NAME", required = true, description = "lcov, cobertura, exchange or csv")
    private String to;

    @Option(names = "--output", paramLabel = "FILE", description = "write to this file; else to the output")
    private @Nullable Path output;

    @Override
    public Integer call() throws IOException {
        ReportWriter writer = Writers.named(to)
                .orElseThrow(() -> Failure.usage("“" + to + "” can't be written: --to is one of " + Writers.names()));
        LocalReports read = reports.read();
        SortedMap<String, Measurement> sources = new TreeMap<>();
        read.sources().forEach((path, merged) -> sources.put(path, merged.measurement()));
        Losses losses = output == null ? print(writer, sources) : write(writer, sources, output);
        PrintWriter err = spec.commandLine().getErr();
        read.unmatched().forEach(one -> err.println("left out: " + one.reported() + ", " + one.how()));
        read.reports().stream()
                .filter(report -> !report.facts().readable())
                .forEach(report -> report.problems().forEach(problem -> err.println(report.name() + ": " + problem)));
        losses.sources()
                .forEach((what, files) -> err.println(
                        writer.title() + " can't say: " + what + " (" + files + (files == 1 ? " file)" : " files)")));
        err.flush();
        return read.anyUnreadable() ? ExitCode.USAGE : ExitCode.OK;
    }

    private Losses print(ReportWriter writer, SortedMap<String, Measurement> sources) throws IOException {
        PrintWriter out = spec.commandLine().getOut();
        Losses losses = writer.write(sources, out);
        out.flush();
        return losses;
    }

    /** Whoever reads the file never sees half of it. */
    private static Losses write(ReportWriter writer, SortedMap<String, Measurement> sources, Path file)
            throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        if (!Files.isDirectory(folder)) {
            throw Failure.usage("there is no folder " + folder + ": make it first");
        }
        Path half = Files.createTempFile(folder, ".ojala-", ".half");
        try {
            Losses losses;
            try (Writer out = Files.newBufferedWriter(half, StandardCharsets.UTF_8)) {
                losses = writer.write(sources, out);
            }
            Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
            return losses;
        } finally {
            Files.deleteIfExists(half);
        }
    }
}

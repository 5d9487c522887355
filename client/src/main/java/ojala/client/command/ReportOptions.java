package ojala.client.command;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import ojala.client.Failure;
import ojala.client.report.LocalReports;
import ojala.core.format.Format;
import ojala.core.format.Formats;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Which report files a command reads, and what their paths are matched to. */
final class ReportOptions {
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

    @Option(names = "--format", paramLabel = "NAME", description = "read them as this format, whatever they look like")
    private @Nullable String format;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "report files; gzip and zstd are unpacked")
    private List<Path> files;

    LocalReports read() {
        Optional<Format> wanted = format(format);
        if (repository == null) {
            return LocalReports.read(files, Optional.empty(), wanted);
        }
        try (GitRepository git = GitRepository.open(repository)) {
            CommitInfo found = git.commit(commit)
                    .orElseThrow(() -> Failure.usage("commit “" + commit + "” is not in " + repository));
            return LocalReports.read(files, Optional.of(git.snapshot(found)), wanted);
        }
    }

    /** The format of a name that a user gave. */
    static Optional<Format> format(@Nullable String name) {
        if (name == null) {
            return Optional.empty();
        }
        return Optional.of(Formats.named(name)
                .orElseThrow(
                        () -> Failure.usage("there is no format “" + name + "”: it is one of " + Formats.names())));
    }
}

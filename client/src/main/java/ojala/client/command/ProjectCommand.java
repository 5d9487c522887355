package ojala.client.command;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.Failure;
import ojala.client.print.Marks;
import ojala.client.print.Table;
import ojala.core.model.Count;
import ojala.wire.CodeHostDocument;
import ojala.wire.CountDocument;
import ojala.wire.Json;
import ojala.wire.NewProject;
import ojala.wire.ProjectCreated;
import ojala.wire.ProjectDocument;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Sets up projects. */
@Command(
        name = "project",
        mixinStandardHelpOptions = true,
        synopsisSubcommandLabel = "COMMAND",
        description = "Sets up and lists projects.",
        subcommands = {ProjectCommand.Add.class, ProjectCommand.ListAll.class})
public final class ProjectCommand {

    @Command(
            name = "add",
            mixinStandardHelpOptions = true,
            description = "Adds a project; its delivery token is printed once.",
            footer = {
                "",
                "Example:",
                "  ojala project add harbour --repository https://git.puerto-candela.example/harbour.git"
            })
    static final class Add implements Callable<Integer> {
        @Spec
        private CommandSpec spec;

        @Mixin
        private ServiceOptions options;

        @Parameters(paramLabel = "KEY", description = "small letters, digits and hyphens")
        private String key;

        @Option(names = "--repository", paramLabel = "URL", required = true, description = "where git fetches it from")
        private String repository;

        @Option(names = "--default-branch", paramLabel = "NAME", description = "main if not said")
        private @Nullable String defaultBranch;

        @Option(names = "--code-host", paramLabel = "URL", description = "where verdicts are published")
        private @Nullable String codeHost;

        @Option(names = "--json", description = "print the project and its token as JSON")
        private boolean json;

        @Override
        public Integer call() {
            CodeHostDocument host = null;
            if (codeHost != null) {
                String secret = System.getenv("OJALA_CODE_HOST_SECRET");
                if (secret == null || secret.isBlank()) {
                    throw Failure.usage(
                            "a code host needs a shared secret to sign calls with: set OJALA_CODE_HOST_SECRET");
                }
                host = new CodeHostDocument(codeHost, secret);
            }
            ProjectCreated created = options.service().add(new NewProject(key, repository, defaultBranch, host));
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(Json.writePretty(created));
                return ExitCode.OK;
            }
            out.println("Project " + key + " is set up. Its delivery token, shown this once ("
                    + created.token().id() + "):");
            out.println(created.token().secret());
            out.println("Keep it as OJALA_TOKEN in your CI's secrets; then: ojala send --suite unit");
            return ExitCode.OK;
        }
    }

    @Command(name = "list", mixinStandardHelpOptions = true, description = "Lists the projects.")
    static final class ListAll implements Callable<Integer> {
        @Spec
        private CommandSpec spec;

        @Mixin
        private ServiceOptions options;

        @Option(names = "--json", description = "print them as JSON")
        private boolean json;

        @Override
        public Integer call() {
            List<ProjectDocument> projects = options.service().projects();
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(Json.writePretty(projects));
                return ExitCode.OK;
            }
            Table table = new Table(
                    Table.Column.TEXT,
                    Table.Column.TEXT,
                    Table.Column.FIGURE,
                    Table.Column.FIGURE,
                    Table.Column.FIGURE);
            List<String> marks = new ArrayList<>(List.of(" "));
            table.row("project", "branch", "lines", "covered / all", "open changes");
            for (ProjectDocument project : projects) {
                CountDocument lines =
                        project.branch() == null ? null : project.branch().lines();
                table.row(
                        project.key(),
                        project.defaultBranch(),
                        lines == null ? "–" : new Count(lines.covered(), lines.total()).percent() + " %",
                        lines == null ? "" : lines.covered() + " / " + lines.total(),
                        String.valueOf(project.openChanges()));
                marks.add(Marks.glyph(
                        project.branch() == null ? "" : project.branch().verdict()));
            }
            table.print(out, marks);
            return ExitCode.OK;
        }
    }
}

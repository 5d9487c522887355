package ojala.client;

import java.util.List;
import ojala.client.command.CheckCommand;
import ojala.client.command.CompareCommand;
import ojala.client.command.ConvertCommand;
import ojala.client.command.HistoryCommand;
import ojala.client.command.InspectCommand;
import ojala.client.command.ProjectCommand;
import ojala.client.command.SendCommand;
import ojala.client.command.ShowCommand;
import ojala.client.command.TokenCommand;
import ojala.client.command.VerdictCommand;
import ojala.git.GitFailure;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. */
@Command(
        name = "ojala",
        version = "ojala 0.1.0",
        mixinStandardHelpOptions = true,
        synopsisSubcommandLabel = "COMMAND",
        description =
                "Tells for every commit and pull request what its tests really reach, and judges it by the project's gate.",
        subcommands = {
            SendCommand.class,
            VerdictCommand.class,
            ShowCommand.class,
            HistoryCommand.class,
            CompareCommand.class,
            CheckCommand.class,
            InspectCommand.class,
            ConvertCommand.class,
            ProjectCommand.class,
            TokenCommand.class
        },
        footer = {
            "",
            "Environment:",
            "  OJALA_URL      where the service is, http://127.0.0.1:7410 if not set",
            "  OJALA_TOKEN    the token to show it",
            "  OJALA_PROJECT  the project's key; a delivery token knows its own",
            "  NO_COLOR       no colours",
            "",
            "Exit: 0 pass or warn, 1 fail, 2 wrong usage or unreadable input, 3 waiting, undecided or",
            "not judged, 4 service unreachable or access refused, 70 internal error."
        })
public final class Ojala {
    private Ojala() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments));
    }

    static int run(String... arguments) {
        CommandLine command = new CommandLine(new Ojala());
        command.setExecutionExceptionHandler((failure, line, parsed) -> {
            if (failure instanceof Failure expected) {
                line.getErr().println("ojala: " + expected.getMessage());
                return expected.exitCode();
            }
            if (failure instanceof GitFailure git) {
                line.getErr().println("ojala: " + git.getMessage());
                return ExitCode.USAGE;
            }
            line.getErr().println("ojala: internal error, please report it with the lines below");
            failure.printStackTrace(line.getErr());
            return ExitCode.INTERNAL;
        });
        command.setParameterExceptionHandler((wrong, rest) -> {
            CommandLine line = wrong.getCommandLine();
            line.getErr().println("ojala: " + wrong.getMessage());
            List<String> names = List.of(line.getCommandSpec().qualifiedName(" "), "--help");
            line.getErr().println("See ‘" + String.join(" ", names) + "’.");
            return ExitCode.USAGE;
        });
        return command.execute(arguments);
    }
}

package ojala.client.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.http.Service;
import ojala.wire.Json;
import ojala.wire.TokenDocument;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes and revokes delivery tokens. */
@Command(
        name = "token",
        mixinStandardHelpOptions = true,
        synopsisSubcommandLabel = "COMMAND",
        description = "Makes and revokes a project's delivery tokens.",
        subcommands = {TokenCommand.Create.class, TokenCommand.Revoke.class})
public final class TokenCommand {

    @Command(
            name = "create",
            mixinStandardHelpOptions = true,
            description = "Makes a delivery token; it is printed once.",
            footer = {"", "Example:", "  ojala token create --project harbour"})
    static final class Create implements Callable<Integer> {
        @Spec
        private CommandSpec spec;

        @Mixin
        private ServiceOptions options;

        @Option(names = "--json", description = "print the token as JSON")
        private boolean json;

        @Override
        public Integer call() {
            Service service = options.service();
            TokenDocument token = service.createToken(options.project(service));
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(Json.writePretty(token));
                return ExitCode.OK;
            }
            out.println("A delivery token for " + token.project() + ", shown this once (" + token.id() + "):");
            out.println(token.secret());
            return ExitCode.OK;
        }
    }

    @Command(
            name = "revoke",
            mixinStandardHelpOptions = true,
            description = "Makes a delivery token invalid from now on.",
            footer = {"", "Example:", "  ojala token revoke --project harbour 0c9d5a4e-…"})
    static final class Revoke implements Callable<Integer> {
        @Spec
        private CommandSpec spec;

        @Mixin
        private ServiceOptions options;

        @Option(names = "--json", description = "print the revoked token's id as JSON")
        private boolean json;

        @Parameters(paramLabel = "ID", description = "the token's id, as printed when it was made")
        private String id;

        @Override
        public Integer call() {
            Service service = options.service();
            service.revokeToken(options.project(service), id);
            PrintWriter out = spec.commandLine().getOut();
            out.println(
                    json
                            ? Json.writePretty(java.util.Map.of("schema", 1, "revoked", id))
                            : "Token " + id + " is revoked.");
            return ExitCode.OK;
        }
    }
}

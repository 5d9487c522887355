package ojala.client.command;

import java.io.PrintWriter;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import ojala.client.ExitCode;
import ojala.client.http.Service;
import ojala.client.print.FolderPrinter;
import ojala.wire.CommitPage;
import ojala.wire.FolderDocument;
import ojala.wire.Json;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Shows a commit as it was measured: folders and files with counts and missed lines. */
@Command(
        name = "show",
        mixinStandardHelpOptions = true,
        description = "Shows a commit as it was measured: folders and files with counts and missed lines.",
        footer = {
            "",
            "Examples:",
            "  ojala show                         the default branch, its top folders",
            "  ojala show main --in quayside/src   a folder of it",
            "  ojala show 4be1a2d0 --all          every file of a commit"
        })
public final class ShowCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private ServiceOptions options;

    @Parameters(
            arity = "0..1",
            paramLabel = "COMMIT",
            defaultValue = "",
            description = "a commit's id, whole or abbreviated, or a branch; else the default branch")
    private String commit;

    @Option(names = "--in", paramLabel = "FOLDER", defaultValue = "", description = "the folder to show")
    private String folder;

    @Option(names = "--all", description = "every file below, not one folder")
    private boolean all;

    @Option(names = "--json", description = "print it as JSON")
    private boolean json;

    @Override
    public Integer call() {
        Service service = options.service();
        String key = options.project(service);
        PrintWriter out = spec.commandLine().getOut();
        String id = service.resolve(key, commit);
        String path = folder.replaceAll("^\\./|/+$", "");
        FolderDocument found = all ? service.files(key, id, path) : service.folder(key, id, path);
        CommitPage page = service.commit(key, id);
        if (json) {
            Map<String, Object> both = new LinkedHashMap<>();
            both.put("commit", page);
            both.put("folder", found);
            out.println(Json.writePretty(both));
        } else {
            new FolderPrinter(out).print(page, found);
        }
        return ExitCode.OK;
    }
}

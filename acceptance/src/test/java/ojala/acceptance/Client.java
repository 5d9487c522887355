package ojala.acceptance;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ojala.wire.Json;
import ojala.wire.VerdictDocument;

/** The command line as a user runs it: a process of its own. */
record Client(Map<String, String> environment) {
    Client(String url, String token) {
        this(Map.of("OJALA_URL", url, "OJALA_TOKEN", token, "NO_COLOR", "1"));
    }

    Client with(String name, String value) {
        Map<String, String> more = new HashMap<>(environment);
        more.put(name, value);
        return new Client(more);
    }

    Ran run(Path folder, String... arguments) {
        List<String> command = new ArrayList<>(
                List.of("bash", Server.CHECKOUT.resolve("scripts/client.sh").toString()));
        command.addAll(List.of(arguments));
        return Ran.of(folder, environment, command);
    }

    /** A verdict as JSON, with the exit code that came with it. */
    record Judged(int exit, VerdictDocument document) {}

    Judged verdict(Path folder, String... arguments) {
        List<String> all = new ArrayList<>(List.of("verdict", "--json", "--wait", "90"));
        all.addAll(List.of(arguments));
        Ran ran = run(folder, all.toArray(String[]::new));
        if (ran.out().isBlank()) {
            throw new AssertionError("no verdict, exit " + ran.exit() + ": " + ran.err());
        }
        return new Judged(ran.exit(), Json.read(ran.out(), VerdictDocument.class));
    }
}

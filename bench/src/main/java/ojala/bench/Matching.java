package ojala.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import ojala.core.path.PathMatch;
import ojala.core.path.PathMatching;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Matching a report of 100,000 files to a tree of 100,000, the tree's index included. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class Matching {
    private static final int FILES = 100_000;

    /** A container's root; a package and a name, with as many modules as 500; one name in every folder. */
    @Param({"container", "packages", "one-name", "windows"})
    public String kind = "";

    private final List<String> tree = new ArrayList<>(FILES);
    private final List<String> reported = new ArrayList<>(FILES);

    @Setup
    public void name() {
        for (int i = 0; i < FILES; i++) {
            String module = "module" + i / 200;
            String name = "candela/port" + i % 37 + "/Berth" + i + ".java";
            switch (kind) {
                case "packages" -> add(module + "/src/main/java/" + name, name);
                case "one-name" -> add("web/page" + i + "/index.ts", "/app/page" + i + "/index.ts");
                case "windows" ->
                    add(module + "/" + name, "C:\\agent\\work\\" + (module + "/" + name).replace('/', '\\'));
                default -> add(module + "/" + name, "/ci/agent/3/s/" + module + "/" + name);
            }
        }
    }

    private void add(String path, String as) {
        tree.add(path);
        reported.add(as);
    }

    @Benchmark
    public int match() {
        int matched = 0;
        for (PathMatch match : new PathMatching(tree, List.of()).match(reported, List.of(), "report")) {
            matched += match.path().isPresent() ? 1 : 0;
        }
        if (matched != FILES) {
            throw new IllegalStateException(matched + " of " + FILES + " files were matched");
        }
        return matched;
    }
}

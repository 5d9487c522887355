package ojala.demo.report;

import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.StringJoiner;
import ojala.demo.reach.SourceReach;

/** A Cobertura XML report of a test run. */
public final class CoberturaText {
    /** Where the harbour's CI checks the repository out. */
    private static final String CHECKOUT = "/ci/harbour/";

    private CoberturaText() {}

    /**
     * Writes a report.
     *
     * @param roots the folders that paths are relative to, each with a slash at its end
     */
    public static String of(SortedMap<String, SourceReach> reached, List<String> roots) {
        StringJoiner text = new StringJoiner("\n", "<?xml version=\"1.0\" ?>\n", "\n");
        text.add("<coverage version=\"1\" line-rate=\"" + rate(reached) + "\" branch-rate=\"0\" complexity=\"0\">");
        text.add("  <sources>");
        roots.forEach(root -> text.add("    <source>" + CHECKOUT + root.substring(0, root.length() - 1) + "</source>"));
        text.add("  </sources>")
                .add("  <packages>")
                .add("    <package name=\".\">")
                .add("      <classes>");
        reached.forEach((path, reach) -> roots.stream()
                .filter(path::startsWith)
                .findFirst()
                .ifPresent(root -> source(text, path.substring(root.length()), reach)));
        text.add("      </classes>").add("    </package>").add("  </packages>").add("</coverage>");
        return text.toString();
    }

    private static void source(StringJoiner text, String name, SourceReach reach) {
        text.add("        <class name=\"" + name + "\" filename=\"" + name + "\" complexity=\"0\">");
        text.add("          <methods/>").add("          <lines>");
        reach.hits()
                .forEach((line, hits) -> text.add("            <line number=\"" + line + "\" hits=\"" + hits + "\""
                        + Optional.ofNullable(reach.branches().get(line))
                                .map(CoberturaText::branch)
                                .orElse("") + "/>"));
        text.add("          </lines>").add("        </class>");
    }

    private static String branch(SourceReach.Sides sides) {
        return " branch=\"true\" condition-coverage=\"" + sides.taken() * 50 + "% (" + sides.taken() + "/2)\"";
    }

    /** Rounded, as such writers do. */
    private static String rate(SortedMap<String, SourceReach> reached) {
        long all = reached.values().stream().mapToLong(one -> one.hits().size()).sum();
        long covered = reached.values().stream()
                .flatMap(one -> one.hits().values().stream())
                .filter(hits -> hits > 0)
                .count();
        return all == 0 ? "0" : String.format(java.util.Locale.ROOT, "%.4f", covered / (double) all);
    }
}

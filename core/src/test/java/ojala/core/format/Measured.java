package ojala.core.format;

import java.util.stream.Collectors;
import ojala.core.model.CountName;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;

/** A source of a report that was read, in words that tests compare with. */
record Measured(Measurement measurement) {
    static Measured of(Report report, String path) {
        Measurement found = report.sources().get(path);
        if (found == null) {
            throw new AssertionError("no " + path + " among " + report.sources().keySet());
        }
        return new Measured(found);
    }

    private SourceCoverage coverage() {
        return measurement.coverage();
    }

    /** {@code 3/5}. */
    String count(CountName name) {
        return coverage()
                .counts()
                .get(name)
                .map(count -> count.covered() + "/" + count.total())
                .orElse("–");
    }

    String covered() {
        return coverage().lines().covered().toString();
    }

    String missed() {
        return coverage().lines().missed().toString();
    }

    long hits(int line) {
        return measurement.hits().orElseThrow().at(coverage().lines().indexOf(line));
    }

    /** The state before branches are looked at. */
    String state(int line) {
        return coverage().lines().state(coverage().lines().indexOf(line)).name();
    }

    /** {@code moor@3:5-9 covered 2}: name, place, whether it ran, complexity. */
    String functions() {
        return coverage().functions().stream()
                .map(one -> one.name() + "@" + one.line() + ":" + one.column() + "-" + one.endLine()
                        + (one.covered() ? " covered " : " missed ") + one.complexity())
                .collect(Collectors.joining("; "));
    }

    /** {@code 1/2} of the branches of a line. */
    String branches(int line) {
        var count = coverage().branches().get(line).count();
        return count.covered() + "/" + count.total();
    }
}

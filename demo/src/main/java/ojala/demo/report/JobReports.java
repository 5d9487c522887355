package ojala.demo.report;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ojala.demo.history.History;
import ojala.demo.program.Language;
import ojala.demo.program.Program;
import ojala.demo.reach.SourceReach;
import ojala.demo.reach.TestRun;

/** What a CI job writes at a stage: each folder of the harbour in the format of its own tools. */
public final class JobReports {
    private static final List<String> TIDES_ROOTS = List.of("tides/tides/", "tides/tools/");

    private JobReports() {}

    /**
     * The reports of a job, by the path that they are written to.
     *
     * @param files the repository's files
     * @param allZero whether the run lost its data and writes that nothing was reached
     */
    public static Map<String, String> of(History.Job job, SortedMap<String, String> files, boolean allZero) {
        String tests = files.entrySet().stream()
                .filter(file -> file.getKey().startsWith(job.tests()))
                .map(Map.Entry::getValue)
                .collect(Collectors.joining("\n"));
        Map<String, String> reports = new LinkedHashMap<>();
        for (String folder : job.reaches()) {
            SortedMap<String, Program> programs = programs(folder, files);
            SortedMap<String, SourceReach> reached = new TestRun(List.copyOf(programs.values()), tests).run();
            if (reached.isEmpty()) {
                continue;
            }
            if (allZero) {
                reached.replaceAll((path, reach) -> reach.nothing());
            }
            String at = folder + "/coverage/" + job.name().replace(' ', '-') + "/";
            switch (folder) {
                case "quayside" -> reports.put(at + "lcov.info", LcovText.of(reached, programs, "quayside/"));
                case "tides" -> reports.put(at + "coverage.xml", CoberturaText.of(reached, TIDES_ROOTS));
                case "berthing" -> reports.put(at + "jacoco.xml", JacocoText.of(reached, programs, job.name()));
                case "beacon" -> reports.put(at + "cover.out", GoProfileText.of(reached, programs));
                case "gauge" -> gauge(job, reached, programs, at, reports);
                default -> throw new IllegalArgumentException("nothing is known of the tools of " + folder + "/");
            }
        }
        return reports;
    }

    /** The unit tests of the gauge run on the desk, under gcov; what runs on the mast is measured with MC/DC. */
    private static void gauge(
            History.Job job,
            SortedMap<String, SourceReach> reached,
            Map<String, Program> programs,
            String at,
            Map<String, String> reports) {
        if (job.suite().equals("unit")) {
            reports.put(at + "gauge.gcov.json", GcovJsonText.of(reached, programs));
        } else {
            reports.put(at + "gauge.info", LcovText.withConditions(reached, programs, "gauge/", test(job)));
        }
    }

    /** What a run on the mast is called in its own report. */
    private static String test(History.Job job) {
        return job.part().isEmpty() ? "a_night_on_the_mast" : job.part().replace('-', '_') + "_by_the_deputy";
    }

    /** The sources of a folder; its tests are none. */
    public static SortedMap<String, Program> programs(String folder, SortedMap<String, String> files) {
        SortedMap<String, Program> programs = new TreeMap<>();
        files.forEach((path, text) -> {
            if (path.startsWith(folder + "/") && !path.contains("/test/") && !path.contains("/tests/")) {
                Language.of(path).ifPresent(language -> programs.put(path, Program.read(path, language, text)));
            }
        });
        return programs;
    }
}

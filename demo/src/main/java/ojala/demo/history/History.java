package ojala.demo.history;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** What happened in the harbour's repository, as told in {@code history.yaml}. */
public record History(
        Map<String, String> people, List<Commit> commits, List<Change> changes, List<Job> jobs, List<Mishap> mishaps) {
    public record Commit(Instant at, String by, String says) {}

    /**
     * A pull request of one commit on top of the main line's last.
     *
     * @param moves files to their new paths
     * @param replaces text in the moved files
     */
    public record Change(
            String branch,
            String by,
            Instant at,
            String says,
            @Nullable Map<String, String> moves,
            @Nullable Map<String, String> replaces) {}

    /**
     * A job of CI that sends its reports.
     *
     * @param from the first commit that has it; absent if it runs {@code on} some only
     * @param tests the file or folder whose text says which functions are called
     * @param reaches the folders whose sources it measures
     */
    public record Job(
            String suite,
            String part,
            @Nullable Integer from,
            @Nullable List<Integer> on,
            String tests,
            List<String> reaches) {
        /** {@code unit tides} */
        public String name() {
            return part.isEmpty() ? suite : suite + " " + part;
        }

        boolean runs(Stage stage) {
            return on != null
                    ? stage.branch().isEmpty() && on.contains(stage.commit())
                    : stage.commit() >= Optional.ofNullable(from).orElse(1);
        }
    }

    /** @param on the names of stages */
    public record Mishap(String job, List<String> on, What what) {}

    /** What can go wrong with a job. */
    public enum What {
        ALL_ZERO,
        NO_REPORT,
        NEVER_SENT
    }

    public static History read(Path file) {
        YAMLMapper mapper = YAMLMapper.builder()
                .enable(tools.jackson.databind.MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
                .build();
        return mapper.readValue(file.toFile(), History.class);
    }

    public Stage tip() {
        return Stage.main(commits.size());
    }

    public Stage stage(Change change) {
        return new Stage(commits.size(), Optional.of(change.branch()));
    }

    public List<Job> jobs(Stage stage) {
        return jobs.stream().filter(job -> job.runs(stage)).toList();
    }

    public Optional<What> mishap(Job job, Stage stage) {
        return mishaps.stream()
                .filter(mishap -> mishap.job().equals(job.name()) && mishap.on().contains(stage.name()))
                .map(Mishap::what)
                .findFirst();
    }
}

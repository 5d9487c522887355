package ojala.server.judge;

import java.util.List;
import java.util.Optional;
import ojala.core.tally.Digest;
import ojala.server.project.Project;
import ojala.wire.CountDocument;
import ojala.wire.Json;
import ojala.wire.VerdictDocument;
import ojala.wire.VerdictSummary;
import org.springframework.stereotype.Service;

/** The verdicts as they stand. */
@Service
public class Verdicts {
    private final VerdictMapper rows;
    private final JudgeRequests requests;

    Verdicts(VerdictMapper rows, JudgeRequests requests) {
        this.rows = rows;
        this.requests = requests;
    }

    /** The newest verdict, which says whether something received is not in it yet. */
    public Optional<VerdictDocument> newest(Project project, String head, String target) {
        return rows.newest(project.id(), head, target).map(row -> document(project, row));
    }

    /** The newest verdict of each target of a head. */
    public List<VerdictDocument> ofHead(Project project, String head) {
        return rows.newestOfHead(project.id(), head).stream()
                .map(row -> document(project, row))
                .toList();
    }

    public Optional<VerdictSummary> summary(Project project, String head, String target) {
        return rows.newest(project.id(), head, target).map(Verdicts::summary);
    }

    /** The newest verdict on a push to a branch. */
    public Optional<VerdictSummary> newestOfTarget(Project project, String branch) {
        return rows.newestOfTarget(project.id(), branch).map(Verdicts::summary);
    }

    /** The root of the newest tally of a head. */
    public Optional<Digest> root(Project project, String head) {
        return rows.newestOfHead(project.id(), head).stream()
                .max(java.util.Comparator.comparing(VerdictMapper.Row::decidedAt))
                .map(row -> new Digest(row.root()));
    }

    /** Whether a head was ever heard of. */
    public boolean known(Project project, String head) {
        return requests.find(project.id(), head).isPresent();
    }

    private VerdictDocument document(Project project, VerdictMapper.Row row) {
        boolean pending = requests.find(project.id(), row.head())
                .map(request -> request.requested() > request.judged())
                .orElse(false);
        return Json.read(row.document(), VerdictDocument.class).asNumbered(row.number(), pending);
    }

    private static VerdictSummary summary(VerdictMapper.Row row) {
        CountDocument lines =
                row.covered() == null || row.total() == null ? null : new CountDocument(row.covered(), row.total());
        return new VerdictSummary(
                row.head(), row.target(), row.number(), row.verdict(), row.headline(), lines, row.decidedAt());
    }
}

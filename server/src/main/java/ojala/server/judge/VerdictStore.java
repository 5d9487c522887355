package ojala.server.judge;

import io.micrometer.core.instrument.MeterRegistry;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import ojala.server.host.Outbox;
import ojala.server.project.Project;
import ojala.server.trend.Trends;
import ojala.wire.CountDocument;
import ojala.wire.Json;
import ojala.wire.VerdictDocument;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps verdicts, numbered, together with what is to be published of them. */
@Component
class VerdictStore {
    private final VerdictMapper rows;
    private final JudgeRequestMapper requestRows;
    private final JudgeRequests requests;
    private final Outbox outbox;
    private final Trends trends;
    private final MeterRegistry meters;

    VerdictStore(
            VerdictMapper rows,
            JudgeRequestMapper requestRows,
            JudgeRequests requests,
            Outbox outbox,
            Trends trends,
            MeterRegistry meters) {
        this.trends = trends;
        this.meters = meters;
        this.rows = rows;
        this.requestRows = requestRows;
        this.requests = requests;
        this.outbox = outbox;
    }

    /**
     * Keeps what was judged, unless a newer judgement of the same head is in. A verdict that says the same as the one
     * before gets no number of its own.
     *
     * @param answered the number of the last request that this answers
     */
    @Transactional
    void keep(Project project, String head, long answered, List<JudgedHead> judged) {
        JudgeRequestMapper.Row request = requestRows.lock(project.id(), head).orElseThrow();
        if (request.judged() >= answered) {
            return;
        }
        requestRows.judged(project.id(), head, answered);
        judged.forEach(one -> {
            keep(project, one);
            one.trend().ifPresent(entry -> trends.keep(project, entry));
        });
        judged.stream()
                .flatMap(one -> one.again().stream())
                .min(java.util.Comparator.naturalOrder())
                .ifPresent(again -> requests.requestAt(project.id(), head, again));
    }

    private void keep(Project project, JudgedHead judged) {
        VerdictDocument document = judged.document();
        String head = Objects.requireNonNull(document.head());
        String target = Objects.requireNonNull(document.target());
        Optional<VerdictMapper.Row> before = rows.newest(project.id(), head, target);
        boolean same = before.map(
                        row -> Json.read(row.document(), VerdictDocument.class).timeless())
                .map(Json::write)
                .filter(Json.write(document.timeless())::equals)
                .isPresent();
        if (same) {
            return;
        }
        long number = before.map(VerdictMapper.Row::number).orElse(0L) + 1;
        Optional<CountDocument> lines = Optional.ofNullable(document.whole().get("lines"));
        rows.insert(
                project.id(),
                new VerdictMapper.Row(
                        head,
                        target,
                        number,
                        document.verdict(),
                        document.headline(),
                        lines.map(CountDocument::covered).orElse(null),
                        lines.map(CountDocument::total).orElse(null),
                        judged.push(),
                        judged.root().hex(),
                        Json.write(document),
                        Objects.requireNonNull(document.decidedAt())));
        outbox.add(project, head, target, number);
        meters.counter("ojala.verdicts", "verdict", document.verdict()).increment();
    }
}

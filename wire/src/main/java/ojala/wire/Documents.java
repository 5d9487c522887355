package ojala.wire;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ojala.core.doubt.Doubt;
import ojala.core.gate.claim.Finding;
import ojala.core.judge.Awaited;
import ojala.core.judge.RuleResult;
import ojala.core.model.Count;
import ojala.core.model.Counts;
import ojala.core.view.ChangeView;
import ojala.core.view.ChangedSource;
import ojala.core.view.Standing;
import ojala.core.view.View;
import org.jspecify.annotations.Nullable;

/** From the model to the documents that cross HTTP and that commands print. */
public final class Documents {
    private Documents() {}

    public static CountDocument of(Count count) {
        return new CountDocument(count.covered(), count.total());
    }

    public static Map<String, CountDocument> of(Counts counts) {
        Map<String, CountDocument> documents = new LinkedHashMap<>();
        counts.byName().forEach((name, count) -> documents.put(name.word(), of(count)));
        return documents;
    }

    public static DoubtDocument of(Doubt doubt) {
        return new DoubtDocument(doubt.kind(), doubt.message(), doubt.next());
    }

    public static AwaitedDocument of(Awaited awaited) {
        return new AwaitedDocument(
                awaited.suite(), awaited.missing(), awaited.until().orElse(null));
    }

    public static RuleDocument of(RuleResult rule) {
        return new RuleDocument(
                rule.scope(),
                rule.sentence(),
                rule.line(),
                rule.outcome().word(),
                rule.found().map(Documents::found).orElse(null),
                rule.shortfall()
                        .map(shortfall -> new ShortDocument(shortfall.count(), shortfall.unit()))
                        .orElse(null),
                rule.remark().isEmpty() ? null : rule.remark());
    }

    private static FoundDocument found(Finding.Found found) {
        if (found instanceof Finding.OfCount ofCount) {
            return new FoundDocument(ofCount.count().covered(), ofCount.count().total(), null, null, null);
        }
        if (found instanceof Finding.Points points) {
            return new FoundDocument(
                    points.now().covered(),
                    points.now().total(),
                    null,
                    new BigDecimal(points.points()),
                    of(points.before()));
        }
        return new FoundDocument(null, null, ((Finding.Plain) found).count(), null, null);
    }

    public static ChangeDocument of(ChangeView change, View view, @Nullable String mergeBase) {
        return new ChangeDocument(
                mergeBase,
                change.sources().stream()
                        .map(source -> source(source, view.excludedBecause(source.path())))
                        .toList());
    }

    private static ChangedSourceDocument source(ChangedSource source, Optional<String> because) {
        boolean inReport = !source.counts().byName().isEmpty();
        return new ChangedSourceDocument(
                source.path(),
                source.oldPath().filter(old -> !old.equals(source.path())).orElse(null),
                word(source.standing()),
                because.orElse(null),
                inReport,
                source.changed().toString(),
                source.covered().toString(),
                source.missed().toString(),
                source.notMeasurable().toString(),
                of(source.counts()));
    }

    public static String word(Standing standing) {
        return standing.name().toLowerCase(Locale.ROOT);
    }
}

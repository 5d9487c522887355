package ojala.server.delivery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.doubt.DeliveryFacts;
import ojala.core.doubt.Doubt;
import ojala.core.doubt.Doubts;
import ojala.core.format.Format;
import ojala.core.format.Formats;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;
import ojala.core.tally.Digest;
import ojala.core.tally.Leaf;
import ojala.core.tally.Tally;
import ojala.server.ServiceSettings;
import ojala.server.judge.JudgeRequests;
import ojala.server.project.Project;
import ojala.server.store.Batch;
import ojala.server.store.Contents;
import ojala.server.store.Objects;
import ojala.wire.FileReceipt;
import ojala.wire.Json;
import ojala.wire.Manifest;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Turns a delivery's reports into slot leaves at the head, and asks for a judgement. */
@Component
class DeliveryReading {
    private final DeliveryMapper rows;
    private final Deliveries deliveries;
    private final Contents contents;
    private final Objects objects;
    private final Batch batch;
    private final JudgeRequests judgeRequests;
    private final ServiceSettings settings;
    private final TransactionOperations transactions;

    DeliveryReading(
            DeliveryMapper rows,
            Deliveries deliveries,
            Contents contents,
            Objects objects,
            Batch batch,
            JudgeRequests judgeRequests,
            ServiceSettings settings,
            TransactionOperations transactions) {
        this.rows = rows;
        this.deliveries = deliveries;
        this.contents = contents;
        this.objects = objects;
        this.batch = batch;
        this.judgeRequests = judgeRequests;
        this.settings = settings;
        this.transactions = transactions;
    }

    /** @param headTree the tree of the judged commit; absent if it could not be had */
    void read(Project project, Delivery delivery, MeasuredCommit measured, @Nullable String headTree) {
        SortedMap<String, Measurement> sources = new TreeMap<>();
        List<FileReceipt> receipts = new ArrayList<>();
        List<DeliveryFacts.ReportFacts> facts = new ArrayList<>();
        Optional<Format> format = Optional.ofNullable(
                        Json.read(delivery.manifest(), Manifest.class).format())
                .flatMap(Formats::named);
        ReportFileReader reader = new ReportFileReader(
                measured, format, settings.limits().report().toBytes());
        for (FileReceipt file : deliveries.files(project.id(), delivery.id())) {
            ReportFileReader.Result result =
                    file.state().equals("refused") ? reader.refused(file) : read(project, reader, file);
            receipts.add(result.receipt());
            facts.add(result.facts());
            result.sources().forEach((path, found) -> sources.merge(path, found, SourceMerge::merge));
        }
        List<Doubt> doubts = new ArrayList<>(measured.doubts());
        doubts.addAll(Doubts.of(new DeliveryFacts(delivery.suite(), delivery.part(), facts)));
        store(project, delivery, sources, receipts, doubts, headTree);
    }

    private ReportFileReader.Result read(Project project, ReportFileReader reader, FileReceipt file) {
        try {
            return reader.read(file, contents.open(project.id(), file.digest()));
        } catch (IOException failure) {
            throw new UncheckedIOException("content " + file.digest() + " of " + project.key(), failure);
        }
    }

    private void store(
            Project project,
            Delivery delivery,
            SortedMap<String, Measurement> sources,
            List<FileReceipt> receipts,
            List<Doubt> doubts,
            @Nullable String headTree) {
        Objects.Session store = objects.open(project.id());
        Map<String, SourceCoverage> coverage = new HashMap<>();
        sources.forEach((path, measurement) -> coverage.put(path, measurement.coverage()));
        Tally tally = Tally.of(coverage, store);
        store.flush();
        List<DeliveryMapper.ReachRow> reach = sources.entrySet().stream()
                .map(entry -> new DeliveryMapper.ReachRow(
                        entry.getKey(),
                        Digest.of(Leaf.write(entry.getValue().coverage())).hex(),
                        ReachBytes.write(entry.getValue())))
                .toList();
        batch.write(DeliveryMapper.class, reach, (mapper, row) -> mapper.insertReach(project.id(), delivery.id(), row));
        transactions.executeWithoutResult(status -> {
            String doubtsJson = Json.write(doubts);
            boolean first = rows.read(
                            project.id(), delivery.id(), headTree, tally.root().hex(), doubtsJson)
                    == 1;
            if (first) {
                for (int i = 0; i < receipts.size(); i++) {
                    rows.updateFile(project.id(), delivery.id(), i, Json.write(receipts.get(i)));
                }
                judgeRequests.request(project.id(), delivery.head());
            }
        });
    }
}

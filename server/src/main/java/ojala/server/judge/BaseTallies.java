package ojala.server.judge;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.core.tally.Digest;
import ojala.core.tally.ObjectStore;
import ojala.core.tally.Tally;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.git.JudgementFacts;
import ojala.server.delivery.Deliveries;
import ojala.server.delivery.Delivery;
import ojala.server.project.Project;
import ojala.wire.ComparedDocument;
import org.springframework.stereotype.Component;

/**
 * Finds what a head is compared with: the merge base's tally, or that of its nearest ancestor for which the same suites
 * came. A commit with the same tree serves as well, so that a squash or a rebase finds its tally.
 */
@Component
class BaseTallies {
    private static final int FURTHEST_BACK = 50;

    private final Deliveries deliveries;

    BaseTallies(Deliveries deliveries) {
        this.deliveries = deliveries;
    }

    /** @param side absent where nothing was found */
    record Base(Optional<JudgementFacts.Side> side, ComparedDocument document) {}

    Base find(
            Project project,
            GitRepository repository,
            Optional<CommitInfo> mergeBase,
            Set<String> suites,
            ObjectStore store) {
        if (mergeBase.isEmpty()) {
            return new Base(
                    Optional.empty(), new ComparedDocument(null, "nothing to compare with: there is no merge base"));
        }
        for (CommitInfo commit : repository.firstParents(mergeBase.get(), FURTHEST_BACK)) {
            Optional<Tally> tally = tally(project, commit, suites, store);
            if (tally.isPresent()) {
                boolean itself = commit.id().equals(mergeBase.get().id());
                return new Base(
                        Optional.of(new JudgementFacts.Side(repository.snapshot(commit), tally)),
                        new ComparedDocument(
                                commit.id(),
                                itself
                                        ? "the merge base"
                                        : "the nearest ancestor of the merge base for which the same suites came"));
            }
        }
        return new Base(
                Optional.empty(),
                new ComparedDocument(null, "nothing to compare with: no ancestor has deliveries of the same suites"));
    }

    private Optional<Tally> tally(Project project, CommitInfo commit, Set<String> suites, ObjectStore store) {
        return Stream.concat(Stream.of(commit.id()), deliveries.headsWithTree(project, commit.tree()).stream())
                .distinct()
                .map(head -> Deliveries.current(deliveries.ofHead(project, head)))
                .filter(found -> complete(found, suites))
                .findFirst()
                .map(found -> merge(
                        found.stream()
                                .filter(one -> suites.contains(one.suite()))
                                .toList(),
                        store));
    }

    private static boolean complete(List<Delivery> found, Set<String> suites) {
        return !found.isEmpty()
                && found.stream().allMatch(Delivery::read)
                && found.stream()
                        .map(Delivery::suite)
                        .collect(Collectors.toSet())
                        .containsAll(suites);
    }

    /** The tally of deliveries that were read. */
    static Tally merge(List<Delivery> read, ObjectStore store) {
        return Tally.merge(
                read.stream()
                        .flatMap(delivery -> Optional.ofNullable(delivery.root()).stream())
                        .map(root -> new Tally(new Digest(root), store))
                        .toList(),
                store);
    }
}

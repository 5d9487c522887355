package ojala.git;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.stream.Collectors;
import ojala.core.change.FileChange;
import ojala.core.fault.Fault;
import ojala.core.model.Counts;
import ojala.core.settings.Glob;
import ojala.core.settings.Settings;
import ojala.core.settings.SettingsReading;
import ojala.core.tally.Tally;
import ojala.core.view.ChangeView;
import ojala.core.view.View;

/**
 * Puts git's facts and a tally together for the judge: the same for the service and for a judgement without it.
 *
 * @param base the base's tally through the same settings, if there is one
 * @param headFaults what is wrong with the head's own settings file
 */
public record JudgementFacts(View head, ChangeView change, Optional<View> base, List<Fault> headFaults) {

    /** A side of the comparison: the files, and what was measured of them. */
    public record Side(Snapshot files, Optional<Tally> tally) {}

    /**
     * Prepares a judgement.
     *
     * @param settings in force for the target; absent where it has none
     * @param change from the merge base to the head
     * @param base the side to compare with; its files may be of another commit than the merge base
     */
    public static JudgementFacts gather(
            Optional<Settings> settings, Side head, List<FileChange> change, Optional<Side> base, LocalDate today) {
        Optional<SettingsReading> own = SettingsInForce.read(head.files());
        Map<String, Counts> headCounts = counts(head.tally());
        Map<String, Counts> baseCounts = counts(base.flatMap(Side::tally));
        Set<String> measured = new HashSet<>(headCounts.keySet());
        measured.addAll(baseCounts.keySet());
        Set<String> extensions = View.extensions(measured);
        View headView = view(settings, additionalIncludes(own), head.files(), headCounts, extensions, today);
        Optional<View> baseView = base.filter(side -> side.tally().isPresent())
                .map(side -> view(settings, additionalIncludes(own), side.files(), baseCounts, extensions, today));
        ChangeView changeView =
                ChangeView.of(change, headView, path -> head.tally().flatMap(tally -> tally.source(path)));
        return new JudgementFacts(headView, changeView, baseView, faults(own));
    }

    /**
     * A commit by itself, seen through settings.
     *
     * @param settings absent where there are none: nothing is left out then
     */
    public static View view(Optional<Settings> settings, Side side, LocalDate today) {
        Map<String, Counts> counts = counts(side.tally());
        return view(
                settings,
                additionalIncludes(SettingsInForce.read(side.files())),
                side.files(),
                counts,
                View.extensions(counts.keySet()),
                today);
    }

    private static View view(
            Optional<Settings> settings,
            List<Glob> additional,
            Snapshot files,
            Map<String, Counts> counts,
            Set<String> extensions,
            LocalDate today) {
        if (settings.isEmpty()) {
            return View.unfiltered(counts);
        }
        SortedSet<String> paths = files.paths();
        return View.of(settings.get(), additional, paths, counts, extensions, today);
    }

    private static Map<String, Counts> counts(Optional<Tally> tally) {
        return tally.map(found -> found.sources().entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, entry -> entry.getValue().counts())))
                .orElse(Map.of());
    }

    private static List<Glob> additionalIncludes(Optional<SettingsReading> own) {
        if (own.isPresent() && own.get() instanceof SettingsReading.Valid readable) {
            return readable.settings().sources().include().orElse(List.of());
        }
        return List.of();
    }

    private static List<Fault> faults(Optional<SettingsReading> own) {
        return own.isPresent() && own.get() instanceof SettingsReading.Faulty faulty ? faulty.faults() : List.of();
    }
}

package ojala.git;

import java.util.List;
import java.util.Optional;
import ojala.core.doubt.Doubt;
import ojala.core.fault.Fault;
import ojala.core.settings.Settings;
import ojala.core.settings.SettingsReader;
import ojala.core.settings.SettingsReading;

/**
 * The settings that hold for a target branch: those of its tip, or, where that file can't be read, the last readable
 * ones in its first-parent history.
 *
 * @param settings absent where the branch has no settings file
 * @param commit whose file was taken
 * @param doubts if it was not the tip's
 */
public record SettingsInForce(Optional<Settings> settings, CommitInfo commit, List<Doubt> doubts) {
    private static final int FURTHEST_BACK = 200;

    public static SettingsInForce of(GitRepository repository, CommitInfo tip) {
        List<Fault> tipFaults = List.of();
        for (CommitInfo commit : repository.firstParents(tip, FURTHEST_BACK)) {
            Optional<SettingsReading> reading = read(repository.snapshot(commit));
            if (reading.isPresent() && reading.get() instanceof SettingsReading.Faulty faulty) {
                tipFaults = tipFaults.isEmpty() ? faulty.faults() : tipFaults;
                continue;
            }
            Optional<Settings> settings = reading.map(found -> ((SettingsReading.Valid) found).settings());
            return new SettingsInForce(settings, commit, doubts(tip, commit, tipFaults));
        }
        return new SettingsInForce(Optional.empty(), tip, doubts(tip, tip, tipFaults));
    }

    /** What a snapshot's settings file says; empty if it has none. */
    public static Optional<SettingsReading> read(Snapshot snapshot) {
        return snapshot.text(Settings.FILE).map(SettingsReader::read);
    }

    private static List<Doubt> doubts(CommitInfo tip, CommitInfo used, List<Fault> faults) {
        if (faults.isEmpty()) {
            return List.of();
        }
        boolean none = used.id().equals(tip.id());
        return List.of(new Doubt(
                "settings-unreadable",
                none ? Doubt.Effect.UNSURE : Doubt.Effect.INFORMS,
                Settings.FILE + " on the target at " + tip.id().substring(0, 8) + " can't be read (" + faults.get(0)
                        + "); "
                        + (none
                                ? "no earlier version can either"
                                : "judged by the version of " + used.id().substring(0, 8)),
                "Mend " + Settings.FILE + " on the target branch."));
    }
}

package ojala.core.settings;

import java.util.List;
import ojala.core.fault.Fault;

/** What reading an {@code ojala.yaml} gives: settings, or all that is wrong with it. */
public sealed interface SettingsReading {
    record Valid(Settings settings) implements SettingsReading {}

    /** @param faults in the order of their places, at least one */
    record Faulty(List<Fault> faults) implements SettingsReading {}
}

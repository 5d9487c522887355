package ojala.wire;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Whose settings a verdict used, and the day (UTC). */
public record SettingsDocument(@Nullable String commit, LocalDate day) {}

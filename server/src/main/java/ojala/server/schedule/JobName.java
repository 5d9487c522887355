package ojala.server.schedule;

import java.util.Locale;

/** The kinds of jobs. */
public enum JobName {
    READ_DELIVERY,
    JUDGE,
    PUBLISH;

    public String text() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

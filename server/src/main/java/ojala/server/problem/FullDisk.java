package ojala.server.problem;

import java.io.IOException;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;

/** Tells whether a failure comes from a disk without room: the service's own, or its database's. */
final class FullDisk {
    /** PostgreSQL, appendix A: {@code disk_full}. */
    private static final String DISK_FULL = "53100";

    private FullDisk() {}

    static boolean caused(Throwable failure) {
        @Nullable Throwable cause = failure;
        for (int depth = 0; cause != null && depth < 20; depth++) {
            boolean own = cause instanceof IOException
                    && String.valueOf(cause.getMessage()).contains("No space left");
            boolean database = cause instanceof SQLException sql && DISK_FULL.equals(sql.getSQLState());
            if (own || database) {
                return true;
            }
            cause = cause.getCause();
        }
        return false;
    }
}

package ojala.server.host;

import ojala.server.project.Project;
import ojala.wire.CheckReport;

/** The other side of a project: where its pull requests live and its verdicts are wanted. */
interface CodeHost {
    /**
     * Publishes a verdict for a commit.
     *
     * @throws HostFailure if the host does not take it; it is tried again later
     */
    void publish(Project project, CheckReport report);

    /** The host could not be reached or refused; the message says which host and why. */
    final class HostFailure extends RuntimeException {
        private static final long serialVersionUID = 1;

        HostFailure(String message, Throwable cause) {
            super(message, cause);
        }
    }
}

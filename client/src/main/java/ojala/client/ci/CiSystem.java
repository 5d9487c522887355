package ojala.client.ci;

import java.util.Optional;

/** One CI system: how its jobs are told by their environment. */
interface CiSystem {
    /** Its name, for people. */
    String name();

    /** The variables that it is told by and that are read; for the documents. */
    String variables();

    /** What it says; empty if the job is not one of its. */
    Optional<CiJob> job(Environment environment);
}

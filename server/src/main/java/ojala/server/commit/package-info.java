/** Commits as they were measured: pages, folders, comparisons. */
@NullMarked
package ojala.server.commit;

import org.jspecify.annotations.NullMarked;

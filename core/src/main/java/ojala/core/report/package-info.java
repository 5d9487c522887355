/** From a report that was read to the files of a commit. */
@NullMarked
package ojala.core.report;

import org.jspecify.annotations.NullMarked;

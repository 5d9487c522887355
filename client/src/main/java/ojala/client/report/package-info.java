/** Reports of this machine, and judging them without the service. */
@NullMarked
package ojala.client.report;

import org.jspecify.annotations.NullMarked;

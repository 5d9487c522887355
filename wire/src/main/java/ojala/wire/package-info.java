/** The records that cross HTTP, shared by the service, the command line and the code host. */
@NullMarked
package ojala.wire;

import org.jspecify.annotations.NullMarked;

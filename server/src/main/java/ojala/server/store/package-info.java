/** Canonical bytes and reports as received, by digest. */
@NullMarked
package ojala.server.store;

import org.jspecify.annotations.NullMarked;

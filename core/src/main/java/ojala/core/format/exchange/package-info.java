/** The Ojala exchange format. */
@NullMarked
package ojala.core.format.exchange;

import org.jspecify.annotations.NullMarked;

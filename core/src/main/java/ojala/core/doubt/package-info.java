/** The checks that find measurement that can't be trusted: one class per check, one list of all of them. */
@NullMarked
package ojala.core.doubt;

import org.jspecify.annotations.NullMarked;

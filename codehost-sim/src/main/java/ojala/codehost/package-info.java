/** A simulated code host for demonstrations and tests. */
@NullMarked
package ojala.codehost;

import org.jspecify.annotations.NullMarked;

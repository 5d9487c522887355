/** What is wrong in a settings file, with its place. */
@NullMarked
package ojala.core.fault;

import org.jspecify.annotations.NullMarked;

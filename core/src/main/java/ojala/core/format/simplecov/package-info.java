/** SimpleCov result set JSON. */
@NullMarked
package ojala.core.format.simplecov;

import org.jspecify.annotations.NullMarked;

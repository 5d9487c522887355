/** Writing what was measured into open formats: the list of writers, what each can't say, and the table of counts. */
@NullMarked
package ojala.core.export;

import org.jspecify.annotations.NullMarked;

/** The reports that the harbour's test runs write. */
@NullMarked
package ojala.demo.report;

import org.jspecify.annotations.NullMarked;

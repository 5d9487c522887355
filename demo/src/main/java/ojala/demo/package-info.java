/** The harbour of the demonstration: its history, its reports, and what its CI does with them. */
@NullMarked
package ojala.demo;

import org.jspecify.annotations.NullMarked;

/** The commands, one class each. */
@NullMarked
package ojala.client.command;

import org.jspecify.annotations.NullMarked;

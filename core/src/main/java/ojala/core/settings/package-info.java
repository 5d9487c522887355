/** {@code ojala.yaml}: parsing with places, all faults at once. */
@NullMarked
package ojala.core.settings;

import org.jspecify.annotations.NullMarked;

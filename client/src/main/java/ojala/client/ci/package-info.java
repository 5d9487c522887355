/** CI systems whose jobs are known by their environment: one class each, one list of all of them. */
@NullMarked
package ojala.client.ci;

import org.jspecify.annotations.NullMarked;

/** The service's HTTP interface, typed. */
@NullMarked
package ojala.client.http;

import org.jspecify.annotations.NullMarked;

/** How long is what a picture shows, if one length in it is known? */
@NullMarked
package almanac.core.picture;

import org.jspecify.annotations.NullMarked;

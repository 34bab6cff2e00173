/** Seeing the plants, opening one, adding one. */
@NullMarked
package almanac.app.plants;

import org.jspecify.annotations.NullMarked;

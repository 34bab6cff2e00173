/** How the database is written and read by many at once. */
@NullMarked
package almanac.app.ground.store;

import org.jspecify.annotations.NullMarked;

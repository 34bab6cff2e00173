/** Copies of the collection, kept beside it and at a second place, each proven by opening it. */
@NullMarked
package almanac.app.copies.backups;

import org.jspecify.annotations.NullMarked;

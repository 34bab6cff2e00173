/** The file of the collection is kept open and small while the program runs. */
@NullMarked
package almanac.app.copies.upkeep;

import org.jspecify.annotations.NullMarked;

/** What came of moves, and what the collection teaches its keeper. */
@NullMarked
package almanac.app.errands.taught;

import org.jspecify.annotations.NullMarked;

/** What came of a trial: its plants, what was seen of them, and how the two sides differ. */
@NullMarked
package almanac.core.tried;

import org.jspecify.annotations.NullMarked;

/** The year of all plants: what lies ahead, what past years were like, and one week of it. */
@NullMarked
package almanac.app.errands.year;

import org.jspecify.annotations.NullMarked;

/** In which pot a plant goes, where in it, and how much of what. */
@NullMarked
package almanac.app.errands.bench.potting;

import org.jspecify.annotations.NullMarked;

/** On which days the collector goes round, and what for. */
@NullMarked
package almanac.app.rounds;

import org.jspecify.annotations.NullMarked;

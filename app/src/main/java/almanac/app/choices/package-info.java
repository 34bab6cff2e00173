/** What can be chosen: kinds of plants, components, looks with their answers. */
@NullMarked
package almanac.app.choices;

import org.jspecify.annotations.NullMarked;

/** What is printed: tags, and the papers of a plant that leaves. */
@NullMarked
package almanac.app.errands.prints;

import org.jspecify.annotations.NullMarked;

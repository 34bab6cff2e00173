/** The figures by which plants are judged: needs, readiness, and where they turn into a verdict. */
@NullMarked
package almanac.core.judgement.figures;

import org.jspecify.annotations.NullMarked;

/** What a judgement says and what each sentence of it rests on. */
@NullMarked
package almanac.core.judgement.reason;

import org.jspecify.annotations.NullMarked;

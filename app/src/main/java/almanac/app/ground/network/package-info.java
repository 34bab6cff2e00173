/** The program within its home network: by which names it is reached, and who may come in. */
@NullMarked
package almanac.app.ground.network;

import org.jspecify.annotations.NullMarked;

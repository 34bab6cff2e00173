/** Who comes in over the network is asked for the passphrase; devices are seen and ended. */
@NullMarked
package almanac.app.ground.entrance;

import org.jspecify.annotations.NullMarked;

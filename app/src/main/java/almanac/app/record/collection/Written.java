package almanac.app.record.collection;

import almanac.core.history.Act;
import java.util.List;

/**
 * What was written.
 *
 * @param act so that it can be taken back
 * @param plants those that it was on, as they now stand
 */
public record Written(Act act, List<PlantInPlace> plants) {
  /** The plant it was on, or the first of several. */
  public PlantInPlace plant() {
    return plants.get(0);
  }
}

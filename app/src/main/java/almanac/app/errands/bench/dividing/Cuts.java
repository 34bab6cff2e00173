package almanac.app.errands.bench.dividing;

import almanac.app.ground.refusals.BadEntry;
import almanac.core.rhizome.RhizomeMap;
import java.util.List;

/** Joints that somebody means to cut, by their places in the list. */
public final class Cuts {
  private Cuts() {}

  /**
   * @throws BadEntry naming a cut that goes through no joint, such as through a growth
   */
  public static void refuseUnknown(List<Integer> cuts, RhizomeMap map) {
    for (int i = 0; i < cuts.size(); i++) {
      if (cuts.get(i) < 0 || cuts.get(i) >= map.joints().size()) {
        throw new BadEntry(
            "cuts[%d]".formatted(i), "There is no such joint to cut; never cut through a growth.");
      }
    }
  }
}

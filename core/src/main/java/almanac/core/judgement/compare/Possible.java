package almanac.core.judgement.compare;

import almanac.core.history.Answerable;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.judgement.evidence.Situation;
import almanac.core.kinds.Ground;
import almanac.core.kinds.Trait;
import almanac.core.medium.PottedOn;
import almanac.core.rest.Resting;

/** Which cheap looks can be made at a plant at all. Rules: The deciding look. */
final class Possible {
  private final Situation situation;
  private final Resting rest;

  Possible(Situation situation, Resting rest) {
    this.situation = situation;
    this.rest = rest;
  }

  /**
   * Nobody presses pumice, floods a mount or what rests, or digs in a pot that was filled today.
   */
  boolean look(Item<?> item) {
    var potting = situation.history().potting();
    boolean filledToday =
        potting.pottedOn() instanceof PottedOn.Between between
            && between.earliest().equals(situation.today());
    if (filledToday && item.ofThisPot() || rest.forbids(item)) {
      return false;
    }
    if (Answerable.refusal(item, potting.mix()).isPresent()) {
      return false;
    }
    var kind = situation.kind();
    if (item == Items.ROOTS_IN_POT) {
      return !kind.of(Trait.ROOTS_HIDDEN);
    }
    return item != Items.BUBBLES || kind.of(Trait.GROUND) != Ground.SLIPPER;
  }
}

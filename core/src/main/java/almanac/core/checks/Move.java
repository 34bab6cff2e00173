package almanac.core.checks;

import almanac.core.kinds.Rest;
import java.time.LocalDate;

/**
 * A move, as far as its aftercare depends on it.
 *
 * @param on the day
 * @param inFlower whether the plant was in bud or flower on that day
 * @param nursed whether so many roots were lost that it is looked at week by week
 * @param whole whether the ball stayed whole
 * @param parted whether it was divided and is watered once its wounds are dry
 * @param roomy whether its pot is so much wider than the old one that it is kept drier for a while
 */
public record Move(
    LocalDate on, boolean inFlower, boolean nursed, boolean whole, boolean parted, boolean roomy) {
  /** A move into a pot of a size that its roots fill soon. */
  public Move(LocalDate on, boolean inFlower, boolean nursed, boolean whole, boolean parted) {
    this(on, inFlower, nursed, whole, parted, false);
  }

  /**
   * A move of a plant of some kind. What starts dry has its first water with its roots, and not
   * when its wounds are dry.
   *
   * @param rest how its kind rests
   */
  public static Move of(
      LocalDate on, boolean inFlower, boolean nursed, boolean whole, boolean parted, Rest rest) {
    return new Move(on, inFlower, nursed, whole, parted && rest != Rest.DRY);
  }

  /** A full repot. */
  public static Move repotted(LocalDate on, boolean inFlower) {
    return new Move(on, inFlower, false, false, false);
  }

  /** The same with so many roots lost that it is nursed. */
  public Move thenNursed() {
    return new Move(on, inFlower, true, whole, parted, roomy);
  }

  /** The same into a pot that is much wider than the old one. */
  public Move thenRoomy() {
    return new Move(on, inFlower, nursed, whole, parted, true);
  }
}

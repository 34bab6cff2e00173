package almanac.core.kinds;

import almanac.core.words.Answer;

/** What pot suits the roots and the way of growing of a kind. */
public enum BestPot implements Answer {
  ANY("in any pot that drains"),
  /** Its roots lace through a mesh, or its flowers go down through it. */
  BASKET("in a basket or mesh"),
  OPAQUE("in a pot that lets no light in"),
  /** It creeps and roots near the surface. */
  SQUAT("in a squat pot"),
  /** Tall canes that tip a light pot over. */
  TALL("in a tall or heavy pot");

  private final String words;

  BestPot(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

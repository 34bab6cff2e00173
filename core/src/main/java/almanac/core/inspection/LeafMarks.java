package almanac.core.inspection;

import almanac.core.words.Answer;

/** What shows on the leaves. */
public enum LeafMarks implements Answer {
  NONE("none"),
  YELLOW_LOWER("yellow lower leaf"),
  TIP_BURN("tip burn"),
  SPOTS("a few spots"),
  MANY_SPOTS("many spots"),
  LEAF_LOSS("leaves lost"),
  OLDEST_DROPPING("oldest bulb drops its leaves"),
  SUN_DAMAGE("sun damage");

  private final String words;

  LeafMarks(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

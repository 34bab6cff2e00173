package almanac.core.inspection;

import almanac.core.words.Answer;

/** How far the newest growth is. */
public enum GrowthStage implements Answer {
  NONE("none alive"),
  EYE_SWELLING("eye swelling"),
  STARTING("starting"),
  HALF_GROWN("half grown"),
  NEARLY_MATURE("nearly mature"),
  MATURE("mature"),
  RESTING("resting");

  private final String words;

  GrowthStage(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

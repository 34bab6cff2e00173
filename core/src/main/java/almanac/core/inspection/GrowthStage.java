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

  /** Whether it has just begun. */
  public boolean beginning() {
    return this == EYE_SWELLING || this == STARTING;
  }

  /** Whether it is on its way, and not yet mature. */
  public boolean growing() {
    return beginning() || this == HALF_GROWN || this == NEARLY_MATURE;
  }

  @Override
  public String words() {
    return words;
  }
}

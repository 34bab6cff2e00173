package almanac.core.inspection;

import almanac.core.words.Answer;

/** The roots as they show through a clear wall. */
public enum ThroughWall implements Answer {
  PLENTY("plenty, live tips"),
  POOR("few or poor"),
  STOPPED("stopped"),
  CUT_SHORT("cut short");

  private final String words;

  ThroughWall(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether something below seems to eat or smother them. */
  public boolean poor() {
    return this != PLENTY;
  }
}

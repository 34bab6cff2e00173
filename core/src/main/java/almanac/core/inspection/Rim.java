package almanac.core.inspection;

import almanac.core.words.Answer;

/** How much room the lead has to the rim. */
public enum Rim implements Answer {
  ROOM("room"),
  UNDER_A_SEASON("under a season"),
  UNDER_HALF_SEASON("under half a season"),
  OVER("over the rim"),
  JAMMED("jammed"),
  DEFORMING("jammed, deforming");

  private final String words;

  Rim(String words) {
    this.words = words;
  }

  /** Whether it presses against the wall. */
  public boolean jammed() {
    return this == JAMMED || this == DEFORMING;
  }

  @Override
  public String words() {
    return words;
  }
}

package almanac.core.rhizome;

import almanac.core.words.Answer;

/** Whether anything will come of a growth. */
public enum Front implements Answer {
  LEAD("lead"),
  /** A dormant bud at its base that is firm. */
  EYE("live eye"),
  SPENT("spent");

  private final String words;

  Front(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

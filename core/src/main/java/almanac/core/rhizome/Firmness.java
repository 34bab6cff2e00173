package almanac.core.rhizome;

import almanac.core.words.Answer;

/** How a growth feels between two fingers. */
public enum Firmness implements Answer {
  FIRM("firm"),
  WRINKLED("wrinkled"),
  /** Rotten; it is cut out, whatever else is done. */
  SOFT("soft");

  private final String words;

  Firmness(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

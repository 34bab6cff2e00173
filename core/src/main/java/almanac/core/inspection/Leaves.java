package almanac.core.inspection;

import almanac.core.words.Answer;

/** How firm the leaves are. */
public enum Leaves implements Answer {
  FIRM("firm"),
  SLIGHTLY_SOFT("slightly soft"),
  WRINKLED("wrinkled"),
  LIMP("limp");

  private final String words;

  Leaves(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

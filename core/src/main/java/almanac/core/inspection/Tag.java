package almanac.core.inspection;

import almanac.core.words.Answer;

/** The tag. */
public enum Tag implements Answer {
  READABLE("readable"),
  UNREADABLE("unreadable"),
  MISSING("missing");

  private final String words;

  Tag(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

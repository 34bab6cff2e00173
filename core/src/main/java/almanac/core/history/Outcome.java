package almanac.core.history;

import almanac.core.words.Answer;

/** What came of a move. Rules: What came of it. */
public enum Outcome implements Answer {
  RE_ESTABLISHED("re-established"),
  SLOW("slow"),
  SET_BACK("set back"),
  LOST("lost"),
  TOO_EARLY("too early to say"),
  NOBODY_LOOKED("nobody looked"),
  /** It went, or died of something else, before anybody could see what came of the move. */
  LEFT("left the count");

  private final String words;

  Outcome(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether it says how the move went. */
  public boolean tells() {
    return this == RE_ESTABLISHED || this == SLOW || this == SET_BACK || this == LOST;
  }

  /** Whether somebody may say so; the others follow from the calendar. */
  public boolean said() {
    return tells() || this == LEFT;
  }
}

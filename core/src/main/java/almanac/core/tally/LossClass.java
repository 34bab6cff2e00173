package almanac.core.tally;

import almanac.core.figures.Figure;
import almanac.core.words.Answer;

/** How much of its live roots a plant lost by the work. Rules: Root tally. */
public enum LossClass implements Answer {
  LIGHT("light", TallyFigures.FEED_AFTER_LIGHT),
  MODERATE("moderate", TallyFigures.FEED_AFTER_MODERATE),
  HEAVY("heavy", TallyFigures.FEED_AFTER_HEAVY),
  SEVERE("severe", TallyFigures.FEED_AFTER_HEAVY);

  private final String words;
  private final Figure noFeedDays;

  LossClass(String words, Figure noFeedDays) {
    this.words = words;
    this.noFeedDays = noFeedDays;
  }

  @Override
  public String words() {
    return words;
  }

  /** For how many days it gets no feed. */
  public Figure noFeedDays() {
    return noFeedDays;
  }

  /** Whether the pot follows the roots, and the plant is nursed. */
  public boolean nursed() {
    return this == HEAVY || this == SEVERE;
  }
}

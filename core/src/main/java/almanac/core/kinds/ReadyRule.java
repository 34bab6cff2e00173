package almanac.core.kinds;

import almanac.core.words.Answer;

/** By which root stages a plant says that it would take a move. The points stand in readiness. */
public enum ReadyRule implements Answer {
  /** Roots adapt: any time root tips are growing. */
  TIPS_GROWING("any time root tips are growing", "its roots adapt to a new medium as they grow"),
  /** Only when the lead's own roots are 130 to 150 mm long; moved earlier it sulks for a year. */
  LONG_FIRST("when the lead's own roots are long", "moved before that it sulks for a year or more"),
  /** When the need is there and a lead is alive. */
  ANY_TIME("whenever the need is there", "it roots strongly from any living lead"),
  /** At the nubs of a new flush, no second window. */
  NUB_ONLY("at the nubs of a new flush", "a longer root that breaks is lost and not replaced"),
  /** At the nubs, and again when long roots would branch. */
  NUB_OR_LONG(
      "at the nubs, or once its roots are long",
      "a broken nub is rare, and a broken long root puts out side roots"),
  /** Hates root work: the ball stays whole. */
  INTACT_ONLY("with the root ball whole", "it hates root work of any kind"),
  /** Every year, as the new growth starts and before its roots lengthen. */
  START_OF_GROWTH(
      "as the new growth starts", "its roots are made anew every year, after the growth starts");

  private final String words;
  private final String reason;

  ReadyRule(String words, String reason) {
    this.words = words;
    this.reason = reason;
  }

  /** Why that is so. */
  public String reason() {
    return reason;
  }

  /** When such a plant takes a move, as part of a sentence. */
  @Override
  public String words() {
    return words;
  }
}

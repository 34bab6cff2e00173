package almanac.core.profile;

/** By which root stages a plant says that it would take a move. The points stand in readiness. */
public enum ReadyRule {
  /** Roots adapt: any time root tips are growing. */
  TIPS_GROWING("any time root tips are growing"),
  /** Only when the lead's own roots are 130 to 150 mm long; moved earlier it sulks for a year. */
  LONG_FIRST("when the lead's own roots are long"),
  /** When the need is there and a lead is alive. */
  ANY_TIME("whenever the need is there"),
  /** At the nubs of a new flush, no second window. */
  NUB_ONLY("at the nubs of a new flush"),
  /** At the nubs, and again when long roots would branch. */
  NUB_OR_LONG("at the nubs, or once the roots are long enough to branch"),
  /** Hates root work: the ball stays whole. */
  INTACT_ONLY("with the root ball whole"),
  /** Every year, as the new growth starts and before its roots lengthen. */
  START_OF_GROWTH("as the new growth starts");

  private final String words;

  ReadyRule(String words) {
    this.words = words;
  }

  /** When such a plant takes a move, as part of a sentence. */
  public String words() {
    return words;
  }
}

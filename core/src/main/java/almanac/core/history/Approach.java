package almanac.core.history;

/** Good growers disagree; these are the ways in which they do. */
public enum Approach {
  HOUSE_RULES("House rules", "need against readiness, as the rules are written"),
  WAIT_FOR_NUBS("Wait for nubs", "moves only at the nubs, or at long roots that branch"),
  FRESH_START("Fresh start", "out of any doubtful medium soon; lack of readiness counts half"),
  UNDISTURBED_ROOTS("Undisturbed roots", "moves balls whole, in bloom too, and never untangles");

  private final String words;
  private final String principle;

  Approach(String words, String principle) {
    this.words = words;
    this.principle = principle;
  }

  /** Its name. */
  public String words() {
    return words;
  }

  /** What sets it apart, as part of a sentence. */
  public String principle() {
    return principle;
  }
}

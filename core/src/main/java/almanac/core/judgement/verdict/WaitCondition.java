package almanac.core.judgement.verdict;

/** What a plant that should be moved is waiting for. */
public enum WaitCondition {
  LOOK_AT_ROOTS("a look at the newest roots"),
  NEXT_NUBS("nubs on the next growth"),
  LONG_ROOTS("roots that are long enough"),
  FLOWERS_OVER("flowers to be over"),
  LIGHT("days long enough to grow"),
  WARMTH("warmth enough to root"),
  COOLER_DAYS("cooler days"),
  SETTLED("the last move to be overcome"),
  OWN_ROOTS("roots of its own");

  private final String words;

  WaitCondition(String words) {
    this.words = words;
  }

  /** After "wait for". */
  public String words() {
    return words;
  }
}

package almanac.core.judgement.verdict;

/** What a plant that should be moved is waiting for. */
public enum WaitCondition {
  LOOK_AT_ROOTS("a look at the newest roots"),
  NEXT_NUBS("nubs on the next growth"),
  NEW_TIPS("new root tips"),
  START_OF_GROWTH("its next growth to start"),
  GROWTH("growth to begin again"),
  EYE("an eye to swell"),
  LONG_ROOTS("roots that are long enough"),
  FLOWERS_OVER("flowers to be over"),
  LIGHT("days long enough to grow"),
  WARMTH("warmth enough to root"),
  COOLER_DAYS("cooler days"),
  BETTER_PLACE("a place that lets it root"),
  WATER("it to be plump again"),
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

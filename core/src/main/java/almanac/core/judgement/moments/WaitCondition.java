package almanac.core.judgement.moments;

/** What a plant that should be moved is waiting for. */
public enum WaitCondition {
  LOOK_AT_ROOTS("a look at the newest roots", "its newest roots have been looked at"),
  NUBS("its nubs to show", "its nubs show"),
  NEXT_NUBS("nubs on the next growth", "the next growth shows nubs"),
  NEW_TIPS("new root tips", "new root tips grow"),
  START_OF_GROWTH("its next growth to start", "its next growth starts"),
  EYE("an eye to swell", "an eye swells"),
  LONG_ROOTS("roots that are long enough", "its roots are long enough"),
  FLOWERS_OVER("flowers to be over", "its flowers are over"),
  LIGHT("days long enough to grow", "the days are long enough"),
  WARMTH("warmth enough to root", "it is warm enough"),
  COOLER_DAYS("cooler days", "the days are cooler"),
  REST_OVER("its rest to be over", "its rest is over"),
  BETTER_PLACE("a place that lets it root", "it stands where it can root"),
  WATER("it to be plump again", "it is plump again"),
  SETTLED("the last move to be overcome", "it has overcome the last move"),
  OWN_ROOTS("roots of its own", "it has roots of its own"),
  LAST_DAY("better roots, as long as its medium lasts", "its medium is used up"),
  MEDIUM_DUE("its medium to be due", "its medium turns due"),
  RIM("its lead to near the rim", "its lead nears the rim"),
  POT_FULL("its pot to be full", "its pot is likely to be full");

  private final String words;
  private final String comes;

  WaitCondition(String words, String comes) {
    this.words = words;
    this.comes = comes;
  }

  /** After "when". */
  public String comes() {
    return comes;
  }

  /** Whether nothing but the need for a move grows with it. */
  boolean needOnly() {
    return this == MEDIUM_DUE || this == RIM || this == POT_FULL;
  }

  /** After "wait for". */
  public String words() {
    return words;
  }
}

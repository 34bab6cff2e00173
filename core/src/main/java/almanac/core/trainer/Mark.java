package almanac.core.trainer;

/** What an answer was worth, and by which kind of mistake it went wrong. */
public enum Mark {
  RIGHT("right"),
  /** Moved, parted or given up what should be left, or should wait. */
  TOO_EARLY("too early"),
  /** Left what should be taken in hand. */
  TOO_LATE("too late"),
  WRONG_METHOD("wrong method"),
  /** Decided without the look that decides. */
  DID_NOT_LOOK("did not look"),
  /** Took one thing in a drawing for another. */
  MISTOOK("took it for something else");

  private final String words;

  Mark(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}

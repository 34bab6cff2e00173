package almanac.core.trials;

/** What a trial tries; by another of the same a plant's trial would tell nothing any more. */
public enum Tried {
  MEDIUM("a medium", true),
  POT("a pot", true),
  METHOD("a way to move", true),
  PLACE("a place", false),
  FEED("a feed", false);

  private final String words;
  private final boolean byMoving;

  Tried(String words, boolean byMoving) {
    this.words = words;
    this.byMoving = byMoving;
  }

  /** As a part of a sentence. */
  public String words() {
    return words;
  }

  /** Whether it begins with a move. */
  public boolean byMoving() {
    return byMoving;
  }
}

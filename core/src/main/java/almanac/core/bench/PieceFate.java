package almanac.core.bench;

import almanac.core.words.Answer;

/** What becomes of a piece of a plant that was parted. */
public enum PieceFate implements Answer {
  /** It stays the plant itself, alone or with others in one pot. */
  STAYS("stays this plant"),
  /** A plant of its own from now on. */
  POTTED("a plant of its own"),
  /** A plant of its own that leaves the collection, with its papers. */
  GIVEN_AWAY("given away, with its papers"),
  OUT("thrown away");

  private final String words;

  PieceFate(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

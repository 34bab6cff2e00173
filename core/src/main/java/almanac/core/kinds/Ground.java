package almanac.core.kinds;

import almanac.core.words.Answer;

/** What a kind's roots live in. */
public enum Ground implements Answer {
  /** On trees: roots want air, a crowded pot is no trouble. */
  EPIPHYTE("on trees"),
  /** Slippers: few thick roots, base covered, always some air among them. */
  SLIPPER("as a slipper’s: few, thick, covered"),
  /** On the ground: lives partly from the medium about its roots. */
  TERRESTRIAL("on the ground");

  private final String words;

  Ground(String words) {
    this.words = words;
  }

  /** As a grower says it. */
  @Override
  public String words() {
    return words;
  }

  /** Whether it lives partly from the medium about its roots. */
  public boolean semiTerrestrial() {
    return this != EPIPHYTE;
  }
}

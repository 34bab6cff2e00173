package almanac.core.inspection;

import almanac.core.words.Answer;

/** How the water sinks when the pot is flooded. */
public enum Sinking implements Answer {
  QUICKLY("quickly"),
  SLOWLY("slowly"),
  STANDS("stands");

  private final String words;

  Sinking(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

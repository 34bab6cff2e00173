package almanac.core.stock;

import almanac.core.words.Answer;

/** How much there is of what nobody counts. */
public enum StockLevel implements Answer {
  OUT("out"),
  LOW("low"),
  YES("there is enough");

  private final String words;

  StockLevel(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}

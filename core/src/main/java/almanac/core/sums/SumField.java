package almanac.core.sums;

import almanac.core.refusals.Field;

/** An entry of a sum. */
public enum SumField implements Field {
  STOCK("stockPercent"),
  WANTED("wantedPercent"),
  AMOUNT("wantedMl"),
  USE("use"),
  PER_LITRE("perLitre"),
  LITRES("litres"),
  STRENGTH("strength"),
  GRAMS("gramsPerLitre"),
  LABEL("labelPercent"),
  SPEED("mmAWeek"),
  NOW("nowMm"),
  LONG("wantedMm"),
  MONTHS("months");

  private final String key;

  SumField(String key) {
    this.key = key;
  }

  @Override
  public String key() {
    return key;
  }
}

package almanac.core.kinds;

import almanac.core.words.Answer;

/** Whether a kind stops for a part of the year, and how it is kept then. */
public enum Rest implements Answer {
  NONE("no true rest; it slows down"),
  /** Leafless through the winter; watered only once new roots are out. */
  DRY("leafless and dry through the winter"),
  /** Through the winter, from shorter and cooler days on. */
  ALMOST_DRY("bright and almost dry through the winter"),
  /** Some weeks once the bulb has ripened, whatever the time of year. */
  DRIER("some weeks, drier, once its bulb is ripe"),
  /** Through the winter, moister than the others. */
  COOL("cool and bright through the winter");

  private final String words;

  Rest(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether it follows the winter, and no move is made before its end. */
  public boolean ofWinter() {
    return this == DRY || this == ALMOST_DRY || this == COOL;
  }

  /** Whether its leaves and bulbs may look thirsty all through it, and water is kept from them. */
  public boolean dries() {
    return this == DRY || this == ALMOST_DRY;
  }
}

package almanac.core.stock;

import java.util.UUID;

/**
 * What there is of something.
 *
 * @param amount pots by number, components in ml, things by the number of their {@link Level}; from
 *     0
 */
public record StockItem(UUID uid, Goods goods, double amount) {

  /** The level of what nobody counts. */
  public Level level() {
    return Level.values()[(int) amount];
  }
}

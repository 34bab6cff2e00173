package almanac.core.stock;

import java.util.UUID;

/**
 * What there is of something.
 *
 * @param amount pots by number, components in ml, things by the number of their {@link StockLevel};
 *     from 0
 */
public record StockItem(UUID uid, Goods goods, double amount) {

  /** The level of what nobody counts. */
  public StockLevel level() {
    return StockLevel.values()[(int) amount];
  }
}

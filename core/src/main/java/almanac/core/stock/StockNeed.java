package almanac.core.stock;

import almanac.core.medium.Component;
import almanac.core.pot.Grade;
import almanac.core.pot.Pot;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What a job needs of the stock.
 *
 * @param pots the pots it takes, each measured across
 * @param chosen the pots that were chosen in the stock, by their items
 * @param looseMl ml of each component
 * @param grade how coarse it should be
 * @param supplies what is used up besides, by number
 */
public record StockNeed(
    List<Pot> pots,
    List<UUID> chosen,
    Map<Component, Double> looseMl,
    Optional<Grade> grade,
    Map<Supply, Integer> supplies) {

  /** What uses nothing up besides. */
  public StockNeed(
      List<Pot> pots, List<UUID> chosen, Map<Component, Double> looseMl, Optional<Grade> grade) {
    this(pots, chosen, looseMl, grade, Map.of());
  }
}

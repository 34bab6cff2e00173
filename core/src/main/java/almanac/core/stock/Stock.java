package almanac.core.stock;

import almanac.core.medium.Component;
import almanac.core.pot.Grade;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** All that lies ready. Immutable. Rules: Mix and fill. */
public record Stock(List<StockItem> items) {
  public Stock {
    items = List.copyOf(items);
  }

  /**
   * What a need takes from the stock: never more than there is, the grade that is wanted first.
   * What is not kept in stock is taken from elsewhere.
   */
  public List<Draw> draws(StockNeed need) {
    var draws = new ArrayList<Draw>();
    for (var item : items) {
      double wanted = Collections.frequency(need.chosen(), item.uid());
      double taken = Math.min(wanted, item.amount());
      if (taken > 0) {
        draws.add(new Draw(item.uid(), taken, false, item.goods().words()));
      }
    }
    need.looseMl()
        .forEach(
            (component, ml) -> {
              double missing = ml;
              for (var item : loose(component, need.grade().orElse(null)).toList()) {
                double taken = Math.min(missing, item.amount());
                if (taken > 0) {
                  draws.add(new Draw(item.uid(), taken, true, item.goods().words()));
                  missing -= taken;
                }
              }
            });
    return List.copyOf(draws);
  }

  private Stream<StockItem> loose(Component component, @Nullable Grade wanted) {
    return items.stream()
        .filter(item -> item.goods() instanceof Goods.Loose loose && loose.component() == component)
        .sorted(
            Comparator.comparing(item -> ((Goods.Loose) item.goods()).grade() == wanted ? 0 : 1));
  }

  /** How much there is of a component, in all grades, ml. */
  public double ml(Component component) {
    return loose(component, null).mapToDouble(StockItem::amount).sum();
  }

  /** Whether a component is kept in stock at all. */
  public boolean keeps(Component component) {
    return loose(component, null).findAny().isPresent();
  }

  /** The pots that there are at least one of. */
  public List<StockItem> pots() {
    return items.stream()
        .filter(item -> item.goods() instanceof Goods.Pots && item.amount() >= 1)
        .toList();
  }
}

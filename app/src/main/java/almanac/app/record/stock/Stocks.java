package almanac.app.record.stock;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.ground.refusals.NotFound;
import almanac.core.stock.Goods;
import almanac.core.stock.Stock;
import almanac.core.stock.StockItem;
import almanac.core.stock.StockLevel;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the stock as the collector counts it. */
@Service
@Transactional
public class Stocks {
  /** Nobody has more of one thing: pots, or ml. */
  private static final double MOST = 1_000_000;

  private final StockTable table;

  Stocks(StockTable table) {
    this.table = table;
  }

  /** All there is now, less what jobs have drawn. */
  @Transactional(readOnly = true)
  public Stock now() {
    return new Stock(table.all());
  }

  /**
   * Puts something in stock that was not there.
   *
   * @throws Conflict if it is there already
   */
  public StockItem add(Goods goods, double amount, LocalDate today) {
    refuseBad(goods, amount);
    if (now().items().stream().anyMatch(item -> item.goods().equals(goods))) {
      throw new Conflict(
          "%s is in the stock already: change how much there is.".formatted(goods.words()));
    }
    var item = new StockItem(UUID.randomUUID(), goods, amount);
    table.add(item.uid(), goods);
    table.change(item.uid(), today, amount);
    return item;
  }

  /** Somebody counted: there is so much of it now. */
  public StockItem count(UUID uid, double amount, LocalDate today) {
    var item = one(uid);
    refuseBad(item.goods(), amount);
    table.change(uid, today, amount - item.amount());
    return new StockItem(uid, item.goods(), amount);
  }

  public void remove(UUID uid) {
    table.remove(uid);
  }

  private StockItem one(UUID uid) {
    return now().items().stream()
        .filter(item -> item.uid().equals(uid))
        .findFirst()
        .orElseThrow(() -> new NotFound("This is not in the stock any more."));
  }

  private static void refuseBad(Goods goods, double amount) {
    if (goods instanceof Goods.Pots pots && pots.pot().diameterMm() == null) {
      throw new BadEntry("pot.diameterMm", "Measure the pots across their rims.");
    }
    double most = goods instanceof Goods.Thing ? StockLevel.values().length - 1 : MOST;
    if (!(amount >= 0 && amount <= most)) {
      throw new BadEntry("amount", "There is from nothing to a million of it; never less.");
    }
    if (!(goods instanceof Goods.Loose) && amount != Math.rint(amount)) {
      throw new BadEntry("amount", "Count whole ones.");
    }
  }
}

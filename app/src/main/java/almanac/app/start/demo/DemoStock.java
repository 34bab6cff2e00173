package almanac.app.start.demo;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.pot.Grade;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.stock.Goods;
import almanac.core.stock.StockLevel;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What lies ready in the lock keeper's shed: one size of pots and one component run short. */
final class DemoStock {
  private final DemoBooks books;

  DemoStock(DemoBooks books) {
    this.books = books;
  }

  void all() {
    pots(PotType.CLEAR, 90, 80, 6);
    pots(PotType.CLEAR, 120, 108, 5);
    pots(PotType.CLEAR, 130, 115, 0);
    pots(PotType.CLEAR, 150, 135, 2);
    pots(PotType.PLASTIC, 110, 98, 4);
    pots(PotType.PLASTIC, 140, 125, 3);
    pots(PotType.CLAY, 140, 120, 2);
    pots(PotType.CLAY, 170, 145, 1);
    pots(PotType.RESERVOIR, 140, 130, 1);
    loose(Component.BARK_FINE, null, 350);
    loose(Component.BARK_MEDIUM, null, 12_000);
    loose(Component.BARK_COARSE, null, 9_000);
    loose(Component.PERLITE, null, 7_000);
    loose(Component.PUMICE, Grade.FINE, 2_500);
    loose(Component.PUMICE, Grade.MEDIUM, 6_000);
    loose(Component.SPHAGNUM_BEST, null, 3_000);
    loose(Component.FIRED_CLAY, null, 5_000);
    thing("tags", StockLevel.YES);
    thing("stakes and ties", StockLevel.LOW);
    thing("blades", StockLevel.YES);
    thing("gloves", StockLevel.OUT);
    books
        .recipes()
        .keep("Fine roots", new Mix(Map.of(Component.BARK_FINE, 3.0, Component.PERLITE, 1.0)));
    books
        .recipes()
        .keep("Everyday", new Mix(Map.of(Component.BARK_MEDIUM, 4.0, Component.PERLITE, 1.0)));
    books.recipes().keep("Slippers", Mix.of(Component.BARK_FINE).and(Component.PERLITE, 1));
  }

  private void pots(PotType type, double across, double depth, int count) {
    put(new Goods.Pots(new Pot(type, across, depth, "")), count);
  }

  private void loose(Component component, @Nullable Grade grade, double ml) {
    put(new Goods.Loose(component, grade), ml);
  }

  private void thing(String name, StockLevel level) {
    put(new Goods.Thing(name), level.ordinal());
  }

  private void put(Goods goods, double amount) {
    books.stocks().add(goods, amount, books.today().get());
  }
}

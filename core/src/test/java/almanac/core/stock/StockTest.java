package almanac.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.groups.Tuple.tuple;

import almanac.core.medium.Component;
import almanac.core.pot.Grade;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What jobs take, and what runs short. */
class StockTest {
  private static final UUID POTS = UUID.randomUUID();
  private static final UUID FINE = UUID.randomUUID();
  private static final UUID COARSE = UUID.randomUUID();

  private static final Stock STOCK =
      new Stock(
          List.of(
              new StockItem(POTS, new Goods.Pots(pot(120)), 2),
              new StockItem(FINE, new Goods.Loose(Component.PUMICE, Grade.FINE), 500),
              new StockItem(COARSE, new Goods.Loose(Component.PUMICE, Grade.COARSE), 300),
              new StockItem(UUID.randomUUID(), new Goods.Thing("gloves"), StockLevel.LOW.ordinal()),
              new StockItem(UUID.randomUUID(), new Goods.Thing("tags"), StockLevel.YES.ordinal())));

  private static Pot pot(double across) {
    return new Pot(PotType.CLEAR, across, 100.0, "");
  }

  private static StockNeed loose(double ml) {
    return new StockNeed(
        List.of(), List.of(), Map.of(Component.PUMICE, ml), Optional.of(Grade.COARSE));
  }

  @Test
  void theGradeThatIsWantedIsTakenFirstAndTheRestOfTheOther() {
    assertThat(STOCK.draws(loose(400)))
        .extracting(Draw::item, Draw::amount)
        .containsExactly(tuple(COARSE, 300.0), tuple(FINE, 100.0));
  }

  @Test
  void neverMoreIsTakenThanThereIs() {
    assertThat(STOCK.draws(loose(5000)).stream().mapToDouble(Draw::amount).sum()).isEqualTo(800);
    var three = new StockNeed(List.of(), List.of(POTS, POTS, POTS), Map.of(), Optional.empty());
    assertThat(STOCK.draws(three)).singleElement().extracting(Draw::amount).isEqualTo(2.0);
  }

  @Test
  void whatIsNotKeptInStockIsTakenFromElsewhere() {
    var lava = new StockNeed(List.of(), List.of(), Map.of(Component.LAVA, 50.0), Optional.empty());
    assertThat(STOCK.draws(lava)).isEmpty();
  }

  @Test
  void whatIsUsedUpIsNotThereButIsKept() {
    var empty =
        new Stock(
            List.of(
                new StockItem(POTS, new Goods.Pots(pot(120)), 0),
                new StockItem(FINE, new Goods.Loose(Component.PUMICE, Grade.FINE), 0)));
    assertThat(empty.pots()).isEmpty();
    assertThat(empty.keeps(Component.PUMICE)).isTrue();
    assertThat(empty.keeps(Component.LAVA)).isFalse();
    assertThat(empty.draws(loose(10))).isEmpty();
    var one = new Stock(List.of(new StockItem(POTS, new Goods.Pots(pot(120)), 1)));
    assertThat(one.pots()).hasSize(1);
    assertThat(STOCK.pots()).extracting(StockItem::uid).containsExactly(POTS);
    assertThat(STOCK.ml(Component.PUMICE)).isEqualTo(800);
  }

  @Test
  void goodsAreCalledWhatTheyAre() {
    assertThat(new Goods.Loose(Component.PUMICE, Grade.FINE).words()).isEqualTo("pumice, 3–8 mm");
    assertThat(new Goods.Loose(Component.PUMICE, null).words()).isEqualTo("pumice");
    assertThat(new Goods.Pots(pot(120)).words()).isEqualTo("clear pot");
    assertThat(new Goods.Thing("gloves").words()).isEqualTo("gloves");
  }
}

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

  private static List<String> lacking(StockNeed... needs) {
    return STOCK.lacking(List.of(needs)).stream().map(Object::toString).toList();
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
    assertThat(lacking(lava)).contains("50 ml of lava");
  }

  @Test
  void whatRunsShortForAllOfThemIsOnTheList() {
    assertThat(lacking()).containsExactly("gloves (low)");
    assertThat(lacking(loose(300), loose(300))).doesNotContain("pumice");
    assertThat(lacking(loose(500), loose(500))).contains("200 ml of pumice");
    var pots =
        new StockNeed(List.of(pot(122), pot(120), pot(118)), List.of(), Map.of(), Optional.empty());
    assertThat(lacking(pots)).as("two of three are there").contains("1 pot of 118 mm");
    var wide = new StockNeed(List.of(pot(150)), List.of(), Map.of(), Optional.empty());
    assertThat(lacking(wide)).contains("1 pot of 150 mm");
  }
}

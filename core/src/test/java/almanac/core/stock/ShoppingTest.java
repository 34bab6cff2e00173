package almanac.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import almanac.core.medium.Component;
import almanac.core.pot.Grade;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What runs short for all jobs together, and by when. */
class ShoppingTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);
  private static final LocalDate SATURDAY = TODAY.plusDays(7);
  private static final LocalDate LATER = TODAY.plusDays(21);
  private static final UUID POTS = UUID.randomUUID();

  private static final Stock STOCK =
      new Stock(
          List.of(
              new StockItem(POTS, new Goods.Pots(pot(PotType.CLEAR, 120)), 2),
              item(new Goods.Loose(Component.PUMICE, Grade.FINE), 500),
              item(new Goods.Loose(Component.PUMICE, Grade.COARSE), 300),
              item(new Goods.Thing("gloves"), StockLevel.LOW.ordinal()),
              item(new Goods.Thing("tags"), StockLevel.YES.ordinal())));

  private static StockItem item(Goods goods, double amount) {
    return new StockItem(UUID.randomUUID(), goods, amount);
  }

  private static Pot pot(PotType type, double across) {
    return new Pot(type, across, 100.0, "");
  }

  private static StockNeed loose(Component component, double ml) {
    return new StockNeed(List.of(), List.of(), Map.of(component, ml), Optional.empty());
  }

  private static StockNeed pots(double... across) {
    var pots = Arrays.stream(across).mapToObj(each -> pot(PotType.CLEAR, each)).toList();
    return new StockNeed(pots, List.of(), Map.of(), Optional.empty());
  }

  private static Wanted sure(LocalDate by, StockNeed need) {
    return new Wanted(by, 1, need);
  }

  private static List<String> lacking(StockNeed... needs) {
    return lacks(Arrays.stream(needs).map(need -> sure(TODAY, need)).toArray(Wanted[]::new))
        .stream()
        .map(lack -> lack.what().toString())
        .toList();
  }

  private static List<Lack> lacks(Wanted... wanted) {
    return Shopping.of(STOCK, List.of(wanted));
  }

  @Test
  void whatRunsShortForAllOfThemIsOnTheListAndThenWhatIsLow() {
    assertThat(lacking()).containsExactly("gloves (low)");
    var pumice = loose(Component.PUMICE, 400);
    assertThat(lacking(pumice, pumice)).as("just enough").containsExactly("gloves (low)");
    assertThat(lacking(pumice, pumice, loose(Component.PUMICE, 0.5)))
        .containsExactly("1 ml of pumice", "gloves (low)");
    assertThat(lacking(loose(Component.LAVA, 50))).contains("50 ml of lava");
    assertThat(lacking(pots(122, 120, 118))).contains("1 clear pot of 118 mm");
    assertThat(lacking(pots(150))).contains("1 clear pot of 150 mm");
  }

  @Test
  void aPotOfTheStockServesOnceAndOnlyWhereItIsAboutAsWide() {
    assertThat(lacking(pots(115, 125))).containsExactly("gloves (low)");
    assertThat(lacking(pots(114))).contains("1 clear pot of 114 mm");
    assertThat(lacking(pots(126))).contains("1 clear pot of 126 mm");
    assertThat(lacking(pots(120), pots(120, 120), pots(120))).contains("2 clear pots of 120 mm");
    var chosen = new StockNeed(List.of(), List.of(POTS, POTS), Map.of(), Optional.empty());
    assertThat(lacking(pots(120), chosen))
        .as("somebody chose both")
        .contains("1 clear pot of 120 mm");
  }

  @Test
  void aPotOfItsOwnTypeIsTakenBeforeOneOfAnother() {
    var clay = UUID.randomUUID();
    var both =
        new Stock(
            List.of(
                new StockItem(POTS, new Goods.Pots(pot(PotType.CLEAR, 120)), 1),
                new StockItem(clay, new Goods.Pots(pot(PotType.CLAY, 121)), 1)));
    var inClay =
        new StockNeed(List.of(pot(PotType.CLAY, 120)), List.of(), Map.of(), Optional.empty());
    assertThat(Shopping.of(both, List.of(sure(TODAY, inClay), sure(TODAY, pots(120))))).isEmpty();
    assertThat(
            Shopping.of(
                both, List.of(sure(TODAY, inClay), sure(SATURDAY, inClay), sure(LATER, inClay))))
        .extracting(lack -> lack.what().toString(), Lack::by)
        .containsExactly(tuple("1 clay pot of 120 mm", Optional.of(LATER)));
    var any =
        new StockNeed(List.of(pot(PotType.UNKNOWN, 90)), List.of(), Map.of(), Optional.empty());
    assertThat(lacking(any, any)).contains("2 pots of 90 mm");
  }

  private static StockNeed supplies(Map<Supply, Integer> supplies) {
    return new StockNeed(List.of(), List.of(), Map.of(), Optional.empty(), supplies);
  }

  @Test
  void whatIsLowSaysHowManyAreWantedAndByWhen() {
    var stock =
        new Stock(
            List.of(
                new StockItem(POTS, new Goods.Thing("Stakes and ties"), StockLevel.LOW.ordinal()),
                new StockItem(POTS, new Goods.Thing("plant labels"), StockLevel.OUT.ordinal()),
                new StockItem(POTS, new Goods.Thing("kitchen paper"), StockLevel.LOW.ordinal())));
    var tied = supplies(Map.of(Supply.TAG, 3, Supply.TIE, 1, Supply.STAKE, 1));
    assertThat(
            Shopping.of(
                stock,
                List.of(
                    sure(LATER, tied),
                    new Wanted(LATER, 0.5, tied),
                    sure(SATURDAY, supplies(Map.of(Supply.TAG, 1))))))
        .extracting(lack -> lack.what().toString(), Lack::by)
        .containsExactlyInAnyOrder(
            tuple("Stakes and ties, 2 wanted (low)", Optional.of(LATER)),
            tuple("plant labels, 6 wanted (out)", Optional.of(SATURDAY)),
            tuple("kitchen paper (low)", Optional.of(SATURDAY)));
    assertThat(Supply.LEVEL_GAUGE.laidReady(3)).isEqualTo("3 level gauges");
    assertThat(Supply.of("a level gauge")).contains(Supply.LEVEL_GAUGE);
    assertThat(Supply.of("a bucket")).isEmpty();
  }

  @Test
  void eachThingSaysByWhenItMustBeThere() {
    assertThat(
            lacks(
                sure(LATER, loose(Component.LAVA, 50)),
                sure(LATER, loose(Component.PUMICE, 500)),
                sure(SATURDAY, loose(Component.PUMICE, 500)),
                sure(SATURDAY, pots(120, 120)),
                sure(LATER, pots(120))))
        .extracting(lack -> lack.what().toString(), Lack::by)
        .containsExactly(
            tuple("1 clear pot of 120 mm", Optional.of(LATER)),
            tuple("200 ml of pumice", Optional.of(LATER)),
            tuple("50 ml of lava", Optional.of(LATER)),
            tuple("gloves (low)", Optional.empty()));
    assertThat(lacks()).extracting(Lack::by).containsExactly(Optional.empty());
  }

  @Test
  void whatMayNotBeNeededCountsByItsChance() {
    var lift = new Wanted(SATURDAY, 0.5, pots(150));
    assertThat(lacks(lift))
        .extracting(lack -> lack.what().toString())
        .contains("1 clear pot of 150 mm");
    assertThat(lacks(lift, lift))
        .extracting(lack -> lack.what().toString())
        .contains("1 clear pot of 150 mm");
    assertThat(lacks(lift, lift, lift))
        .extracting(lack -> lack.what().toString())
        .contains("2 clear pots of 150 mm");
    var halves = new Wanted(SATURDAY, 0.5, loose(Component.PUMICE, 1600));
    assertThat(lacks(halves))
        .extracting(lack -> lack.what().toString())
        .containsExactly("gloves (low)");
    var fifth = new Wanted(SATURDAY, 0.2, pots(120));
    assertThat(lacks(fifth, fifth, fifth, fifth, fifth, fifth, fifth, fifth, fifth, fifth))
        .as("ten fifths are two, and two are there")
        .extracting(lack -> lack.what().toString())
        .containsExactly("gloves (low)");
  }
}

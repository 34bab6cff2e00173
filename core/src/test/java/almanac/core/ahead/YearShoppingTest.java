package almanac.core.ahead;

import static almanac.core.ahead.MovesAtHand.TODAY;
import static almanac.core.ahead.MovesAtHand.comes;
import static almanac.core.ahead.MovesAtHand.move;
import static almanac.core.ahead.MovesAtHand.some;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.medium.Component;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.stock.Goods;
import almanac.core.stock.Stock;
import almanac.core.stock.StockItem;
import almanac.core.stock.Ware;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What is bought for a year suffices in nine years of ten. */
class YearShoppingTest {
  private static final Figures FIGURES = Figures.standard();
  private static final Ware BARK = new Ware.Part(Component.BARK_MEDIUM);
  private static final Ware POTS = new Ware.Size(PotType.PLASTIC, 120);
  private static final Stock EMPTY = new Stock(List.of());

  private static List<ToBuy> list(List<MoveAhead> moves, Stock stock) {
    return new CollectionAhead(moves, TODAY, 7, FIGURES).shopping(stock);
  }

  private static Stock with(double bark, int pots) {
    return new Stock(
        List.of(
            new StockItem(UUID.randomUUID(), new Goods.Loose(Component.BARK_MEDIUM, null), bark),
            new StockItem(
                UUID.randomUUID(),
                new Goods.Pots(new Pot(PotType.PLASTIC, 120.0, null, "")),
                pots)));
  }

  @Test
  void whatComesSurelyIsBoughtByItsDay() {
    var first = LocalDate.of(2027, 4, 10);
    var moves =
        List.of(move("Slow Barge", first.plusDays(20), 0, 5), move("Old Barge", first, 0, 5));
    assertThat(list(moves, EMPTY))
        .containsExactlyInAnyOrder(new ToBuy(BARK, 1000, first), new ToBuy(POTS, 2, first));
    assertThat(list(moves, with(600, 5))).containsExactly(new ToBuy(BARK, 400, first.plusDays(20)));
    assertThat(list(moves, with(1000, 2))).isEmpty();
    assertThat(list(List.of(move("Far Barge", first.plusYears(2), 0, 5)), EMPTY)).isEmpty();
  }

  @Test
  void itSufficesInNineYearsOfTenAndIsNotMuchMore() {
    int years = 0;
    int enough = 0;
    int lessWouldDo = 0;
    var luck = new Random(3);
    for (int collection = 0; collection < 30; collection++) {
      var moves = some(30, 500 + collection);
      var stock = with(3000, 4);
      var list = list(moves, stock);
      double bark = 3000 + amount(list, BARK);
      double pots = 4 + amount(list, POTS);
      for (int year = 0; year < 20; year++) {
        double spring = luck.nextGaussian();
        int moved = 0;
        for (var move : moves) {
          var day = comes(move, spring, luck);
          moved += day.isAfter(LocalDate.of(2028, 1, 31)) ? 0 : 1;
        }
        years++;
        enough += moved * 500 <= bark && moved <= pots ? 1 : 0;
        lessWouldDo += moved * 500 <= bark - 1000 && moved <= pots - 2 ? 1 : 0;
      }
    }
    assertThat(100.0 * enough / years).isBetween(86.0, 99.5);
    assertThat(100.0 * lessWouldDo / years).isLessThan(85);
  }

  private static double amount(List<ToBuy> list, Ware ware) {
    return list.stream()
        .filter(each -> each.ware().equals(ware))
        .mapToDouble(ToBuy::amount)
        .findFirst()
        .orElse(0);
  }
}

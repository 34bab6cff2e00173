package almanac.core.ahead;

import almanac.core.figures.Figures;
import almanac.core.stock.Shopping;
import almanac.core.stock.Shopping.Missing;
import almanac.core.stock.Stock;
import almanac.core.stock.Wanted;
import almanac.core.stock.Ware;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What is to be bought so that in so many years of ten nothing of it runs out. Rules: The year
 * ahead.
 */
final class YearShopping {
  private static final double A_STEP = 0.005;

  private final double suffices;
  private final LocalDate today;
  private final Map<Ware, double[]> missing = new LinkedHashMap<>();
  private final Map<Ware, List<LocalDate>> firstMissing = new LinkedHashMap<>();

  private YearShopping(
      Futures futures, Stock stock, LocalDate today, LocalDate end, Figures figures) {
    this.suffices = figures.of(AheadFigures.SUFFICES) / 100;
    this.today = today;
    for (int run = 0; run < Futures.RUNS; run++) {
      var wanted = wanted(futures, run, today, end);
      int now = run;
      Shopping.missing(stock, wanted).forEach((ware, amount) -> add(ware, amount, now));
      Shopping.usedUp(wanted).forEach((ware, amount) -> add(ware, amount, now));
    }
  }

  /** What is needed first stands first. */
  static List<ToBuy> of(
      Futures futures, Stock stock, LocalDate today, LocalDate end, Figures figures) {
    return new YearShopping(futures, stock, today, end, figures).list();
  }

  private static List<Wanted> wanted(Futures futures, int run, LocalDate today, LocalDate end) {
    var wanted = new ArrayList<Wanted>();
    for (int i = 0; i < futures.moves().size(); i++) {
      var day = today.plusDays(futures.day(i, run));
      var move = futures.moves().get(i);
      if (!day.isAfter(end)) {
        wanted.add(new Wanted(day, move.chance(), move.takes()));
      }
    }
    return wanted;
  }

  private void add(Ware ware, Missing amount, int run) {
    missing.computeIfAbsent(ware, each -> new double[Futures.RUNS])[run] =
        Math.ceil(amount.amount());
    firstMissing.computeIfAbsent(ware, each -> new ArrayList<>()).add(amount.by());
  }

  private List<ToBuy> list() {
    double share = suffices;
    while (share < 1 && !allSuffice(share)) {
      share = Math.min(1, share + A_STEP);
    }
    double enough = share;
    return missing.entrySet().stream()
        .map(
            each ->
                new ToBuy(
                    each.getKey(), Count.quantile(each.getValue(), enough), by(each.getKey())))
        .filter(each -> each.amount() > 0)
        .sorted(Comparator.comparing(ToBuy::by))
        .toList();
  }

  /** Whether there are years enough in which none of them runs out. */
  private boolean allSuffice(double share) {
    var amounts = new LinkedHashMap<Ware, Double>();
    missing.forEach((ware, runs) -> amounts.put(ware, Count.quantile(runs, share)));
    long years =
        IntStream.range(0, Futures.RUNS)
            .filter(
                run ->
                    missing.entrySet().stream()
                        .allMatch(each -> each.getValue()[run] <= amounts.get(each.getKey())))
            .count();
    return years >= suffices * Futures.RUNS;
  }

  /** It may be missing on this day, and seldom before. */
  private LocalDate by(Ware ware) {
    var days = firstMissing.get(ware).stream().mapToDouble(LocalDate::toEpochDay).toArray();
    var day = LocalDate.ofEpochDay((long) Count.quantile(days, 1 - suffices));
    return day.isBefore(today) ? today : day;
  }
}

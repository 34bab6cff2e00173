package almanac.app.errands.ahead;

import almanac.app.errands.ahead.YearAheadPage.CountAhead;
import almanac.app.errands.ahead.YearAheadPage.MoveForeseen;
import almanac.app.errands.ahead.YearAheadPage.MoveOtherwise;
import almanac.app.errands.ahead.YearAheadPage.PartAhead;
import almanac.app.errands.ahead.YearAheadPage.RoomAhead;
import almanac.app.errands.ahead.YearAheadPage.WareToBuy;
import almanac.app.errands.benchdays.BenchDays;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.judging.OfEverybody;
import almanac.app.judged.pages.Part;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.stock.Stocks;
import almanac.core.ahead.CollectionAhead;
import almanac.core.ahead.Hours;
import almanac.core.ahead.MoveAhead;
import almanac.core.ahead.Overflow;
import almanac.core.ahead.PartOfYear;
import almanac.core.ahead.YearSaid;
import almanac.core.season.Weeks;
import almanac.core.stock.Stock;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** The coming year of all plants together. */
@Service
class CollectionYear {
  /** Always the same futures, so that no figure flickers. */
  static final long SEED = 20_270_515;

  private record Basis(Judging.Basis judging, Optional<Hours> hours, Stock stock) {}

  private record Moving(PlantInPlace plant, MoveAhead move) {}

  private final Plants plants;
  private final Judging judging;
  private final Foretelling foretelling;
  private final BenchDays days;
  private final Stocks stocks;
  private final OfEverybody<YearAheadPage> known = new OfEverybody<>();

  CollectionYear(
      Plants plants, Judging judging, Foretelling foretelling, BenchDays days, Stocks stocks) {
    this.plants = plants;
    this.judging = judging;
    this.foretelling = foretelling;
    this.days = days;
    this.stocks = stocks;
  }

  YearAheadPage on(LocalDate today) {
    var hours = Hours.of(days.from(today), today);
    var basis = new Basis(judging.basis(today), hours, stocks.now());
    return known.of(plants.everybody(), basis, () -> page(today, basis));
  }

  private YearAheadPage page(LocalDate today, Basis basis) {
    var all = plants.all();
    var moving =
        all.stream()
            .flatMap(
                plant -> foretelling.of(plant, today).stream().map(move -> new Moving(plant, move)))
            .toList();
    var ahead =
        new CollectionAhead(
            moving.stream().map(Moving::move).toList(), today, SEED, judging.figures());
    var overflow = basis.hours().map(ahead::against);
    var looks = all.stream().flatMap(plant -> looks(plant, today)).toList();
    var byWeek = counted(looks, Weeks::monday);
    var byMonth = counted(looks, day -> YearMonth.from(day).atDay(1));
    return new YearAheadPage(
        ahead.end(),
        YearSaid.of(ahead, overflow).stream().map(Part::of).toList(),
        CountAhead.of(ahead.year().jobs()),
        CountAhead.of(ahead.year().minutes()),
        basis.hours().map(Hours::usual).orElse(null),
        ahead.months().stream()
            .map(month -> PartAhead.of(month, byMonth.getOrDefault(month.from(), 0), null))
            .toList(),
        weeks(ahead, overflow, byWeek),
        moving.stream()
            .map(each -> MoveForeseen.of(each.move(), each.plant(), ahead.year().plants()))
            .filter(move -> move.chance() > 0)
            .sorted(Comparator.comparing(MoveForeseen::likely))
            .toList(),
        overflow.stream()
            .flatMap(each -> each.proposals().stream())
            .map(MoveOtherwise::of)
            .toList(),
        ahead.shopping(basis.stock()).stream().map(WareToBuy::of).toList());
  }

  static List<PartAhead> weeks(
      CollectionAhead ahead, Optional<Overflow> overflow, Map<LocalDate, Integer> looks) {
    var rooms = overflow.map(Overflow::weeks).orElse(List.of());
    var weeks = ahead.weeks();
    return IntStream.range(0, weeks.size())
        .mapToObj(
            i -> {
              PartOfYear week = weeks.get(i);
              return PartAhead.of(
                  week,
                  looks.getOrDefault(week.from(), 0),
                  rooms.isEmpty() ? null : RoomAhead.of(rooms.get(i)));
            })
        .toList();
  }

  private Stream<LocalDate> looks(PlantInPlace plant, LocalDate today) {
    return judging.checks(plant, today).stream().map(open -> open.check().window().best());
  }

  private static Map<LocalDate, Integer> counted(
      List<LocalDate> days, Function<LocalDate, LocalDate> part) {
    var counts = new HashMap<LocalDate, Integer>();
    days.forEach(day -> counts.merge(part.apply(day), 1, Integer::sum));
    return counts;
  }
}

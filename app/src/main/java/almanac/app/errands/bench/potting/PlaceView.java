package almanac.app.errands.bench.potting;

import almanac.core.figures.Figures;
import almanac.core.pot.AtTheRim;
import almanac.core.pot.Fit;
import almanac.core.pot.Outline;
import almanac.core.pot.Pot;
import almanac.core.pot.PotMove;
import almanac.core.pot.Room;
import almanac.core.pot.Seats;
import almanac.core.pot.SetDepth;
import almanac.core.pot.Spot;
import almanac.core.rhizome.MapGrowth;
import almanac.core.stock.Goods;
import almanac.core.stock.Stock;
import almanac.core.stock.StockItem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Which pot, and where in it. */
public record PlaceView(
    @Schema(description = "The pots of the stock, the best first") List<SeatView> seats,
    @Schema(nullable = true, description = "The pot that was chosen; null until one is measured")
        @Nullable SeatView chosen,
    @Schema(nullable = true, description = "The room in the pot it stands in, where it stands")
        SeatView.@Nullable SeatRoom here,
    @Schema(description = "The pot that would be right, mm across") double wantedMm,
    @Schema(description = "Whether no pot of the stock is right") boolean lacking,
    @Schema(description = "Half of what a growth is across, mm") double radiusMm,
    @Schema(description = "The pot that is drawn, mm across: the chosen, the old or the right one")
        double potMm,
    @Schema(description = "Where its middle lies") SpotView middle,
    @Schema(description = "Where the growths of the map stand in it, by their names")
        List<StandView> stands,
    @Schema(description = "Where its leads will stand after one, two and three years")
        List<List<SpotView>> ahead,
    SetDepth level,
    String levelWords,
    String levelWhy) {
  private static final int YEARS_SHOWN = 3;

  /** A place seen from above. */
  public record SpotView(
      @Schema(description = "mm towards 3 o'clock") double x,
      @Schema(description = "mm towards 12 o'clock") double y) {
    static SpotView of(Spot spot) {
      return new SpotView(spot.x(), spot.y());
    }
  }

  /** Where one growth stands in the pot. */
  public record StandView(
      String growth,
      @Schema(description = "From the rim, mm; under 0 outside of it") double toRimMm,
      @Schema(description = "Towards which hour of the clock, 1 to 12") int hour) {
    static StandView of(MapGrowth growth, double potMm, Spot middle) {
      var at = AtTheRim.of(growth.at(), potMm, middle);
      return new StandView(growth.name(), at.toRimMm(), at.hour());
    }
  }

  /**
   * The pots of the stock for a plant.
   *
   * @param drawn its growths on the map, if it is drawn
   * @param chosen the pot that was chosen, if one was, and measured
   * @param today the day it is potted
   */
  public static PlaceView of(
      Outline outline,
      List<MapGrowth> drawn,
      PotMove move,
      Stock stock,
      Optional<Pot> chosen,
      SetDepth level,
      LocalDate today,
      Figures figures) {
    var seats = new Seats(outline, move, figures);
    // No two items of the stock are of the same pots.
    var items = new LinkedHashMap<Pot, StockItem>();
    stock.pots().forEach(item -> items.put(((Goods.Pots) item.goods()).pot(), item));
    var sorted =
        seats.in(List.copyOf(items.keySet())).stream()
            .map(
                each -> {
                  var item = Objects.requireNonNull(items.get(each.pot()));
                  return SeatView.of(each, item.uid(), (int) item.amount(), today);
                })
            .toList();
    var seat = chosen.map(pot -> seats.in(List.of(pot)).get(0));
    double potMm =
        chosen.isPresent()
            ? Objects.requireNonNull(chosen.get().diameterMm())
            : move.oldMm().orElse(seats.wantedMm());
    var middle = seat.map(each -> each.room().middle()).orElse(Spot.MIDDLE);
    return new PlaceView(
        sorted,
        seat.map(each -> SeatView.of(each, null, null, today)).orElse(null),
        move.oldMm().isPresent()
            ? SeatView.SeatRoom.of(Room.here(outline, move.oldMm().getAsDouble(), figures), today)
            : null,
        seats.wantedMm(),
        sorted.stream().noneMatch(each -> each.fit() == Fit.GOOD),
        outline.radiusMm(),
        potMm,
        SpotView.of(middle),
        drawn.stream().map(growth -> StandView.of(growth, potMm, middle)).toList(),
        IntStream.rangeClosed(1, YEARS_SHOWN)
            .mapToObj(year -> outline.leadsAfter(year).stream().map(SpotView::of).toList())
            .toList(),
        level,
        level.words(),
        level.why());
  }
}

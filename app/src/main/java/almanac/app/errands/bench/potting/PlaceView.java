package almanac.app.errands.bench.potting;

import almanac.core.figures.Figures;
import almanac.core.pot.Fit;
import almanac.core.pot.Outline;
import almanac.core.pot.Pot;
import almanac.core.pot.PotMove;
import almanac.core.pot.Room;
import almanac.core.pot.Seats;
import almanac.core.pot.SetDepth;
import almanac.core.pot.Spot;
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

  /**
   * The pots of the stock for a plant.
   *
   * @param chosen the pot that was chosen, if one was, and measured
   * @param today the day it is potted
   */
  public static PlaceView of(
      Outline outline,
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
                seat -> {
                  var item = Objects.requireNonNull(items.get(seat.pot()));
                  return SeatView.of(seat, item.uid(), (int) item.amount(), today);
                })
            .toList();
    return new PlaceView(
        sorted,
        chosen
            .map(pot -> SeatView.of(seats.in(List.of(pot)).get(0), null, null, today))
            .orElse(null),
        move.oldMm().isPresent()
            ? SeatView.SeatRoom.of(Room.here(outline, move.oldMm().getAsDouble(), figures), today)
            : null,
        seats.wantedMm(),
        sorted.stream().noneMatch(seat -> seat.fit() == Fit.GOOD),
        outline.radiusMm(),
        IntStream.rangeClosed(1, YEARS_SHOWN).mapToObj(year -> ahead(outline, year)).toList(),
        level,
        level.words(),
        level.why());
  }

  /** The leads alone, each so many years on. */
  private static List<SpotView> ahead(Outline outline, int years) {
    return outline.growths().stream()
        .filter(growth -> outline.creeps() && growth.heading() != null)
        .map(
            growth ->
                growth
                    .at()
                    .and(
                        Spot.towards(
                            Objects.requireNonNull(growth.heading()), outline.aYearMm() * years)))
        .map(SpotView::of)
        .toList();
  }
}

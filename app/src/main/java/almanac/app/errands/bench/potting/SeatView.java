package almanac.app.errands.bench.potting;

import almanac.app.judged.pages.Part;
import almanac.app.record.entries.PotEntry;
import almanac.core.pot.Fit;
import almanac.core.pot.Room;
import almanac.core.pot.Seat;
import almanac.core.pot.Suits;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A plant in one pot. */
public record SeatView(
    PotEntry pot,
    @Schema(nullable = true, description = "What it is in the stock; null if it is not of it")
        @Nullable UUID item,
    @Schema(nullable = true, description = "How many of these pots there are")
        @Nullable Integer left,
    Fit fit,
    @Schema(description = "How well the pot goes with the kind") Suits suits,
    SeatRoom room,
    @Schema(description = "Whether the plant is moved at all, and not set in the middle")
        boolean shifted,
    @Schema(description = "How far it is moved from where it stands, mm") double shiftMm,
    @Schema(description = "Towards which hour of the clock, 1 to 12") int shiftHour,
    @Schema(description = "What speaks for or against it, each as a sentence")
        List<List<Part>> because) {

  /** For how long a pot has room. */
  public record SeatRoom(
      boolean fits,
      @Schema(nullable = true, description = "Null where it is for as long as anybody plans")
          @Nullable Double years,
      @Schema(nullable = true, description = "About when the rim is reached")
          @Nullable LocalDate until,
      @Schema(description = "mm from the pot's middle of today towards 3 o'clock") double middleX,
      @Schema(description = "mm from the pot's middle of today towards 12 o'clock")
          double middleY) {
    static SeatRoom of(Room room, LocalDate today) {
      var until = room.until(today);
      return new SeatRoom(
          room.fits(),
          until.isPresent() ? room.years() : null,
          until.orElse(null),
          room.middle().x(),
          room.middle().y());
    }
  }

  static SeatView of(Seat seat, @Nullable UUID item, @Nullable Integer left, LocalDate today) {
    return new SeatView(
        PotEntry.of(seat.pot()),
        item,
        left,
        seat.fit(),
        seat.suits(),
        SeatRoom.of(seat.room(), today),
        seat.shifted(),
        seat.shiftMm(),
        seat.shift().hour(),
        seat.because().stream().map(Part::of).toList());
  }
}

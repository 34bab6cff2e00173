package almanac.app.errands.instruments;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.collection.Plants;
import almanac.app.record.site.Settings;
import almanac.app.record.site.Today;
import almanac.core.potting.DryingOut;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/instruments")
class InstrumentsController {
  private static final int LONGEST_SECONDS = 3600;

  private final PhPen pen;
  private final SensorLog sensor;
  private final KitchenScale scale;
  private final StandIns standIns;
  private final Settings settings;
  private final Plants plants;
  private final Today today;

  InstrumentsController(
      PhPen pen,
      SensorLog sensor,
      KitchenScale scale,
      StandIns standIns,
      Settings settings,
      Plants plants,
      Today today) {
    this.pen = pen;
    this.sensor = sensor;
    this.scale = scale;
    this.standIns = standIns;
    this.settings = settings;
    this.plants = plants;
    this.today = today;
  }

  /** How the stand-ins behave. */
  record Instruments(
      @NotNull(message = "Say how the pen behaves.") Condition pen,
      @NotNull(message = "Say how the sensor behaves.") Condition sensor,
      @NotNull(message = "Say how the scale behaves.") Condition scale) {}

  /** Which water the pen is held into. */
  enum Water {
    PLAIN,
    SOAK
  }

  /** What the pen shows. */
  record PenReading(double ph, boolean settled) {}

  /**
   * What a sensor has said.
   *
   * @param means °C by month, from January to December; null for a month without a reading
   */
  record SensorYear(
      @Schema(description = "Days that were new") int fresh,
      @Schema(description = "Days that are kept") int days,
      List<@Nullable Double> means,
      @Schema(nullable = true) LocalDate last,
      @Schema(nullable = true, description = "Of the last day, percent") Double humidity,
      @Schema(nullable = true, description = "Of the last day") Double lightHours) {}

  /** What the scale showed after watering, and the days until dry. */
  record ScaleDays(List<Double> grams, @Schema(nullable = true) Integer daysToDry) {}

  @GetMapping
  @Operation(summary = "How the stand-in instruments behave")
  Instruments get() {
    return new Instruments(
        standIns.condition(StandIns.PEN),
        standIns.condition(StandIns.SENSOR),
        standIns.condition(StandIns.SCALE));
  }

  @PutMapping
  @Operation(summary = "Chooses how the stand-in instruments behave")
  Instruments choose(@Valid @RequestBody Instruments chosen) {
    settings.setAll(
        Map.of(
            StandIns.PEN, chosen.pen().name(),
            StandIns.SENSOR, chosen.sensor().name(),
            StandIns.SCALE, chosen.scale().name()));
    return chosen;
  }

  @GetMapping("/pen/{plantId}")
  @Operation(summary = "What the pH pen shows after so many seconds in the water")
  PenReading pen(@PathVariable long plantId, @RequestParam Water water, @RequestParam int seconds) {
    if (seconds < 0 || seconds > LONGEST_SECONDS) {
      throw new BadEntry("seconds", "A pen is held into water from 0 to 3600 seconds.");
    }
    long soaks = plants.whole(plantId).history().life().size();
    var reading = pen.read(water == Water.PLAIN ? -1 : plantId * 100 + soaks, seconds);
    return new PenReading(reading.ph(), reading.settled());
  }

  @GetMapping("/sensor/{placeId}")
  @Operation(summary = "What the grow-space sensor of a place has said so far")
  SensorYear sensor(@PathVariable long placeId) {
    return year(placeId, 0);
  }

  @PostMapping("/sensor/{placeId}")
  @Operation(summary = "Fetches what the sensor has kept since it was last asked")
  SensorYear fetch(@PathVariable long placeId) {
    return year(placeId, sensor.fetch(placeId, today.get()));
  }

  private SensorYear year(long placeId, int fresh) {
    var kept = sensor.of(placeId);
    var last = kept.isEmpty() ? null : kept.get(kept.size() - 1);
    return new SensorYear(
        fresh,
        kept.size(),
        SensorLog.means(kept),
        last == null ? null : last.on(),
        last == null ? null : Math.rint(last.day().humidity()),
        last == null ? null : Math.rint(last.day().lightHours() * 10) / 10);
  }

  @GetMapping("/scale/{plantId}")
  @Operation(summary = "Weights after watering and the days until dry, from the kitchen scale")
  ScaleDays scale(@PathVariable long plantId) {
    var grams = scale.afterWatering(plants.one(plantId).id());
    var days = DryingOut.days(grams);
    return new ScaleDays(grams, days.isPresent() ? days.getAsInt() : null);
  }
}

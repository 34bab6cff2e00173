package almanac.app.record.site;

import almanac.core.season.Weeks;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/site")
class SiteController {
  private final Site site;
  private final Today today;
  private final Settings settings;

  SiteController(Site site, Today today, Settings settings) {
    this.site = site;
    this.today = today;
    this.settings = settings;
  }

  /** Where and when we are. */
  record SiteView(
      LocalDate today,
      double latitude,
      boolean placed,
      boolean demo,
      double lightHours,
      List<Week> year,
      UnitsChosen units) {}

  /** In what lengths, temperatures, volumes and days are written. */
  record UnitsChosen(
      @NotNull(message = "Choose mm, cm or inches.") LengthUnit length,
      @NotNull(message = "Choose °C or °F.") WarmthUnit warmth,
      @NotNull(message = "Choose litres or US quarts.") VolumeUnit volume,
      @NotNull(message = "Choose how days are written.") DayWriting days) {}

  /** Lengths. */
  enum LengthUnit {
    MM,
    CM,
    INCH
  }

  /** Temperatures. */
  enum WarmthUnit {
    C,
    F
  }

  /** Volumes: litres and ml, or US quarts and fluid ounces. */
  enum VolumeUnit {
    LITRE,
    US
  }

  /** Days: 16 May, or 2027-05-16 in every language. */
  enum DayWriting {
    WORDS,
    ISO
  }

  /** One week of the year, from a Monday on, and the light in its middle. */
  record Week(LocalDate from, double lightHours) {}

  /** Where the plants stand. */
  record Whereabouts(
      @NotNull(message = "Give the latitude in degrees, north positive.")
          @DecimalMin(value = "-90", message = "A latitude lies between −90 and 90 degrees.")
          @DecimalMax(value = "90", message = "A latitude lies between −90 and 90 degrees.")
          Double latitude) {}

  @GetMapping
  @Operation(summary = "Today, the latitude, and the light of the year by weeks")
  SiteView site() {
    var day = today.get();
    var light = site.light();
    var weeks =
        Weeks.ofTheYear(day).stream()
            .map(from -> new Week(from, light.hoursOn(Weeks.middle(from))))
            .toList();
    return new SiteView(
        day,
        light.latitude(),
        site.placed(),
        settings.get("collection").filter("demo"::equals).isPresent(),
        light.hoursOn(day),
        weeks,
        units());
  }

  @PutMapping
  @Operation(summary = "Says where the plants stand")
  SiteView moveTo(@Valid @RequestBody Whereabouts place) {
    site.moveTo(place.latitude());
    return site();
  }

  @PutMapping("/units")
  @Operation(summary = "Chooses in what lengths, temperatures, volumes and days are written")
  SiteView write(@Valid @RequestBody UnitsChosen chosen) {
    settings.setAll(
        Map.of(
            "units.length", chosen.length().name(),
            "units.warmth", chosen.warmth().name(),
            "units.volume", chosen.volume().name(),
            "units.days", chosen.days().name()));
    return site();
  }

  private UnitsChosen units() {
    return new UnitsChosen(
        settings.get("units.length").map(LengthUnit::valueOf).orElse(LengthUnit.MM),
        settings.get("units.warmth").map(WarmthUnit::valueOf).orElse(WarmthUnit.C),
        settings.get("units.volume").map(VolumeUnit::valueOf).orElse(VolumeUnit.LITRE),
        settings.get("units.days").map(DayWriting::valueOf).orElse(DayWriting.WORDS));
  }
}

package almanac.app.record.places;

import almanac.app.record.rules.Rules;
import almanac.app.record.site.Site;
import almanac.core.history.Approach;
import almanac.core.refusals.Longest;
import almanac.core.season.UsualYear;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/places")
class PlacesController {
  private final Places places;
  private final Site site;
  private final Rules rules;

  PlacesController(Places places, Site site, Rules rules) {
    this.places = places;
    this.site = site;
    this.rules = rules;
  }

  /** A place as somebody enters it. */
  record PlaceEntry(
      @NotBlank(message = "Give the place a name.")
          @Size(max = Longest.SHORT_NAME, message = "A place's name has at most {max} characters.")
          String name,
      @Schema(nullable = true, description = "Another place unless given") PlaceKind kind,
      @Schema(nullable = true, description = "Hours a day that lamps are on")
          @DecimalMin(value = "0", message = "Lamps are on from 0 to 24 hours a day.")
          @DecimalMax(value = "24", message = "Lamps are on from 0 to 24 hours a day.")
          Double lampHours,
      @Schema(nullable = true, description = "Means from January to December, °C")
          @Size(min = 12, max = 12, message = "Give a mean for each of the twelve months.")
          List<@NotNull(message = "Give a mean for each of the twelve months.") Double> means,
      @Schema(nullable = true) Approach approach) {

    /** Temperatures no place has are refused before anything is kept. */
    Places.Wanted wanted() {
      if (means != null) {
        Place.temperatures(means);
      }
      return new Places.Wanted(
          name.strip(), kind == null ? PlaceKind.OTHER : kind, lampHours, means, approach);
    }
  }

  /** The order of the walk. */
  record Walk(
      @NotNull(message = "Name every place once, in the order of the walk.")
          List<@NotNull(message = "Name every place once, in the order of the walk.") Long>
              places) {}

  @GetMapping
  @Operation(summary = "All places")
  List<Place> all() {
    return places.all();
  }

  /** Mean temperatures of a year. */
  record Year(@Schema(description = "From January to December, °C") List<Double> means) {}

  @GetMapping("/usual-year")
  @Operation(summary = "Mean temperatures between those of January and July; nothing is saved")
  Year usualYear(
      @Parameter(description = "°C; the usual ones of the season there unless given")
          @RequestParam(required = false)
          @Nullable Double january,
      @RequestParam(required = false) @Nullable Double july) {
    return new Year(
        UsualYear.at(site.light(), told(january), told(july), rules.figures()).byMonth());
  }

  private static OptionalDouble told(@Nullable Double degrees) {
    return degrees == null ? OptionalDouble.empty() : OptionalDouble.of(degrees);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Adds a place")
  Place add(@Valid @RequestBody PlaceEntry entry) {
    return places.add(entry.wanted());
  }

  @PutMapping("/{id}")
  @Operation(summary = "Changes a place; its plants are judged by the new conditions at once")
  Place change(@PathVariable long id, @Valid @RequestBody PlaceEntry entry) {
    return places.change(id, entry.wanted());
  }

  @PutMapping
  @Operation(summary = "Puts the places in the order in which they are walked along")
  List<Place> walk(@Valid @RequestBody Walk walk) {
    return places.walk(walk.places());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Removes a place without plants")
  void remove(@PathVariable long id) {
    places.remove(id);
  }
}

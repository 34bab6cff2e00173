package almanac.app.errands.whatif;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Paths;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.TraitsEntry;
import almanac.app.record.places.Place;
import almanac.core.figures.Figures;
import almanac.core.history.Aim;
import almanac.core.history.Answerable;
import almanac.core.history.Approach;
import almanac.core.history.Arrival;
import almanac.core.history.Event;
import almanac.core.history.Happening;
import almanac.core.history.PlantHistory;
import almanac.core.history.Potting;
import almanac.core.inspection.LookSpot;
import almanac.core.judgement.evidence.Situation;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Longest;
import almanac.core.refusals.PastDay;
import almanac.core.refusals.Refused;
import almanac.core.season.Conditions;
import almanac.core.season.LightYear;
import almanac.core.words.Measure;
import com.fasterxml.jackson.annotation.JsonAlias;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** One plant on one day, told in full. */
public record OpenSituation(
    @Schema(nullable = true, description = "Comes back with the answer")
        @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
        @Nullable String name,
    @Schema(description = "The key or the name of a kind, as in GET /api/kinds")
        @JsonAlias("profile")
        @NotBlank(message = "Name the kind.")
        String kind,
    @Schema(nullable = true, description = "The day to judge on; today unless given")
        @Nullable LocalDate on,
    @NotNull(message = "Say what it stands in.") @Valid Pot pot,
    @Schema(description = "What was seen, day by day; may be empty")
        @NotNull(message = "Give the looks; there may be none.")
        @Size(max = 200, message = "At most 200 days of looks.")
        List<@Valid @NotNull(message = "A day cannot be empty.") DayOfLooks> looks,
    @Schema(nullable = true) @Valid @Nullable Surroundings place,
    @Schema(nullable = true, description = "The day it came into the collection")
        @Nullable LocalDate arrivedOn,
    @Schema(nullable = true, description = "Whether it came without live roots")
        @Nullable Boolean cameRootless,
    @Schema(nullable = true) @Nullable Aim aim,
    @Schema(nullable = true, description = "House rules unless given") @Nullable Approach approach,
    @Schema(nullable = true) @Nullable TraitsEntry deviation,
    @Schema(nullable = true, description = "Figures of the rules by their keys")
        @Nullable Map<String, @NotNull(message = "Give a number.") Double> figures) {

  private static final String ONE =
      """
      {
        "name": "Oncidium Slow Barge",
        "kind": "oncidium",
        "on": "2027-05-15",
        "pot": {"pottedOn": "2025-03", "mix": [{"component": "BARK_FINE", "parts": 1}]},
        "looks": [
          {
            "on": "2027-05-13",
            "looks": {
              "newRoots": {"answers": [], "measured": 34},
              "newRoots/B": {"answers": ["NUB"], "measured": null},
              "bloom": {"answers": ["NONE"], "measured": null},
              "rootsInPot": {"answers": ["MIXED"], "measured": null}
            }
          }
        ],
        "place": {"latitude": 56, "lampHours": null, "means": null},
        "approach": "HOUSE_RULES"
      }""";

  static final String EXAMPLE = "{\"situations\": [" + ONE + "]}";
  static final String EXAMPLE_OF_ONE = "{\"situation\": " + ONE + "}";
  public static final String EXAMPLE_WITH_BENCH_DAYS =
      "{\"situations\": ["
          + ONE
          + "], \"benchDays\": [{\"on\": \"2027-05-22\", \"minutes\": 120}]}";

  /** In what lengths and temperatures are told. */
  public enum Units {
    /** mm and °C. */
    METRIC,
    /** Inches and °F. */
    US;

    private static final double MM_AN_INCH = 25.4;

    /** No ruler tells a hundredth of a mm. */
    private static final double HUNDREDTHS = 100;

    private static final double FREEZING_F = 32;
    private static final double F_A_DEGREE = 1.8;

    /** A number as it is kept: mm, days and pH. */
    double kept(double told, Measure measure) {
      return this == US && measure == Measure.MM
          ? Math.round(told * MM_AN_INCH * HUNDREDTHS) / HUNDREDTHS
          : told;
    }

    double celsius(double told) {
      return this == US ? (told - FREEZING_F) / F_A_DEGREE : told;
    }
  }

  /** What it stands in. */
  public record Pot(
      @Schema(description = "A day, a month, a year, or unknown", example = "2026-05")
          @NotBlank(message = "Say when it was potted: a day, a month, a year, or unknown.")
          @Size(max = 40, message = "Say when it was potted: a day, a month, a year, or unknown.")
          String pottedOn,
      @NotEmpty(message = "A mix needs at least one component.")
          List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix,
      @Schema(nullable = true, description = "How wet it is kept; without it, as its kind wants")
          @Nullable Moisture moisture) {}

  /** What was seen on one day. */
  public record DayOfLooks(
      @NotNull(message = "Say on which day you looked.") LocalDate on,
      @Schema(description = "By spot: an item as in GET /api/choices, with /B to /F for more leads")
          @NotNull(message = "Give what was seen.")
          Map<String, @Valid LookEntry> looks) {}

  /** Light and warmth. */
  public record Surroundings(
      @Schema(nullable = true, description = "North positive; the collection's unless given")
          @DecimalMin(value = "-90", message = "A latitude lies between −90 and 90 degrees.")
          @DecimalMax(value = "90", message = "A latitude lies between −90 and 90 degrees.")
          @Nullable Double latitude,
      @Schema(nullable = true, description = "Hours a day that lamps are on")
          @DecimalMin(value = "0", message = "Lamps are on from 0 to 24 hours a day.")
          @DecimalMax(value = "24", message = "Lamps are on from 0 to 24 hours a day.")
          @Nullable Double lampHours,
      @Schema(nullable = true, description = "Means from January to December")
          @Size(min = 12, max = 12, message = "Give a mean for each of the twelve months.")
          @Nullable List<@NotNull(message = "Give a mean for each of the twelve months.") Double>
              means) {}

  public Approach approachOrHouse() {
    return approach == null ? Approach.HOUSE_RULES : approach;
  }

  public double latitude(double ofTheCollection) {
    return place == null || place.latitude() == null ? ofTheCollection : place.latitude();
  }

  /**
   * All that the judgement rests on.
   *
   * @throws Refused naming the field, if something cannot be right
   */
  public Situation situation(
      Kind kind, LightYear light, Units units, LocalDate today, Figures figures) {
    var day = on == null ? today : on;
    if (arrivedOn != null) {
      PastDay.check(Entered.ARRIVED_ON, arrivedOn, day);
    }
    return new Situation(
        day,
        deviation == null ? kind : kind.with(deviation.own("deviation", kind)),
        PlantHistory.of(events(kind, units, day, figures)),
        conditions(light, units),
        arrivedOn == null
            ? Optional.empty()
            : Optional.of(new Arrival(arrivedOn, Boolean.TRUE.equals(cameRootless))),
        aim == null ? Aim.AS_IT_COMES : aim,
        Optional.empty());
  }

  private List<Event> events(Kind kind, Units units, LocalDate day, Figures figures) {
    var events = new ArrayList<Event>();
    var pottedOn = Paths.under("pot", () -> PottedOn.entered(pot.pottedOn(), day));
    events.add(
        new Happening.Potted(
            new Potting(
                pottedOn,
                knownSince(pottedOn, day),
                Paths.under("pot", () -> MixPart.mix(pot.mix())),
                pot.moisture() == null ? kind.of(Trait.MOISTURE) : pot.moisture())));
    for (int i = 0; i < looks.size(); i++) {
      var told = looks.get(i);
      events.add(Paths.under("looks[%d]".formatted(i), () -> seen(told, units, day, figures)));
    }
    return events;
  }

  /** Since when it is certainly in this medium: its arrival, or else the first look. */
  private LocalDate knownSince(PottedOn pottedOn, LocalDate day) {
    if (pottedOn instanceof PottedOn.Between between) {
      return between.middle();
    }
    var first = looks.stream().map(DayOfLooks::on).filter(on -> !on.isAfter(day));
    return arrivedOn == null ? first.min(LocalDate::compareTo).orElse(day) : arrivedOn;
  }

  private Event seen(DayOfLooks told, Units units, LocalDate day, Figures figures) {
    PastDay.check(Entered.ON, told.on(), day);
    if (arrivedOn != null && told.on().isBefore(arrivedOn)) {
      throw new BadEntry("on", "%s lies before it came on %s.".formatted(told.on(), arrivedOn));
    }
    var kept = new LinkedHashMap<String, @Nullable LookEntry>();
    told.looks().forEach((spot, look) -> kept.put(spot, kept(spot, look, units)));
    var seen = LookEntry.inspection(told.on(), kept, figures);
    Answerable.check(seen, MixPart.mix(pot.mix()));
    return new Happening.Inspected(seen);
  }

  private static @Nullable LookEntry kept(String key, @Nullable LookEntry look, Units units) {
    if (look == null || look.measured() == null) {
      return look;
    }
    var measure =
        LookSpot.named(key).flatMap(spot -> spot.item().measurement()).map(each -> each.measure());
    return new LookEntry(
        look.answers(),
        measure.map(each -> units.kept(look.measured(), each)).orElse(look.measured()));
  }

  private Conditions conditions(LightYear light, Units units) {
    if (place == null) {
      return new Conditions(light, OptionalDouble.empty(), Optional.empty());
    }
    return new Conditions(
        light,
        place.lampHours() == null ? OptionalDouble.empty() : OptionalDouble.of(place.lampHours()),
        Optional.ofNullable(place.means())
            .map(
                means ->
                    Paths.under(
                        "place",
                        () -> Place.temperatures(means.stream().map(units::celsius).toList()))));
  }
}

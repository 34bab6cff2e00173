package almanac.app.errands.choices;

import almanac.app.ground.refusals.Paths;
import almanac.app.ground.web.Reckons;
import almanac.app.judged.pages.Part;
import almanac.app.record.entries.MixPart;
import almanac.app.record.rules.Rules;
import almanac.core.holding.Holding;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.OnlyMeasured;
import almanac.core.medium.Lasting;
import almanac.core.medium.Moisture;
import almanac.core.refusals.Refused;
import almanac.core.season.LightYear;
import almanac.core.sums.Conversion;
import almanac.core.sums.Dilution;
import almanac.core.sums.Feed;
import almanac.core.sums.RootReach;
import almanac.core.sums.Substance;
import almanac.core.sums.SumField;
import almanac.core.sums.Use;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SumsController {
  private static final double MOST_MONTHS = 600;

  private final Rules rules;

  SumsController(Rules rules) {
    this.rules = rules;
  }

  /** Something strong that shall be weaker. */
  @Schema(
      example =
          """
          {"what":"PEROXIDE","use":"PLANT","stockPercent":6,"wantedPercent":3,"wantedMl":500}""")
  record DilutionAsked(
      @NotNull(message = "Say what is diluted.") Substance what,
      @NotNull(message = "Say on what it is used.") Use use,
      @Schema(description = "%") double stockPercent,
      @Schema(description = "%") double wantedPercent,
      double wantedMl) {}

  /** Feed for so much water. */
  @Schema(
      example =
          """
          {"perLitre":1,"litres":5,"strength":0.5,"labelPercent":20}""")
  record FeedAsked(
      @Schema(description = "What the label says for a litre, g or ml") double perLitre,
      double litres,
      @Schema(description = "1 full, 0.5 half") double strength,
      @Schema(
              nullable = true,
              description = "How much of it is nitrogen, or whatever is asked for, %")
          Double labelPercent) {}

  /** How much feed, and how strong the water is. */
  record FeedAnswer(
      @Schema(description = "In the unit of perLitre") double dose,
      @Schema(nullable = true, description = "mg a litre") Double ppm) {}

  @Reckons
  @PostMapping("/api/sums/dilution")
  @Operation(summary = "How much of it and how much water; what is unsafe is refused")
  Dilution dilution(@Valid @RequestBody DilutionAsked asked) {
    return Dilution.of(
        asked.what(),
        asked.use(),
        asked.stockPercent(),
        asked.wantedPercent(),
        asked.wantedMl(),
        rules.figures());
  }

  @Reckons
  @PostMapping("/api/sums/feed")
  @Operation(summary = "How much feed goes into so much water, and how strong that is")
  FeedAnswer feed(@Valid @RequestBody FeedAsked asked) {
    double dose = Feed.dose(asked.perLitre(), asked.litres(), asked.strength());
    return new FeedAnswer(
        dose,
        asked.labelPercent() == null
            ? null
            : Feed.ppm(asked.perLitre() * asked.strength(), asked.labelPercent()));
  }

  /** Roots that grow. */
  @Schema(
      example =
          """
          {"nowMm":4,"wantedMm":25,"mmAWeek":7}""")
  record ReachAsked(
      double nowMm,
      double wantedMm,
      @Schema(description = "In warm active growth") double mmAWeek) {}

  /** How long it takes. */
  record ReachAnswer(double days) {}

  @Reckons
  @PostMapping("/api/sums/roots")
  @Operation(summary = "Days until roots will have reached a length, in warm active growth")
  ReachAnswer roots(@Valid @RequestBody ReachAsked asked) {
    return new ReachAnswer(RootReach.days(asked.nowMm(), asked.wantedMm(), asked.mmAWeek()));
  }

  /** A day somewhere. */
  @Schema(
      example =
          """
          {"latitude":56,"on":"2027-06-21"}""")
  record DayAsked(double latitude, @NotNull(message = "Say on which day.") LocalDate on) {}

  /** How long it is light. */
  record DayAnswer(double hours) {}

  @Reckons
  @PostMapping("/api/sums/day-length")
  @Operation(summary = "Hours of light on a day")
  DayAnswer day(@Valid @RequestBody DayAsked asked) {
    return new DayAnswer(LightYear.at(asked.latitude()).hoursOn(asked.on()));
  }

  /** A mix that is in use. */
  @Schema(
      example =
          """
          {"mix":[{"component":"BARK_MEDIUM","parts":1}],"moisture":"DRIES_BETWEEN","months":12,
           "degrees":20}""")
  record UsedAsked(
      @NotNull(message = "Give the mix.")
          @Size(max = 20, message = "A mix has at most 20 components.")
          List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix,
      @NotNull(message = "Say how wet it is kept.") Moisture moisture,
      double months,
      @Schema(description = "°C all the year") double degrees) {}

  /** How much of its life is gone. */
  record UsedAnswer(
      @Schema(nullable = true, description = "%; null if nothing in it decays")
          @Nullable Double percent) {}

  @Reckons
  @PostMapping("/api/sums/used-life")
  @Operation(summary = "How much of a mix's life is used after some months")
  UsedAnswer used(@Valid @RequestBody UsedAsked asked) {
    if (!(asked.months() >= 0 && asked.months() <= MOST_MONTHS)) {
      throw new Refused(SumField.MONTHS, "A mix is in use from 0 to 600 months.");
    }
    var mix = MixPart.mix(asked.mix());
    var used =
        Paths.at(
            "degrees",
            () ->
                Lasting.used(
                    mix, asked.moisture(), asked.months(), asked.degrees(), rules.figures()));
    return new UsedAnswer(used.isPresent() ? used.getAsDouble() : null);
  }

  /** Water before and after a soak. */
  @Schema(
      example =
          """
          {"in":7.0,"out":6.2}""")
  record PhAsked(double in, double out) {}

  /** What the feed is made up to. */
  record PhAnswer(
      double drop,
      @Schema(nullable = true, description = "pH; null if it is fed as usual")
          @Nullable Double feedTo,
      List<Part> advice) {}

  @Reckons
  @PostMapping("/api/sums/ph")
  @Operation(summary = "What the water of a soak says, and what pH the feed is made up to")
  PhAnswer ph(@Valid @RequestBody PhAsked asked) {
    var day = LocalDate.EPOCH;
    var soak =
        Inspection.on(day)
            .with(Items.SOAK_IN, read("in", Items.SOAK_IN, asked.in()))
            .with(Items.SOAK_PH, read("out", Items.SOAK_PH, asked.out()));
    var holding = Holding.of(List.of(soak), day, rules.figures());
    return new PhAnswer(
        asked.in() - asked.out(),
        holding.feedTo().isPresent() ? holding.feedTo().getAsDouble() : null,
        Part.of(holding.advice()));
  }

  private Finding<OnlyMeasured> read(String field, Item<OnlyMeasured> item, double ph) {
    return Paths.at(field, () -> item.found(List.of(), ph, rules.figures()));
  }

  /** A number in other units. */
  @Schema(
      example =
          """
          {"conversion":"MM_INCHES","value":127}""")
  record ConversionAsked(
      @NotNull(message = "Say from which unit to which.") Conversion conversion, double value) {}

  /** The number both ways. */
  record ConversionAnswer(
      @Schema(description = "If it was in the unit of the program") double forth,
      String forthUnit,
      @Schema(description = "If it was in the other one") double back,
      String backUnit) {}

  @Reckons
  @PostMapping("/api/sums/conversions")
  @Operation(summary = "A number in other units, both ways")
  ConversionAnswer convert(@Valid @RequestBody ConversionAsked asked) {
    var conversion = asked.conversion();
    return new ConversionAnswer(
        conversion.forth(asked.value()),
        conversion.theirs(),
        conversion.back(asked.value()),
        conversion.ours());
  }
}

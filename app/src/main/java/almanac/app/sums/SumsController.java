package almanac.app.sums;

import almanac.app.rules.Rules;
import almanac.core.sums.Dilution;
import almanac.core.sums.Feed;
import almanac.core.sums.Substance;
import almanac.core.sums.Use;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SumsController {
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
}

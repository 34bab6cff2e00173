package almanac.app.judged.pages;

import almanac.app.record.entries.MixPart;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.medium.Moisture;
import almanac.core.pot.PotType;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** What it stands in. */
public record PottingView(
    @Schema(description = "A day, a month, a year, or unknown") String pottedOn,
    List<MixPart> mix,
    String mixWords,
    Moisture moisture,
    String moistureWords,
    PotType pot,
    List<Part> potWords,
    @Schema(nullable = true) Double diameterMm,
    @Schema(nullable = true) Double depthMm,
    String topLayer) {

  static PottingView of(Happening.Potted potted, Figures figures) {
    var potting = potted.potting();
    return new PottingView(
        potting.pottedOn().text(),
        MixPart.of(potting.mix()),
        potting.mix().words(),
        potting.moisture(),
        potting.moisture().words(),
        potted.pot().type(),
        Part.of(potted.pot().saidInFull(figures)),
        potted.pot().diameterMm(),
        potted.pot().depthMm(),
        potted.pot().topLayer());
  }
}

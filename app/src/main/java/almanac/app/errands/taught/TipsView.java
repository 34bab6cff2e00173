package almanac.app.errands.taught;

import almanac.core.taught.Chance;
import almanac.core.taught.TipsHere;
import io.swagger.v3.oas.annotations.media.Schema;

/** How many of the new root tips moves broke here, in a hundred. */
record TipsView(
    String words,
    @Schema(description = "At how many moves new tips were counted") int moves,
    @Schema(description = "What was foretold, in the mean of these moves") double assumed,
    @Schema(description = "In nine cases of ten the truth lies over this") double low,
    double likely,
    @Schema(description = "and under this") double high,
    Chance.Against against,
    String says) {
  static TipsView of(TipsHere here) {
    return new TipsView(
        here.words(),
        here.moves(),
        here.foretold(),
        here.low(),
        here.likely(),
        here.high(),
        here.against(),
        here.says());
  }
}

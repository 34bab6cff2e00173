package almanac.app.errands.taught;

import almanac.core.taught.MeanHere;
import io.swagger.v3.oas.annotations.media.Schema;

/** What something comes to here in the mean. */
record MeanView(
    String words,
    @Schema(description = "How many it is the mean of") int counted,
    @Schema(description = "In nine cases of ten the truth lies over this") double low,
    double likely,
    @Schema(description = "and under this") double high,
    @Schema(description = "Whether they are too few to say anything") boolean few) {
  static MeanView of(MeanHere here) {
    return new MeanView(
        here.words(), here.counted(), here.low(), here.likely(), here.high(), here.few());
  }
}

package almanac.app.errands.bench;

import almanac.app.judged.pages.Part;
import almanac.core.figures.Figures;
import almanac.core.tally.Aftermath;
import almanac.core.tally.LossClass;
import almanac.core.tally.RootTally;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What a tally comes to. */
record TallyView(
    @Schema(nullable = true, description = "Null while nothing is counted") LossClass loss,
    @Schema(nullable = true) String lossWords,
    @Schema(nullable = true, description = "Firm roots cut or broken ÷ all firm, 0 to 1")
        Double liveLost,
    @Schema(nullable = true, description = "Dead roots ÷ all old roots, 0 to 1") Double dead,
    @Schema(nullable = true, description = "New tips broken ÷ all new tips, 0 to 1")
        Double newTipsLost,
    @Schema(description = "How many live roots it goes on with") int left,
    @Schema(description = "What follows, each as a sentence") List<List<Part>> follows) {

  static TallyView of(RootTally tally, boolean inFlower, Figures figures) {
    var loss = tally.empty() ? null : tally.loss(figures);
    return new TallyView(
        loss,
        loss == null ? null : loss.words(),
        orNull(tally.liveLost()),
        orNull(tally.dead()),
        orNull(tally.newTipsLost()),
        tally.left(),
        Aftermath.of(tally, inFlower, figures).stream().map(Part::of).toList());
  }

  private static @Nullable Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }
}

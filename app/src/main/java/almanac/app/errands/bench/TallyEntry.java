package almanac.app.errands.bench;

import almanac.core.refusals.Refused;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.Map;

/** A tally of roots as it is tapped. */
public record TallyEntry(
    @Schema(description = "How many roots by what became of them, 0 to 999 each")
        @NotNull(message = "Give the counts; there may be none.")
        Map<RootFate, @NotNull(message = "Give a number of roots.") Integer> counts,
    @Schema(description = "Whether a mass of fine roots was judged by thirds") boolean byEye) {
  public static final TallyEntry EMPTY = new TallyEntry(Map.of(), false);

  /**
   * @throws Refused naming the fate whose count cannot be right
   */
  public RootTally tally() {
    return new RootTally(counts, byEye);
  }
}

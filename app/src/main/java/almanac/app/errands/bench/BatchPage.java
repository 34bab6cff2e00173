package almanac.app.errands.bench;

import almanac.app.errands.bench.potting.FillView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Several plants that are worked on in one go. */
public record BatchPage(
    UUID uid,
    LocalDate begunOn,
    List<BatchLine> plants,
    @Schema(description = "How many were told the same as another and have not gone on since")
        int alike,
    @Schema(description = "What to have at hand for all of them") List<String> atHand,
    @Schema(description = "The mixes of those that are not done, with how much of them")
        List<MixOfBatch> mixes,
    @Schema(description = "What runs short") List<DayPlan.Lacking> lacking) {

  /** One of them. */
  public record BatchLine(
      long plantId,
      String name,
      String number,
      @Schema(nullable = true, description = "Null once it is finished or given up")
          @Nullable UUID job,
      @Schema(description = "How it is done, in a sentence; empty once it is") String method,
      @Schema(description = "Steps that are done or passed over") int done,
      int steps,
      boolean tagChecked) {}

  /** One mix for several pots. */
  public record MixOfBatch(String mix, int pots, FillView fill) {}
}

package almanac.app.errands.taught;

import almanac.app.judged.pages.Part;
import almanac.core.history.Outcome;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a year brought. */
record YearReview(
    int year,
    LocalDate today,
    @Schema(description = "The years of which something is known, the newest first")
        List<Integer> years,
    @Schema(description = "The first one first") List<MoveInReview> moves,
    List<MovesCounted> outcomes,
    @Schema(description = "The first one first") List<LossInReview> lost,
    @Schema(description = "Plants seen in flower, from January to December") List<Integer> flowers,
    @Schema(description = "The same of the year before") List<Integer> flowersBefore,
    GrowthsCompared growths,
    @Schema(description = "Plants that came from elsewhere") int received,
    @Schema(description = "Plants that came from others of the collection") int divided,
    @Schema(description = "Plants that went to somebody else") int given,
    @Schema(description = "At the bench") int minutes,
    @Schema(description = "Pots that were filled") int pots,
    @Schema(description = "Of medium, in the pots of which the size is known, ml") double ml,
    @Schema(description = "What was paid for plants that came in that year, each as it was written")
        List<String> prices,
    @Schema(nullable = true) @Nullable MoveInReview best,
    @Schema(nullable = true) @Nullable MoveInReview worst) {

  /** A move, and what came of it. */
  record MoveInReview(
      long plantId,
      String name,
      LocalDate on,
      Outcome outcome,
      List<Part> words,
      @Schema(description = "What its slip said then; empty if it could have none") String slip) {}

  /** How many moves came to what. */
  record MovesCounted(Outcome outcome, String words, int count) {}

  /** A plant that was lost. */
  record LossInReview(
      long plantId,
      String name,
      LocalDate on,
      String because,
      @Schema(description = "What had been found on it or done with it before; may be empty")
          List<Part> before) {}

  /** How many growths came out larger, about equal and smaller than those of the year before. */
  record GrowthsCompared(int larger, int equal, int smaller) {}
}

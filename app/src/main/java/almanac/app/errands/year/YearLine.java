package almanac.app.errands.year;

import almanac.core.year.Phase;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A plant in the year. */
record YearLine(
    long plantId,
    String name,
    String kindName,
    String placeName,
    @Schema(description = "Its turn on a walk through all places") int walk,
    @Schema(nullable = true, description = "When it takes a move next, or may")
        @Nullable LocalDate opens,
    List<YearPhase> phases,
    @Schema(nullable = true, description = "The days its verdict means") @Nullable YearMeant meant,
    @Schema(nullable = true, description = "When it is likely to be moved next")
        @Nullable LocalDate nextMove,
    @Schema(
            nullable = true,
            description =
                "From when its medium is due; today where it is already, absent for inert")
        @Nullable LocalDate due,
    @Schema(nullable = true) @Nullable LocalDate spent,
    List<YearLook> looks,
    @Schema(
            nullable = true,
            description = "From today to the day on which its course is over at the earliest")
        @Nullable YearSpan treated,
    @Schema(nullable = true, description = "The bench day on which its job lies")
        @Nullable LocalDate bench) {

  /**
   * Days on which its roots take a move, on which they do not, that are too dark or cold, or of
   * rest.
   */
  record YearPhase(Phase.Kind kind, LocalDate from, LocalDate until) {}

  /** The days that a verdict means. */
  record YearMeant(LocalDate from, LocalDate likely, LocalDate until, boolean waits) {}

  /** A look that is planned. */
  record YearLook(String title, LocalDate early, LocalDate best, LocalDate late) {}

  YearLine at(int turn, @Nullable LocalDate day) {
    return new YearLine(
        plantId, name, kindName, placeName, turn, opens, phases, meant, nextMove, due, spent, looks,
        treated, day);
  }
}

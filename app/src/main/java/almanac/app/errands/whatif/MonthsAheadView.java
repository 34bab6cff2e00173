package almanac.app.errands.whatif;

import almanac.app.judged.pages.Part;
import almanac.core.judgement.moments.DayAhead;
import almanac.core.judgement.moments.MonthsAhead;
import almanac.core.judgement.moments.Reach;
import almanac.core.judgement.moments.Wait;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The year ahead of a plant, as it is drawn. */
record MonthsAheadView(
    @Schema(description = "Today, and the same day of each week of the year to come")
        List<WeekAhead> weeks,
    @Schema(nullable = true, description = "When it will probably be moved, as its slip says")
        @Nullable MoveAhead nextMove,
    @Schema(description = "From so many points on it is not simply left") double wanted,
    @Schema(description = "The year in a sentence or two") List<List<Part>> words) {

  /** Points from 0 to 100 that may be so many. */
  record PointsAhead(double least, double likely, double most) {
    static PointsAhead of(Reach reach) {
      return new PointsAhead(reach.least(), reach.likely(), reach.most());
    }
  }

  /** When something comes. */
  record MoveAhead(LocalDate earliest, LocalDate likely, LocalDate latest) {
    static MoveAhead of(Wait next) {
      return new MoveAhead(next.earliest(), next.likely(), next.latest());
    }
  }

  /** One day of it. */
  record WeekAhead(
      LocalDate day,
      @Schema(description = "How much the plant wants a move") PointsAhead need,
      @Schema(description = "How well it would take one") PointsAhead readiness,
      @Schema(description = "Whether light and warmth carry what can wait") boolean open) {
    static WeekAhead of(DayAhead day) {
      return new WeekAhead(
          day.day(), PointsAhead.of(day.need()), PointsAhead.of(day.readiness()), day.open());
    }
  }

  static MonthsAheadView of(MonthsAhead ahead) {
    return new MonthsAheadView(
        ahead.weeks().stream().map(WeekAhead::of).toList(),
        ahead.nextMove().map(MoveAhead::of).orElse(null),
        ahead.wanted(),
        ahead.words().stream().map(Part::of).toList());
  }
}

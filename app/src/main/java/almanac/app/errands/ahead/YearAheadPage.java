package almanac.app.errands.ahead;

import almanac.app.judged.pages.Part;
import almanac.app.record.collection.PlantInPlace;
import almanac.core.ahead.Count;
import almanac.core.ahead.MoveAhead;
import almanac.core.ahead.Overflow;
import almanac.core.ahead.PartOfYear;
import almanac.core.ahead.ToBuy;
import almanac.core.judgement.verdict.Verdict;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The coming year of the collection, as it is drawn. */
record YearAheadPage(
    @Schema(description = "Its last day") LocalDate until,
    @Schema(description = "The year in a few sentences") List<List<Part>> words,
    CountAhead jobs,
    CountAhead minutes,
    @Schema(
            nullable = true,
            description = "Minutes of a week after the last bench day that is named")
        @Nullable Integer usualMinutes,
    @Schema(description = "The rest of this month, and the twelve months after it")
        List<PartAhead> months,
    @Schema(description = "From the Monday of this week on") List<PartAhead> weeks,
    @Schema(description = "The plants that are probably moved, by their likely day")
        List<MoveForeseen> moves,
    @Schema(description = "Who could go in another week without harm, where one overflows")
        List<MoveOtherwise> otherwise,
    @Schema(description = "What has to be bought, what is needed first first")
        List<WareToBuy> shopping) {

  /** A number that is not known: nine years of ten lie in its range. */
  record CountAhead(
      double least, @Schema(description = "On average") double expected, double most) {
    static CountAhead of(Count count) {
      return new CountAhead(count.least(), count.expected(), count.most());
    }
  }

  /** How many moves of a sort are to be expected. */
  record SortAhead(Verdict verdict, double expected) {}

  /** How likely a plant is moved in it, 0 to 1. */
  record ChanceAhead(long plantId, double chance) {}

  /** How much time there is. */
  record RoomAhead(
      int minutes,
      @Schema(description = "How likely something is left undone, 0 to 1") double chance,
      boolean overflows) {
    static RoomAhead of(Overflow.Room room) {
      return new RoomAhead(room.minutes(), room.chance(), room.overflows());
    }
  }

  /** A month or a week. */
  record PartAhead(
      LocalDate from,
      CountAhead jobs,
      CountAhead minutes,
      @Schema(description = "The gravest first") List<SortAhead> sorts,
      @Schema(description = "The likeliest first") List<ChanceAhead> plants,
      @Schema(description = "Looks that are due in it by now") int looks,
      @Schema(nullable = true, description = "Of weeks, where somebody said when there is time")
          @Nullable RoomAhead room) {
    static PartAhead of(PartOfYear part, int looks, @Nullable RoomAhead room) {
      return new PartAhead(
          part.from(),
          CountAhead.of(part.jobs()),
          CountAhead.of(part.minutes()),
          part.byVerdict().entrySet().stream()
              .sorted(Comparator.comparingInt(each -> each.getKey().turn()))
              .map(each -> new SortAhead(each.getKey(), each.getValue()))
              .toList(),
          part.plants().entrySet().stream()
              .map(each -> new ChanceAhead(Long.parseLong(each.getKey()), each.getValue()))
              .sorted(
                  Comparator.comparingDouble(ChanceAhead::chance)
                      .reversed()
                      .thenComparingLong(ChanceAhead::plantId))
              .toList(),
          looks,
          room);
    }
  }

  /** A plant that is probably moved. */
  record MoveForeseen(
      long plantId,
      String name,
      String kindName,
      String placeName,
      Verdict verdict,
      LocalDate earliest,
      LocalDate likely,
      LocalDate latest,
      int minutes,
      @Schema(description = "How likely it is within the year, 0 to 1") double chance) {
    static MoveForeseen of(MoveAhead move, PlantInPlace plant, Map<String, Double> chances) {
      return new MoveForeseen(
          plant.id(),
          plant.called(),
          plant.kind().name(),
          plant.place().name(),
          move.verdict(),
          move.coming().earliest(),
          move.coming().likely(),
          move.coming().latest(),
          move.minutes(),
          chances.getOrDefault(move.plant(), 0.0));
    }
  }

  /** A move that could be made in a later week. */
  record MoveOtherwise(
      long plantId,
      @Schema(description = "Monday of the week in which it will probably come") LocalDate from,
      @Schema(description = "Monday of one that has room for it") LocalDate instead) {
    static MoveOtherwise of(Overflow.Otherwise each) {
      return new MoveOtherwise(Long.parseLong(each.plant()), each.monday(), each.instead());
    }
  }

  /** Something to be bought. */
  record WareToBuy(
      List<Part> what, @Schema(description = "When the first of it must be there") LocalDate by) {
    static WareToBuy of(ToBuy each) {
      return new WareToBuy(Part.of(each.ware().words(each.amount())), each.by());
    }
  }
}

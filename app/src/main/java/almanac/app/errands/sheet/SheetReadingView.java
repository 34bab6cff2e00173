package almanac.app.errands.sheet;

import almanac.core.history.PlantStatus;
import almanac.core.sheet.DayOrder;
import almanac.core.sheet.Remark;
import almanac.core.sheet.RowTold;
import almanac.core.sheet.SheetReading;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a sheet says, as it is understood so far. */
record SheetReadingView(
    @Schema(description = "How many plants can be brought in") int plants,
    @Schema(description = "As each row is understood, in their order") List<ToldView> first,
    @Schema(description = "How many cells cannot be right") int faulty,
    @Schema(description = "The first of them; nothing is brought in while there is one")
        List<RemarkView> faults,
    @Schema(description = "How many cells were taken for what they do not quite say") int doubtful,
    List<RemarkView> doubts,
    List<KindWordsView> kinds,
    List<PlaceWordsView> places,
    DaysView days,
    @Schema(description = "How many pots are measured without a unit") int bareSizes) {
  /** More than anybody corrects by hand; the others follow when these are done. */
  private static final int MOST_REMARKS = 200;

  /** A plant as a row tells of it. */
  record ToldView(
      int row,
      String label,
      String place,
      String pottedOn,
      @Schema(description = "Empty if the list does not say") String mix,
      @Schema(nullable = true) @Nullable Double potMm,
      @Schema(nullable = true) @Nullable LocalDate arrivedOn,
      PlantStatus status,
      String notes) {
    static ToldView of(RowTold told) {
      return new ToldView(
          told.row(),
          told.label(),
          told.place().name(),
          told.potted().pottedOn().text(),
          told.potted().mix().map(mix -> mix.words()).orElse(""),
          told.potted().pot().diameterMm(),
          told.came().arrivedOn().orElse(null),
          told.fate().status(),
          told.notes());
    }
  }

  /** Something to know of a cell. */
  record RemarkView(int row, int column, String text, String why) {
    static List<RemarkView> of(List<Remark> remarks) {
      return remarks.stream()
          .limit(MOST_REMARKS)
          .map(each -> new RemarkView(each.row(), each.column(), each.text(), each.why()))
          .toList();
    }
  }

  /** What stands for a kind. */
  record KindWordsView(
      String words,
      int rows,
      @Schema(nullable = true, description = "The key of the kind; null if nobody knows")
          @Nullable String key,
      @Schema(description = "Whether a kind of these words is made, at first like that one")
          boolean anew,
      boolean sure) {
    static KindWordsView of(SheetReading.KindWords words) {
      var choice = words.choice();
      return new KindWordsView(
          words.words(),
          words.rows(),
          choice == null ? null : choice.key(),
          choice != null && choice.anew(),
          words.sure());
    }
  }

  /** What stands for a place. */
  record PlaceWordsView(
      @Schema(description = "Blank for rows that name none") String words,
      int rows,
      @Schema(nullable = true, description = "Null for one that is made new")
          @Nullable Long placeId,
      String name,
      boolean sure) {
    static PlaceWordsView of(SheetReading.PlaceWords words) {
      return new PlaceWordsView(
          words.words(), words.rows(), words.choice().id(), words.choice().name(), words.sure());
    }
  }

  /** In which order days are written. */
  record DaysView(
      @Schema(description = "How many can be meant in two ways") int either,
      @Schema(description = "Whether the others leave no doubt in which order") boolean proven,
      @Schema(nullable = true, description = "One that can be meant in two ways")
          @Nullable DayExample example) {
    static DaysView of(DayOrder order) {
      return new DaysView(
          order.either(),
          order.proven(),
          order
              .example()
              .map(each -> new DayExample(each.written(), each.dayFirst(), each.monthFirst()))
              .orElse(null));
    }
  }

  /** A day as it was written, and what it means in each order. */
  record DayExample(String written, String dayFirst, String monthFirst) {}

  static SheetReadingView of(SheetReading reading) {
    return new SheetReadingView(
        reading.plants().size(),
        reading.plants().stream().map(ToldView::of).toList(),
        reading.faults().size(),
        RemarkView.of(reading.faults()),
        reading.doubts().size(),
        RemarkView.of(reading.doubts()),
        reading.kinds().stream().map(KindWordsView::of).toList(),
        reading.places().stream().map(PlaceWordsView::of).toList(),
        DaysView.of(reading.days()),
        reading.bareSizes());
  }
}

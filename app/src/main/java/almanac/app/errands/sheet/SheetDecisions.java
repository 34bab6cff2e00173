package almanac.app.errands.sheet;

import almanac.core.refusals.Longest;
import almanac.core.sheet.Cell;
import almanac.core.sheet.Decisions;
import almanac.core.sheet.KindChoice;
import almanac.core.sheet.Meaning;
import almanac.core.sheet.PlaceChoice;
import almanac.core.sheet.PotUnit;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** How a sheet is to be understood. */
record SheetDecisions(
    @NotNull(message = "Say what each column is about.")
        @Size(max = 100, message = "There are at most 100 columns.")
        List<@NotNull(message = "Say what this column is about.") Meaning> columns,
    @NotNull(message = "Say whether the day is written before the month.") Boolean dayFirst,
    @NotNull(message = "Say in what pots are measured.") PotUnit potUnit,
    @NotNull @Size(max = 10_000) List<@NotNull @Valid KindSaid> kinds,
    @NotNull @Size(max = 10_000) List<@NotNull @Valid PlaceSaid> places,
    @NotNull @Size(max = 10_000) List<@NotNull @Valid Corrected> corrected,
    @NotNull @Size(max = 10_000) List<@NotNull Integer> leftOut) {

  /** Which kind is meant by the words of a cell. */
  record KindSaid(
      @NotNull @Size(max = 8000) String words,
      @NotBlank(message = "Choose a kind.") String key,
      @Schema(description = "Whether a kind of these words is made, at first like that one")
          @NotNull
          Boolean anew) {}

  /** Which place is meant by the words of a cell. */
  record PlaceSaid(
      @NotNull @Size(max = 8000) String words,
      @Schema(nullable = true, description = "Null for one that is made new")
          @Nullable Long placeId,
      @NotBlank(message = "A place needs a name.")
          @Size(max = Longest.SHORT_NAME, message = "A place's name has at most {max} characters.")
          String name) {}

  /** What is to stand in a cell instead. */
  record Corrected(
      @NotNull Integer row, @NotNull Integer column, @NotNull @Size(max = 8000) String text) {}

  Decisions decisions() {
    Map<String, KindChoice> byKind = new HashMap<>();
    kinds.forEach(said -> byKind.put(said.words(), new KindChoice(said.key(), said.anew())));
    Map<String, PlaceChoice> byPlace = new HashMap<>();
    places.forEach(
        said -> byPlace.put(said.words(), new PlaceChoice(said.placeId(), said.name().strip())));
    Map<Cell, String> cells = new HashMap<>();
    corrected.forEach(cell -> cells.put(new Cell(cell.row(), cell.column()), cell.text()));
    return new Decisions(columns, dayFirst, potUnit, byKind, byPlace, cells, Set.copyOf(leftOut));
  }
}

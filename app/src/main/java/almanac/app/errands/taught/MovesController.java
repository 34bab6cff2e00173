package almanac.app.errands.taught;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.journal.NewAct;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.history.Happening;
import almanac.core.history.Outcome;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MovesController {
  private final Plants plants;
  private final Remembered remembered;
  private final Keeping keeping;
  private final Pages pages;
  private final Rules rules;
  private final Today today;

  MovesController(
      Plants plants,
      Remembered remembered,
      Keeping keeping,
      Pages pages,
      Rules rules,
      Today today) {
    this.plants = plants;
    this.remembered = remembered;
    this.keeping = keeping;
    this.pages = pages;
    this.rules = rules;
    this.today = today;
  }

  /** What somebody may say came of a move. */
  record OutcomeChoice(Outcome outcome, String words) {}

  /** The moves of a plant. */
  record MovesOfPlant(
      @Schema(description = "The newest first") List<MoveView> moves,
      @Schema(description = "What may be said of one, if it was otherwise")
          List<OutcomeChoice> choices) {}

  /** What somebody says came of a move. */
  @Schema(example = "{\"outcome\": \"SET_BACK\"}")
  record OutcomeTold(
      @Schema(nullable = true, description = "Null to have it worked out again")
          @Nullable Outcome outcome) {}

  @GetMapping("/api/plants/{id}/moves")
  @Operation(summary = "The moves that were made of a plant here, and what came of each")
  MovesOfPlant of(@PathVariable long id) {
    var records = remembered.of(plants.one(id)).moves();
    var day = today.get();
    var figures = rules.figures();
    var moves =
        records.stream()
            .map(each -> MoveView.of(each.move(), each.afterwards(day, figures), figures))
            .sorted((one, other) -> other.on().compareTo(one.on()))
            .toList();
    var choices =
        Arrays.stream(Outcome.values())
            .filter(Outcome::said)
            .map(each -> new OutcomeChoice(each, each.words()))
            .toList();
    return new MovesOfPlant(moves, choices);
  }

  @PostMapping("/api/plants/{id}/moves/{on}/outcome")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Says what came of a move, otherwise than it was worked out")
  Saved say(
      @PathVariable long id, @PathVariable LocalDate on, @Valid @RequestBody OutcomeTold told) {
    if (remembered.of(plants.one(id)).moves().stream()
        .noneMatch(each -> each.move().on().equals(on))) {
      throw new NotFound("It was not moved on %s.".formatted(on));
    }
    if (told.outcome() != null && !told.outcome().said()) {
      throw new BadEntry(
          "outcome",
          "Say how it went: re-established, slow, set back, lost, or left the count; the others"
              + " follow from the calendar.");
    }
    return pages.saved(
        keeping.write(
            NewAct.of(today.get(), id, new Happening.OutcomeSaid(on, told.outcome())),
            today.get()));
  }
}

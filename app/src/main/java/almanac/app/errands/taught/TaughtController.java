package almanac.app.errands.taught;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.history.Outcome;
import almanac.core.taught.Lessons;
import almanac.core.taught.MoveRecord;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TaughtController {
  private final Plants plants;
  private final Remembered remembered;
  private final Learned learned;
  private final Rules rules;
  private final Today today;

  TaughtController(
      Plants plants, Remembered remembered, Learned learned, Rules rules, Today today) {
    this.plants = plants;
    this.remembered = remembered;
    this.learned = learned;
    this.rules = rules;
    this.today = today;
  }

  /** A figure that is taken over from the record, or given back. */
  @Schema(example = "{\"figure\": \"medium.life.bark-fine\", \"value\": 13}")
  record FigureTaken(
      @NotBlank(message = "Name the figure.") String figure,
      @Schema(nullable = true, description = "What is proposed; null gives the figure back")
          @Nullable Double value) {}

  @GetMapping("/api/taught")
  @Operation(
      summary = "What the collection taught: its moves by what came of them, its media by pieces")
  TaughtPage page() {
    var everybody = plants.everybody();
    var past = remembered.all(everybody);
    var lessons =
        Lessons.of(
            past.stream().flatMap(each -> each.moves().stream()).toList(),
            past.stream().flatMap(each -> each.pots().stream()).toList(),
            today.get(),
            rules.figures());
    var own = rules.own();
    var taken = learned.figures();
    return new TaughtPage(
        lessons.counted().values().stream().mapToInt(Integer::intValue).sum(),
        past.stream()
            .flatMap(each -> each.moves().stream())
            .map(each -> each.move().on())
            .min(Comparator.naturalOrder())
            .orElse(null),
        TaughtPage.counted(lessons),
        lessons.answers().stream().map(TaughtPage.QuestionView::of).toList(),
        TaughtPage.HalfBy.of(lessons.tips()),
        TaughtPage.HalfBy.of(lessons.holds()),
        lessons.lives().stream().map(life -> TaughtPage.LifeView.of(life, own, taken)).toList(),
        unseen(everybody, past));
  }

  @PutMapping("/api/taught/figures")
  @Operation(summary = "Takes a figure over from the record, or gives it back")
  TaughtPage take(@Valid @RequestBody FigureTaken taken) {
    if (page().lives().stream().noneMatch(life -> life.figure().equals(taken.figure()))) {
      throw new BadEntry("figure", "The record says nothing of this figure.");
    }
    learned.take(taken.figure(), taken.value());
    return page();
  }

  private List<TaughtPage.Unseen> unseen(List<PlantInPlace> everybody, List<Remembered.Past> past) {
    var unseen = new ArrayList<TaughtPage.Unseen>();
    for (int i = 0; i < everybody.size(); i++) {
      var plant = everybody.get(i);
      for (var move : past.get(i).moves()) {
        if (nobodyLooked(move)) {
          unseen.add(new TaughtPage.Unseen(plant.id(), plant.called(), move.move().on()));
        }
      }
    }
    unseen.sort(Comparator.comparing(TaughtPage.Unseen::on).reversed());
    return unseen;
  }

  private boolean nobodyLooked(MoveRecord move) {
    return move.afterwards(today.get(), rules.figures()).outcome() == Outcome.NOBODY_LOOKED;
  }
}

package almanac.app.errands.taught;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.rules.Rules;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TaughtController {
  private final Taught taught;
  private final Learned learned;
  private final Rules rules;

  TaughtController(Taught taught, Learned learned, Rules rules) {
    this.taught = taught;
    this.learned = learned;
    this.rules = rules;
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
    return TaughtPage.of(taught.now(), rules.own(), learned.figures());
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
}

package almanac.app.errands.taught;

import almanac.app.judged.pages.Part;
import almanac.core.figures.Figures;
import almanac.core.history.Outcome;
import almanac.core.taught.Afterwards;
import almanac.core.taught.MoveMade;
import almanac.core.taught.Sign;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A move, and what came of it. */
record MoveView(
    LocalDate on,
    MoveMade.Sort sort,
    Outcome outcome,
    String outcomeWords,
    @Schema(description = "All of it in a sentence") List<Part> words,
    @Schema(description = "Whether somebody said otherwise than was worked out") boolean said,
    @Schema(nullable = true, description = "When new root tips came") @Nullable Came tips,
    @Schema(nullable = true, description = "When it had taken hold") @Nullable Came holds,
    @Schema(description = "What that rests on, the oldest first") List<Saw> restsOn,
    @Schema(description = "How it was when it was moved, a line each") List<Then> then) {

  /** When something came that nobody watched. */
  record Came(
      @Schema(description = "The last day on which it was not yet so") LocalDate after,
      @Schema(description = "The first on which it was") LocalDate by) {
    static @Nullable Came of(Afterwards.@Nullable Since since) {
      return since == null ? null : new Came(since.after(), since.by());
    }
  }

  /** What was seen on a day. */
  record Saw(LocalDate on, List<Part> words) {
    static Saw of(Sign sign) {
      return new Saw(sign.on(), Part.of(sign.words()));
    }
  }

  /** One thing of how it was. */
  record Then(String what, List<Part> words) {}

  static MoveView of(MoveMade move, Afterwards afterwards, Figures figures) {
    return new MoveView(
        move.on(),
        move.sort(),
        afterwards.outcome(),
        afterwards.outcome().words(),
        Part.of(afterwards.words(move)),
        afterwards.said(),
        Came.of(afterwards.tips().orElse(null)),
        Came.of(afterwards.holds().orElse(null)),
        afterwards.restsOn().stream().map(Saw::of).toList(),
        move.then(figures).stream()
            .map(each -> new Then(each.what(), Part.of(each.words())))
            .toList());
  }
}

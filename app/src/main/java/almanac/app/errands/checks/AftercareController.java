package almanac.app.errands.checks;

import almanac.app.errands.bench.TallyEntry;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.web.Reckons;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.rules.Rules;
import almanac.core.checks.Aftercare;
import almanac.core.checks.Check;
import almanac.core.checks.Move;
import almanac.core.checks.Purpose;
import almanac.core.judgement.verdict.Verdict;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Which looks a move asks for in its year. */
@RestController
class AftercareController {
  private static final Set<Verdict> MOVES =
      EnumSet.of(
          Verdict.MOVE_UP, Verdict.PART_REPOT, Verdict.FULL_REPOT, Verdict.DIVIDE, Verdict.RESCUE);

  private final Kinds kinds;
  private final Rules rules;

  AftercareController(Kinds kinds, Rules rules) {
    this.kinds = kinds;
    this.rules = rules;
  }

  /** What was done to a plant. */
  @Schema(example = MoveAsked.EXAMPLE)
  record MoveAsked(
      @NotNull(message = "Give the day of the move.") LocalDate on,
      @Schema(description = "The key of a kind, as GET /api/kinds lists them")
          @NotBlank(message = "Say what kind of plant it is.")
          String kind,
      @Schema(
              description = "How it was moved",
              allowableValues = {"MOVE_UP", "PART_REPOT", "FULL_REPOT", "DIVIDE", "RESCUE"})
          @NotNull(message = "Say how it was moved.")
          Verdict method,
      @Schema(description = "Whether a spike, buds or flowers were on") boolean inFlower,
      @Schema(nullable = true, description = "What became of its roots; nobody counted if absent")
          @Valid
          @Nullable TallyEntry tally) {
    static final String EXAMPLE =
        """
        {"on": "2027-05-15", "kind": "oncidium", "method": "DIVIDE", "inFlower": false,
         "tally": {"counts": {"FIRM_KEPT": 4, "SOFT": 11}, "byEye": false}}""";
  }

  /** One look, and the days on which it says something. */
  record LookOfMove(
      Purpose purpose,
      String title,
      String lookFor,
      LocalDate early,
      LocalDate best,
      LocalDate late) {
    static LookOfMove of(Check check) {
      var purpose = check.purpose();
      var window = check.window();
      return new LookOfMove(
          purpose,
          purpose.title(),
          purpose.lookFor(),
          window.early(),
          window.best(),
          window.late());
    }
  }

  /** All looks of the year after a move. */
  record LooksOfMove(
      List<LookOfMove> looks,
      @Schema(
              nullable = true,
              description = "It lost so many roots that it is looked at every week until then")
          LocalDate nursedUntil) {}

  @Reckons
  @PostMapping("/api/aftercare")
  @Operation(
      summary = "Which looks a move asks for in its year; nothing is stored",
      description =
          """
          What was done goes in; the looks come out, the first one first, as they are if each comes
          out as hoped. A look that comes out otherwise is made again within weeks.""")
  LooksOfMove of(@Valid @RequestBody MoveAsked asked) {
    if (!MOVES.contains(asked.method())) {
      throw new BadEntry("method", "Name a way to move it: %s.".formatted(MOVES));
    }
    var kind =
        kinds
            .named(asked.kind())
            .orElseThrow(
                () -> new BadEntry("kind", "There is no such kind; GET /api/kinds lists them."));
    var figures = rules.figures();
    var tally = (asked.tally() == null ? TallyEntry.EMPTY : asked.tally()).tally();
    var move =
        Move.of(
            asked.on(),
            asked.inFlower(),
            tally.nursed(figures),
            asked.method() == Verdict.MOVE_UP,
            asked.method() == Verdict.DIVIDE,
            kind.rest());
    return new LooksOfMove(
        Aftercare.of(move, figures).stream().map(LookOfMove::of).toList(),
        Aftercare.nursedUntil(move, figures).orElse(null));
  }
}

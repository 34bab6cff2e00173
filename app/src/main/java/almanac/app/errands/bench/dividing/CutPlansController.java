package almanac.app.errands.bench.dividing;

import almanac.app.errands.bench.dividing.MapEntry.GrowthEntry;
import almanac.app.errands.bench.dividing.MapEntry.JointEntry;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.web.Reckons;
import almanac.app.record.kinds.Kinds;
import almanac.core.bench.Parting;
import almanac.core.history.Aim;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Trait;
import almanac.core.rhizome.CutPlans;
import almanac.core.rhizome.PlanKind;
import almanac.core.rhizome.RhizomeMap;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CutPlansController {
  private final Kinds kinds;

  CutPlansController(Kinds kinds) {
    this.kinds = kinds;
  }

  /** A rhizome as it is drawn, and the kind that says how much a piece needs. */
  @Schema(example = CutPlansExample.TWO_FRONTS)
  record CutsAsked(
      @Schema(description = "The key of a kind, as GET /api/kinds lists them")
          @NotBlank(message = "Say what kind of plant it is.")
          String kind,
      @NotNull(message = "Give the growths.")
          List<@NotNull(message = "A growth cannot be empty.") @Valid GrowthEntry> growths,
      @Schema(description = "One less than growths: all hang together, and nothing goes round")
          @NotNull(message = "Give the joints; one growth has none.")
          List<@NotNull(message = "A joint cannot be empty.") @Valid JointEntry> joints,
      @Schema(
              nullable = true,
              description = "What the collector wants of it; as it comes unless given")
          @Nullable Aim aim,
      @Schema(description = "Joints that somebody means to cut, by their places in the list")
          @NotNull(message = "Give the cuts that are meant; there may be none.")
          List<@NotNull(message = "Give the place of a joint.") Integer> cuts) {

    List<PlanKind> plansFirst() {
      return aim == null ? List.of() : aim.plans();
    }

    RhizomeMap map() {
      return new MapEntry(growths, joints).map();
    }
  }

  /** What a plant may become. */
  record CutsAnswer(
      @Schema(description = "So many firm growths a piece of this kind needs") int least,
      List<PlanView> plans,
      @Schema(description = "What the cuts that are meant would leave; none if none are meant")
          List<PieceView> meant) {}

  @Reckons
  @PostMapping("/api/cut-plans")
  @Operation(
      summary = "Where a rhizome may be cut; nothing is stored",
      description =
          """
          Each piece needs the kind's least number of firm growths, a lead or a live eye, and roots
          of its own. The search is exact. What is rotten is cut out in every plan, with one
          growth beyond it where the plant can spare one. A firm bulb with an eye is a gamble of
          its own; a bare middle is cut out before the fronts are bunched.""")
  CutsAnswer plans(@Valid @RequestBody CutsAsked asked) {
    var kind =
        kinds
            .named(asked.kind())
            .filter(each -> each.of(Trait.HABIT) == Habit.SYMPODIAL)
            .orElseThrow(
                () ->
                    new BadEntry(
                        "kind",
                        "Name a kind that grows along a rhizome; GET /api/kinds lists them."));
    int least = kind.of(Trait.LEAST_GROWTHS);
    var map = asked.map();
    Parting.refuseUnknown("", asked.cuts(), map);
    return new CutsAnswer(
        least,
        CutPlans.of(map, least, asked.plansFirst()).stream()
            .map(plan -> PlanView.of(plan, map))
            .toList(),
        asked.cuts().isEmpty()
            ? List.of()
            : CutPlans.pieces(map, asked.cuts(), least).stream().map(PieceView::of).toList());
  }
}

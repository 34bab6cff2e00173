package almanac.app.dividing;

import almanac.app.kinds.Kinds;
import almanac.app.refusals.BadEntry;
import almanac.app.shown.Part;
import almanac.core.dividing.CutPlan;
import almanac.core.dividing.CutPlans;
import almanac.core.dividing.Firmness;
import almanac.core.dividing.Front;
import almanac.core.dividing.Joint;
import almanac.core.dividing.MapGrowth;
import almanac.core.dividing.Piece;
import almanac.core.dividing.PlanKind;
import almanac.core.dividing.RhizomeMap;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Trait;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
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
      @Schema(description = "Joints that somebody means to cut, by their places in the list")
          @NotNull(message = "Give the cuts that are meant; there may be none.")
          List<@NotNull(message = "Give the place of a joint.") Integer> cuts) {

    RhizomeMap map() {
      return new RhizomeMap(
          growths.stream().map(GrowthEntry::growth).toList(),
          joints.stream().map(JointEntry::joint).toList());
    }
  }

  /** One growth. */
  record GrowthEntry(
      @NotNull(message = "Each growth needs a name of its own.")
          @Size(max = 20, message = "A growth's name has at most 20 characters.")
          String name,
      @NotNull(message = "Say whether it is firm, wrinkled or soft.") Firmness firmness,
      @Schema(description = "Live roots of its own") int roots,
      @Schema(description = "Whether new roots are starting at it") boolean newRoots,
      @NotNull(message = "Say whether it is a lead, has a live eye, or is spent.") Front front) {

    MapGrowth growth() {
      return new MapGrowth(name.strip(), firmness, roots, newRoots, front);
    }
  }

  /** The rhizome between two growths. */
  record JointEntry(
      @NotNull(message = "Say between which growths it lies.") String one,
      @NotNull(message = "Say between which growths it lies.") String other,
      @Schema(description = "Whether it is loose already, or breaks there by itself")
          boolean natural) {

    Joint joint() {
      return new Joint(one.strip(), other.strip(), natural);
    }
  }

  /** What a plant may become. */
  record CutsAnswer(
      @Schema(description = "So many firm growths a piece of this kind needs") int least,
      List<PlanView> plans,
      @Schema(description = "What the cuts that are meant would leave; none if none are meant")
          List<PieceView> meant) {}

  /** One way to cut it. */
  record PlanView(
      PlanKind plan,
      String title,
      @Schema(description = "The joints to cut, as in 3–4") List<String> cuts,
      List<PieceView> pieces,
      List<Part> speaksFor,
      List<Part> risk) {}

  /** One piece of it. */
  record PieceView(
      List<String> growths,
      int firm,
      long leads,
      long eyes,
      int roots,
      boolean newRoots,
      boolean sound,
      boolean rotten,
      @Schema(
              description =
                  "A firm bulb with an eye that may be started by itself, and often fails")
          boolean gamble,
      @Schema(description = "What it is short of, each as part of a sentence")
          List<List<Part>> lacks) {}

  @PostMapping("/api/cut-plans")
  @Operation(
      summary = "Where a rhizome may be cut; nothing is stored",
      description =
          """
          Each piece needs the kind's least number of firm growths, a lead or a live eye, and roots
          of its own. The search is exact. What is rotten is cut out in every plan.""")
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
    for (int i = 0; i < asked.cuts().size(); i++) {
      if (asked.cuts().get(i) < 0 || asked.cuts().get(i) >= map.joints().size()) {
        throw new BadEntry("cuts[%d]".formatted(i), "There is no such joint to cut.");
      }
    }
    return new CutsAnswer(
        least,
        CutPlans.of(map, least).stream().map(CutPlansController::plan).toList(),
        asked.cuts().isEmpty()
            ? List.of()
            : CutPlans.pieces(map, asked.cuts(), least).stream()
                .map(CutPlansController::piece)
                .toList());
  }

  private static PlanView plan(CutPlan plan) {
    return new PlanView(
        plan.kind(),
        plan.kind().title(),
        plan.cuts().stream().map(Joint::name).toList(),
        plan.pieces().stream().map(CutPlansController::piece).toList(),
        Part.of(plan.speaksFor()),
        Part.of(plan.risk()));
  }

  private static PieceView piece(Piece piece) {
    return new PieceView(
        piece.growths().stream().map(MapGrowth::name).toList(),
        piece.firm(),
        piece.leads(),
        piece.eyes(),
        piece.roots(),
        piece.newRoots(),
        piece.sound(),
        piece.rotten(),
        piece.gamble(),
        piece.lacks().stream().map(Part::of).toList());
  }
}

package almanac.app.errands.bench.dividing;

import almanac.app.judged.pages.Part;
import almanac.core.rhizome.CutPlan;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.PlanKind;
import almanac.core.rhizome.RhizomeMap;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** One way to cut a plant. */
public record PlanView(
    PlanKind plan,
    String title,
    @Schema(description = "The joints to cut, as in 3–4") List<String> cuts,
    @Schema(description = "The same joints by their places in the list") List<Integer> places,
    List<PieceView> pieces,
    List<Part> speaksFor,
    List<Part> risk) {

  /** A plan as it is shown. */
  public static PlanView of(CutPlan plan, RhizomeMap map) {
    return new PlanView(
        plan.kind(),
        plan.kind().title(),
        plan.cuts().stream().map(Joint::name).toList(),
        plan.cuts().stream().map(map.joints()::indexOf).toList(),
        plan.pieces().stream().map(PieceView::of).toList(),
        Part.of(plan.speaksFor()),
        Part.of(plan.risk()));
  }
}

package almanac.core.judgement.evidence;

import almanac.core.figures.Figures;
import almanac.core.history.PlantHistory;
import almanac.core.inspection.Lead;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootLook;
import almanac.core.roots.RootSpeed;
import almanac.core.season.Conditions;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What the measured roots of one plant say of the speed of its kind. Rules: Root stages. */
public final class MeasuredRoots {
  private MeasuredRoots() {}

  /**
   * The speed that all flushes measured in this pot show; nothing where none was measured twice.
   */
  public static Optional<RootSpeed> speed(
      PlantHistory history, Kind kind, Conditions conditions, Figures figures) {
    List<List<RootLook>> leads =
        Arrays.stream(Lead.values())
            .map(lead -> LeadRoots.looks(lead, history))
            .filter(looks -> looks.size() > 1)
            .toList();
    if (leads.isEmpty()) {
      return Optional.empty();
    }
    var pace = conditions.pace(kind.warmth(), figures);
    return RootSpeed.ofKind(kind.of(Trait.ROOT_SPEED), figures).measured(leads, pace, figures);
  }
}

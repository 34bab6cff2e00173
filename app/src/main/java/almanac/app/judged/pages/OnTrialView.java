package almanac.app.judged.pages;

import almanac.core.inspection.Item;
import almanac.core.trials.OnTrial;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** A trial that a plant stands in. */
@Schema(name = "OnTrial")
public record OnTrialView(
    UUID trial,
    String name,
    @Schema(description = "Whether it is tried on this plant, and not held against it")
        boolean tried,
    @Schema(description = "From that day on it may be judged") LocalDate judgeOn,
    @Schema(description = "Items that it wants to be looked at") List<String> looks) {
  /** Some of them, in their order. */
  public static List<OnTrialView> of(List<OnTrial> trials) {
    return trials.stream().map(OnTrialView::of).toList();
  }

  private static OnTrialView of(OnTrial its) {
    var trial = its.trial();
    return new OnTrialView(
        trial.uid(),
        trial.name(),
        its.side() == OnTrial.Side.TRIED,
        trial.judgeOn(),
        trial.looks().stream().map(Item::key).toList());
  }
}

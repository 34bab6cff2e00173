package almanac.app.plants;

import almanac.app.journal.PlantRecord;
import java.util.Comparator;

/** The order in which plants are come to: bench by bench, and along each. */
public final class Walk {
  /** The order itself. */
  public static final Comparator<PlantRecord> ORDER =
      Comparator.comparing((PlantRecord plant) -> plant.bench().walk())
          .thenComparing(plant -> plant.bench().id())
          .thenComparing(plant -> plant.facts().stand())
          .thenComparing(PlantRecord::id);

  private Walk() {}
}

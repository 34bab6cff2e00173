package almanac.app.record.collection;

import java.util.Comparator;

/** The order in which plants are come to: place by place, and along each. */
public final class Walk {
  /** The order itself. */
  public static final Comparator<PlantInPlace> ORDER =
      Comparator.comparing((PlantInPlace plant) -> plant.place().walk())
          .thenComparing(plant -> plant.place().id())
          .thenComparing(plant -> plant.card().stand().position())
          .thenComparing(PlantInPlace::id);

  /** The same on a round, where those that may hand something on are come to last. */
  public static final Comparator<PlantInPlace> ROUND =
      Comparator.comparing((PlantInPlace plant) -> plant.plant().comesLast()).thenComparing(ORDER);

  private Walk() {}
}

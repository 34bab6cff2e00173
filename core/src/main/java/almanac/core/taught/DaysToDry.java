package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Plant;
import almanac.core.inspection.Items;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * In how many days the pot of a plant dried, in the mean of each time of the year in which somebody
 * said so. Rules: What it taught.
 */
public record DaysToDry(Map<Quarter, Double> mean) {
  /**
   * @param whole the plant with all lines of its journal
   */
  public static DaysToDry of(Plant whole) {
    var said = new EnumMap<Quarter, List<Double>>(Quarter.class);
    for (var look : whole.history().life()) {
      OptionalDouble days = look.look(Items.DAYS_TO_DRY).measured();
      days.ifPresent(
          each -> said.computeIfAbsent(Quarter.of(look.on()), of -> new ArrayList<>()).add(each));
    }
    var mean = new EnumMap<Quarter, Double>(Quarter.class);
    said.forEach(
        (quarter, days) ->
            mean.put(
                quarter, days.stream().mapToDouble(Double::doubleValue).average().orElseThrow()));
    return new DaysToDry(mean);
  }

  /** Over some plants, each once in a time of the year; nothing where nobody said so. */
  public static List<MeanHere> here(Collection<DaysToDry> plants, Figures figures) {
    var lines = new ArrayList<MeanHere>();
    for (var quarter : Quarter.values()) {
      var days =
          plants.stream()
              .filter(plant -> plant.mean().containsKey(quarter))
              .map(plant -> plant.mean().get(quarter))
              .toList();
      if (!days.isEmpty()) {
        lines.add(MeanHere.of(quarter.words(), days, figures));
      }
    }
    return lines;
  }
}

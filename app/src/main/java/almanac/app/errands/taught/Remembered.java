package almanac.app.errands.taught;

import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.places.Place;
import almanac.app.record.rules.Rules;
import almanac.core.figures.Figures;
import almanac.core.history.Plant;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.Temperatures;
import almanac.core.taught.MoveRecord;
import almanac.core.taught.MovesMade;
import almanac.core.taught.PotFelt;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The moves of all plants, read from their whole journals once and then as they are written. */
@Component
public class Remembered {
  private final Plants plants;
  private final Rules rules;

  /** By what says something of today in a plant; when that changes, so may its past have. */
  private final Cache<Plant, Past> known = Caffeine.newBuilder().weakKeys().build();

  Remembered(Plants plants, Rules rules) {
    this.plants = plants;
    this.rules = rules;
  }

  /** What is remembered of one plant. */
  public record Past(
      List<MoveRecord> moves, List<PotFelt> pots, Figures figures, Temperatures means) {
    boolean holds(Figures now, Temperatures here) {
      return figures.equals(now) && means.equals(here);
    }
  }

  /** That of one plant. */
  public Past of(PlantInPlace plant) {
    return all(List.of(plant)).get(0);
  }

  /** That of some plants, in their order. */
  public List<Past> all(List<PlantInPlace> some) {
    var figures = rules.figures();
    var past = some.stream().map(plant -> known.getIfPresent(plant.plant())).toList();
    var unread = new ArrayList<PlantInPlace>();
    for (int i = 0; i < some.size(); i++) {
      if (past.get(i) == null || !past.get(i).holds(figures, means(some.get(i), figures))) {
        unread.add(some.get(i));
      }
    }
    read(unread, figures);
    return some.stream()
        .map(plant -> known.get(plant.plant(), gone -> read(plant, figures)))
        .toList();
  }

  private void read(List<PlantInPlace> unread, Figures figures) {
    var byId = unread.stream().collect(Collectors.toMap(PlantInPlace::id, Function.identity()));
    plants.eachWhole(
        byId.keySet(),
        whole -> {
          var plant = byId.get(whole.id());
          known.put(plant.plant(), past(whole, means(plant, figures), figures));
        });
  }

  private Past read(PlantInPlace plant, Figures figures) {
    return past(plants.whole(plant.id()), means(plant, figures), figures);
  }

  private static Past past(Plant whole, Temperatures means, Figures figures) {
    return new Past(
        MovesMade.of(whole, figures), PotFelt.of(whole, means, figures), figures, means);
  }

  private static Temperatures means(PlantInPlace plant, Figures figures) {
    var means = plant.place().means();
    return means == null
        ? Temperatures.steady(figures.of(MediumFigures.LIFE_TEMPERATURE))
        : Place.temperatures(means);
  }
}

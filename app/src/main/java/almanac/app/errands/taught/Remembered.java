package almanac.app.errands.taught;

import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.core.bench.OwnPace;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.history.Plant;
import almanac.core.inspection.Inspection;
import almanac.core.kinds.Kind;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.Temperatures;
import almanac.core.season.Conditions;
import almanac.core.taught.BumpsToNubs;
import almanac.core.taught.DaysToDry;
import almanac.core.taught.Foretold;
import almanac.core.taught.HowLong;
import almanac.core.taught.MoveRecord;
import almanac.core.taught.MovesMade;
import almanac.core.taught.PlantInYear;
import almanac.core.taught.PotFelt;
import almanac.core.taught.SlipThen;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The moves of all plants, read from their whole journals once and then as they are written. */
@Component
public class Remembered {
  private final Plants plants;
  private final Judging judging;

  /** By what says something of today in a plant; when that changes, so may its past have. */
  private final Cache<Plant, Past> known = Caffeine.newBuilder().weakKeys().build();

  Remembered(Plants plants, Judging judging) {
    this.plants = plants;
    this.judging = judging;
  }

  /**
   * What is remembered of one plant.
   *
   * @param looks the days on which somebody looked at it, oldest first
   * @param dried in how many days its pot dried
   * @param flushes how long roots took from bumps to nubs
   * @param took how much longer than usual its jobs took
   * @param years what each year brought, the first one first
   * @param by what it rests on besides the journal
   */
  public record Past(
      List<MoveRecord> moves,
      List<PotFelt> pots,
      List<Foretold> foretold,
      List<LocalDate> looks,
      DaysToDry dried,
      List<HowLong.Between> flushes,
      List<Double> took,
      List<PlantInYear> years,
      By by) {}

  /** What a past rests on besides the journal. */
  private record By(Figures figures, Approach approach, Kind kind, Conditions conditions) {
    Temperatures means() {
      return conditions
          .means()
          .orElseGet(() -> Temperatures.steady(figures.of(MediumFigures.LIFE_TEMPERATURE)));
    }
  }

  /** That of one plant. */
  public Past of(PlantInPlace plant) {
    return all(List.of(plant)).get(0);
  }

  /** That of some plants, in their order. */
  public List<Past> all(List<PlantInPlace> some) {
    var found = new ArrayList<@Nullable Past>();
    var unread = new LinkedHashMap<Long, Integer>();
    for (int i = 0; i < some.size(); i++) {
      var before = known.getIfPresent(some.get(i).plant());
      boolean holds = before != null && before.by().equals(by(some.get(i)));
      found.add(holds ? before : null);
      if (!holds) {
        unread.put(some.get(i).id(), i);
      }
    }
    plants.eachWhole(
        unread.keySet(),
        whole -> {
          int at = unread.get(whole.id());
          var past = past(some.get(at), whole);
          known.put(some.get(at).plant(), past);
          found.set(at, past);
        });
    for (int i = 0; i < found.size(); i++) {
      if (found.get(i) == null) {
        found.set(i, past(some.get(i), plants.whole(some.get(i).id())));
      }
    }
    return found.stream().map(Objects::requireNonNull).toList();
  }

  private By by(PlantInPlace plant) {
    return new By(
        judging.figures(), judging.approach(plant), plant.kind(), judging.conditions(plant));
  }

  private Past past(PlantInPlace plant, Plant whole) {
    var by = by(plant);
    var figures = by.figures();
    return new Past(
        MovesMade.of(whole, (before, day) -> slipThen(plant.as(before), day, figures), figures),
        PotFelt.of(whole, by.means(), figures),
        Foretold.of(
            whole,
            plant.follows(),
            by.conditions().pace(plant.follows().warmth(), figures),
            by.means(),
            figures),
        whole.history().life().stream().map(Inspection::on).distinct().toList(),
        DaysToDry.of(whole),
        BumpsToNubs.of(whole),
        OwnPace.took(whole, figures).toList(),
        PlantInYear.of(whole, figures),
        by);
  }

  private SlipThen slipThen(PlantInPlace then, LocalDate day, Figures figures) {
    return SlipThen.of(judging.situationThen(then, day), judging.judgeThen(then, day), figures);
  }
}

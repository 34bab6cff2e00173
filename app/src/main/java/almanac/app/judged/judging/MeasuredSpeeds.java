package almanac.app.judged.judging;

import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Site;
import almanac.core.figures.Figures;
import almanac.core.judgement.evidence.MeasuredRoots;
import almanac.core.roots.RootSpeed;
import almanac.core.season.LightYear;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;

/**
 * Knows what the measured roots of all plants say of their kinds, worked out once for each moment.
 */
@Component
final class MeasuredSpeeds {
  private record Basis(Figures figures, LightYear light) {}

  private record Known(Basis basis, OwnSpeeds speeds) {}

  private final Plants plants;
  private final Rules rules;
  private final Site site;
  private final WorkedOut<Optional<RootSpeed>> measured = new WorkedOut<>();
  private final AtomicReference<OwnSpeeds> last = new AtomicReference<>(OwnSpeeds.NONE);

  /** Whoever writes sees other plants than those who read meanwhile, and none of them twice. */
  private final Cache<List<PlantInPlace>, Known> known = Caffeine.newBuilder().weakKeys().build();

  MeasuredSpeeds(Plants plants, Rules rules, Site site) {
    this.plants = plants;
    this.rules = rules;
    this.site = site;
  }

  /** As the plants stand now; the same object while nothing of it has changed. */
  OwnSpeeds now() {
    var everybody = plants.everybody();
    var basis = new Basis(rules.figures(), site.light());
    var before = known.getIfPresent(everybody);
    if (before != null && before.basis.equals(basis)) {
      return before.speeds;
    }
    var speeds = of(everybody, basis);
    var same = last.updateAndGet(former -> former.equals(speeds) ? former : speeds);
    known.put(everybody, new Known(basis, same));
    return same;
  }

  private OwnSpeeds of(List<PlantInPlace> everybody, Basis basis) {
    var byKind = new TreeMap<String, Map<Long, RootSpeed>>();
    for (var plant : everybody) {
      measured
          .of(plant, basis, () -> measured(plant, basis))
          .ifPresent(
              speed ->
                  byKind
                      .computeIfAbsent(plant.kind().key(), kind -> new HashMap<>())
                      .put(plant.id(), speed));
    }
    return new OwnSpeeds(byKind);
  }

  private static Optional<RootSpeed> measured(PlantInPlace plant, Basis basis) {
    return MeasuredRoots.speed(
        plant.history(), plant.kind(), plant.place().conditions(basis.light), basis.figures);
  }
}

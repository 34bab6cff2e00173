package almanac.app.errands.whatif;

import almanac.app.errands.whatif.OpenSituation.Units;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Site;
import almanac.core.figures.Figures;
import almanac.core.judgement.evidence.Situation;
import almanac.core.kinds.Kind;
import almanac.core.season.LightYear;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Understands plants that are told in full: their kinds, figures and light. */
@Component
public class ToldPlants {
  private final Kinds kinds;
  private final Rules rules;
  private final Site site;

  ToldPlants(Kinds kinds, Rules rules, Site site) {
    this.kinds = kinds;
    this.rules = rules;
    this.site = site;
  }

  /** By their latitudes; that of the house is known already. */
  public Map<Double, LightYear> lights() {
    var lights = new HashMap<Double, LightYear>();
    lights.put(site.light().latitude(), site.light());
    return lights;
  }

  /** The figures in force, or those that are told. */
  public Figures figures(OpenSituation told) {
    return told.figures() == null ? rules.figures() : rules.tried(Map.copyOf(told.figures()));
  }

  /**
   * @param lights those that are known; what is missing is added
   * @param today the day unless it tells one
   */
  public Situation situation(
      OpenSituation told,
      Units units,
      Map<Double, LightYear> lights,
      LocalDate today,
      Figures figures) {
    var light = lights.computeIfAbsent(told.latitude(site.light().latitude()), LightYear::at);
    return told.situation(kind(told.kind()), light, units, today, figures);
  }

  /** By its key, or else by its name. */
  private Kind kind(String named) {
    return kinds
        .named(named)
        .or(
            () ->
                kinds.all().stream()
                    .filter(each -> each.name().equalsIgnoreCase(named.strip()))
                    .findFirst())
        .orElseThrow(
            () ->
                new BadEntry(
                    "kind", "There is no kind “%s”; GET /api/kinds lists them.".formatted(named)));
  }
}

package almanac.core.history;

import almanac.core.rhizome.PlanKind;
import java.util.List;

/** What the collector wants of one plant. */
public enum Aim {
  AS_IT_COMES("as it comes"),
  GROW_LARGE("grow it large", PlanKind.WHOLE, PlanKind.BUNCHED),
  DIVIDE("divide it", PlanKind.TWO, PlanKind.MANY),
  KEEP_SMALL("keep it small", PlanKind.TWO, PlanKind.BACK_OFF);

  private final String words;
  private final List<PlanKind> plans;

  Aim(String words, PlanKind... plans) {
    this.words = words;
    this.plans = List.of(plans);
  }

  /** The plans of a cut that serve it, the best first. */
  public List<PlanKind> plans() {
    return plans;
  }

  /** As the collector says it. */
  public String words() {
    return words;
  }
}

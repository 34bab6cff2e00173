package almanac.core.judgement.evidence;

import almanac.core.figures.Figures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.kinds.ReadyRule;
import java.util.Comparator;
import java.util.List;

/** Which of several leads decides how well a plant takes a move. Rules: Readiness. */
final class Governing {
  private Governing() {}

  /**
   * A growing tip can be broken: the least ready lead with one decides. Leads without have nothing
   * to lose; where no lead has a growing tip, the readiest of them decides.
   *
   * @param leads at least one
   */
  static LeadRoots of(List<LeadRoots> leads, ReadyRule rule, Figures figures) {
    var known = leads.stream().filter(lead -> lead.stage().isPresent()).toList();
    if (known.isEmpty()) {
      return leads.get(0);
    }
    if (rule == ReadyRule.START_OF_GROWTH) {
      return known.get(0);
    }
    var byBase =
        Comparator.comparingDouble(
            (LeadRoots lead) ->
                figures.of(
                    ReadinessFigures.base(
                        rule, lead.stage().orElseThrow(), lead.lengthMm(), figures)));
    return known.stream()
        .filter(LeadRoots::growing)
        .min(byBase)
        .orElseGet(() -> known.stream().max(byBase).orElseThrow());
  }
}

package almanac.core.year;

import almanac.core.judgement.evidence.Evidence;
import almanac.core.kinds.Rest;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** The days of the coming year on which a plant has stopped for its rest. */
final class Rests {
  private Rests() {}

  static List<Phase> of(Evidence evidence) {
    if (evidence.kind().rest() == Rest.NONE) {
      return List.of();
    }
    var phases = new ArrayList<Phase>();
    var end = evidence.today().plusYears(1);
    LocalDate from = null;
    for (var day = evidence.today(); !day.isAfter(end); day = day.plusDays(1)) {
      boolean stopped = evidence.restOn(day).stopped();
      if (stopped && from == null) {
        from = day;
      }
      if (from != null && (!stopped || day.equals(end))) {
        phases.add(new Phase(Phase.Kind.REST, from, stopped ? day : day.minusDays(1)));
        from = null;
      }
    }
    return phases;
  }
}

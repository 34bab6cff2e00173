package almanac.core.year;

import almanac.core.judgement.evidence.Evidence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The seasons of a year in which light and warmth carry a move, and those in which not. */
final class Shut {
  private Shut() {}

  static Stream<Phase> seasons(Evidence evidence) {
    return all(evidence).stream().filter(phase -> phase.kind() == Phase.Kind.SHUT);
  }

  static Stream<Phase> openSeasons(Evidence evidence) {
    return all(evidence).stream().filter(phase -> phase.kind() == Phase.Kind.OPEN);
  }

  private static List<Phase> all(Evidence evidence) {
    var place = evidence.situation().conditions();
    var warmth = evidence.kind().warmth();
    var figures = evidence.figures();
    var end = evidence.today().plusYears(1);
    var phases = new ArrayList<Phase>();
    LocalDate day = evidence.today();
    boolean open = place.gateOpen(day, warmth, figures);
    while (day.isBefore(end)) {
      var next =
          open
              ? place.gateOpenUntil(day, warmth, figures).map(last -> last.plusDays(1))
              : place.gateOpensFrom(day, warmth, figures);
      var until = next.map(turn -> turn.minusDays(1)).filter(end::isAfter).orElse(end);
      phases.add(new Phase(open ? Phase.Kind.OPEN : Phase.Kind.SHUT, day, until));
      day = until.plusDays(1);
      open = !open;
    }
    return phases;
  }
}

package almanac.core.judgement.moments;

import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.rest.RestFigures;
import java.time.LocalDate;

/** When a kind that rests leafless starts its next growth. Rules: The moments ahead. */
final class NextStart {
  private static final int SHORTEST_DAY = 21;

  private NextStart() {}

  /** A year after the last start that was seen; else so long after the shortest day. */
  static NextRoots of(Evidence evidence) {
    var figures = evidence.figures();
    int spread = figures.count(RestFigures.SPREAD);
    var likely = likely(evidence);
    return new NextRoots(
        WaitCondition.START_OF_GROWTH,
        likely.minusDays(spread),
        likely,
        likely.plusDays(spread),
        0,
        evidence.situation().conditions().pace(evidence.kind().warmth(), figures));
  }

  private static LocalDate likely(Evidence evidence) {
    var growth = evidence.look(Items.GROWTH, Lead.FIRST);
    if (growth.answer().filter(GrowthStage::beginning).isPresent()) {
      return growth.seen().orElseThrow().on().plusYears(1);
    }
    var seen = growth.seen().map(look -> look.on()).orElseGet(evidence::lastKnown);
    var wakes = wakes(seen.getYear() - 1, evidence);
    while (wakes.isBefore(seen)) {
      wakes = wakes.plusYears(1);
    }
    return wakes;
  }

  private static LocalDate wakes(int year, Evidence evidence) {
    int month = evidence.situation().conditions().light().northern() ? 12 : 6;
    return LocalDate.of(year, month, SHORTEST_DAY)
        .plusDays(evidence.figures().count(RestFigures.WAKES_DRY));
  }
}

package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsInPot;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import almanac.core.tally.TallyFigures;
import java.util.Set;

/**
 * Whoever squeezes root after root has looked at them: what a tally says of the roots in the pot
 * and of the new tips, beside what was looked at by itself. Rules: Root tally.
 */
final class SeenInTally {
  private final RootTally tally;
  private final Figures figures;

  SeenInTally(RootTally tally, Figures figures) {
    this.tally = tally;
    this.figures = figures;
  }

  /** What was looked at, and what the tally says where nobody said it. */
  Inspection and(Inspection looked) {
    var seen = looked;
    if (looked.look(Items.ROOTS_IN_POT).seen().isEmpty() && tally.dead().isPresent()) {
      double dead = 100 * tally.dead().getAsDouble();
      var found =
          Items.ROOTS_IN_POT.found(Set.of(roots(dead).name()), (double) Math.round(dead), figures);
      seen = seen.with(Items.ROOTS_IN_POT, found);
    }
    int broken = tally.of(RootFate.NEW_BROKEN);
    int tips = broken + tally.of(RootFate.NEW_KEPT);
    if (tips > 0 && looked.look(Items.TIPS_BROKEN).seen().isEmpty()) {
      seen =
          seen.with(Items.TIPS_BROKEN, Items.TIPS_BROKEN.found(Set.of(), (double) broken, figures))
              .with(Items.TIPS_IN_ALL, Items.TIPS_IN_ALL.found(Set.of(), (double) tips, figures));
    }
    if (broken > 0 && looked.look(Items.BREAKAGE).seen().isEmpty()) {
      var breakage = broken == tips ? Breakage.ALL_TIPS : Breakage.SOME_TIPS;
      seen = seen.with(Items.BREAKAGE, Items.BREAKAGE.saw(breakage));
    }
    return seen;
  }

  private RootsInPot roots(double dead) {
    if (dead > figures.of(TallyFigures.MUCH_DEAD)) {
      return RootsInPot.MOSTLY_SOFT;
    }
    if (tally.of(RootFate.SOFT) > 0) {
      return RootsInPot.MIXED;
    }
    return tally.of(RootFate.HOLLOW) > 0 ? RootsInPot.DRIED_SOME : RootsInPot.FIRM;
  }
}

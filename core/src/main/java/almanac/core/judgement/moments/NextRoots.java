package almanac.core.judgement.moments;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.Look;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.kinds.Habit;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.util.Optional;

/**
 * When the next roots may be expected, or the next growth of a kind that is moved as it starts. It
 * follows from what was last seen, never from today; what has passed unseen comes again with the
 * next growth. Rules: The moments ahead.
 *
 * @param brings what comes
 * @param earliest the first day on which they may show
 * @param likely the day on which they probably do
 * @param latest by then they should
 * @param cycle full weeks of growth from one to the next
 */
record NextRoots(
    WaitCondition brings,
    LocalDate earliest,
    LocalDate likely,
    LocalDate latest,
    double cycle,
    GrowthPace pace) {
  private static final double MOST_GROWTHS = 0.5;

  static NextRoots of(Evidence evidence) {
    var next =
        evidence.rule() == ReadyRule.START_OF_GROWTH
            ? NextStart.of(evidence)
            : new FromLooks(evidence).next();
    while (next.latest.isBefore(evidence.today())) {
      next = next.after();
    }
    return next.likely.isBefore(evidence.today()) ? next.atTheLatest() : next;
  }

  /** Those of the growth after. */
  NextRoots after() {
    return new NextRoots(brings, later(earliest), later(likely), later(latest), cycle, pace);
  }

  /** The same, with none of it before the day. */
  NextRoots notBefore(LocalDate day) {
    return new NextRoots(
        brings,
        notBefore(earliest, day),
        notBefore(likely, day),
        notBefore(latest, day),
        cycle,
        pace);
  }

  private static LocalDate notBefore(LocalDate one, LocalDate day) {
    return one.isBefore(day) ? day : one;
  }

  private LocalDate later(LocalDate day) {
    return cycle > 0 ? pace.after(day, cycle) : day.plusYears(1);
  }

  /** What should be there by now and was not looked for is there at the latest then. */
  private NextRoots atTheLatest() {
    return new NextRoots(brings, earliest, latest, latest, cycle, pace);
  }

  /** What the looks at growth and roots tell of the next ones. */
  private static final class FromLooks {
    private final Evidence evidence;
    private final Figures figures;
    private final GrowthPace pace;
    private final double cycle;
    private final WaitCondition brings;

    FromLooks(Evidence evidence) {
      this.evidence = evidence;
      this.figures = evidence.figures();
      var kind = evidence.kind();
      this.pace = evidence.situation().conditions().pace(kind.warmth(), figures);
      boolean upright = kind.of(Trait.HABIT) == Habit.MONOPODIAL;
      double aYear =
          upright
              ? figures.of(JudgementFigures.TIPS_A_YEAR)
              : Math.max(MOST_GROWTHS, kind.of(Trait.GROWTHS_A_YEAR));
      var today = evidence.today();
      this.cycle = pace.weeks(today, today.plusDays(365)) / aYear;
      this.brings = upright ? WaitCondition.NEW_TIPS : WaitCondition.NEXT_NUBS;
    }

    NextRoots next() {
      if (evidence.forecast().isPresent() && evidence.roots().growing()) {
        var forecast = evidence.forecast().get();
        double grown = Math.max(0, forecast.seenMm()) / forecast.speed().mmAWeek();
        return in(Math.max(0, cycle - grown), forecast.look().on(), MomentFigures.FLUSH_SPREAD);
      }
      var growth = growthSeen();
      if (growth.isPresent()) {
        double left = left(growth.get().answer().orElseThrow());
        return in(left * cycle, growth.get().seen().orElseThrow().on(), MomentFigures.FLUSH_SPREAD);
      }
      return in(cycle / 2, rootsSeen().orElseGet(evidence::lastKnown), MomentFigures.FLUSH_UNSEEN);
    }

    /** How much of a turn is left until that growth, or the one after, makes its roots. */
    private double left(GrowthStage stage) {
      double at = figures.of(MomentFigures.ROOTS_AT) / 100;
      double grown = figures.of(MomentFigures.grown(stage)) / 100;
      return grown < at ? at - grown : 1 - grown + at;
    }

    private Optional<Look<GrowthStage>> growthSeen() {
      var look = evidence.look(Items.GROWTH, evidence.roots().lead());
      return Optional.of(look)
          .filter(each -> each.answer().filter(GrowthStage.NONE::equals).isEmpty())
          .filter(each -> each.answer().isPresent());
    }

    private Optional<LocalDate> rootsSeen() {
      var looks = evidence.roots().looks();
      return looks.isEmpty() ? Optional.empty() : Optional.of(looks.get(looks.size() - 1).on());
    }

    private NextRoots in(double weeks, LocalDate from, Figure spread) {
      double share = figures.of(spread) / 100;
      var likely = pace.after(from, weeks);
      return new NextRoots(
          brings,
          pace.after(from, weeks * (1 - share)),
          likely,
          pace.after(from, weeks * (1 + share)),
          cycle,
          pace);
    }
  }
}

package almanac.core.judgement.moments;

import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.moments.Course.Comes;
import almanac.core.judgement.need.NeedAhead;
import almanac.core.judgement.readiness.Readiness;
import almanac.core.judgement.readiness.Ripeness;
import almanac.core.judgement.reason.Reason;
import almanac.core.kinds.ReadyRule;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The year that lies ahead of a plant, week by week: by the same reckoning as the moments, with
 * what comes between its earliest and its latest. Today is as the slip says. Rules: The moments
 * ahead.
 */
public final class MonthsAhead {
  private static final int WEEKS = 52;

  private final Evidence evidence;
  private final Optional<Wait> nextMove;
  private final NeedAhead need;

  /** What threatens it stays as it is as long as nobody does anything about it. */
  private final double hazards;

  private final LaterBall ball;
  private final Map<Comes, Course> courses = new EnumMap<>(Comes.class);
  private final List<DayAhead> weeks;

  /**
   * @param reasons what speaks for a move today
   * @param points how much the plant wants a move today, hazards and all
   * @param intact whether the ball would stay whole
   * @param nextMove when it will probably be moved, as its slip says; nothing where it will not
   */
  public MonthsAhead(
      Evidence evidence,
      List<Reason> reasons,
      double points,
      boolean intact,
      Optional<Wait> nextMove) {
    this.nextMove = nextMove;
    this.evidence = evidence;
    this.need = new NeedAhead(evidence, reasons);
    this.hazards = points - need.on(evidence.today(), false);
    this.ball = new LaterBall(evidence, intact, need);
    var end = evidence.today().plusWeeks(WEEKS);
    for (var comes : Comes.values()) {
      courses.put(comes, new Course(evidence, end, comes));
    }
    this.weeks =
        IntStream.rangeClosed(0, WEEKS)
            .mapToObj(week -> on(evidence.today().plusWeeks(week)))
            .toList();
  }

  /** Today, and the same day of each week of the year to come. */
  public List<DayAhead> weeks() {
    return weeks;
  }

  /** The year in a sentence or two. */
  public List<Sentence> words() {
    return MonthsSaid.of(weeks, wanted(), nextMove);
  }

  /** When it will probably be moved, as its slip says; nothing where it will not. */
  public Optional<Wait> nextMove() {
    return nextMove;
  }

  /** From so many points on the plant is not simply left. */
  public double wanted() {
    return evidence.figures().of(JudgementFigures.LEAVE_BELOW);
  }

  /** The same for one day of that year. */
  public DayAhead on(LocalDate day) {
    boolean open =
        evidence
            .situation()
            .conditions()
            .gateOpen(day, evidence.kind().warmth(), evidence.figures());
    return new DayAhead(day, need(day), readiness(day), open);
  }

  private Reach need(LocalDate day) {
    boolean starts = starts(Comes.LIKELY, day);
    boolean never = courses.keySet().stream().noneMatch(comes -> starts(comes, day));
    boolean always = courses.keySet().stream().allMatch(comes -> starts(comes, day));
    return Reach.over(
        threatened(need.on(day, starts)),
        List.of(threatened(need.leastOn(day, always)), threatened(need.mostOn(day, !never))));
  }

  private double threatened(double points) {
    return Math.min(evidence.figures().of(NeedFigures.MOST), points + hazards);
  }

  /** Whether a growth has started a short while before, of a kind that is moved as it does. */
  private boolean starts(Comes comes, LocalDate day) {
    int days = evidence.figures().count(JudgementFigures.WINDOW_SOON);
    return evidence.rule() == ReadyRule.START_OF_GROWTH
        && courses.get(comes).began(day).filter(on -> day.isBefore(on.plusDays(days))).isPresent();
  }

  private Reach readiness(LocalDate day) {
    var way = ball.on(day);
    if (!day.isAfter(evidence.today())) {
      Readiness now = way.today();
      return Reach.over(now.least(), List.of(now.most()));
    }
    return Reach.over(
        ready(way, Comes.LIKELY, day),
        List.of(ready(way, Comes.EARLY, day), ready(way, Comes.LATE, day)));
  }

  private double ready(Ripeness way, Comes comes, LocalDate day) {
    return way.leastOf(courses.get(comes).on(day));
  }
}

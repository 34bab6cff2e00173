package almanac.core.judgement.risk;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.RiskFigures;
import almanac.core.kinds.Branching;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.roots.RootForecast;
import almanac.core.roots.RootStage;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a move today would break of the new roots, and how that changes. Rules: What a move breaks.
 *
 * @param today what the method in mind breaks today; nothing while nobody has seen the roots
 * @param words it as growers think of it
 * @param lowered what would lower it, and to how much
 * @param weeks how it changes from week to week, today first
 */
public record MoveRisk(
    Optional<Broken> today, Sentence words, List<Lowered> lowered, List<Week> weeks) {
  private static final int WEEKS_AHEAD = 16;
  private static final double MOSTLY = 0.5;
  private static final double WHOLE = 100;

  /** One way of breaking less. */
  public record Lowered(Sentence by, Broken to) {}

  /** What a move on that day would break. */
  public record Week(LocalDate on, RootStage stage, Broken broken) {}

  /**
   * What a move would break that is done in that way.
   *
   * @param mediumGoes whether the medium has to come off, so that the ball cannot stay whole
   */
  public static MoveRisk of(Evidence evidence, Handling handling, boolean mediumGoes) {
    return new Reckoning(evidence).risk(handling, mediumGoes);
  }

  /** What this way breaks instead of another one; nothing if it is as much. */
  public Optional<Sentence> insteadOf(MoveRisk other) {
    return today
        .filter(is -> other.today().isPresent() && !is.equals(other.today().get()))
        .map(
            is ->
                say(
                    "A move would break {} of its new tips instead of {}",
                    Measure.PERCENT.of(Math.round(is.tips() * WHOLE)),
                    Measure.PERCENT.of(Math.round(other.today().get().tips() * WHOLE))));
  }

  private record Reckoning(Evidence evidence) {

    MoveRisk risk(Handling handling, boolean mediumGoes) {
      if (evidence.stage().isEmpty()) {
        return new MoveRisk(
            Optional.empty(),
            say("How many new root tips a move would break nobody knows until they are seen."),
            List.of(),
            List.of());
      }
      var stage = evidence.stage().get();
      var now = broken(handling, stage);
      var weeks = weeks(handling);
      return new MoveRisk(
          Optional.of(now),
          words(handling, stage, now),
          stage.measurable() ? lowered(handling, stage, now, weeks, mediumGoes) : List.of(),
          weeks);
    }

    Broken broken(Handling handling, RootStage stage) {
      if (!stage.measurable()) {
        return new Broken(0, 0);
      }
      double tips = Math.max(share(RiskFigures.INTACT), opened(handling) + grip(handling));
      tips = Math.min(1, tips * times(stage));
      return new Broken(tips, lostForGood(stage) ? tips : 0);
    }

    private double opened(Handling handling) {
      var mix = evidence.situation().history().potting().mix();
      boolean moss = mix.share(Component.SPHAGNUM_BEST) > MOSTLY;
      return switch (handling.opened()) {
        case WHOLE -> share(RiskFigures.INTACT);
        case ONE_SIDE -> share(RiskFigures.PART);
        case ALL -> mix.inert() || moss ? share(RiskFigures.LOOSE) : share(RiskFigures.BARK);
      };
    }

    /** What holds the roots: the wall, the holes, each other. */
    private double grip(Handling handling) {
      double grip = 0;
      if (clinging()) {
        grip += share(RiskFigures.CLINGING);
        grip -= handling.potCut() ? share(RiskFigures.POT_CUT) : 0;
        grip -= handling.soaked() ? share(RiskFigures.SOAKED) : 0;
      }
      boolean whole = handling.opened() == Handling.Opened.WHOLE;
      return grip + (crowded() && !whole ? share(RiskFigures.CROWDED) : 0);
    }

    private boolean clinging() {
      var crowding = evidence.look(Items.CROWDING);
      return crowding.saw(RootsCrowding.OUT_OF_HOLES) || crowding.saw(RootsCrowding.CLINGING);
    }

    private boolean crowded() {
      var crowding = evidence.look(Items.CROWDING);
      return crowding.saw(RootsCrowding.CROWDED)
          || crowding.saw(RootsCrowding.CIRCLING)
          || evidence.rim().filter(Rim::jammed).isPresent();
    }

    private double times(RootStage stage) {
      return share(
          switch (stage) {
            case NUB -> RiskFigures.NUB_TIMES;
            case LONG -> RiskFigures.LONG_TIMES;
            default -> RiskFigures.SHORT_TIMES;
          });
    }

    private boolean lostForGood(RootStage stage) {
      return stage == RootStage.SHORT
          || stage == RootStage.MID
          || stage == RootStage.LONG && !branches();
    }

    private boolean branches() {
      return evidence.kind().of(Trait.BRANCHING) != Branching.NO;
    }

    private Sentence words(Handling handling, RootStage stage, Broken now) {
      return switch (stage) {
        case SWELLING ->
            say("No tip is out yet to be broken: its roots come out into the fresh medium.");
        case NONE, ANCHORED ->
            handling.opened() == Handling.Opened.WHOLE
                ? say("No new tip is there to break, and whole the old roots stay as they are.")
                : say(
                    "No new tip is there to break, but the old roots that go are not replaced"
                        + " before the next flush.");
        default -> tips(stage, now);
      };
    }

    private Sentence tips(RootStage stage, Broken now) {
      if (now.tips() < share(RiskFigures.HARDLY)) {
        return say("Moved now, hardly one of its new tips would break.");
      }
      var many = say("Moved now, about {} would break", oneOf(now.tips()));
      if (now.lost() == 0) {
        return many.and(
            stage == RootStage.NUB
                ? say("; a nub so short is soon replaced.")
                : say(", and put out side roots."));
      }
      return longAgain()
          .map(day -> many.and(say(" and stop for good; by {} a broken one would branch.", day)))
          .orElseGet(() -> many.and(say(" and stop for good.")));
    }

    /** When a broken root would put out side roots again. */
    private Optional<LocalDate> longAgain() {
      return evidence
          .forecast()
          .filter(forecast -> branches())
          .map(forecast -> forecast.unsafeUntil(figures()).likely())
          .filter(day -> day.isAfter(evidence.today()));
    }

    private List<Lowered> lowered(
        Handling handling, RootStage stage, Broken now, List<Week> weeks, boolean mediumGoes) {
      var lowered = new ArrayList<Lowered>();
      if (clinging()) {
        add(lowered, "Soaked until the roots are supple", handling.afterSoaking(), stage, now);
        add(lowered, "With the pot cut or broken off", handling.withThePotCut(), stage, now);
      }
      if (handling.opened() != Handling.Opened.WHOLE && !mediumGoes) {
        add(lowered, "With the ball whole", handling.whole(), stage, now);
      }
      weeks.stream()
          .filter(week -> week.broken().lost() < now.lost() && carries(week.on()))
          .findFirst()
          .ifPresent(
              week -> lowered.add(new Lowered(say("Left until {}", week.on()), week.broken())));
      return lowered;
    }

    /** Whether the season carries a move on that day. */
    private boolean carries(LocalDate day) {
      return evidence.situation().conditions().gateOpen(day, evidence.kind().warmth(), figures());
    }

    private void add(
        List<Lowered> lowered, String by, Handling handling, RootStage stage, Broken now) {
      var then = broken(handling, stage);
      if (then.tips() < now.tips()) {
        lowered.add(new Lowered(say(by), then));
      }
    }

    private List<Week> weeks(Handling handling) {
      return evidence
          .forecast()
          .filter(forecast -> evidence.roots().growing())
          .map(forecast -> weeks(handling, forecast))
          .orElse(List.of());
    }

    private List<Week> weeks(Handling handling, RootForecast forecast) {
      var weeks = new ArrayList<Week>();
      for (int i = 0; i <= WEEKS_AHEAD; i++) {
        var day = evidence.today().plusWeeks(i);
        var stage = forecast.stageOn(day, figures());
        weeks.add(new Week(day, stage, broken(handling, stage)));
      }
      return weeks;
    }

    private Figures figures() {
      return evidence.figures();
    }

    private double share(Figure figure) {
      return figures().of(figure) / WHOLE;
    }
  }

  /** A share as growers say it: one of six; nobody counts finer than tenths. */
  static String oneOf(double share) {
    long of = Math.round(1 / share);
    if (share > MOSTLY) {
      return "more than half of its new tips";
    }
    return of < NUMBERS.size()
        ? "one of %s new tips".formatted(NUMBERS.get((int) of))
        : of <= A_TENTH ? "a tenth of its new tips" : "a few of its new tips";
  }

  private static final int A_TENTH = 15;
  private static final List<String> NUMBERS =
      List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight");
}

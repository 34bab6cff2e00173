package almanac.core.judgement.figures;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Figures;
import almanac.core.figures.Unit;
import almanac.core.inspection.GrowthStage;
import almanac.core.kinds.ReadyRule;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootStage;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;

/** How well a plant takes a move: a base by ready rule and root stage, and what takes from it. */
public final class ReadinessFigures {
  public static final FigureGroup GROUP = new FigureGroup("readiness", "Readiness");

  private static final Map<ReadyRule, Map<RootStage, Figure>> BASE = new EnumMap<>(ReadyRule.class);

  private static final Map<GrowthStage, Figure> BY_GROWTH = new EnumMap<>(GrowthStage.class);

  static {
    base(ReadyRule.NUB_ONLY, 20, 85, 95, 15, 15, 25, 25);
    base(ReadyRule.NUB_OR_LONG, 25, 85, 95, 15, 20, 75, 30);
    base(ReadyRule.TIPS_GROWING, 40, 85, 95, 80, 80, 80, 60);
    base(ReadyRule.LONG_FIRST, 15, 25, 25, 25, 40, 60, 45);
    base(ReadyRule.ANY_TIME, 55, 90, 95, 50, 50, 65, 60);
    base(ReadyRule.INTACT_ONLY, 15, 55, 60, 15, 15, 25, 20);
    byGrowth("eye", 95, GrowthStage.EYE_SWELLING, GrowthStage.STARTING);
    byGrowth("half-grown", 35, GrowthStage.HALF_GROWN);
    byGrowth("mature", 25, GrowthStage.NEARLY_MATURE, GrowthStage.MATURE);
    byGrowth("resting", 55, GrowthStage.RESTING, GrowthStage.NONE);
  }

  public static final Figure LONG_FIRST_REACHED =
      GROUP.points("long-first.reached", 90, "Roots this long carry a two-leaved cattleya over");
  public static final Figure OUT_OF_SEASON =
      GROUP.points(
          "out-of-season",
          25,
          "With ten hours of light or less it can hardly make roots after the move");
  public static final Figure BUDS = GROUP.points("buds", 25, "Buds drop when roots are disturbed");
  public static final Figure SPIKE_OR_OPEN =
      GROUP.points("spike-or-open", 15, "A spike or flowers take strength from new roots");
  public static final Figure FADING = GROUP.points("fading", 5, "The flowers are nearly over");
  public static final Figure MOVED_LATELY =
      GROUP.points("moved-lately", 35, "It is still making the roots that the last move cost");
  public static final Figure MOVED_LATELY_DAYS =
      GROUP.days("moved-lately-days", 91, "Three months until the roots of a move are anchored");
  public static final Figure MOVED =
      GROUP.points("moved", 20, "A second move within half a year sets it back");
  public static final Figure MOVED_DAYS =
      GROUP.days("moved-days", 183, "Half a year until a medium and a plant know each other");
  public static final Figure INTACT_MOVE =
      GROUP.points("intact-move", 70, "A ball moved whole is barely disturbed");
  public static final Figure FRESH_START_LACK =
      GROUP.figure(
          "fresh-start-lack",
          50,
          Unit.PERCENT,
          0,
          100,
          "Who strips soon takes a poor moment for the smaller evil: lack counts half");
  public static final Figure DEHYDRATED =
      GROUP.points("dehydrated", 15, "A plant without water in it cannot make roots");
  public static final Figure LEAD_SNAPPED =
      GROUP.points(
          "lead-snapped", 60, "Without a lead nothing roots after a move, until an eye swells");
  public static final Figure SNAPPED_FIRST =
      GROUP.days("lead-snapped-first", 30, "After a month an eye may have swollen");
  public static final Figure SNAPPED_AGAIN =
      GROUP.days("lead-snapped-again", 60, "After two it has, or it is asleep");
  public static final Figure ROOTLESS =
      GROUP.points("rootless", 40, "Whatever it has begun to root with is all it has");
  public static final Figure ROOTLESS_DAYS =
      GROUP.days(
          "rootless-days", 365, "A plant that came without roots needs a season to make them");
  public static final Figure INTACT_BLOOM =
      GROUP.figure(
          "intact-bloom",
          50,
          Unit.PERCENT,
          0,
          100,
          "With the ball whole the flowers hardly notice: they count half");
  public static final Figure FORECAST_DAYS =
      GROUP.figure(
          "forecast-days",
          120,
          Unit.DAYS,
          30,
          365,
          "After four months the roots once measured have gone in and say nothing of today");

  private ReadinessFigures() {}

  /** The base for a kind of plant whose newest roots are at that stage. */
  private static Figure base(ReadyRule rule, RootStage stage) {
    var figure = BASE.getOrDefault(rule, Map.of()).get(stage);
    if (figure == null) {
      throw new IllegalStateException("No readiness for " + rule + " at " + stage);
    }
    return figure;
  }

  /** The base at that stage and length; two-leaved cattleyas have one more from a length on. */
  public static Figure base(ReadyRule rule, RootStage stage, OptionalDouble mm, Figures figures) {
    boolean reached =
        rule == ReadyRule.LONG_FIRST
            && stage == RootStage.LONG
            && mm.orElse(0) >= figures.of(RootFigures.LONG_FIRST);
    return reached ? LONG_FIRST_REACHED : base(rule, stage);
  }

  /** The base for a deciduous kind whose newest growth is that far. */
  public static Figure base(GrowthStage growth) {
    return Objects.requireNonNull(BY_GROWTH.get(growth));
  }

  private static void byGrowth(String name, double points, GrowthStage... stages) {
    var figure =
        GROUP.points(
            "start-of-growth." + name,
            points,
            "Deciduous kinds are ready as growth starts, and again a little at rest");
    for (var stage : stages) {
      BY_GROWTH.put(stage, figure);
    }
  }

  private static void base(ReadyRule rule, double... byStage) {
    var row = new EnumMap<RootStage, Figure>(RootStage.class);
    for (var stage : RootStage.values()) {
      var name = "%s.%s".formatted(rule, stage).toLowerCase(Locale.ROOT).replace('_', '-');
      var reason =
          "Newest roots: %s. It takes a move %s: %s"
              .formatted(stage.words(), rule.words(), rule.reason());
      row.put(stage, GROUP.points(name, byStage[stage.ordinal()], reason));
    }
    BASE.put(rule, row);
  }
}

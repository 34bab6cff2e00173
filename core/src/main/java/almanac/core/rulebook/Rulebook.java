package almanac.core.rulebook;

import almanac.core.ahead.AheadFigures;
import almanac.core.bench.JobFigures;
import almanac.core.benchdays.DayFigures;
import almanac.core.checks.FollowUpFigures;
import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Figures;
import almanac.core.history.TagFigures;
import almanac.core.holding.HoldingFigures;
import almanac.core.inspection.InspectionFigures;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.figures.RiskFigures;
import almanac.core.kinds.KindFigures;
import almanac.core.medium.Component;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.Moisture;
import almanac.core.pot.FillFigures;
import almanac.core.pot.PlaceFigures;
import almanac.core.pot.PottingFigures;
import almanac.core.refusals.Refused;
import almanac.core.rest.RestFigures;
import almanac.core.roots.RootFigures;
import almanac.core.rounds.RoundFigures;
import almanac.core.season.SeasonFigures;
import almanac.core.sums.SumFigures;
import almanac.core.tally.TallyFigures;
import almanac.core.taught.LearningFigures;
import almanac.core.taught.TaughtFigures;
import almanac.core.trainer.TrainerFigures;
import almanac.core.treatments.TreatmentFigures;
import almanac.core.trials.TrialFigures;
import almanac.core.year.YearFigures;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** All figures of the rules, as a book that can be read from front to back. */
public final class Rulebook {
  private Rulebook() {}

  /** Under this the figures of kinds stood in older programs. */
  private static final String FORMERLY = "profile.";

  /** The name of a figure, in words. */
  public static String name(Figure figure) {
    return FigureNames.of(figure);
  }

  /** Every group of figures. */
  public static List<FigureGroup> groups() {
    // Components and moistures write their figures down themselves, once they are known.
    if (Component.values().length == 0 || Moisture.values().length == 0) {
      throw new IllegalStateException("A rulebook without media");
    }
    return List.of(
        InspectionFigures.GROUP,
        RootFigures.GROUP,
        KindFigures.GROUP,
        SeasonFigures.GROUP,
        RestFigures.GROUP,
        MediumFigures.GROUP,
        MediumFigures.LIVES,
        MediumFigures.MOISTURES,
        NeedFigures.GROUP,
        ReadinessFigures.GROUP,
        MomentFigures.GROUP,
        RiskFigures.GROUP,
        JudgementFigures.GROUP,
        PottingFigures.GROUP,
        PlaceFigures.GROUP,
        FillFigures.GROUP,
        HoldingFigures.GROUP,
        TreatmentFigures.GROUP,
        JobFigures.GROUP,
        TallyFigures.GROUP,
        TaughtFigures.GROUP,
        LearningFigures.GROUP,
        TrialFigures.GROUP,
        TrainerFigures.GROUP,
        SumFigures.GROUP,
        FollowUpFigures.GROUP,
        RoundFigures.GROUP,
        DayFigures.GROUP,
        YearFigures.GROUP,
        AheadFigures.GROUP,
        TagFigures.GROUP);
  }

  /**
   * Refuses figures that do not go together.
   *
   * @param changed the keys of the figures that somebody is changing; one of them is named where it
   *     can be
   * @throws Refused naming a figure, if one that must be at most another is more
   */
  public static void check(Figures figures, Set<String> changed) {
    for (var group : groups()) {
      for (var order : group.orders()) {
        for (int i = 1; i < order.size(); i++) {
          refuseWrongOrder(order.get(i - 1), order.get(i), figures, changed);
        }
      }
    }
  }

  private static void refuseWrongOrder(
      Figure less, Figure more, Figures figures, Set<String> changed) {
    if (figures.of(less) <= figures.of(more)) {
      return;
    }
    boolean namesMore = changed.contains(more.key()) && !changed.contains(less.key());
    throw new Refused(
        namesMore ? more : less,
        "%s (%s) is at most %s (%s)."
            .formatted(less.key(), plain(figures.of(less)), more.key(), plain(figures.of(more))));
  }

  /** The figure of that key, or of one that it had formerly, if there is one. */
  public static Optional<Figure> named(String key) {
    var present = key.startsWith(FORMERLY) ? "kind." + key.substring(FORMERLY.length()) : key;
    return groups().stream()
        .flatMap(group -> group.figures().stream())
        .filter(figure -> figure.key().equals(present))
        .findFirst();
  }

  /** The rules as they stand in {@code docs/rules.md}. */
  public static String asMarkdown() {
    return groups().stream()
        .map(Rulebook::chapter)
        .collect(Collectors.joining("\n", INTRODUCTION, KindsTable.asMarkdown()));
  }

  private static String chapter(FigureGroup group) {
    return group.figures().stream()
        .map(
            figure ->
                "| %s | %s %s | %s | `%s` |"
                    .formatted(
                        FigureNames.of(figure),
                        plain(figure.standard()),
                        figure.unit().words(),
                        figure.reason(),
                        figure.key()))
        .collect(
            Collectors.joining(
                "\n",
                "\n## %s\n\n| figure | default | why | key |\n|---|---|---|---|\n"
                    .formatted(group.title()),
                "\n"));
  }

  static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }

  private static final String INTRODUCTION =
      """
      # The figures of the rules

      Every figure the judgement uses, with its default and the reason for it. This page is written
      from the code; a test compares the two.
      """;
}

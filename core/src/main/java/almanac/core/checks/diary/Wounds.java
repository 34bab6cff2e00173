package almanac.core.checks.diary;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.FollowUpFigures;
import almanac.core.checks.Purpose;
import almanac.core.checks.Repeated;
import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.history.Way;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Items;
import almanac.core.judgement.figures.ReadinessFigures;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The looks after rot was cut out, and after a lead broke off. Rules: Follow-up checks. */
final class Wounds {
  private static final List<Figure> WOUND =
      List.of(
          FollowUpFigures.WOUND_FIRST, FollowUpFigures.WOUND_SECOND, FollowUpFigures.WOUND_LAST);
  private static final List<Figure> EYE =
      List.of(ReadinessFigures.SNAPPED_FIRST, ReadinessFigures.SNAPPED_AGAIN);

  private final Plant plant;
  private final Figures figures;

  Wounds(Plant plant, Figures figures) {
    this.plant = plant;
    this.figures = figures;
  }

  /** Whether what was cut stays clean and dry. */
  Optional<OpenCheck> wound() {
    var act = plant.potted().act();
    boolean cut =
        plant.journal().holding().stream()
            .anyMatch(
                line ->
                    line.act().id() == act.id()
                        && line.happening() instanceof Happening.Worked worked
                        && worked.way() == Way.CUT);
    return cut
        ? next(Purpose.WOUND, act.on(), WOUND, FollowUpFigures.WOUND_SLACK)
        : Optional.empty();
  }

  /** Whether an eye shoots where a lead broke off. */
  Optional<OpenCheck> eye(LocalDate today) {
    var broken = plant.history().latest(Items.BREAKAGE, today);
    boolean snapped = broken.saw(Breakage.LEAD_SNAPPED) || broken.saw(Breakage.ONLY_LEAD_SNAPPED);
    return broken
        .seen()
        .filter(seen -> snapped)
        .filter(
            seen ->
                answers(Purpose.EYE, seen.on()).stream()
                    .noneMatch(answer -> answer.answer() == CheckAnswer.AS_HOPED))
        .flatMap(seen -> next(Purpose.EYE, seen.on(), EYE, FollowUpFigures.EYE_SLACK));
  }

  private Optional<OpenCheck> next(
      Purpose purpose, LocalDate since, List<Figure> days, Figure slack) {
    var answers = answers(purpose, since);
    var name = answers.isEmpty() ? since : answers.get(answers.size() - 1).on();
    return Repeated.next(purpose, since, days, slack, answers, figures)
        .map(check -> OpenCheck.since(name, check));
  }

  private List<Repeated.Answered> answers(Purpose purpose, LocalDate since) {
    return plant.journal().holding().stream()
        .filter(line -> !line.act().on().isBefore(since))
        .flatMap(
            line ->
                line.happening() instanceof Happening.Checked checked
                        && checked.check().purpose() == purpose
                    ? Stream.of(new Repeated.Answered(checked.answer(), line.act().on()))
                    : Stream.empty())
        .toList();
  }
}

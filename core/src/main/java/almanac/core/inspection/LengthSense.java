package almanac.core.inspection;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import almanac.core.words.Measure;
import java.util.Set;

/** Whether an answer and the measure beside it can both be right. */
final class LengthSense {
  private LengthSense() {}

  /**
   * The answers that a measure agrees with; where none was given and the measure alone says it,
   * that one.
   *
   * @throws Refused if they contradict each other
   */
  static <A extends Enum<A> & Answer> Set<A> agreed(
      LookSpot spot, Item<A> item, Set<A> answers, double measured, Figures figures) {
    Item<?> any = item;
    if (any == Items.NEW_ROOTS) {
      return roots(spot, item, answers, measured, figures);
    }
    if (any == Items.RIM) {
      return rim(spot, item, answers, measured);
    }
    if (any == Items.LEVEL) {
      return level(spot, item, answers);
    }
    if (any == Items.ROOTS_IN_POT) {
      return deadShare(spot, item, answers, measured, figures);
    }
    return any == Items.BLOOM ? spikes(spot, answers, measured) : answers;
  }

  private static <A extends Enum<A> & Answer> Set<A> spikes(
      LookSpot spot, Set<A> answers, double count) {
    if (answers.isEmpty()) {
      throw new Refused(spot, spot.title() + ": say how far the spikes are.");
    }
    boolean none = answers.iterator().next() == (Enum<?>) Bloom.NONE;
    if (none && count > 0) {
      throw new Refused(
          spot.measure(),
          "%s: “%s” and %s spikes contradict each other."
              .formatted(spot.title(), Bloom.NONE.words(), Measure.COUNT.of(count)));
    }
    return answers;
  }

  private static <A extends Enum<A> & Answer> Set<A> deadShare(
      LookSpot spot, Item<A> item, Set<A> answers, double dead, Figures figures) {
    boolean mostly = dead > figures.of(RootFigures.MOSTLY_DEAD);
    boolean few = dead <= figures.of(RootFigures.FEW_DEAD);
    if (answers.isEmpty()) {
      return item.cast(mostly ? RootsInPot.MOSTLY_SOFT : few ? RootsInPot.FIRM : RootsInPot.MIXED);
    }
    var roots = (RootsInPot) (Enum<?>) answers.iterator().next();
    boolean agrees =
        switch (roots) {
          case FIRM, DARK_FIRM -> few;
          case MIXED, DRIED_SOME -> !mostly;
          case MOSTLY_SOFT -> mostly;
          case NONE -> false;
        };
    if (!agrees) {
      throw new Refused(
          spot.measure(),
          "%s: “%s” and %s dead contradict each other."
              .formatted(spot.title(), roots.words(), Measure.PERCENT.of(dead)));
    }
    return answers;
  }

  private static <A extends Enum<A> & Answer> Set<A> roots(
      LookSpot spot, Item<A> item, Set<A> answers, double mm, Figures figures) {
    var byLength = RootStage.ofLength(mm, figures);
    if (answers.isEmpty()) {
      return item.cast(byLength);
    }
    var stage = (RootStage) (Enum<?>) answers.iterator().next();
    if (!stage.measurable()) {
      throw new Refused(
          spot.measure(),
          "%s: “%s” has no root to measure, but a length of %s is given."
              .formatted(spot.title(), stage.words(), Measure.MM.of(mm)));
    }
    double overlap = figures.of(RootFigures.OVERLAP);
    if (RootStage.ofLength(mm - overlap, figures) != stage
        && byLength != stage
        && RootStage.ofLength(mm + overlap, figures) != stage) {
      throw new Refused(
          spot.measure(),
          "%s: a root of %s is “%s”, not “%s”."
              .formatted(spot.title(), Measure.MM.of(mm), byLength.words(), stage.words()));
    }
    return answers;
  }

  private static <A extends Enum<A> & Answer> Set<A> rim(
      LookSpot spot, Item<A> item, Set<A> answers, double mm) {
    if (answers.isEmpty()) {
      return mm < 0 ? item.cast(Rim.OVER) : item.cast(Rim.ROOM);
    }
    var rim = (Rim) (Enum<?>) answers.iterator().next();
    if (rim == Rim.OVER && mm > 0 || rim != Rim.OVER && mm < 0) {
      throw new Refused(
          spot.measure(),
          "%s: “%s” and a distance of %s contradict each other; below zero is beyond the rim."
              .formatted(spot.title(), rim.words(), Measure.MM.of(mm)));
    }
    return answers;
  }

  private static <A extends Enum<A> & Answer> Set<A> level(
      LookSpot spot, Item<A> item, Set<A> answers) {
    if (answers.isEmpty()) {
      return item.cast(SurfaceLevel.RISEN);
    }
    if (answers.iterator().next() != (Enum<?>) SurfaceLevel.RISEN) {
      throw new Refused(spot.measure(), spot.title() + ": a height goes with “plant risen” alone.");
    }
    return answers;
  }
}

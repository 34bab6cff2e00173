package almanac.core.tally;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;

/** What follows from a tally for pot, feed, shade and flowers. Rules: Root tally. */
public final class Aftermath {
  private Aftermath() {}

  /**
   * What to do now and in the weeks to come, the most urgent first.
   *
   * @param inFlower whether a spike, buds or flowers are on
   * @return nothing while nothing is counted
   */
  public static List<Sentence> of(RootTally tally, boolean inFlower, Figures figures) {
    if (tally.empty()) {
      return List.of();
    }
    var loss = tally.loss(figures);
    boolean nursed = tally.nursed(figures);
    var follows = new ArrayList<Sentence>();
    if (tally.left() == 0) {
      follows.add(
          say(
              "No live root is left: a firm bulb with an eye is the last chance; without one, let"
                  + " it go."));
    }
    if (nursed) {
      follows.add(
          say(
              "The pot follows the roots, not the leaves: no larger than the old one, or smaller."));
    }
    follows.add(say("No feed for {}.", Measure.DAYS.of(figures.of(loss.noFeedDays()))));
    if (nursed) {
      follows.add(
          say(
              "Shade and moist air; look at it every {} for {}.",
              Measure.DAYS.of(figures.of(TallyFigures.NURSED_EVERY)),
              Measure.DAYS.of(figures.of(TallyFigures.NURSED_FOR))));
    }
    if (nursed && inFlower) {
      follows.add(say("If its leaves wrinkle while the spike is on, cut the spike."));
    }
    newTips(tally, follows);
    return List.copyOf(follows);
  }

  private static void newTips(RootTally tally, List<Sentence> follows) {
    if (tally.newTipsLost().orElse(0) == 1) {
      follows.add(
          say("All its new tips are broken: those roots are done; wait for the next flush."));
    } else if (tally.of(RootFate.NEW_BROKEN) > 0) {
      follows.add(say("Some new tips are broken; the others go on."));
    }
  }
}

package almanac.core.taught;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.medium.Mix;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import almanac.core.words.Answer;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One thing of how it was when a plant was moved. Rules: What came of it.
 *
 * @param what it is about
 */
public record HowItWas(String what, Sentence words) {
  /** All that is known of it. */
  static List<HowItWas> of(MoveMade move, Figures figures) {
    var before = move.before();
    var all = new ArrayList<HowItWas>();
    before
        .slip()
        .ifPresent(
            slip -> {
              all.add(new HowItWas("Slip", said(slip)));
              all.add(new HowItWas("Light", light(slip)));
            });
    answered(all, "New roots", before.stage());
    answered(all, "Growth", before.growth());
    if (before.inFlower()) {
      all.add(new HowItWas("Flowers", say("in bud or flower")));
    }
    medium(move).ifPresent(medium -> all.add(new HowItWas("Medium", medium)));
    if (move.into().pot().noted()) {
      all.add(new HowItWas("Pot", pot(move)));
    }
    if (!move.tally().empty()) {
      all.add(new HowItWas("Roots lost", lost(move.tally(), figures)));
    }
    return List.copyOf(all);
  }

  private static void answered(List<HowItWas> all, String what, Optional<? extends Answer> answer) {
    answer.ifPresent(each -> all.add(new HowItWas(what, say(each.words()))));
  }

  private static Sentence said(SlipThen slip) {
    return say("{}, by {}", slip.words(), inside(slip.approach().words()));
  }

  private static Sentence light(SlipThen slip) {
    return say("{} a day", Measure.HOURS.of(Math.rint(slip.lightHours())));
  }

  /** A name as it stands inside a sentence. */
  private static String inside(String name) {
    return name.substring(0, 1).toLowerCase(Locale.ENGLISH) + name.substring(1);
  }

  private static Optional<Sentence> medium(MoveMade move) {
    var from = move.before().mix().filter(Mix::known);
    var into = move.into().mix().filter(Mix::known);
    if (into.isEmpty()) {
      return from.map(mix -> say("from {}", mix.words()));
    }
    if (from.isEmpty()) {
      return into.map(mix -> say("into {}", mix.words()));
    }
    return Optional.of(
        move.changedMedium()
            ? say("from {} into {}", from.get().words(), into.get().words())
            : say("{} again", into.get().words()));
  }

  private static Sentence pot(MoveMade move) {
    var from = move.before().pot();
    var into = move.into().pot();
    return from.noted() && !from.bare().equals(into.bare())
        ? say("from ").and(from.said()).and(say(" into ")).and(into.said())
        : into.said();
  }

  private static Sentence lost(RootTally tally, Figures figures) {
    var words = say(tally.loss(figures).words());
    int broken = tally.of(RootFate.NEW_BROKEN);
    int tips = broken + tally.of(RootFate.NEW_KEPT);
    return tips == 0 ? words : words.and(say("; {} of {} new tips broken", broken, tips));
  }
}

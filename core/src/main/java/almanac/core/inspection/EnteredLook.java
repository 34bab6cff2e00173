package almanac.core.inspection;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import almanac.core.words.Answer;
import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One look as somebody enters it, before it is known to make sense. */
final class EnteredLook<A extends Enum<A> & Answer> {
  private static final int QUOTED = 40;

  private final LookSpot spot;
  private final Item<A> item;

  EnteredLook(Item<A> item, Lead lead) {
    this.spot = new LookSpot(item, lead);
    this.item = item;
  }

  /**
   * @throws Refused naming the field, if an answer is unknown, the measure makes no sense, or they
   *     contradict each other
   */
  Finding<A> checked(Collection<String> names, @Nullable Double measured, Figures figures) {
    if (measured != null) {
      refuseMeasure(measured);
    }
    var found = names.stream().map(this::known).collect(Collectors.toSet());
    if (found.isEmpty() && measured == null) {
      throw refused("say what you saw, or leave it as not looked at.");
    }
    if (found.size() > 1 && !item.takesSeveral()) {
      throw refused("only one answer can hold.");
    }
    if (found.size() > 1 && found.stream().anyMatch(answer -> answer.name().equals("NONE"))) {
      throw refused("nothing and something cannot both be there.");
    }
    if (measured == null) {
      return item.finding(found, null);
    }
    Set<A> agreed = LengthSense.agreed(spot, item, found, measured, figures);
    return item.finding(agreed, measured);
  }

  private A known(String name) {
    return item.answer(name)
        .orElseThrow(
            () ->
                refused(
                    "“%s” is not an answer here. It can be %s."
                        .formatted(
                            name.length() > QUOTED ? name.substring(0, QUOTED) + "…" : name,
                            String.join(
                                ", ", item.answers().stream().map(Answer::name).toList()))));
  }

  private void refuseMeasure(double measured) {
    var measurement =
        item.measurement()
            .orElseThrow(() -> new Refused(spot.measure(), spot.title() + " is not measured."));
    if (!(measured >= measurement.least() && measured <= measurement.most())) {
      throw new Refused(
          spot.measure(), "%s: %s.".formatted(spot.title(), measurement.rangeInWords()));
    }
  }

  private Refused refused(String sentence) {
    return new Refused(spot, spot.title() + ": " + sentence);
  }
}

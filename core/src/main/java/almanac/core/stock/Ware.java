package almanac.core.stock;

import static almanac.core.words.Sentence.say;

import almanac.core.medium.Component;
import almanac.core.pot.PotType;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;

/** Something as it is asked for in a shop. */
public sealed interface Ware {

  /** So much of it, as part of a sentence. */
  Sentence words(double amount);

  /** Whatever a mix is made of, in ml. */
  record Part(Component component) implements Ware {
    @Override
    public Sentence words(double ml) {
      return say("{} of {}", Measure.ML.of(ml), component.words());
    }
  }

  /** Pots of one size, by number. */
  record Size(PotType type, long across) implements Ware {
    @Override
    public Sentence words(double count) {
      return say(
          "{} {} of {}",
          Measure.COUNT.of(count),
          count == 1 ? type.one() : type.several(),
          Measure.MM.of(across));
    }
  }

  /** What is used up at the bench and counted by nobody, by number. */
  record UsedUp(Supply supply) implements Ware {
    @Override
    public Sentence words(double count) {
      return say("{}", supply.laidReady(Math.round(count)));
    }
  }
}

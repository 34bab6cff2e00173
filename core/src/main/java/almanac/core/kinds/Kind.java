package almanac.core.kinds;

import almanac.core.refusals.Entered;
import almanac.core.refusals.Longest;
import almanac.core.refusals.Refused;

/**
 * What all plants of a kind share.
 *
 * @param key unique name for data
 * @param name name for readers
 * @param traits a value for each trait
 */
public record Kind(String key, String name, Traits traits) {

  /**
   * @throws Refused naming the field, if the name or a trait is missing or the nights are not
   *     colder than the days
   */
  public Kind {
    if (key.isBlank() || name.isBlank() || name.length() > Longest.NAME) {
      throw new Refused(Entered.NAME, "A kind needs a name of at most 200 characters.");
    }
    for (var trait : Trait.all()) {
      if (trait.ofEveryKind() && traits.get(trait).isEmpty()) {
        throw trait.refusal();
      }
    }
    if (traits.get(Trait.DAY_MOST).orElseThrow() <= traits.get(Trait.NIGHT_LEAST).orElseThrow()) {
      throw Trait.DAY_MOST.refusal();
    }
  }

  /** The value of a trait that every kind has. */
  public <T> T of(Trait<T> trait) {
    return traits.get(trait).orElseThrow();
  }

  /**
   * The kind as a plant follows it that differs in these.
   *
   * @throws Refused naming a trait in which a single plant cannot differ, or that does not go
   *     together with the others
   */
  public Kind with(Traits own) {
    if (own.equals(Traits.NONE)) {
      return this;
    }
    for (var trait : Trait.all()) {
      if (!trait.ofAPlant() && own.get(trait).isPresent()) {
        throw new Refused(trait, "A single plant does not differ from its kind in this.");
      }
    }
    return new Kind(key, name, own.over(traits));
  }

  /** How it rests; nothing was told of kinds that were written down before that was asked for. */
  public Rest rest() {
    return traits.get(Trait.REST).orElse(Rest.NONE);
  }

  /** Which pot suits it; any where nothing was told. */
  public BestPot bestPot() {
    return traits.get(Trait.BEST_POT).orElse(BestPot.ANY);
  }

  /** The temperatures it grows at. */
  public Warmth warmth() {
    return new Warmth(of(Trait.NIGHT_LEAST), of(Trait.DAY_MOST));
  }

  /** Whether long roots that break put out side roots, so that a second window opens. */
  public boolean hasSecondWindow() {
    var rule = of(Trait.READY_RULE);
    return rule == ReadyRule.NUB_OR_LONG || rule == ReadyRule.LONG_FIRST;
  }
}

package almanac.core.inspection;

import static almanac.core.words.Sentence.say;

import almanac.core.refusals.Field;
import almanac.core.words.Answer;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Optional;

/**
 * Where somebody looked: at one thing, and where leads differ, on one of them.
 *
 * @param item what was looked at
 * @param lead on which lead; the first for what belongs to the whole plant
 */
public record LookSpot(Item<?> item, Lead lead) implements Field {
  private static final String BETWEEN = "/";

  /** The thing itself, on the first lead. */
  public static LookSpot of(Item<?> item) {
    return item.spot();
  }

  static LookSpot of(Item<?> item, Lead lead) {
    return lead == Lead.FIRST ? of(item) : new LookSpot(item, lead);
  }

  /** The name under which it is kept: {@code newRoots}, or {@code newRoots/B} on a further lead. */
  @Override
  public String key() {
    return lead == Lead.FIRST ? item.key() : item.key() + BETWEEN + lead;
  }

  /** The spot kept under that key, if there is one. */
  public static Optional<LookSpot> named(String key) {
    int cut = key.indexOf(BETWEEN);
    if (cut < 0) {
      return Items.named(key).map(LookSpot::of);
    }
    var lead =
        Arrays.stream(Lead.values())
            .filter(each -> each != Lead.FIRST)
            .filter(each -> each.name().equals(key.substring(cut + 1)))
            .findFirst();
    return Items.named(key.substring(0, cut))
        .filter(Item::ofALead)
        .flatMap(item -> lead.map(found -> new LookSpot(item, found)));
  }

  /** As a heading: {@code Newest roots}, or {@code Newest roots, lead B}. */
  public String title() {
    return lead == Lead.FIRST ? item.title() : "%s, lead %s".formatted(item.title(), lead);
  }

  /** What was found here, as a part of a sentence: answers, then what was measured. */
  public Sentence found(Finding<?> finding) {
    var values = new ArrayList<Object>();
    finding.answers().stream()
        .map(Answer.class::cast)
        .map(Answer::words)
        .sorted()
        .forEach(values::add);
    finding
        .measured()
        .ifPresent(value -> values.add(item.measurement().orElseThrow().measure().of(value)));
    return say(String.join(", ", Collections.nCopies(values.size(), "{}")), values.toArray());
  }

  /** What is measured at a spot. */
  public record Measure(LookSpot of) implements Field {
    @Override
    public String key() {
      return of.key();
    }
  }

  /** What is measured here. */
  public Measure measure() {
    return new Measure(this);
  }

  @Override
  public String toString() {
    return key();
  }
}

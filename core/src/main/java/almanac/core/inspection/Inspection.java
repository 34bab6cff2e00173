package almanac.core.inspection;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Answer;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What was looked at on one day; whatever is absent was not looked at. */
public final class Inspection {
  private final LocalDate on;
  private final Map<LookSpot, Finding<?>> findings;
  private final long items;

  private Inspection(LocalDate on, Map<LookSpot, Finding<?>> findings) {
    this.on = on;
    this.findings = findings;
    long bits = 0;
    for (var spot : findings.keySet()) {
      bits |= spot.item().bit();
    }
    this.items = bits;
  }

  /** An inspection of that day at which nothing has been looked at yet. */
  public static Inspection on(LocalDate day) {
    return new Inspection(day, Map.of());
  }

  /**
   * An inspection as it was kept.
   *
   * @param findings by spot, each made by the item of its spot
   */
  public static Inspection kept(LocalDate day, Map<LookSpot, Finding<?>> findings) {
    return new Inspection(day, Collections.unmodifiableMap(new LinkedHashMap<>(findings)));
  }

  /** This inspection with one look more. */
  public <A extends Enum<A> & Answer> Inspection with(Item<A> item, Finding<A> finding) {
    return with(item, Lead.FIRST, finding);
  }

  /** This inspection with one look more, at one of several leads. */
  public <A extends Enum<A> & Answer> Inspection with(Item<A> item, Lead lead, Finding<A> finding) {
    var more = new LinkedHashMap<>(findings);
    more.put(LookSpot.of(item, lead), finding);
    return new Inspection(on, Collections.unmodifiableMap(more));
  }

  public LocalDate on() {
    return on;
  }

  public boolean empty() {
    return findings.isEmpty();
  }

  /** This inspection without a look at that spot. */
  public Inspection without(LookSpot spot) {
    if (!findings.containsKey(spot)) {
      return this;
    }
    var fewer = new LinkedHashMap<>(findings);
    fewer.remove(spot);
    return new Inspection(on, Collections.unmodifiableMap(fewer));
  }

  /** Everything that was looked at, in the order in which it was entered. */
  public Map<LookSpot, Finding<?>> findings() {
    return findings;
  }

  /** The bits of all items that were looked at, on whichever lead. */
  public long items() {
    return items;
  }

  /** What this inspection says of one item. */
  public <A extends Enum<A> & Answer> Look<A> look(Item<A> item) {
    return look(item, Lead.FIRST);
  }

  /** What this inspection says of one item on one lead. */
  @SuppressWarnings("unchecked") // with() ties the finding to the type of its item
  public <A extends Enum<A> & Answer> Look<A> look(Item<A> item, Lead lead) {
    if ((items & item.bit()) == 0) {
      return Look.notLookedAt();
    }
    var finding = (Finding<A>) findings.get(LookSpot.of(item, lead));
    return finding == null ? Look.notLookedAt() : new Look.Seen<>(on, finding);
  }

  /** The inspection as one sentence, such as a grower says at the bench; empty if nothing was. */
  public Optional<Sentence> said() {
    return Items.inLookingOrder().stream()
        .flatMap(item -> Arrays.stream(Lead.values()).map(lead -> new LookSpot(item, lead)))
        .filter(findings::containsKey)
        .map(spot -> said(spot, findings.get(spot)))
        .reduce((before, next) -> before.and(say("; ")).and(next));
  }

  private static Sentence said(LookSpot spot, Finding<?> finding) {
    return say("{}: ", spot.title()).and(spot.found(finding));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Inspection inspection
        && on.equals(inspection.on)
        && findings.equals(inspection.findings);
  }

  @Override
  public int hashCode() {
    return 31 * on.hashCode() + findings.hashCode();
  }

  @Override
  public String toString() {
    return on + " " + findings;
  }
}

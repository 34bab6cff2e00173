package almanac.core.tally;

import almanac.core.figures.Figures;
import almanac.core.refusals.Field;
import almanac.core.refusals.Refused;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/**
 * How many roots met which fate at the bench. Immutable. Rules: Root tally.
 *
 * @param counts how many of each; a fate that nobody tapped is absent
 * @param byEye whether a mass of fine roots was judged by thirds and not counted
 */
public record RootTally(Map<RootFate, Integer> counts, boolean byEye) {
  /** Nobody counts more roots of one fate one by one. */
  public static final int MOST = 999;

  /** Nothing counted yet. */
  public static final RootTally EMPTY = new RootTally(Map.of(), false);

  /** The count of one fate, as it is typed. */
  public record Counted(RootFate fate) implements Field {
    @Override
    public String key() {
      return "tally.counts." + fate.name();
    }
  }

  /**
   * @throws Refused naming the fate, if a count lies outside 0 to 999
   */
  public RootTally {
    var kept = new EnumMap<RootFate, Integer>(RootFate.class);
    counts.forEach(
        (fate, count) -> {
          if (count < 0 || count > MOST) {
            throw new Refused(
                new Counted(fate), "Count from 0 to %d roots of one fate.".formatted(MOST));
          }
          if (count > 0) {
            kept.put(fate, count);
          }
        });
    counts = Collections.unmodifiableMap(kept);
  }

  /** This tally with so many more of one fate. */
  public RootTally and(RootFate fate, int more) {
    var sum = new EnumMap<RootFate, Integer>(RootFate.class);
    sum.putAll(counts);
    sum.merge(fate, more, Integer::sum);
    return new RootTally(sum, byEye);
  }

  /**
   * This tally with a mass of fine roots that nobody counts one by one.
   *
   * @param about how many there are, 0 to 999
   * @param third in thirds: how much of it met the other fate, 0 to 3
   * @param rest the fate of what did not
   */
  public RootTally andAbout(int about, RootFate fate, int third, RootFate rest) {
    int lost = Math.round(about * third / 3f);
    var sum = and(fate, lost).and(rest, about - lost);
    return new RootTally(sum.counts, true);
  }

  public int of(RootFate fate) {
    return counts.getOrDefault(fate, 0);
  }

  public boolean empty() {
    return counts.isEmpty();
  }

  /** How many were alive when it was lifted, without those of the new flush. */
  public int firm() {
    return sum(RootFate::wasFirm);
  }

  /** How many live roots it goes on with, those of the new flush included. */
  public int left() {
    return firm() + of(RootFate.NEW_KEPT);
  }

  /** Firm roots cut or broken ÷ all that were firm, 0 to 1; empty where none was firm. */
  public OptionalDouble liveLost() {
    return share(sum(fate -> fate.wasFirm() && fate.isLoss()), firm());
  }

  /** Dead roots ÷ all old roots, 0 to 1; empty where there were none. */
  public OptionalDouble dead() {
    int dead = sum(RootFate::wasDead);
    return share(dead, dead + firm());
  }

  /** New tips broken ÷ all new tips, 0 to 1; empty where there were none. */
  public OptionalDouble newTipsLost() {
    return share(of(RootFate.NEW_BROKEN), sum(RootFate::isNew));
  }

  /**
   * The class of the loss. With hardly a live root left it is severe, however the roots were lost.
   *
   * @throws IllegalStateException if nothing was counted
   */
  public LossClass loss(Figures figures) {
    if (empty()) {
      throw new IllegalStateException("A tally without roots has no class");
    }
    double lost = 100 * liveLost().orElse(0);
    if (left() <= figures.of(TallyFigures.FEW_ROOTS)
        || lost > figures.of(TallyFigures.HEAVY_MOST)) {
      return LossClass.SEVERE;
    }
    if (lost > figures.of(TallyFigures.MODERATE_MOST)) {
      return LossClass.HEAVY;
    }
    return lost < figures.of(TallyFigures.LIGHT_BELOW) ? LossClass.LIGHT : LossClass.MODERATE;
  }

  /**
   * Whether too little is left to drink as its leaves do: it is nursed, and its pot follows the
   * roots. Many dead roots leave as little as many broken ones.
   */
  public boolean nursed(Figures figures) {
    return !empty()
        && (loss(figures).nursed() || 100 * dead().orElse(0) > figures.of(TallyFigures.MUCH_DEAD));
  }

  private int sum(Predicate<RootFate> which) {
    return counts.entrySet().stream()
        .filter(entry -> which.test(entry.getKey()))
        .mapToInt(Map.Entry::getValue)
        .sum();
  }

  private static OptionalDouble share(int part, int all) {
    return all == 0 ? OptionalDouble.empty() : OptionalDouble.of((double) part / all);
  }
}

package almanac.core.judgement.verdict;

import almanac.core.checks.Check;
import almanac.core.history.Approach;
import almanac.core.inspection.Item;
import almanac.core.judgement.evidence.LeadRoots;
import almanac.core.judgement.reason.Reason;
import almanac.core.medium.UsedLife;
import almanac.core.rest.Resting;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A verdict with all it rests on.
 *
 * @param approach by which approach it was judged
 * @param verdict what to do
 * @param advice the verdict in a sentence: when, and what it means
 * @param method how it is or will be done
 * @param timing when
 * @param weighed what speaks for and against
 * @param besides what else is to be done, and what it costs
 * @param looks what is to be looked at, and when
 * @param found what of the plant and its place it rests on
 * @param ahead the moments that it was held against
 */
public record Judgement(
    Approach approach,
    Verdict verdict,
    Sentence advice,
    Method method,
    Timing timing,
    Weighed weighed,
    Besides besides,
    Looks looks,
    Found found,
    Ahead ahead) {
  /** Whose turn comes first when several want a hand. */
  public static final Comparator<Judgement> MOST_URGENT =
      Comparator.<Judgement>comparingInt(each -> each.verdict().turn())
          .thenComparing(Comparator.comparingDouble(Judgement::need).reversed());

  /** Whether it is to be done today and not later. */
  public boolean urgent() {
    return verdict.inHand() && timing instanceof Timing.Now;
  }

  /** What to do, in a word or two. */
  public String title() {
    return verdict == method.verdict() ? method.title() : verdict.words();
  }

  /** How much the plant wants a move, 0 to 100. */
  public double need() {
    return weighed.need();
  }

  /** How well it would take a move now, 0 to 100; the worst case if nobody has looked. */
  public double readiness() {
    return weighed.readiness();
  }

  /**
   * What speaks for and against.
   *
   * @param need how much the plant wants a move, 0 to 100
   * @param readiness how well it would take one now, 0 to 100; the worst case if nobody has looked
   * @param readinessMost the best case; the same as readiness once the roots have been looked at
   * @param reasons the weightiest first
   * @param carried those of them that carried the verdict, two at the most, the first above all
   */
  public record Weighed(
      double need,
      double readiness,
      double readinessMost,
      List<Reason> reasons,
      List<Reason> carried) {}

  /**
   * What comes beside the verdict.
   *
   * @param care fixes without unpotting
   * @param remarks what else is to be done, whatever the verdict
   * @param smallJobs those of care and remarks that can be ticked off
   * @param costs what a move today would cost; none where none is meant
   */
  public record Besides(
      List<Sentence> care,
      List<Sentence> remarks,
      List<SmallJob> smallJobs,
      List<Sentence> costs) {}

  /**
   * What is to be looked at.
   *
   * @param notLookedAt what nobody has looked at since the last potting
   * @param stale what was looked at too long ago
   * @param nextCheck when to look again
   */
  public record Looks(List<Item<?>> notLookedAt, List<Item<?>> stale, Check nextCheck) {}

  /**
   * What was found of the plant and its place.
   *
   * @param used how far the medium is; nothing if it does not decay
   * @param leads the newest roots of each lead that was looked at
   * @param roots those of the lead that decides
   * @param longEnough from which length on long roots take a move, mm
   * @param gateOpens from which day light and warmth carry what can wait; nothing while they do, or
   *     where no day of the year does
   * @param rest how it rests today
   * @param first what is said before all else: what broke and is not settled, and its rest
   * @param downhill whether it sinks over several looks
   */
  public record Found(
      Optional<UsedLife> used,
      List<LeadRoots> leads,
      LeadRoots roots,
      OptionalDouble longEnough,
      Optional<LocalDate> gateOpens,
      Resting rest,
      List<Sentence> first,
      boolean downhill) {}
}

package almanac.core.bench;

import almanac.core.history.Aid;
import almanac.core.inspection.Inspection;
import almanac.core.judgement.verdict.Method;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.pot.Pot;
import almanac.core.refusals.Refused;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.tally.RootTally;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;

/**
 * What was told of a job so far.
 *
 * @param steps how far it is
 * @param seen what was found at the bench
 * @param tally what became of the roots
 * @param into what it goes into
 * @param cutting how it is drawn, and where it is cut
 * @param chosen how it is done, where that is not as advised
 * @param ending what became of it, where it was let go
 * @param account how long it took, and how it went
 */
public record ToldAtBench(
    Steps steps,
    Inspection seen,
    RootTally tally,
    Into into,
    Cutting cutting,
    Optional<Verdict> chosen,
    Optional<Ending> ending,
    Account account) {
  private static final double MOST_BACK_ML = 100_000;

  /**
   * @throws Refused naming the entry, if a way is none to choose, a step is none to add, or what
   *     decays is to be kept
   */
  public ToldAtBench {
    if (chosen.isPresent() && !Method.CHOICES.contains(chosen.get())) {
      throw new Refused(new JobField("chosen"), "Choose a way to move it, or to let it go.");
    }
  }

  /** The same, done in another way. */
  ToldAtBench choosing(Verdict how) {
    return new ToldAtBench(steps, seen, tally, into, cutting, Optional.of(how), ending, account);
  }

  /**
   * Steps of the job.
   *
   * @param done those that are done
   * @param skipped those that were passed over
   * @param added those that are wanted besides
   */
  public record Steps(Set<Task> done, Set<Task> skipped, Set<Task> added) {
    public Steps {
      for (var task : added) {
        if (!JobSteps.MAY_BE_ADDED.contains(task)) {
          throw new Refused(new JobField("added"), "%s cannot be added.".formatted(task.title()));
        }
      }
    }
  }

  /**
   * What it goes into; what nobody told is as before.
   *
   * @param potItem that pot in the stock, if it is taken from there
   */
  public record Into(
      Optional<Pot> pot,
      Optional<UUID> potItem,
      Optional<Mix> mix,
      Optional<Moisture> moisture,
      Layers layers) {}

  /**
   * What goes under and over the mix, and what of the old one is boiled and kept.
   *
   * @param bottomMm as the rules say unless told
   * @param topMm as the rules say unless told
   * @param backMl what goes back into the stock, ml by component, 0 to 100 litres
   */
  public record Layers(
      OptionalDouble bottomMm, OptionalDouble topMm, Map<Component, Double> backMl) {
    public Layers {
      backMl.forEach(
          (component, ml) -> {
            if (!(ml >= 0 && ml <= MOST_BACK_ML) || component.organic()) {
              throw new Refused(
                  new JobField("fill.back." + component),
                  "What does not decay can be boiled and kept, up to 100 litres of it.");
            }
          });
    }
  }

  /**
   * How it is drawn, and where it is cut.
   *
   * @param map as it is proposed unless told
   * @param cuts joints by their places in the map's list
   * @param pieces what becomes of a piece, by the name of its first growth
   */
  public record Cutting(
      Optional<RhizomeMap> map, List<Integer> cuts, Map<String, PieceTold> pieces) {}

  /**
   * What becomes of one piece.
   *
   * @param pot as that of the plant itself unless told
   * @param potItem that pot in the stock, if it is taken from there
   * @param to to whom it is given; may be empty
   * @param mix what it goes into; as the plant itself unless told
   * @param tally what became of its own roots, where they were counted by themselves
   */
  public record PieceTold(
      PieceFate fate,
      Optional<Pot> pot,
      Optional<UUID> potItem,
      String to,
      Optional<Mix> mix,
      RootTally tally) {
    /** A piece of which nothing else is said. */
    public PieceTold(PieceFate fate, Optional<Pot> pot, Optional<UUID> potItem, String to) {
      this(fate, pot, potItem, to, Optional.empty(), RootTally.EMPTY);
    }
  }

  /**
   * What became of a plant that was let go.
   *
   * @param why in the collector's own words; may be empty
   * @param bulbSaved whether a firm bulb with an eye was cut off, to be started by itself
   */
  public record Ending(LastWord became, String why, boolean bulbSaved) {}

  /**
   * How it went.
   *
   * @param minutes as measured unless told
   * @param aids what was given to the roots, by its name; blank for nothing
   */
  public record Account(OptionalInt minutes, String well, String badly, Map<Aid, String> aids) {
    /** Nothing was given. */
    public Account(OptionalInt minutes, String well, String badly) {
      this(minutes, well, badly, Map.of());
    }
  }
}

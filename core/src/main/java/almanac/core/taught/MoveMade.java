package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.inspection.Bulbs;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.medium.Mix;
import almanac.core.pot.Pot;
import almanac.core.roots.RootStage;
import almanac.core.tally.RootTally;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A move that was made here, as the journal tells it. Rules: What came of it.
 *
 * @param on the day
 * @param before how the plant was until then
 * @param tally what became of its roots; empty if nobody counted
 * @param leadBroken whether a new growth was snapped off at the bench
 */
public record MoveMade(
    LocalDate on, Sort sort, Before before, Into into, RootTally tally, boolean leadBroken) {
  /** What was done. */
  public enum Sort implements Answer {
    SHIFT("moved up whole"),
    REPOT("repotted"),
    DIVISION("divided"),
    PIECE("potted as a piece"),
    RESCUE("cut clean and repotted"),
    LIFT("lifted and looked at");

    private final String words;

    Sort(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  /**
   * As it was seen last before the move, or at the bench.
   *
   * @param stage of the newest roots; nothing if nobody looked in the weeks before
   * @param mix what it stood in; nothing if nobody said
   * @param slip what its slip said; nothing if it could have none
   */
  public record Before(
      Optional<RootStage> stage,
      boolean inFlower,
      Optional<GrowthStage> growth,
      Optional<Leaves> leaves,
      Optional<Bulbs> bulbs,
      Optional<Mix> mix,
      Pot pot,
      Optional<SlipThen> slip) {

    /**
     * From looks of its life; without a slip.
     *
     * @param looks oldest first
     * @param on the day of the move
     */
    public static Before seen(
        List<Inspection> looks,
        LocalDate on,
        boolean inFlower,
        Optional<Mix> mix,
        Pot pot,
        Figures figures) {
      var lately = on.minusDays(figures.count(TaughtFigures.STAGE_HOLDS));
      var since = on.minusDays(figures.count(TaughtFigures.OF_THE_MOVE));
      return new Before(
          seen(Items.NEW_ROOTS, looks, lately, on),
          inFlower,
          seen(Items.GROWTH, looks, since, on),
          seen(Items.LEAVES, looks, since, on),
          seen(Items.BULBS, looks, since, on),
          mix,
          pot,
          Optional.empty());
    }

    Before with(Optional<SlipThen> told) {
      return new Before(stage, inFlower, growth, leaves, bulbs, mix, pot, told);
    }

    private static <A extends Enum<A> & Answer> Optional<A> seen(
        Item<A> item, List<Inspection> looks, LocalDate since, LocalDate on) {
      return looks.stream()
          .filter(look -> !look.on().isAfter(on) && !look.on().isBefore(since))
          .flatMap(look -> look.look(item).answer().stream())
          .reduce((former, latter) -> latter);
    }
  }

  /** What it was moved into; as before if it was put back. */
  public record Into(Optional<Mix> mix, Pot pot) {}

  /** Whether a new growth was seen snapped off on the day of the move. */
  public static boolean leadBroken(List<Inspection> looks, LocalDate on) {
    return looks.stream()
        .filter(look -> look.on().equals(on))
        .anyMatch(look -> look.look(Items.BREAKAGE).saw(Signs::leadSnapped));
  }

  /** How it was when it was moved, a line each. */
  public List<HowItWas> then(Figures figures) {
    return HowItWas.of(this, figures);
  }

  /** Whether it went into another medium than it stood in. */
  public boolean changedMedium() {
    return before.mix().isPresent() && into.mix().isPresent() && !before.mix().equals(into.mix());
  }

  /** Whether its roots stayed in their ball, so that it only has to stand. */
  public boolean whole() {
    return sort == Sort.SHIFT;
  }
}

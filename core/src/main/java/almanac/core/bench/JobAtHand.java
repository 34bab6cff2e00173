package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.history.Answerable;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.history.Potting;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.Kind;
import almanac.core.medium.Component;
import almanac.core.medium.Lasting;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Outline;
import almanac.core.pot.Pot;
import almanac.core.pot.PotMove;
import almanac.core.pot.Seats;
import almanac.core.potting.KeptWet;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A job at the bench: one plant, what was told so far, and what follows from it, worked out once.
 * Rules: The job at the bench.
 */
public final class JobAtHand {
  private final Plant plant;
  private final Kind kind;
  private final Situation before;
  private final Judge judge;
  private final ToldAtBench told;
  private final Figures figures;
  private final Work work;
  private final List<JobStep> steps;
  private final Parting parting;

  /**
   * @param plant with the whole of its journal
   * @param kind its kind as it follows it
   * @param before all that a judgement rests on, on the day of the work, without what was found at
   *     the bench
   * @param judge by whom it is judged
   * @throws Refused naming what cannot be in its pot, or cannot be cut
   */
  public JobAtHand(
      Plant plant, Kind kind, Situation before, Judge judge, ToldAtBench told, Figures figures) {
    this.plant = plant;
    this.kind = kind;
    this.before = before;
    this.judge = judge;
    this.told = told;
    this.figures = figures;
    this.work = work(plant, before, judge, told);
    this.steps = JobSteps.of(work, figures);
    boolean parts =
        has(Task.PART) && Parting.drawn(kind) && !told.steps().skipped().contains(Task.PART);
    this.parting = Parting.of(told.cutting(), plant, kind, parts, figures);
  }

  /**
   * What a job is about, as far as it was told.
   *
   * @throws Refused naming what cannot be in its pot
   */
  public static Work work(Plant plant, Situation before, Judge judge, ToldAtBench told) {
    var seen = told.seen();
    Answerable.check(seen, plant.history().potting().mix());
    var situation = seen.empty() ? before : before.with(before.history().and(seen));
    var work =
        Work.of(
                judge.judge(situation),
                situation,
                standsIn(plant),
                told.into().pot().orElse(standsIn(plant)),
                mix(plant, told))
            .and(told.steps().added());
    return told.chosen().map(work::as).orElse(work);
  }

  public LocalDate on() {
    return work.on();
  }

  public Work work() {
    return work;
  }

  public ToldAtBench told() {
    return told;
  }

  /** What is done, in its order. */
  public List<JobStep> steps() {
    return steps;
  }

  /** Whether it has such a step. */
  public boolean has(Task task) {
    return steps.stream().anyMatch(step -> step.task() == task);
  }

  /** How the plant is drawn, and into what it is parted. */
  public Parting parting() {
    return parting;
  }

  /** With the whole of its journal. */
  public Plant plant() {
    return plant;
  }

  Kind kind() {
    return kind;
  }

  /** Whether it goes into a mix anew. */
  boolean refills() {
    return has(Task.FILL) && !told.steps().skipped().contains(Task.FILL);
  }

  private static Pot standsIn(Plant plant) {
    return ((Happening.Potted) plant.potted().happening()).pot();
  }

  private static Mix mix(Plant plant, ToldAtBench told) {
    return told.into().mix().orElse(plant.history().potting().mix());
  }

  /** The pot it stands in. */
  Pot pot() {
    return standsIn(plant);
  }

  /** The mix it goes into: the old one until another is chosen. */
  public Mix mix() {
    return mix(plant, told);
  }

  /** The pot it goes into: the old one until another is chosen. */
  Pot potFor() {
    return told.into().pot().orElse(pot());
  }

  /** The pot that a piece goes into: such a one as the plant itself until another is chosen. */
  Pot potFor(Parting.Parted piece) {
    return piece.pot().orElseGet(this::potFor);
  }

  /** The mix a piece goes into: that of the plant itself until another is chosen. */
  Mix mixFor(Parting.Parted piece) {
    return piece.mix().orElseGet(this::mix);
  }

  /** How wet its mix will be kept. */
  Moisture moisture() {
    return moisture(mix());
  }

  private Moisture moisture(Mix mix) {
    return KeptWet.of(told.into().moisture(), kind, potFor().type(), mix);
  }

  /** What it stands in after the work. */
  Happening.Potted pottedInto(Pot pot, Mix mix) {
    return new Happening.Potted(
        new Potting(PottedOn.on(on()), on(), mix, moisture(mix)),
        pot,
        plant.history().inFlower(on()));
  }

  /** What a bulb is started in by itself: damp moss, kept in whatever is at hand. */
  Happening.Potted startedInMoss() {
    return new Happening.Potted(
        new Potting(PottedOn.on(on()), on(), Mix.of(Component.SPHAGNUM_BEST), Moisture.KEPT_MOIST));
  }

  /** What it stands in now, if it was filled anew. */
  public Optional<Happening.Potted> potted() {
    return refills() ? Optional.of(pottedInto(potFor(), mix())) : Optional.empty();
  }

  /** What of it stays the plant itself, seen from above. */
  public Outline outline() {
    var outline = parting.stays().outline(kind, parting.pace(), figures);
    var across = across(pot());
    boolean drawn = parting.told() || Parting.last(plant).isPresent();
    return drawn || across.isEmpty() ? outline : outline.within(across.getAsDouble() / 2);
  }

  /** The move that its pot is chosen for. */
  public PotMove move() {
    var tally = told.tally();
    var deep = pot().depthMm();
    return new PotMove(
        across(pot()),
        deep == null ? OptionalDouble.empty() : OptionalDouble.of(deep),
        Lasting.years(mix(), moisture(), on(), before.conditions().means(), figures),
        work.intoAWiderPot(),
        false,
        tally.nursed(figures),
        !tally.empty() && tally.left() == 0,
        kind);
  }

  /** How wide a pot a piece wants, mm. */
  public double wantedMm(Parting.Parted piece) {
    boolean rootless = piece.piece().roots() == 0 && !piece.piece().newRoots();
    var move = PotMove.of(OptionalDouble.empty(), false, rootless, kind);
    var map = parting.map().only(piece.piece().growths());
    return new Seats(map.outline(kind, parting.pace(), figures), move, figures).wantedMm();
  }

  /** The same if its roots want a move after all. */
  JobAtHand asMoved() {
    return new JobAtHand(plant, kind, before, judge, told.choosing(Verdict.FULL_REPOT), figures);
  }

  /** What it takes from the stock. */
  public JobNeeds needs() {
    return new JobNeeds(this, figures);
  }

  static OptionalDouble across(Pot pot) {
    return pot.diameterMm() == null ? OptionalDouble.empty() : OptionalDouble.of(pot.diameterMm());
  }
}

package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.pot.FillFigures;
import almanac.core.pot.Filling;
import almanac.core.pot.Grade;
import almanac.core.pot.Portions;
import almanac.core.pot.Pot;
import almanac.core.pot.PotMove;
import almanac.core.pot.Seats;
import almanac.core.refusals.Refused;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.stock.StockNeed;
import almanac.core.stock.Supply;
import almanac.core.stock.Wanted;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;

/** What a job takes from the stock. Rules: Pot and place, Filling a pot. */
public final class JobNeeds {
  private final JobAtHand job;
  private final Figures figures;

  JobNeeds(JobAtHand job, Figures figures) {
    this.job = job;
    this.figures = figures;
  }

  /** Pots that were chosen there, and the mix for every pot that was measured. */
  public StockNeed all() {
    Map<Component, Double> loose = new HashMap<>();
    byMix()
        .forEach(
            (mix, fillings) ->
                fillings.forEach(
                    filling ->
                        Portions.of(mix, filling.mixMl())
                            .forEach((part, ml) -> loose.merge(part, ml, Double::sum))));
    loose.remove(Component.UNKNOWN);
    loose.remove(Component.MOUNT);
    return new StockNeed(lacking(), chosen(), loose, Optional.of(grade()), supplies());
  }

  /** One for the plant, and a tag for each that it is parted into. */
  public Map<Supply, Integer> supplies() {
    var supplies = new EnumMap<Supply, Integer>(Supply.class);
    job.steps().stream()
        .flatMap(step -> step.atHand().stream())
        .flatMap(thing -> Supply.of(thing).stream())
        .forEach(supply -> supplies.put(supply, 1));
    if (job.refills()) {
      supplies.put(Supply.GLOVES, 1);
    }
    supplies.computeIfPresent(Supply.TAG, (tag, one) -> one + job.parting().daughters().size());
    return supplies;
  }

  /**
   * What it takes on its day, and how likely. What is only lifted and looked at takes what a repot
   * takes, if it comes to that; what is let go takes nothing.
   */
  public Wanted wanted(LocalDate by) {
    if (!job.work().only(Verdict.LIFT_AND_LOOK)) {
      return new Wanted(by, 1, all());
    }
    double chance = figures.of(JobFigures.LIFTS_THAT_MOVE) / 100;
    return new Wanted(by, chance, job.asMoved().needs().all());
  }

  /** How coarse its roots want it. */
  public Grade grade() {
    return Grade.of(job.kind().of(Trait.ROOTS));
  }

  private List<UUID> chosen() {
    var own = job.told().into().potItem();
    // A piece of which nothing is said goes into such a pot as the plant itself.
    var theirs =
        job.parting().daughters().stream()
            .flatMap(piece -> (piece.pot().isPresent() ? piece.potItem() : own).stream());
    return Stream.concat(own.stream(), theirs).toList();
  }

  /** The pots that nobody has chosen yet: for a ball that goes into a wider one, and for pieces. */
  private List<Pot> lacking() {
    if (job.told().into().pot().isPresent()) {
      return List.of();
    }
    var parting = job.parting();
    var pots = new ArrayList<Pot>();
    var across = JobAtHand.across(job.pot());
    if (job.work().intoAWiderPot() && across.isPresent()) {
      pots.add(wanted(parting.stays(), across));
    }
    parting.daughters().stream()
        .filter(piece -> piece.pot().isEmpty())
        .map(piece -> parting.map().only(piece.piece().growths()))
        .map(map -> wanted(map, OptionalDouble.empty()))
        .forEach(pots::add);
    return pots;
  }

  private Pot wanted(RhizomeMap map, OptionalDouble oldMm) {
    var kind = job.kind();
    var move = PotMove.of(oldMm, oldMm.isPresent(), false, kind);
    var outline =
        oldMm.isPresent() ? job.outline() : map.outline(kind, job.parting().pace(), figures);
    double across = new Seats(outline, move, figures).wantedMm();
    return new Pot(job.pot().type(), across, null, "");
  }

  /** What goes into each pot of the job that was measured and holds its ball. */
  public List<Filling> fillings() {
    return byMix().values().stream().flatMap(List::stream).toList();
  }

  /** The same by what goes into them; the mix of the plant itself first. */
  public Map<Mix, List<Filling>> byMix() {
    var byMix = new LinkedHashMap<Mix, List<Filling>>();
    fill(job.potFor(), job.mix(), byMix);
    job.parting().daughters().forEach(piece -> fill(job.potFor(piece), job.mixFor(piece), byMix));
    return byMix;
  }

  private void fill(Pot pot, Mix mix, Map<Mix, List<Filling>> byMix) {
    double ball = ball();
    if (measured(pot) && Filling.holds(pot, ball, bottom(), top(pot), figures)) {
      byMix
          .computeIfAbsent(mix, each -> new ArrayList<>())
          .add(Filling.of(pot, ball, bottom(), top(pot), figures));
    }
  }

  /**
   * @throws Refused if the pot that was chosen is smaller than the ball, or its layers leave no
   *     room
   */
  public void refuseTooSmall() {
    job.told()
        .into()
        .pot()
        .filter(JobNeeds::measured)
        .ifPresent(pot -> Filling.of(pot, ball(), bottom(), top(pot), figures));
  }

  private static boolean measured(Pot pot) {
    return pot.diameterMm() != null && pot.depthMm() != null;
  }

  private double ball() {
    return job.work().ball().ml(job.pot(), figures) / (job.parting().daughters().size() + 1);
  }

  private double bottom() {
    return job.told().into().layers().bottomMm().orElse(figures.of(FillFigures.BOTTOM_LAYER));
  }

  private double top(Pot pot) {
    double usual = pot.topLayer().isBlank() ? 0 : figures.of(FillFigures.TOP_LAYER);
    return job.told().into().layers().topMm().orElse(usual);
  }
}

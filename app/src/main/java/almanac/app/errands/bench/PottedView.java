package almanac.app.errands.bench;

import almanac.app.errands.bench.dividing.MapEntry;
import almanac.app.errands.bench.dividing.PieceView;
import almanac.app.errands.bench.dividing.PlanView;
import almanac.app.errands.bench.potting.FillView;
import almanac.app.errands.bench.potting.PlaceView;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.entries.PotEntry;
import almanac.core.bench.Work;
import almanac.core.figures.Figures;
import almanac.core.judgement.evidence.Situation;
import almanac.core.kinds.Trait;
import almanac.core.medium.Lasting;
import almanac.core.pot.Ball;
import almanac.core.pot.Grade;
import almanac.core.pot.PotMove;
import almanac.core.pot.Seats;
import almanac.core.pot.SetDepth;
import almanac.core.rhizome.CutPlans;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.stock.Stock;
import almanac.core.tally.Aftermath;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What a job comes to for plant, pot and mix. */
final class PottedView {
  private final Job job;
  private final PlantInPlace plant;
  private final Work work;
  private final Parting parting;
  private final Figures figures;

  PottedView(Job job, PlantInPlace plant, Work work, Parting parting, Figures figures) {
    this.job = job;
    this.plant = plant;
    this.work = work;
    this.parting = parting;
    this.figures = figures;
  }

  /** How it is drawn and parted; null for a plant of one stem. */
  JobPage.@Nullable DividingView dividing() {
    if (!Parting.drawn(plant.follows())) {
      return null;
    }
    int least = plant.follows().of(Trait.LEAST_GROWTHS);
    var map = parting.map();
    return new JobPage.DividingView(
        MapEntry.of(map),
        parting.told(),
        parting.stays().growths().stream().map(MapGrowth::name).toList(),
        least,
        parting.pieces().isEmpty()
            ? List.of()
            : CutPlans.of(map, least).stream().map(plan -> PlanView.of(plan, map)).toList(),
        parting.pieces().stream().map(this::piece).toList());
  }

  private JobPage.PieceLine piece(Parting.Parted piece) {
    var outline = parting.map().only(piece.piece().growths()).outline(plant.follows(), figures);
    var move =
        new PotMove(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            false,
            false,
            false,
            piece.piece().roots() == 0 && !piece.piece().newRoots(),
            plant.follows().of(Trait.LIGHT_ON_ROOTS));
    return new JobPage.PieceLine(
        piece.key(),
        PieceView.of(piece.piece()),
        piece.fate(),
        new Seats(outline, move, figures).wantedMm(),
        piece.pot().map(PotEntry::of).orElse(null),
        piece.potItem());
  }

  /** Which pot, and where in it. */
  PlaceView place(Situation situation, Stock stock) {
    RhizomeMap map = parting.stays();
    return PlaceView.of(
        map.outline(plant.follows(), figures),
        move(situation),
        stock,
        Optional.ofNullable(job.told().pot())
            .map(PotEntry::pot)
            .filter(pot -> pot.diameterMm() != null),
        SetDepth.of(plant.follows()),
        job.begunOn(),
        figures);
  }

  private PotMove move(Situation situation) {
    var tally = job.told().tally().tally();
    var old = Optional.ofNullable(Jobs.pot(plant).diameterMm());
    LocalDate day = job.begunOn();
    return new PotMove(
        old.map(OptionalDouble::of).orElse(OptionalDouble.empty()),
        Lasting.years(
            Jobs.mix(job, plant),
            Jobs.moisture(job, plant),
            day,
            situation.conditions().means(),
            figures),
        work.ball() == Ball.WHOLE,
        false,
        Aftermath.potFollowsRoots(tally, figures),
        !tally.empty() && tally.left() == 0,
        plant.follows().of(Trait.LIGHT_ON_ROOTS));
  }

  /** How much of what goes into its pots; null where none was measured. */
  @Nullable FillView fill(Stock stock) {
    var fillings = Needed.fillings(job, plant, work, parting, figures);
    return fillings.isEmpty()
        ? null
        : FillView.of(
            fillings,
            Jobs.mix(job, plant),
            Grade.of(plant.follows().of(Trait.ROOTS)),
            stock,
            figures);
  }
}

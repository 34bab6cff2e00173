package almanac.app.errands.bench;

import almanac.app.errands.bench.dividing.GrowthMark;
import almanac.app.errands.bench.dividing.MapEntry;
import almanac.app.errands.bench.dividing.PieceView;
import almanac.app.errands.bench.dividing.PlanView;
import almanac.app.errands.bench.potting.FillView;
import almanac.app.errands.bench.potting.PlaceView;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.PotEntry;
import almanac.core.bench.JobAtHand;
import almanac.core.bench.Parting;
import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.pot.SetDepth;
import almanac.core.pot.Spot;
import almanac.core.rhizome.CutPlans;
import almanac.core.rhizome.MapGrowth;
import almanac.core.stock.Stock;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a job comes to for plant, pot and mix. */
final class PottedView {
  private final JobAtHand job;
  private final Kind kind;
  private final Figures figures;

  PottedView(JobAtHand job, Kind kind, Figures figures) {
    this.job = job;
    this.kind = kind;
    this.figures = figures;
  }

  /** How it is drawn and parted; null for a plant of one stem. */
  JobPage.@Nullable DividingView dividing() {
    if (!Parting.drawn(kind)) {
      return null;
    }
    int least = kind.of(Trait.LEAST_GROWTHS);
    var parting = job.parting();
    var map = parting.map();
    return new JobPage.DividingView(
        MapEntry.of(map),
        GrowthMark.of(map, parting),
        parting.told(),
        parting.stays().growths().stream().map(MapGrowth::name).toList(),
        least,
        parting.pieces().isEmpty()
            ? List.of()
            : CutPlans.of(map, least, job.plant().card().wish().aim().plans()).stream()
                .map(plan -> PlanView.of(plan, map))
                .toList(),
        parting.pieces().stream().map(piece -> line(piece, parting)).toList());
  }

  private JobPage.PieceLine line(Parting.Parted piece, Parting parting) {
    return new JobPage.PieceLine(
        piece.key(),
        parting.letter(piece),
        PieceView.of(piece.piece()),
        piece.piece().growths().stream()
            .flatMap(growth -> parting.map().heading(growth).stream())
            .map(Spot::hourOf)
            .toList(),
        piece.fate(),
        job.wantedMm(piece),
        piece.pot().map(PotEntry::of).orElse(null),
        piece.potItem().orElse(null),
        piece.to(),
        piece.mix().map(MixPart::of).orElse(null),
        new TallyEntry(piece.tally().counts(), piece.tally().byEye()));
  }

  /** Which pot, and where in it. */
  PlaceView place(Stock stock) {
    return PlaceView.of(
        job.outline(),
        Parting.drawn(kind) ? job.parting().stays().growths() : List.of(),
        job.move(),
        stock,
        job.told().into().pot().filter(pot -> pot.diameterMm() != null),
        SetDepth.of(kind),
        job.on(),
        figures);
  }

  /** How much of what goes into its pots; null where none was measured. */
  @Nullable FillView fill(Stock stock) {
    var needs = job.needs();
    var fillings = needs.byMix().getOrDefault(job.mix(), List.of());
    return fillings.isEmpty()
        ? null
        : FillView.of(fillings, job.mix(), needs.grade(), stock, figures);
  }
}

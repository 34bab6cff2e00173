package almanac.app.errands.bench;

import almanac.app.record.collection.PlantInPlace;
import almanac.core.bench.JobSteps;
import almanac.core.bench.Task;
import almanac.core.bench.Work;
import almanac.core.figures.Figures;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Origin;
import almanac.core.history.PlantStatus;
import almanac.core.history.Potting;
import almanac.core.history.Stand;
import almanac.core.history.Way;
import almanac.core.judgement.verdict.Step;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.stock.Draw;
import almanac.core.stock.Goods;
import almanac.core.stock.Stock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What a finished job writes into the journals. */
final class Finished {
  private static final int MOST_MINUTES = 1440;

  private final Job job;
  private final PlantInPlace plant;
  private final Work work;
  private final Parting parting;
  private final Stock stock;
  private final Figures figures;

  Finished(Job job, PlantInPlace plant, Work work, Parting parting, Stock stock, Figures figures) {
    this.job = job;
    this.plant = plant;
    this.work = work;
    this.parting = parting;
    this.stock = stock;
    this.figures = figures;
  }

  /** On the plant itself. */
  List<Happening> happenings() {
    var told = job.told();
    var happenings = new ArrayList<Happening>();
    var seen = Jobs.seen(job, plant, figures);
    if (!seen.empty()) {
      happenings.add(new Happening.Inspected(seen));
    }
    happenings.add(
        new Happening.Worked(
            told.tally().tally(), minutes(), told.well().strip(), told.badly().strip(), way()));
    if (told.done().contains(Task.APART) && plant.card().apartSince() == null) {
      happenings.add(new Happening.KeptApart(job.begunOn()));
    }
    if (parting.told() || !parting.daughters().isEmpty()) {
      happenings.add(new Happening.Mapped(parting.stays()));
    }
    potted().ifPresent(happenings::add);
    var draws = draws();
    if (!draws.isEmpty()) {
      happenings.add(new Happening.Drew(draws));
    }
    return happenings;
  }

  private Way way() {
    if (work.method().steps().contains(Step.CUT_TO_CLEAN)) {
      return Way.CUT;
    }
    return work.method().intact() ? Way.WHOLE : Way.OPENED;
  }

  /** What it stands in now, if it was filled anew. */
  Optional<Happening.Potted> potted() {
    return refills() ? Optional.of(potted(Jobs.potFor(job, plant))) : Optional.empty();
  }

  private boolean refills() {
    return !job.told().skipped().contains(Task.FILL)
        && JobSteps.of(work, figures).stream().anyMatch(step -> step.task() == Task.FILL);
  }

  private Happening.Potted potted(Pot pot) {
    return new Happening.Potted(
        new Potting(
            PottedOn.on(job.begunOn()),
            job.begunOn(),
            Jobs.mix(job, plant),
            Jobs.moisture(job, plant)),
        pot,
        plant.history().inFlower(job.begunOn()));
  }

  private List<Draw> draws() {
    var draws = new ArrayList<Draw>();
    if (refills()) {
      draws.addAll(stock.draws(Needed.of(job, plant, work, parting, figures)));
    }
    job.told()
        .filling()
        .back()
        .forEach(
            (component, ml) ->
                stock.items().stream()
                    .filter(
                        item ->
                            item.goods() instanceof Goods.Loose loose
                                && loose.component() == component
                                && ml > 0)
                    .findFirst()
                    .ifPresent(
                        item -> draws.add(new Draw(item.uid(), -ml, true, item.goods().words()))));
    return draws;
  }

  private int minutes() {
    var given = job.told().minutes();
    return given == null
        ? (int) Math.min(MOST_MINUTES, Duration.between(job.begunAt(), Jobs.now()).toMinutes())
        : given;
  }

  /** On each piece that is a plant of its own, by the number it is given. */
  List<Function<String, List<Happening>>> daughters(Stand end) {
    var daughters = new ArrayList<Function<String, List<Happening>>>();
    for (var piece : parting.daughters()) {
      var stand = new Stand(end.place(), end.position() + daughters.size());
      daughters.add(number -> daughter(piece, number, stand));
    }
    return daughters;
  }

  private List<Happening> daughter(Parting.Parted piece, String number, Stand stand) {
    var card = plant.card();
    var happenings = new ArrayList<Happening>();
    happenings.add(new Happening.PartedFrom(plant.id()));
    happenings.add(potted(piece.pot().orElseGet(() -> Jobs.potFor(job, plant))));
    happenings.add(new Happening.Numbered(number));
    happenings.add(new Happening.Named(card.names()));
    happenings.add(new Happening.OfKind(card.kind(), card.own()));
    happenings.add(new Happening.Moved(stand));
    happenings.add(
        new Happening.Came(new Origin(Optional.empty(), "", "", card.origin().parents())));
    RhizomeMap map = parting.map().only(piece.piece().growths());
    happenings.add(new Happening.Mapped(map));
    if (piece.fate() == PieceFate.GIVEN_AWAY) {
      happenings.add(new Happening.Became(new Fate(PlantStatus.GIVEN_AWAY, "when it was divided")));
    }
    return happenings;
  }
}

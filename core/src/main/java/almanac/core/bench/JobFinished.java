package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Origin;
import almanac.core.history.PlantStatus;
import almanac.core.history.Stand;
import almanac.core.history.Way;
import almanac.core.inspection.Inspection;
import almanac.core.judgement.verdict.Step;
import almanac.core.stock.Draw;
import almanac.core.stock.Goods;
import almanac.core.stock.Stock;
import almanac.core.stock.StockItem;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** What a finished job writes into the journals. Rules: The job at the bench. */
public final class JobFinished {
  /** A day; who left the page open overnight did not work for longer. */
  private static final long MOST_MINUTES = 1440;

  private static final String A_BULB = "a bulb with an eye, saved when the rest was let go";

  private final JobAtHand job;
  private final Stock stock;
  private final Figures figures;

  public JobFinished(JobAtHand job, Stock stock, Figures figures) {
    this.job = job;
    this.stock = stock;
    this.figures = figures;
  }

  /**
   * On the plant itself.
   *
   * @param taken since the job was begun
   */
  public List<Happening> happenings(Duration taken) {
    var told = job.told();
    var happenings = new ArrayList<Happening>();
    var seen = new SeenInTally(told.tally(), figures).and(told.seen());
    if (!seen.empty()) {
      happenings.add(new Happening.Inspected(seen));
    }
    var account = told.account();
    happenings.add(
        new Happening.Worked(
            told.tally(),
            account.minutes().orElse((int) Math.min(MOST_MINUTES, taken.toMinutes())),
            account.well().strip(),
            account.badly().strip(),
            way()));
    account.aids().entrySet().stream()
        .filter(aid -> !aid.getValue().isBlank())
        .sorted(Map.Entry.comparingByKey())
        .forEach(aid -> happenings.add(new Happening.Aided(aid.getKey(), aid.getValue().strip())));
    if (told.steps().done().contains(Task.APART)
        && job.plant().card().inHand().apartSince() == null) {
      happenings.add(new Happening.KeptApart(job.on()));
    }
    var parting = job.parting();
    if (parting.told() || !parting.daughters().isEmpty()) {
      happenings.add(new Happening.Mapped(parting.stays()));
    }
    job.potted().ifPresent(happenings::add);
    var draws = draws();
    if (!draws.isEmpty()) {
      happenings.add(new Happening.Drew(draws));
    }
    ended().map(Happening.Became::new).ifPresent(happenings::add);
    return happenings;
  }

  private Optional<ToldAtBench.Ending> ending() {
    return job.told().ending().filter(told -> job.has(Task.LET_GO));
  }

  private Optional<Fate> ended() {
    return ending()
        .flatMap(
            told -> told.became().status().map(status -> new Fate(status, told.why().strip())));
  }

  private Way way() {
    var method = job.work().method();
    if (method.steps().contains(Step.CUT_TO_CLEAN)) {
      return Way.CUT;
    }
    return method.intact() ? Way.WHOLE : Way.OPENED;
  }

  private List<Draw> draws() {
    var draws = new ArrayList<Draw>();
    if (job.refills()) {
      draws.addAll(stock.draws(job.needs().all()));
    }
    job.told()
        .into()
        .layers()
        .backMl()
        .forEach(
            (component, ml) ->
                stock.items().stream()
                    .filter(
                        item ->
                            item.goods() instanceof Goods.Loose loose
                                && loose.component() == component
                                && ml > 0)
                    .findFirst()
                    .map(item -> back(item, ml))
                    .ifPresent(draws::add));
    return draws;
  }

  private static Draw back(StockItem item, double ml) {
    return new Draw(item.uid(), -ml, true, item.goods().words());
  }

  /**
   * On each piece that is a plant of its own, by the number it is given.
   *
   * @param end behind the last plant of the place
   */
  public List<Function<String, List<Happening>>> daughters(Stand end) {
    var daughters = new ArrayList<Function<String, List<Happening>>>();
    for (var piece : job.parting().daughters()) {
      var stand = new Stand(end.place(), end.position() + daughters.size());
      daughters.add(
          number -> {
            var potted = job.pottedInto(job.potFor(piece), job.mixFor(piece));
            var happenings = daughter(potted, number, stand);
            happenings.addAll(counted(piece));
            happenings.add(new Happening.Mapped(job.parting().map().only(piece.piece().growths())));
            if (piece.fate() == PieceFate.GIVEN_AWAY) {
              var to = piece.to().isBlank() ? "when it was divided" : piece.to().strip();
              happenings.add(new Happening.Became(new Fate(PlantStatus.GIVEN_AWAY, to)));
            }
            return happenings;
          });
    }
    if (ending().filter(ToldAtBench.Ending::bulbSaved).isPresent()) {
      var stand = new Stand(end.place(), end.position() + daughters.size());
      daughters.add(
          number -> {
            var happenings = daughter(job.startedInMoss(), number, stand);
            happenings.add(new Happening.Became(new Fate(PlantStatus.RECOVERING, A_BULB)));
            return happenings;
          });
    }
    return daughters;
  }

  /** What was counted of a piece by itself; its minutes are those of the whole. */
  private List<Happening> counted(Parting.Parted piece) {
    if (piece.tally().empty()) {
      return List.of();
    }
    var counted = new ArrayList<Happening>();
    var seen = new SeenInTally(piece.tally(), figures).and(Inspection.on(job.on()));
    if (!seen.empty()) {
      counted.add(new Happening.Inspected(seen));
    }
    counted.add(new Happening.Worked(piece.tally(), 0, "", "", Way.OPENED));
    return counted;
  }

  private List<Happening> daughter(Happening.Potted potted, String number, Stand stand) {
    var card = job.plant().card();
    var happenings = new ArrayList<Happening>();
    happenings.add(new Happening.PartedFrom(job.plant().id()));
    happenings.add(potted);
    happenings.add(new Happening.Numbered(number));
    happenings.add(new Happening.Named(card.who().names()));
    happenings.add(new Happening.OfKind(card.who().kind(), card.who().own()));
    happenings.add(new Happening.Moved(stand));
    happenings.add(
        new Happening.Came(new Origin(Optional.empty(), "", "", card.origin().parents())));
    return happenings;
  }
}

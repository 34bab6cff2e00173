package almanac.app.errands.taught;

import almanac.app.judged.judging.Judging;
import almanac.app.judged.judging.OfEverybody;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.site.Today;
import almanac.core.figures.Figures;
import almanac.core.history.Outcome;
import almanac.core.roots.RootFigures;
import almanac.core.taught.ByKind;
import almanac.core.taught.DaysToDry;
import almanac.core.taught.Foretold;
import almanac.core.taught.HowLong;
import almanac.core.taught.Lessons;
import almanac.core.taught.MeanHere;
import almanac.core.taught.MoveTold;
import almanac.core.taught.SpeedHere;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What all moves teach, worked out once for each state of the journals and each day. */
@Component
class Taught {
  private final Plants plants;
  private final Remembered remembered;
  private final Judging judging;
  private final Kinds kinds;
  private final Today today;
  private final OfEverybody<Now> known = new OfEverybody<>();

  Taught(Plants plants, Remembered remembered, Judging judging, Kinds kinds, Today today) {
    this.plants = plants;
    this.remembered = remembered;
    this.judging = judging;
    this.kinds = kinds;
    this.today = today;
  }

  /**
   * What they teach.
   *
   * @param since the day of the first move
   * @param unseen moves at which nobody looked in time, the newest first
   * @param foretold lately, the newest first
   * @param dried days from wet to dry, by the time of the year
   * @param took how many times as long as usual a job takes; nothing where nobody said
   * @param byKind by ready rule and kind, those with the most moves first
   * @param nubs days from bumps to nubs, and those that are assumed
   * @param speeds of the roots of each kind that was measured, the best known first
   */
  record Now(
      Lessons lessons,
      Optional<LocalDate> since,
      List<TaughtPage.Unseen> unseen,
      List<TaughtPage.ForetoldCase> foretold,
      List<SpeedHere> speeds,
      List<MeanHere> dried,
      Optional<MeanHere> took,
      HowLong nubs,
      List<ByKind> byKind,
      double nubsAssumed) {}

  Now now() {
    var everybody = plants.everybody();
    var basis = judging.basis(today.get());
    return known.of(everybody, basis, () -> anew(everybody, basis.day(), basis.figures()));
  }

  private Now anew(List<PlantInPlace> everybody, LocalDate day, Figures figures) {
    var past = remembered.all(everybody);
    var moves = new ArrayList<MoveTold>();
    var ofKinds = new ArrayList<ByKind.OfKind>();
    var unseen = new ArrayList<TaughtPage.Unseen>();
    var foretold = new ArrayList<TaughtPage.ForetoldCase>();
    for (int i = 0; i < everybody.size(); i++) {
      var plant = everybody.get(i);
      for (var each : Foretold.lately(past.get(i).foretold(), day, figures)) {
        foretold.add(TaughtPage.ForetoldCase.of(plant, each));
      }
      for (var record : past.get(i).moves()) {
        var told = MoveTold.of(record, day, figures);
        moves.add(told);
        ofKinds.add(new ByKind.OfKind(plant.kind(), told));
        if (told.afterwards().outcome() == Outcome.NOBODY_LOOKED) {
          unseen.add(new TaughtPage.Unseen(plant.id(), plant.called(), told.move().on()));
        }
      }
    }
    foretold.sort(Comparator.comparing(TaughtPage.ForetoldCase::seen).reversed());
    unseen.sort(Comparator.comparing(TaughtPage.Unseen::on).reversed());
    return new Now(
        Lessons.of(moves, past.stream().flatMap(each -> each.pots().stream()).toList(), figures),
        moves.stream().map(told -> told.move().on()).min(Comparator.naturalOrder()),
        unseen,
        foretold,
        speeds(figures),
        DaysToDry.here(past.stream().map(Remembered.Past::dried).toList(), figures),
        MeanHere.ofAny(
            "A job", past.stream().flatMap(each -> each.took().stream()).toList(), figures),
        HowLong.of(past.stream().flatMap(each -> each.flushes().stream()).toList()),
        ByKind.of(ofKinds, figures),
        figures.of(RootFigures.BUMPS_DAYS));
  }

  private List<SpeedHere> speeds(Figures figures) {
    return judging.measuredSpeeds().entrySet().stream()
        .flatMap(
            each ->
                kinds.named(each.getKey()).stream()
                    .map(kind -> SpeedHere.of(kind, each.getValue(), figures)))
        .sorted(Comparator.comparing(SpeedHere::plants).reversed())
        .toList();
  }
}

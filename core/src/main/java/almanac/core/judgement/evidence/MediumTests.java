package almanac.core.judgement.evidence;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Sinking;
import almanac.core.inspection.Smell;
import almanac.core.judgement.evidence.TestsTogether.Thing;
import almanac.core.medium.Band;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.MediumTest;
import almanac.core.words.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the inspections of one potting say of its medium. Rules: The medium's clock. */
final class MediumTests {
  private final boolean dries;
  private final Figures figures;
  private final TestsTogether together = new TestsTogether();
  private final List<Drying.Reading> readings = new ArrayList<>();
  private OptionalDouble waterPh = OptionalDouble.empty();

  private MediumTests(boolean dries, Figures figures) {
    this.dries = dries;
    this.figures = figures;
  }

  /**
   * Every test that re-sets the clock, oldest first.
   *
   * @param dries whether it stands in what can dry out
   */
  static MediumTests of(List<Inspection> inspections, boolean dries, Figures figures) {
    var all = new MediumTests(dries, figures);
    inspections.forEach(all::read);
    return all;
  }

  TestsTogether together() {
    return together;
  }

  /** How long it takes to dry now and took before; nothing where too few have read it. */
  Optional<Drying> drying() {
    return Drying.of(readings, figures);
  }

  private void read(Inspection inspection) {
    inspection
        .look(Items.MEDIUM_PIECE)
        .answer()
        .ifPresent(
            piece ->
                add(Thing.STRUCTURE, inspection, piece.band(figures), "a piece " + piece.words()));
    inspection.look(Items.SMELL).answer().ifPresent(smell -> smell(inspection, smell));
    if (inspection.look(Items.SINKING).saw(Sinking.STANDS)) {
      add(
          Thing.STRUCTURE,
          inspection,
          Band.atLeast(of(MediumFigures.WATER_STANDS_LEAST)),
          "water stood on it");
    }
    if (dries) {
      inspection.look(Items.DAYS_TO_DRY).measured().ifPresent(days -> daysToDry(inspection, days));
    }
    var water = inspection.look(Items.SOAK_IN).measured();
    waterPh = water.isPresent() ? water : waterPh;
    inspection.look(Items.SOAK_PH).measured().ifPresent(ph -> soakPh(inspection, ph));
  }

  private void smell(Inspection inspection, Smell smell) {
    switch (smell) {
      case WOODY ->
          add(
              Thing.SMELL,
              inspection,
              Band.atMost(of(MediumFigures.WOODY_MOST)),
              "it smelled of wood");
      case SOUR ->
          add(
              Thing.SMELL,
              inspection,
              Band.atLeast(of(MediumFigures.SOUR_LEAST)),
              "it smelled sour");
      case ROTTEN ->
          add(
              Thing.SMELL,
              inspection,
              Band.atLeast(of(MediumFigures.ROTTEN_LEAST)),
              "it smelled rotten");
      case STALE -> {}
    }
  }

  private void daysToDry(Inspection inspection, double days) {
    readings.add(new Drying.Reading(inspection.on(), days));
    Drying.of(readings, figures)
        .filter(drying -> drying.ratio() > of(MediumFigures.SLOW_TO_DRY))
        .ifPresent(
            drying ->
                add(
                    Thing.OTHER,
                    inspection,
                    Band.atLeast(of(MediumFigures.SLOW_LEAST)),
                    "it took %s to dry, before %s"
                        .formatted(
                            Measure.DAYS.of(Math.round(drying.now())),
                            Measure.DAYS.of(Math.round(drying.before())))));
  }

  /** The drop is what went in minus what came out. */
  private void soakPh(Inspection inspection, double out) {
    if (waterPh.isEmpty()) {
      return;
    }
    double drop = Math.round(100 * (waterPh.getAsDouble() - out)) / 100.0;
    var words =
        "its soak water fell from %s to %s"
            .formatted(Measure.PH.of(waterPh.getAsDouble()), Measure.COUNT.of(out));
    if (drop >= of(MediumFigures.PH_DROP_LARGE)) {
      add(Thing.OTHER, inspection, Band.atLeast(of(MediumFigures.PH_LARGE_LEAST)), words);
    } else if (drop >= of(MediumFigures.PH_DROP)) {
      add(Thing.OTHER, inspection, Band.atLeast(of(MediumFigures.PH_LEAST)), words);
    }
  }

  private void add(Thing thing, Inspection inspection, Band band, String words) {
    together.add(thing, new MediumTest(inspection.on(), band, words));
  }

  private double of(Figure figure) {
    return figures.of(figure);
  }
}

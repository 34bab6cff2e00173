package almanac.app.errands.plants;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.collection.Corrections;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.history.Chronology;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Potting;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.potting.KeptWet;
import almanac.core.refusals.Entered;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down moves into fresh medium. */
@Service
@Transactional
public class Repotting {
  private final Plants plants;
  private final Keeping keeping;

  Repotting(Plants plants, Keeping keeping) {
    this.plants = plants;
    this.keeping = keeping;
  }

  /**
   * A move as it is told.
   *
   * @param moisture how wet it is kept; null for as its kind wants
   * @param pot null for the same as before
   * @param note in the collector's own words, may be empty
   * @param corrects the act it takes the place of, if it is a correction
   * @param pottedOn only to correct what a plant came in: since when it stood in that
   */
  public record Move(
      LocalDate on,
      Mix mix,
      @Nullable Moisture moisture,
      @Nullable Pot pot,
      String note,
      @Nullable UUID corrects,
      @Nullable PottedOn pottedOn) {}

  /** Writes a move down; the medium's clock starts anew and the aftercare begins. */
  public Written repot(long plantId, Move move, LocalDate today) {
    var inPlace = plants.one(plantId);
    var plant = plants.whole(plantId);
    var wrong =
        Corrections.line(plant, move.corrects(), Happening.Potted.class, "a potting").orElse(null);
    boolean cameIn = wrong != null && plant.journal().ofArrival(wrong);
    if (move.pottedOn() != null && !cameIn) {
      throw new BadEntry(
          "pottedOn", "Only what a plant came in can have been potted some other day.");
    }
    var day = cameIn ? wrong.act().on() : move.on();
    if (!cameIn) {
      Chronology.refuseBeforeArrival(plant, Entered.ON, day);
    }
    var potting =
        new Potting(
            move.pottedOn() == null ? PottedOn.on(move.on()) : move.pottedOn(),
            day,
            move.mix(),
            KeptWet.of(
                Optional.ofNullable(move.moisture()),
                inPlace.follows(),
                (move.pot() == null ? pot(plant.potted()) : move.pot()).type(),
                move.mix()));
    Chronology.refuseOutOfOrder(plant, wrong, potting);
    var potted =
        new Happening.Potted(
            potting,
            move.pot() == null ? pot(plant.potted()) : move.pot(),
            plant.history().inFlower(move.on()));
    return keeping.write(
        NewAct.of(day, plantId, potted)
            .noting(move.note())
            .correcting(wrong == null ? null : wrong.act()),
        today);
  }

  private static Pot pot(Line line) {
    return ((Happening.Potted) line.happening()).pot();
  }
}

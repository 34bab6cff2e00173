package almanac.app.errands.plants;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.history.Card;
import almanac.core.history.Changes;
import almanac.core.history.Chronology;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes what stands on a plant's card: each time one act, with what has to happen for it. */
@Service
@Transactional
public class CardChanges {
  private final Plants plants;
  private final Keeping keeping;
  private final StandingRoom room;

  CardChanges(Plants plants, Keeping keeping, StandingRoom room) {
    this.plants = plants;
    this.keeping = keeping;
    this.room = room;
  }

  /**
   * Changes a card.
   *
   * @param version the fingerprint of the card that was changed
   * @param is how it is to read
   * @return nothing if it reads so already
   * @throws Conflict if somebody else has changed it since
   * @throws Refused if it cannot read so
   */
  public Optional<Written> change(long plantId, UUID version, Card is, LocalDate today) {
    var plant = plants.whole(plantId);
    if (!plant.card().fingerprint().equals(version)) {
      throw new Conflict("This plant was changed in another window. Load the page again.");
    }
    refuse(plant, is);
    return write(plant, Changes.between(plant.card(), is), today);
  }

  private void refuse(Plant plant, Card is) {
    if (plant.card().stand().place() != is.stand().place()) {
      room.refuseUnknown(is.stand().place());
    }
    if (keeping.numberTaken(is.who().number(), plant.id())) {
      throw new BadEntry("number", "Another plant has the number %s.".formatted(is.who().number()));
    }
    var mother = is.mother();
    if (!Objects.equals(mother, plant.card().mother()) && mother != null && !plants.has(mother)) {
      throw new BadEntry("card.motherId", "There is no such plant to be its mother.");
    }
    is.origin().arrival().ifPresent(arrival -> Chronology.refuseAfterLooks(plant, arrival));
  }

  /**
   * Holds a plant in the pot it came in, or no longer.
   *
   * @param since the day since which it is held; null to end it
   * @return nothing if it is so already
   */
  public Optional<Written> hold(long plantId, @Nullable LocalDate since, LocalDate today) {
    var plant = plants.whole(plantId);
    var held = plant.card().inHand().heldSince();
    if (Objects.equals(held, since)) {
      return Optional.empty();
    }
    var change = since == null ? new Happening.Freed() : new Happening.Held(since);
    return write(plant, List.of(change), today);
  }

  private Optional<Written> write(Plant plant, List<Happening> changes, LocalDate today) {
    return changes.isEmpty()
        ? Optional.empty()
        : Optional.of(keeping.write(NewAct.of(today, Map.of(plant.id(), changes)), today));
  }
}

package almanac.app.errands.rounds;

import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.history.Happening;
import almanac.core.history.Row;
import almanac.core.history.Stand;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stands plants elsewhere, and pulls them aside for the bench. */
@Service
@Transactional
class Placing {
  private final Plants plants;
  private final Keeping keeping;
  private final StandingRoom room;

  Placing(Plants plants, Keeping keeping, StandingRoom room) {
    this.plants = plants;
    this.keeping = keeping;
    this.room = room;
  }

  /**
   * Stands plants in a place in the order given; others there come after them.
   *
   * @return nothing if they stand so already
   * @throws Refused if there is no such place
   */
  Optional<Written> stand(long placeId, List<Long> plantIds, LocalDate today) {
    room.refuseUnknown(placeId);
    var wanted = new ArrayList<Long>();
    plantIds.forEach(id -> wanted.add(plants.one(id).id()));
    var there = room.on(placeId);
    there.stream().map(PlantInPlace::id).filter(id -> !wanted.contains(id)).forEach(wanted::add);
    Map<Long, Double> now =
        there.stream()
            .collect(
                Collectors.toMap(
                    PlantInPlace::id, plant -> plant.card().stand().position(), (a, b) -> a));
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    Row.positions(wanted, now)
        .forEach(
            (id, position) ->
                happenings.put(id, List.of(new Happening.Moved(new Stand(placeId, position)))));
    return write(happenings, today);
  }

  /**
   * Pulls plants aside for the bench, or puts them back.
   *
   * @return nothing if they are so already
   */
  Optional<Written> setAside(List<Long> plantIds, boolean aside, LocalDate today) {
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    for (var id : plantIds) {
      if ((plants.one(id).card().inHand().asideOn() != null) != aside) {
        happenings.put(
            id, List.of(aside ? new Happening.SetAside(today) : new Happening.TakenBack()));
      }
    }
    return write(happenings, today);
  }

  private Optional<Written> write(Map<Long, List<Happening>> happenings, LocalDate today) {
    return happenings.isEmpty()
        ? Optional.empty()
        : Optional.of(keeping.write(NewAct.of(today, happenings), today));
  }
}

package almanac.app.journal;

import java.util.ArrayList;
import java.util.List;

/** How what stands on a plant's card is kept, and how a change of it is told. */
final class PlantCard {
  private PlantCard() {}

  static Facts read(almanac.app.db.tables.records.PlantRecord row) {
    return new Facts(
        row.getNumber(),
        row.getLabel(),
        row.getBelieved(),
        row.getConfirmed(),
        row.getParents(),
        PlantStatus.valueOf(row.getStatus()),
        row.getStatusReason(),
        row.getNotes(),
        row.getCameFrom(),
        row.getPrice(),
        row.getMotherId(),
        row.getStand(),
        row.getAsideOn(),
        row.getApartSince(),
        row.getHeldSince());
  }

  static void write(Facts facts, almanac.app.db.tables.records.PlantRecord row) {
    row.setNumber(facts.number());
    row.setLabel(facts.label());
    row.setBelieved(facts.believed());
    row.setConfirmed(facts.confirmed());
    row.setParents(facts.parents());
    row.setStatus(facts.status().name());
    row.setStatusReason(facts.statusReason());
    row.setNotes(facts.notes());
    row.setCameFrom(facts.cameFrom());
    row.setPrice(facts.price());
    row.setMotherId(facts.motherId());
    row.setStand(facts.stand());
    row.setAsideOn(facts.asideOn());
    row.setApartSince(facts.apartSince());
    row.setHeldSince(facts.heldSince());
  }

  /** What is worth a line in the plant's history. */
  static List<String> changes(PlantRecord plant, Cards.Change change) {
    var was = plant.facts();
    var is = change.facts();
    var words = new ArrayList<String>();
    if (!was.number().equals(is.number())) {
      words.add("Number %s instead of %s".formatted(is.number(), was.number()));
    }
    if (!was.label().equals(is.label())) {
      words.add("Label “%s” instead of “%s”".formatted(is.label(), was.label()));
    }
    if (!was.believed().equals(is.believed()) && !is.believed().isEmpty()) {
      words.add("Believed to be %s".formatted(is.believed()));
    }
    if (!was.confirmed().equals(is.confirmed()) && !is.confirmed().isEmpty()) {
      words.add("Confirmed on flowering as %s".formatted(is.confirmed()));
    }
    if (was.status() != is.status()) {
      words.add(
          is.statusReason().isEmpty()
              ? "Now %s".formatted(is.status().words())
              : "Now %s: %s".formatted(is.status().words(), is.statusReason()));
    }
    if (plant.bench().id() != change.benchId()) {
      words.add("Moved from %s".formatted(plant.bench().name()));
    }
    if (was.apartSince() == null && is.apartSince() != null) {
      words.add("Kept apart from the others");
    } else if (was.apartSince() != null && is.apartSince() == null) {
      words.add("No longer kept apart");
    }
    if (was.heldSince() == null && is.heldSince() != null) {
      words.add("Held in the pot it came in");
    } else if (was.heldSince() != null && is.heldSince() == null) {
      words.add("No longer held in its pot");
    }
    return words;
  }
}

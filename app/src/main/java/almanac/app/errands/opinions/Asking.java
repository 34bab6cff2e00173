package almanac.app.errands.opinions;

import almanac.app.errands.whatif.OpenSituation;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.TraitsEntry;
import almanac.app.record.site.Site;
import almanac.core.history.Answerable;
import almanac.core.history.Arrival;
import almanac.core.history.PlantHistory;
import almanac.core.inspection.Inspection;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;

/** Tells of a plant all that a judgement rests on, in the form of the open interface. */
@Component
class Asking {
  /** More days of looks than the open interface takes say nothing of today. */
  private static final int MOST_DAYS = 100;

  private final Site site;

  Asking(Site site) {
    this.site = site;
  }

  Question of(PlantInPlace plant, LocalDate day) {
    return Question.of(plant.plant().uid(), plant.kind().name(), situation(plant, day));
  }

  private OpenSituation situation(PlantInPlace plant, LocalDate day) {
    var potting = plant.history().potting();
    var origin = plant.card().origin();
    var place = plant.place();
    return new OpenSituation(
        plant.called(),
        plant.kind().key(),
        day,
        new OpenSituation.Pot(
            potting.pottedOn().text(), MixPart.of(potting.mix()), potting.moisture()),
        looks(plant),
        new OpenSituation.Surroundings(site.light().latitude(), place.lampHours(), place.means()),
        origin.arrival().map(Arrival::on).orElse(null),
        origin.arrival().map(Arrival::rootless).orElse(null),
        plant.card().wish().aim(),
        null,
        TraitsEntry.ofAPlant(plant.follows().traits()),
        null);
  }

  /** The latest days on which somebody looked, while it has been here. */
  private static List<OpenSituation.DayOfLooks> looks(PlantInPlace plant) {
    var from = plant.card().origin().arrival().map(Arrival::on).orElse(LocalDate.MIN);
    var history = plant.history();
    var life =
        history.life().stream()
            .filter(seen -> !seen.on().isBefore(from))
            .map(seen -> speaking(seen, history))
            .filter(seen -> !seen.empty())
            .toList();
    return life.subList(Math.max(0, life.size() - MOST_DAYS), life.size()).stream()
        .map(seen -> new OpenSituation.DayOfLooks(seen.on(), LookEntry.of(seen)))
        .toList();
  }

  /** What was seen of a former pot, or cannot be seen in this medium, says nothing of today. */
  private static Inspection speaking(Inspection seen, PlantHistory history) {
    boolean here = history.inspections().contains(seen);
    var mix = history.potting().mix();
    var speaking = seen;
    for (var spot : seen.findings().keySet()) {
      var item = spot.item();
      if (item.ofThisPot() && !here || Answerable.refusal(item, mix).isPresent()) {
        speaking = speaking.without(spot);
      }
    }
    return speaking;
  }
}

package almanac.app.judged.pages;

import almanac.app.judged.judging.Judging;
import almanac.app.judged.judging.WorkedOut;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.site.Today;
import java.util.List;
import org.springframework.stereotype.Service;

/** Draws up the list of plants; each line anew only once something it rests on has changed. */
@Service
public class PlantLines {
  private final Plants plants;
  private final Judging judging;
  private final Today today;
  private final WorkedOut<PlantLine> lines = new WorkedOut<>();

  PlantLines(Plants plants, Judging judging, Today today) {
    this.plants = plants;
    this.judging = judging;
    this.today = today;
  }

  /** Those that are here, by number. */
  public List<PlantLine> here() {
    var basis = judging.basis(today.get());
    return plants.all().stream().map(plant -> lines.of(plant, basis, () -> line(plant))).toList();
  }

  /** Those that were given away or lost, by number. */
  public List<GonePlant> gone() {
    return plants.everybody().stream()
        .filter(plant -> !plant.plant().here())
        .map(
            plant ->
                new GonePlant(
                    plant.id(),
                    plant.card().who().number(),
                    plant.name(),
                    plant.kind().name(),
                    plant.card().fate().status().words(),
                    plant.card().fate().because()))
        .toList();
  }

  private PlantLine line(PlantInPlace plant) {
    var judged = judging.judge(plant, today.get());
    var card = plant.card();
    var life = plant.history().life();
    return new PlantLine(
        plant.id(),
        card.who().number(),
        plant.called(),
        plant.kind().key(),
        plant.kind().name(),
        plant.place().id(),
        plant.place().name(),
        card.stand().position(),
        judged.approach(),
        judged.verdict(),
        judged.verdict().family(),
        judged.verdict().turn(),
        judged.verdict().inHand(),
        judged.title(),
        Part.of(judged.advice()),
        Math.round(judged.need()),
        Math.round(judged.readiness()),
        Math.round(judged.weighed().readinessMost()),
        Slips.when(judged.timing(), today.get()),
        judging.since(plant, today.get(), judged).orElse(null),
        Slips.nextMove(judged.ahead()),
        judged.weighed().carried().stream()
            .findFirst()
            .map(each -> Part.of(each.sentence()))
            .orElse(null),
        card.inHand().asideOn(),
        card.inHand().apartSince(),
        card.inHand().treatment() != null,
        card.inHand().heldSince(),
        life.isEmpty() ? null : life.get(life.size() - 1).on(),
        judging.checks(plant, today.get(), judged).stream()
            .findFirst()
            .map(open -> PlantPage.CheckView.of(open, today.get()))
            .orElse(null));
  }
}

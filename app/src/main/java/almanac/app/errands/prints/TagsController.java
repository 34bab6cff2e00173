package almanac.app.errands.prints;

import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Walk;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.history.Handled;
import almanac.core.inspection.Items;
import almanac.core.inspection.Look;
import almanac.core.inspection.Tag;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TagsController {
  private static final int LETTERS = 26;

  private final Plants plants;
  private final Rules rules;
  private final Today today;

  TagsController(Plants plants, Rules rules, Today today) {
    this.plants = plants;
    this.rules = rules;
    this.today = today;
  }

  /** Every tag, and the tags to be checked against each other. */
  record Tags(List<TagLine> tags, List<Together> together) {}

  /** What stands on one tag. */
  record TagLine(
      long plantId,
      String number,
      String name,
      String pottedOn,
      String mixWords,
      long placeId,
      String placeName,
      @Schema(description = "The letter of its group; one for each place, along the walk")
          String letter,
      @Schema(nullable = true, description = "As it was seen last; null if nobody has looked")
          Tag seen) {}

  /** Plants that were handled on the same day and whose tags nobody has checked since. */
  record Together(LocalDate on, List<TagLine> plants) {}

  @GetMapping("/api/tags")
  @Operation(summary = "What stands on every tag, which are missing, and which may be swapped")
  Tags all() {
    var walk = plants.all().stream().sorted(Walk.ORDER).toList();
    var letters = letters(walk);
    var lines = new LinkedHashMap<Long, TagLine>();
    walk.forEach(plant -> lines.put(plant.id(), line(plant, letters)));
    return new Tags(List.copyOf(lines.values()), together(walk, lines));
  }

  private List<Together> together(List<PlantInPlace> plants, Map<Long, TagLine> lines) {
    var told = plants.stream().map(PlantInPlace::plant).toList();
    return Handled.together(told, today.get(), rules.figures()).stream()
        .map(
            day ->
                new Together(
                    day.on(), day.plants().stream().map(plant -> lines.get(plant.id())).toList()))
        .toList();
  }

  private static Map<Long, String> letters(List<PlantInPlace> plants) {
    var letters = new LinkedHashMap<Long, String>();
    var places = new ArrayList<Long>();
    for (var plant : plants) {
      if (!places.contains(plant.place().id())) {
        places.add(plant.place().id());
      }
    }
    for (int i = 0; i < places.size(); i++) {
      letters.put(places.get(i), String.valueOf((char) ('A' + i % LETTERS)));
    }
    return letters;
  }

  private TagLine line(PlantInPlace plant, Map<Long, String> letters) {
    var potting = plant.history().potting();
    Look<Tag> seen = plant.history().latest(Items.TAG, today.get());
    return new TagLine(
        plant.id(),
        plant.card().who().number(),
        plant.name(),
        potting.pottedOn().text(),
        potting.mix().words(),
        plant.place().id(),
        plant.place().name(),
        letters.getOrDefault(plant.place().id(), ""),
        seen.answer().orElse(null));
  }
}

package almanac.app.errands.rounds;

import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Walk;
import almanac.app.record.collection.Written;
import almanac.app.record.site.Today;
import almanac.core.checks.diary.Urgency;
import almanac.core.inspection.Item;
import almanac.core.inspection.ShortLook;
import almanac.core.judgement.verdict.Verdict;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RoundController {
  private static final int MOST = 5000;

  private final Plants plants;
  private final Placing standing;
  private final Judging judging;
  private final Today today;

  RoundController(Plants plants, Placing standing, Judging judging, Today today) {
    this.plants = plants;
    this.standing = standing;
    this.judging = judging;
    this.today = today;
  }

  /** The plants of a round in walking order, and what is looked at of each. */
  record Round(
      @Schema(description = "The items of the short look, in looking order") List<String> items,
      List<Stop> stops) {}

  /** One plant on the way. */
  record Stop(
      long plantId,
      String number,
      String name,
      long placeId,
      String placeName,
      Verdict verdict,
      @Schema(nullable = true) LocalDate lastSeen,
      @Schema(nullable = true) LocalDate asideOn) {}

  /** Plants in the order in which they are to stand. */
  record Stands(
      @NotEmpty(message = "Name the plants in the order in which they stand.")
          @Size(max = MOST, message = "A place does not bear so many plants.")
          List<@NotNull Long> plants) {}

  /** Plants to pull aside for the bench, or to put back. */
  record Aside(
      @NotEmpty(message = "Name the plants.") @Size(max = MOST, message = "Too many at once.")
          List<@NotNull Long> plants,
      boolean aside) {}

  /** What was done. */
  record Done(
      @Schema(
              nullable = true,
              description = "So that it can be taken back; null if it was so already")
          UUID act,
      @Schema(description = "All plants that it was on") List<Long> plants) {
    static Done by(Optional<Written> written) {
      return new Done(
          written.map(each -> each.act().uid()).orElse(null),
          written.stream().flatMap(each -> each.plants().stream()).map(PlantInPlace::id).toList());
    }
  }

  @GetMapping("/api/round")
  @Operation(summary = "A round along the places: its plants in walking order")
  Round round(
      @RequestParam(defaultValue = "") List<Long> place,
      @RequestParam(defaultValue = "") List<Long> plant,
      @RequestParam(defaultValue = "false") boolean due) {
    var day = today.get();
    var stops =
        plants.all().stream()
            .filter(each -> place.isEmpty() || place.contains(each.place().id()))
            .filter(each -> plant.isEmpty() || plant.contains(each.id()))
            .filter(each -> !due || due(each, day))
            .sorted(Walk.ROUND)
            .map(each -> stop(each, day))
            .toList();
    return new Round(ShortLook.items().stream().map(Item::key).toList(), stops);
  }

  @PutMapping("/api/places/{id}/plants")
  @Operation(summary = "Stands plants in a place in the order given, wherever they stood before")
  Done stand(@PathVariable long id, @Valid @RequestBody Stands stands) {
    return Done.by(standing.stand(id, stands.plants().stream().distinct().toList(), today.get()));
  }

  @PutMapping("/api/aside")
  @Operation(summary = "Pulls plants aside for the bench, or puts them back")
  Done aside(@Valid @RequestBody Aside aside) {
    return Done.by(
        standing.setAside(aside.plants().stream().distinct().toList(), aside.aside(), today.get()));
  }

  private boolean due(PlantInPlace plant, LocalDate day) {
    return judging.checks(plant, day).stream().anyMatch(open -> open.urgency(day) != Urgency.LATER);
  }

  private Stop stop(PlantInPlace plant, LocalDate day) {
    var life = plant.history().life();
    return new Stop(
        plant.id(),
        plant.card().who().number(),
        plant.called(),
        plant.place().id(),
        plant.place().name(),
        judging.judge(plant, day).verdict(),
        life.isEmpty() ? null : life.get(life.size() - 1).on(),
        plant.card().inHand().asideOn());
  }
}

package almanac.app.round;

import almanac.app.journal.Cards;
import almanac.app.journal.Journal;
import almanac.app.journal.PlantRecord;
import almanac.app.judging.Judging;
import almanac.app.plants.Walk;
import almanac.app.site.Today;
import almanac.core.inspection.Item;
import almanac.core.inspection.ShortLook;
import almanac.core.judgement.Verdict;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RoundController {
  private static final int MOST = 5000;

  private final Journal journal;
  private final Cards cards;
  private final Judging judging;
  private final Today today;

  RoundController(Journal journal, Cards cards, Judging judging, Today today) {
    this.journal = journal;
    this.cards = cards;
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
      long benchId,
      String benchName,
      Verdict verdict,
      @Schema(nullable = true) LocalDate lastSeen,
      @Schema(nullable = true) LocalDate asideOn) {}

  /** Plants in the order in which they are to stand. */
  record Stands(
      @NotEmpty(message = "Name the plants in the order in which they stand.")
          @Size(max = MOST, message = "A bench does not bear so many plants.")
          List<@NotNull Long> plants) {}

  /** Plants to pull aside for the bench, or to put back. */
  record Aside(
      @NotEmpty(message = "Name the plants.") @Size(max = MOST, message = "Too many at once.")
          List<@NotNull Long> plants,
      boolean aside) {}

  @GetMapping("/api/round")
  @Operation(summary = "A round along the benches: its plants in walking order")
  Round round(
      @RequestParam(defaultValue = "") List<Long> bench,
      @RequestParam(defaultValue = "false") boolean due) {
    var day = today.get();
    var stops =
        journal.all().stream()
            .filter(plant -> bench.isEmpty() || bench.contains(plant.bench().id()))
            .filter(plant -> !due || due(plant, day))
            .sorted(Walk.ORDER)
            .map(plant -> stop(plant, day))
            .toList();
    return new Round(ShortLook.items().stream().map(Item::key).toList(), stops);
  }

  @PutMapping("/api/benches/{id}/plants")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Stands plants on a bench in the order given, wherever they stood before")
  void stand(@PathVariable long id, @Valid @RequestBody Stands stands) {
    cards.stand(id, stands.plants().stream().distinct().toList(), today.get());
  }

  @PutMapping("/api/aside")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Pulls plants aside for the bench, or puts them back")
  void aside(@Valid @RequestBody Aside aside) {
    cards.setAside(aside.plants(), aside.aside() ? today.get() : null);
  }

  private static boolean due(PlantRecord plant, LocalDate day) {
    return plant.openChecks().stream()
        .anyMatch(booked -> !booked.check().window().early().isAfter(day));
  }

  private Stop stop(PlantRecord plant, LocalDate day) {
    var life = plant.history().life();
    return new Stop(
        plant.id(),
        plant.facts().number(),
        plant.facts().name(),
        plant.bench().id(),
        plant.bench().name(),
        judging.judge(plant, day).verdict(),
        life.isEmpty() ? null : life.get(life.size() - 1).on(),
        plant.facts().asideOn());
  }
}

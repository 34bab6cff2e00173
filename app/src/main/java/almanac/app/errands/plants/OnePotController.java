package almanac.app.errands.plants;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.journal.NewAct;
import almanac.app.record.site.Today;
import almanac.core.history.Happening;
import almanac.core.history.OnePot;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Plants that are kept on in one pot. */
@RestController
@RequestMapping("/api/plants/{id}/one-pot")
class OnePotController {
  private final Plants plants;
  private final Keeping keeping;
  private final StandingRoom room;
  private final Pages pages;
  private final Today today;

  OnePotController(Plants plants, Keeping keeping, StandingRoom room, Pages pages, Today today) {
    this.plants = plants;
    this.keeping = keeping;
    this.room = room;
    this.pages = pages;
    this.today = today;
  }

  /** Plants that go into the pot of another. */
  record Joining(
      @NotEmpty(message = "Say which plants.")
          @Size(max = 20, message = "So many do not go into one pot.")
          List<@NotNull(message = "Say which plant.") Long> plants) {}

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(
      summary = "Puts plants into the pot of this one, whose card stands for all from then on")
  Saved join(@PathVariable long id, @Valid @RequestBody Joining entry) {
    var joining =
        entry.plants().stream().distinct().map(plants::one).map(PlantInPlace::plant).toList();
    var happenings = OnePot.joined(plants.one(id).plant(), joining);
    return pages.saved(keeping.write(NewAct.of(today.get(), happenings), today.get()));
  }

  @DeleteMapping
  @Operation(summary = "Gives a plant that shares a pot one of its own again")
  Saved apart(@PathVariable long id) {
    var plant = plants.whole(id);
    var holder = plant.card().inHand().inPotOf();
    if (holder == null) {
      throw new BadEntry("id", "It has a pot of its own.");
    }
    var other = plants.one(holder);
    List<Happening> happenings =
        OnePot.apart(plant, other.plant(), room.atTheEndOf(other.place().id()));
    return pages.saved(
        keeping.write(
            NewAct.of(today.get(), id, happenings.toArray(Happening[]::new)), today.get()));
  }
}

package almanac.app.errands.plants;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.judged.pages.Altered;
import almanac.app.judged.pages.GonePlant;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.PlantLine;
import almanac.app.judged.pages.PlantLines;
import almanac.app.judged.pages.PlantPage;
import almanac.app.judged.pages.Saved;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.NewPlant;
import almanac.app.record.entries.PlantEntry;
import almanac.app.record.entries.PotEntry;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.places.PlaceKind;
import almanac.app.record.places.Places;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.history.Arrival;
import almanac.core.history.Card;
import almanac.core.history.Fate;
import almanac.core.history.Names;
import almanac.core.history.Origin;
import almanac.core.history.Potting;
import almanac.core.history.Wish;
import almanac.core.kinds.Kind;
import almanac.core.medium.PottedOn;
import almanac.core.potting.KeptWet;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Field;
import almanac.core.refusals.PastDay;
import almanac.core.season.SeasonFigures;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/plants")
class PlantsController {
  private final Plants plants;
  private final Adding adding;
  private final CardChanges changes;
  private final StandingRoom room;
  private final Pages pages;
  private final Kinds kinds;
  private final PlantLines lines;
  private final Rules rules;
  private final Today today;

  PlantsController(
      Plants plants,
      Adding adding,
      CardChanges changes,
      StandingRoom room,
      Pages pages,
      Kinds kinds,
      PlantLines lines,
      Rules rules,
      Today today) {
    this.plants = plants;
    this.adding = adding;
    this.changes = changes;
    this.room = room;
    this.pages = pages;
    this.kinds = kinds;
    this.lines = lines;
    this.rules = rules;
    this.today = today;
  }

  @GetMapping
  @Operation(summary = "All plants with their verdicts, by number")
  List<PlantLine> all() {
    return lines.here();
  }

  @GetMapping("/gone")
  @Operation(summary = "Plants that were given away or lost, by number")
  List<GonePlant> gone() {
    return lines.gone();
  }

  @GetMapping("/{id}")
  @Operation(summary = "One plant: its slip, its checks and its journal")
  PlantPage one(@PathVariable long id) {
    return pages.of(plants.one(id));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Adds a plant; its first look stands among the checks")
  Saved add(@Valid @RequestBody NewPlant plant) {
    var kind = kind(plant.kind());
    var day = today.get();
    var potting =
        new Potting(
            PottedOn.entered(plant.pottedOn(), day),
            day,
            MixPart.mix(plant.mix()),
            KeptWet.of(
                Optional.ofNullable(plant.moisture()),
                kind,
                PotEntry.pot(plant.pot()).type(),
                MixPart.mix(plant.mix())));
    return pages.saved(
        adding.add(
            new Adding.NewPlant(
                plant.label().strip(),
                kind,
                plant.placeId(),
                plant.newPlace() == null ? null : place(plant.newPlace()),
                potting,
                PotEntry.pot(plant.pot()),
                arrival(plant.arrivedOn(), Boolean.TRUE.equals(plant.cameRootless())),
                plant.cameFrom() == null ? "" : plant.cameFrom().strip(),
                plant.price() == null ? "" : plant.price().strip(),
                Boolean.TRUE.equals(plant.apart()),
                Boolean.TRUE.equals(plant.held()),
                plant.motherId()),
            day));
  }

  private Places.Wanted place(NewPlant.NewPlace told) {
    return new Places.Wanted(
        told.name().strip(),
        PlaceKind.OTHER,
        told.lamps() ? rules.figures().of(SeasonFigures.LAMP_HOURS) : null,
        null,
        null);
  }

  @PutMapping("/{id}")
  @Operation(summary = "Changes what stands on its card, in one act; judged anew at once")
  Altered change(@PathVariable long id, @Valid @RequestBody PlantEntry entry) {
    var card = card(entry, plants.one(id));
    return pages.changed(changes.change(id, entry.version(), card, today.get()), id);
  }

  /** Whether a plant is held. */
  record Hold(boolean held) {}

  @PutMapping("/{id}/hold")
  @Operation(summary = "Holds a plant in the pot it came in from today on, or no longer")
  Altered hold(@PathVariable long id, @Valid @RequestBody Hold hold) {
    return pages.changed(changes.hold(id, hold.held() ? today.get() : null, today.get()), id);
  }

  private Kind kind(String key) {
    return kinds
        .named(key)
        .orElseThrow(() -> new BadEntry("kind", "There is no kind of this name."));
  }

  private Optional<Arrival> arrival(@Nullable LocalDate on, boolean rootless) {
    return Optional.ofNullable(on)
        .map(day -> new Arrival(PastDay.check(Entered.ARRIVED_ON, day, today.get()), rootless));
  }

  private Card card(PlantEntry entry, PlantInPlace plant) {
    var card = entry.card();
    if (card.motherId() != null && card.motherId() == plant.id()) {
      throw new BadEntry("card.motherId", "A plant cannot be its own mother.");
    }
    if (!card.status().said() && card.status() != plant.card().fate().status()) {
      throw new BadEntry(
          "card.status", "Put it into the pot of the other plant, on that one’s page.");
    }
    if (card.status().said() && !card.status().here() && card.statusReason().isBlank()) {
      throw new BadEntry("card.statusReason", "Say why: to whom it went, or what it died of.");
    }
    pastDay(Entered.APART_SINCE, card.apartSince());
    pastDay(Entered.HELD_SINCE, card.heldSince());
    return new Card(
        new Card.Who(
            card.number().strip(),
            new Names(
                card.label().strip(),
                card.believed().strip(),
                card.confirmed().strip(),
                card.flowers() == null
                    ? plant.card().who().names().flowers()
                    : card.flowers().strip()),
            entry.kind(),
            entry.deviation().own("deviation", kind(entry.kind()))),
        plant.place().id() == entry.placeId()
            ? plant.card().stand()
            : room.atTheEndOf(entry.placeId()),
        new Origin(
            arrival(entry.arrivedOn(), entry.cameRootless()),
            card.cameFrom().strip(),
            card.price().strip(),
            card.parents().strip()),
        new Wish(entry.aim(), entry.approach()),
        card.notes().strip(),
        new Fate(card.status(), card.statusReason().strip()),
        card.motherId(),
        new Card.InHand(
            plant.card().inHand().asideOn(),
            card.apartSince(),
            card.heldSince(),
            plant.card().inHand().tasks(),
            plant.card().inHand().bookings(),
            plant.card().inHand().inPotOf(),
            plant.card().inHand().treatment(),
            plant.card().inHand().beside(),
            plant.card().inHand().trials()));
  }

  private void pastDay(Field field, @Nullable LocalDate day) {
    if (day != null) {
      PastDay.check(field, day, today.get());
    }
  }
}

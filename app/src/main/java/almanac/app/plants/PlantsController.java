package almanac.app.plants;

import almanac.app.collection.PlantInPlace;
import almanac.app.collection.Plants;
import almanac.app.collection.Room;
import almanac.app.judging.Judging;
import almanac.app.judging.WorkedOut;
import almanac.app.kinds.Kinds;
import almanac.app.shown.Altered;
import almanac.app.shown.Pages;
import almanac.app.shown.Part;
import almanac.app.shown.PlantPage;
import almanac.app.shown.Saved;
import almanac.app.shown.Slip;
import almanac.app.shown.Slips;
import almanac.app.site.Today;
import almanac.app.told.DeviationEntry;
import almanac.app.told.MixPart;
import almanac.app.told.PotEntry;
import almanac.core.history.Aim;
import almanac.core.history.Approach;
import almanac.core.history.Arrival;
import almanac.core.history.Card;
import almanac.core.history.Fate;
import almanac.core.history.Names;
import almanac.core.history.Origin;
import almanac.core.history.PlantStatus;
import almanac.core.history.Potting;
import almanac.core.history.Wish;
import almanac.core.judgement.Family;
import almanac.core.judgement.Verdict;
import almanac.core.kinds.Kind;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.refusals.PastDay;
import almanac.core.refusals.Refused;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
  private final Room room;
  private final Pages pages;
  private final Judging judging;
  private final Kinds kinds;
  private final WorkedOut<PlantLine> lines = new WorkedOut<>();
  private final Today today;

  PlantsController(
      Plants plants,
      Adding adding,
      CardChanges changes,
      Room room,
      Pages pages,
      Judging judging,
      Kinds kinds,
      Today today) {
    this.plants = plants;
    this.adding = adding;
    this.changes = changes;
    this.room = room;
    this.pages = pages;
    this.judging = judging;
    this.kinds = kinds;
    this.today = today;
  }

  /** A plant in the list. */
  record PlantLine(
      long id,
      String number,
      String name,
      String kind,
      String kindName,
      long placeId,
      String placeName,
      @Schema(description = "Its turn along the walk through its place") double stand,
      Approach approach,
      Verdict verdict,
      Family family,
      String title,
      List<Part> advice,
      long need,
      long readiness,
      long readinessMost,
      Slip.When when,
      @Schema(nullable = true, description = "The weightiest reason") List<Part> reason,
      @Schema(nullable = true) LocalDate asideOn,
      @Schema(nullable = true) LocalDate apartSince,
      @Schema(nullable = true) LocalDate heldSince,
      @Schema(nullable = true) LocalDate lastSeen,
      @Schema(nullable = true) PlantPage.CheckView nextCheck) {}

  /** A plant to add. */
  record NewPlant(
      @NotBlank(message = "Give the name as it stands on the label.")
          @Size(max = 200, message = "A name has at most 200 characters.")
          String label,
      @NotBlank(message = "Choose what kind of plant it is.") String kind,
      @NotNull(message = "Choose the place it stands on.") Long placeId,
      @NotBlank(message = "Say when it was potted: a day, a month, a year, or unknown.")
          @Size(max = 40, message = "Say when it was potted: a day, a month, a year, or unknown.")
          @Schema(description = "A day, a month, a year, or unknown", example = "2026-05")
          String pottedOn,
      @NotEmpty(message = "A mix needs at least one component.")
          List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix,
      @Schema(nullable = true, description = "How wet it is kept; without it, as its kind wants")
          Moisture moisture,
      @Schema(nullable = true, description = "The pot itself; not noted unless given") PotEntry pot,
      @Schema(nullable = true, description = "The day it came; null if nobody knows")
          LocalDate arrivedOn,
      @Schema(nullable = true, description = "Whether it came without live roots")
          Boolean cameRootless,
      @Schema(nullable = true) @Size(max = 200, message = "At most 200 characters.")
          String cameFrom,
      @Schema(nullable = true) @Size(max = 40, message = "A price has at most 40 characters.")
          String price,
      @Schema(nullable = true, description = "Kept apart from the others from today on")
          Boolean apart,
      @Schema(nullable = true, description = "Held in the pot it came in from today on")
          Boolean held,
      @Schema(nullable = true, description = "The plant that it was divided from") Long motherId) {}

  /** What stands on a plant's card. */
  record CardEntry(
      @NotBlank(message = "A plant needs a number.")
          @Size(max = 20, message = "A number has at most 20 characters.")
          String number,
      @NotBlank(message = "Give the name as it stands on the label.")
          @Size(max = 200, message = "A name has at most 200 characters.")
          String label,
      @NotNull @Size(max = 200, message = "A name has at most 200 characters.") String believed,
      @NotNull @Size(max = 200, message = "A name has at most 200 characters.") String confirmed,
      @NotNull @Size(max = 200, message = "Parents have at most 200 characters.") String parents,
      @NotNull(message = "Say where it is in its life.") PlantStatus status,
      @NotNull @Size(max = 400, message = "A reason has at most 400 characters.")
          String statusReason,
      @NotNull @Size(max = 4000, message = "Notes have at most 4000 characters.") String notes,
      @NotNull @Size(max = 200, message = "At most 200 characters.") String cameFrom,
      @NotNull @Size(max = 40, message = "A price has at most 40 characters.") String price,
      @Schema(nullable = true) Long motherId,
      @Schema(nullable = true) LocalDate apartSince,
      @Schema(nullable = true) LocalDate heldSince) {}

  /** What can be changed of a plant outside its journal. */
  record PlantEntry(
      @NotNull(message = "Send the version of the page that was changed.") UUID version,
      @NotNull(message = "Send the card.") @Valid CardEntry card,
      @NotBlank(message = "Choose what kind of plant it is.") String kind,
      @NotNull(message = "Choose the place it stands on.") Long placeId,
      @NotNull(message = "Say what you want of it.") Aim aim,
      @Schema(nullable = true, description = "Null where that of its place or the collection holds")
          Approach approach,
      @Schema(nullable = true) LocalDate arrivedOn,
      boolean cameRootless,
      @NotNull(message = "Say in what it differs from its kind; it may be nothing.")
          DeviationEntry deviation) {}

  @GetMapping
  @Operation(summary = "All plants with their verdicts, by number")
  List<PlantLine> all() {
    var basis = judging.basis(today.get());
    return plants.all().stream().map(plant -> lines.of(plant, basis, () -> line(plant))).toList();
  }

  /** A plant that is no longer here. */
  record GonePlant(
      long id,
      String number,
      String name,
      String kindName,
      String statusWords,
      @Schema(description = "To whom it went, or what it died of") String reason) {}

  @GetMapping("/gone")
  @Operation(summary = "Plants that were given away or lost, by number")
  List<GonePlant> gone() {
    return plants.everybody().stream()
        .filter(plant -> !plant.plant().here())
        .map(
            plant ->
                new GonePlant(
                    plant.id(),
                    plant.card().number(),
                    plant.name(),
                    plant.kind().name(),
                    plant.card().fate().status().words(),
                    plant.card().fate().because()))
        .toList();
  }

  @GetMapping("/{id}")
  @Operation(summary = "One plant: its slip, its checks and its journal")
  PlantPage one(@PathVariable long id) {
    return pages.of(plants.one(id));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Adds a plant; its first look is booked")
  Saved add(@Valid @RequestBody NewPlant plant) {
    var kind = kind(plant.kind());
    var day = today.get();
    var potting =
        new Potting(
            PottedOn.entered("pottedOn", plant.pottedOn(), day),
            day,
            MixPart.mix(plant.mix()),
            plant.moisture() == null ? kind.moisture() : plant.moisture());
    return pages.saved(
        adding.add(
            new Adding.NewPlant(
                plant.label().strip(),
                kind,
                plant.placeId(),
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

  @PutMapping("/{id}")
  @Operation(summary = "Changes what stands outside the journal; judged anew at once")
  Altered change(@PathVariable long id, @Valid @RequestBody PlantEntry entry) {
    var kind = kind(entry.kind());
    entry.deviation().deviation().of(kind);
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
        .orElseThrow(() -> new Refused("kind", "There is no kind of this name."));
  }

  private Optional<Arrival> arrival(@Nullable LocalDate on, boolean rootless) {
    return Optional.ofNullable(on)
        .map(day -> new Arrival(PastDay.check("arrivedOn", day, today.get()), rootless));
  }

  private Card card(PlantEntry entry, PlantInPlace plant) {
    var card = entry.card();
    if (card.motherId() != null && card.motherId() == plant.id()) {
      throw new Refused("card.motherId", "A plant cannot be its own mother.");
    }
    if (!card.status().here() && card.statusReason().isBlank()) {
      throw new Refused("card.statusReason", "Say why: to whom it went, or what it died of.");
    }
    pastDay("card.apartSince", card.apartSince());
    pastDay("card.heldSince", card.heldSince());
    return new Card(
        card.number().strip(),
        new Names(card.label().strip(), card.believed().strip(), card.confirmed().strip()),
        entry.kind(),
        entry.deviation().deviation(),
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
        plant.card().asideOn(),
        card.apartSince(),
        card.heldSince());
  }

  private void pastDay(String field, @Nullable LocalDate day) {
    if (day != null) {
      PastDay.check(field, day, today.get());
    }
  }

  private PlantLine line(PlantInPlace plant) {
    var judged = judging.judge(plant, today.get());
    var card = plant.card();
    var life = plant.history().life();
    return new PlantLine(
        plant.id(),
        card.number(),
        plant.name(),
        plant.kind().key(),
        plant.kind().name(),
        plant.place().id(),
        plant.place().name(),
        card.stand().position(),
        judged.approach(),
        judged.verdict(),
        judged.verdict().family(),
        judged.verdict().words(),
        Part.of(judged.advice()),
        Math.round(judged.need()),
        Math.round(judged.readiness()),
        Math.round(judged.readinessMost()),
        Slips.when(judged.timing(), today.get()),
        judged.reasons().stream().findFirst().map(each -> Part.of(each.sentence())).orElse(null),
        card.asideOn(),
        card.apartSince(),
        card.heldSince(),
        life.isEmpty() ? null : life.get(life.size() - 1).on(),
        judging.checks(plant, today.get(), judged).stream()
            .findFirst()
            .map(open -> PlantPage.CheckView.of(open, today.get()))
            .orElse(null));
  }
}

package almanac.app.errands.checks;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.journal.NewAct;
import almanac.app.record.site.Today;
import almanac.core.history.Booking;
import almanac.core.history.Happening;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Looks and small jobs that the collector books on a day. */
@RestController
class BookingsController {
  private final Plants plants;
  private final Keeping keeping;
  private final Pages pages;
  private final Today today;

  BookingsController(Plants plants, Keeping keeping, Pages pages, Today today) {
    this.plants = plants;
    this.keeping = keeping;
    this.pages = pages;
    this.today = today;
  }

  /** A booking of one plant. */
  record BookingLine(
      UUID uid,
      long plantId,
      String name,
      @Schema(description = "Whether it is a question, and not a job") boolean look,
      String words,
      LocalDate on,
      @Schema(description = "0 for once") int everyWeeks) {
    static BookingLine of(PlantInPlace plant, Booking booking) {
      return new BookingLine(
          booking.uid(),
          plant.id(),
          plant.called(),
          booking.look(),
          booking.words(),
          booking.on(),
          booking.everyWeeks());
    }
  }

  /** What is booked on some plants. */
  @Schema(
      example =
          """
          {"look":true,"words":"Has this growth ripened?","on":"2027-06-12","everyWeeks":0,
           "plants":[1]}""")
  record BookingEntry(
      @Schema(description = "Whether it is a question, and not a job") boolean look,
      @NotBlank(message = "Say what is to be looked at, or done.")
          @Size(max = Longest.LINE, message = "Say it in at most {max} characters.")
          String words,
      @NotNull(message = "Give the day.") LocalDate on,
      @Schema(description = "So many weeks after it was met it is due again; 0 for once")
          int everyWeeks,
      @NotEmpty(message = "Choose at least one plant.")
          @Size(max = 500, message = "At most 500 plants at once.")
          List<@NotNull Long> plants) {}

  @GetMapping("/api/bookings")
  @Operation(summary = "The looks and small jobs that were booked, the next one first")
  List<BookingLine> all() {
    return plants.all().stream()
        .filter(plant -> plant.plant().here())
        .flatMap(BookingsController::lines)
        .sorted(Comparator.comparing(BookingLine::on))
        .toList();
  }

  private static Stream<BookingLine> lines(PlantInPlace plant) {
    return plant.card().inHand().bookings().stream().map(each -> BookingLine.of(plant, each));
  }

  @PostMapping("/api/bookings")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Books a look or a small job on a day, once or every so many weeks")
  Saved book(@Valid @RequestBody BookingEntry entry) {
    if (entry.on().isBefore(today.get())) {
      throw new BadEntry("on", "Book it for today or a later day.");
    }
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    for (var id : entry.plants()) {
      var booking =
          new Booking(
              UUID.randomUUID(),
              entry.look(),
              entry.words().strip(),
              entry.on(),
              entry.everyWeeks());
      happenings.put(plants.one(id).id(), List.of(new Happening.Booked(booking)));
    }
    return pages.saved(keeping.write(NewAct.of(today.get(), happenings), today.get()));
  }

  @DeleteMapping("/api/plants/{id}/bookings/{uid}")
  @Operation(summary = "Takes a booking back; what was answered of it stays")
  Saved unbook(@PathVariable long id, @PathVariable UUID uid) {
    var plant = plants.one(id);
    if (plant.card().inHand().bookings().stream().noneMatch(each -> each.uid().equals(uid))) {
      throw new NotFound("Nothing like that is booked any more.");
    }
    return pages.saved(
        keeping.write(NewAct.of(today.get(), id, new Happening.Unbooked(uid)), today.get()));
  }
}

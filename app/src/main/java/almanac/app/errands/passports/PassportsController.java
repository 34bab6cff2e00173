package almanac.app.errands.passports;

import almanac.app.copies.packages.BadPackage;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.web.Reckons;
import almanac.app.record.collection.Plants;
import almanac.app.record.places.PlaceKind;
import almanac.app.record.places.Places;
import almanac.app.record.site.Today;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PassportsController {
  private final Plants plants;
  private final Leaving leaving;
  private final Passports passports;
  private final Places places;
  private final Today today;

  PassportsController(
      Plants plants, Leaving leaving, Passports passports, Places places, Today today) {
    this.plants = plants;
    this.leaving = leaving;
    this.passports = passports;
    this.places = places;
    this.today = today;
  }

  /** A passport that was read. */
  record PassportView(
      UUID uid,
      String name,
      String kindName,
      @Schema(description = "How much was written of it") int entries,
      int photographs) {}

  /** Where the plant is to stand. */
  record PassportTaken(
      @Schema(nullable = true, description = "The place it stands in, if there is one")
          @Nullable Long placeId,
      @Schema(nullable = true, description = "The name of a new place, where there is none")
          @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
          @Nullable String newPlace) {}

  /** What was taken in, so that it can be taken back. */
  record CameIn(long plant, List<UUID> acts) {}

  @GetMapping("/api/plants/{id}/passport")
  @Operation(summary = "A plant as a file that another collection takes in with its history")
  void leave(@PathVariable long id, HttpServletResponse response) throws IOException {
    var plant = plants.one(id);
    response.setContentType("application/zip");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION,
        ContentDisposition.attachment()
            .filename(plant.name() + ".zip", StandardCharsets.UTF_8)
            .build()
            .toString());
    leaving.write(plant, today.get(), response.getOutputStream());
  }

  @Reckons
  @PostMapping(path = "/api/passports", consumes = "application/zip")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Reads the file of a plant, without taking it in")
  PassportView look(HttpServletRequest request) throws IOException {
    try {
      var waiting = passports.look(request.getInputStream());
      return new PassportView(
          waiting.uid(),
          waiting.passport().names().name(),
          waiting.passport().kind().name(),
          waiting.passport().deeds().size(),
          waiting.passport().pictures().size());
    } catch (BadPackage bad) {
      throw new BadEntry("file", String.valueOf(bad.getMessage()));
    }
  }

  @PostMapping("/api/passports/{uid}")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Takes a plant in with its history")
  CameIn take(@PathVariable UUID uid, @Valid @RequestBody PassportTaken where) {
    var taken = passports.take(uid, place(where), today.get());
    return new CameIn(taken.plant(), taken.acts());
  }

  /** The place stays if the plant is taken back. */
  private long place(PassportTaken where) {
    if (where.placeId() != null) {
      return where.placeId();
    }
    if (where.newPlace() == null || where.newPlace().isBlank()) {
      throw new BadEntry("placeId", "Choose the place it stands in.");
    }
    return places
        .add(new Places.Wanted(where.newPlace().strip(), PlaceKind.OTHER, null, null, null))
        .id();
  }
}

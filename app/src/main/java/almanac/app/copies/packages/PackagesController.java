package almanac.app.copies.packages;

import almanac.app.copies.backups.Backup;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.site.Today;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PackagesController {
  private final Packages carrying;
  private final Today today;

  PackagesController(Packages carrying, Today today) {
    this.carrying = carrying;
    this.today = today;
  }

  /** A package that was looked through, and what would be there if it were taken in. */
  record ArrivalView(
      UUID uid,
      long plants,
      @Schema(description = "Entries in the journals") long acts,
      @Schema(nullable = true, description = "The day of the last entry")
          @Nullable LocalDate lastEntry,
      int photographs) {}

  /** What there was before, as it can be brought back. */
  record TakenIn(@Schema(description = "The name of the backup") String before) {
    static TakenIn after(Backup backup) {
      return new TakenIn(backup.name());
    }
  }

  @GetMapping("/api/package")
  @Operation(summary = "The whole collection as a package of CSV tables, with its photographs")
  void carryOut(HttpServletResponse response) throws IOException {
    var file = carrying.pack();
    try {
      response.setContentType("application/zip");
      response.setContentLengthLong(Files.size(file));
      response.setHeader(
          HttpHeaders.CONTENT_DISPOSITION,
          "attachment; filename=\"mellow-almanac-%s.zip\"".formatted(today.get()));
      Files.copy(file, response.getOutputStream());
    } finally {
      Files.delete(file);
    }
  }

  @PostMapping(path = "/api/package/arrivals", consumes = "application/zip")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Looks a package through, whole, without taking it in")
  ArrivalView look(HttpServletRequest request) throws IOException {
    try {
      var arrival = carrying.look(request.getInputStream());
      var contents = arrival.arriving().contents();
      return new ArrivalView(
          arrival.uid(),
          contents.plants(),
          contents.acts(),
          contents.lastEntry().orElse(null),
          contents.photos().size());
    } catch (BadPackage bad) {
      throw new BadEntry("package", String.valueOf(bad.getMessage()));
    }
  }

  @PostMapping("/api/package/arrivals/{uid}")
  @Operation(
      summary = "Puts a package in the place of the collection, of which a backup is taken before")
  TakenIn take(@PathVariable UUID uid) throws IOException {
    return TakenIn.after(carrying.take(uid));
  }

  @DeleteMapping("/api/package/arrivals")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Leaves the package that was looked through last")
  void leave() throws IOException {
    carrying.leave();
  }
}

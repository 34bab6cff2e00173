package almanac.app.copies.backups;

import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.web.AtTheMachine;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
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
@RequestMapping("/api/backups")
class BackupsController {
  private final Backups backups;
  private final DataDisk disk;

  BackupsController(Backups backups, DataDisk disk) {
    this.backups = backups;
    this.disk = disk;
  }

  /** What is not kept as it should be. */
  record TroubleView(
      @Schema(nullable = true, description = "What is wrong with the backups, in a sentence")
          @Nullable String backups,
      @Schema(
              nullable = true,
              description = "Why nothing that is written now would be kept, in sentences")
          @Nullable String disk) {}

  /** The backups that there are, and where. */
  record SafetyView(
      @Schema(description = "Where the backups lie") String folder,
      @Schema(nullable = true, description = "Within which folder they lie once more")
          @Nullable String secondFolder,
      @Schema(nullable = true, description = "The folder of this collection in that one")
          @Nullable String inSecondFolder,
      @Schema(description = "The length of all of them together, photographs among them")
          long bytes,
      @Schema(description = "The newest first") List<BackupView> backups) {}

  /** One backup: what would be there again. */
  record BackupView(
      String name,
      @Schema(description = "When it was taken, and proven by opening it") LocalDateTime at,
      @Schema(description = "Why it was taken") String because,
      long plants,
      @Schema(description = "Entries in the journals") long acts,
      @Schema(nullable = true, description = "The day of the last entry")
          @Nullable LocalDate lastEntry,
      int photographs,
      @Schema(description = "Photographs that are not there any more") long missing,
      @Schema(description = "Of its database") long bytes) {}

  /** Where backups lie once more. */
  record SecondFolder(
      @Schema(description = "From the root on; empty for none")
          @NotNull(message = "Name a folder; it may be none.")
          @Size(max = Longest.FOLDER, message = "A folder’s name has at most {max} characters.")
          String folder) {}

  @GetMapping
  @Operation(summary = "The backups, the newest first")
  SafetyView all() throws IOException {
    return new SafetyView(
        backups.here().folder().toString(),
        backups.secondPlace().map(Object::toString).orElse(null),
        backups.atSecondPlace().map(Object::toString).orElse(null),
        backups.here().bytes(),
        views(backups.all()));
  }

  @GetMapping("/trouble")
  @Operation(summary = "Whether what is written is kept, and backups are taken")
  TroubleView trouble() {
    return new TroubleView(backups.trouble().orElse(null), disk.trouble().orElse(null));
  }

  private List<BackupView> views(List<Backup> all) throws IOException {
    var missing = backups.here().missing(all);
    return all.stream().map(backup -> view(backup, missing.getOrDefault(backup, 0L))).toList();
  }

  private static BackupView view(Backup backup, long missing) {
    return new BackupView(
        backup.name(),
        backup.at(),
        backup.because().words(),
        backup.plants(),
        backup.acts(),
        backup.lastEntry(),
        backup.photos().size(),
        missing,
        backup.bytes());
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Takes a backup now, and proves it by opening it")
  BackupView take() {
    return view(backups.take(BackupReason.ASKED), 0);
  }

  @PutMapping("/second")
  @Operation(
      summary =
          "Names a second place for the backups, and copies them there; on the machine itself only")
  SafetyView keepAlsoIn(@Valid @RequestBody SecondFolder second, HttpServletRequest request)
      throws IOException {
    AtTheMachine.refuseOthers(request);
    backups.keepAlsoIn(second.folder());
    return all();
  }

  @PostMapping("/{name}/restore")
  @Operation(
      summary = "Puts a backup in the place of the collection; answers the backup taken before")
  BackupView bringBack(@PathVariable String name) {
    return view(backups.bringBack(name), 0);
  }
}

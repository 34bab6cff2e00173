package almanac.app.start.commands;

import almanac.app.copies.backups.BackupReason;
import almanac.app.copies.backups.Packed;
import almanac.app.ground.clock.OneClock;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.StartRefused;
import almanac.app.ground.refusals.Sentences;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import picocli.CommandLine.Option;

/** What is done before another collection takes the place of the present one. */
final class Replacing {
  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH-mm-ss");

  @Option(names = "--yes", description = "Does not ask before it changes anything.")
  private boolean yes;

  /**
   * @throws StartRefused if nobody agrees
   */
  void ask(String question) {
    if (yes) {
      return;
    }
    var console = System.console();
    if (console == null) {
      throw new StartRefused("Nobody can be asked here; say --yes to go on.");
    }
    if (!"yes".equals(console.readLine("%s Type yes: ", question))) {
      throw new StartRefused("Nothing was changed.");
    }
  }

  /** Takes a backup of what there is, or keeps its file where it is damaged. */
  void keep(InFolder in, BackupReason because, PrintWriter out) throws IOException {
    if (!Files.exists(in.database())) {
      return;
    }
    out.println("Keeping what there is now …");
    out.flush();
    try {
      var before =
          in.backups()
              .take(
                  LocalDateTime.now(OneClock.CLOCK),
                  because,
                  zip -> Packed.pack(in.database(), zip),
                  in.photographs())
              .backup();
      out.println("It is the backup %s.".formatted(before.name()));
    } catch (SQLException damaged) {
      var aside =
          in.folder()
              .resolve(
                  "almanac-damaged-%s.mv.db"
                      .formatted(STAMP.format(LocalDateTime.now(OneClock.CLOCK))));
      OnDisk.copy(in.database(), aside);
      out.println(
          "The present file is damaged (%s); it is kept as %s."
              .formatted(Sentences.of(damaged), aside.getFileName()));
    }
  }
}

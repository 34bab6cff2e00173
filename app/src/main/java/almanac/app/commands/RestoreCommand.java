package almanac.app.commands;

import almanac.app.backups.Backup;
import almanac.app.backups.Packed;
import almanac.app.backups.Reason;
import almanac.app.disk.OnDisk;
import almanac.app.folder.FolderMark;
import almanac.app.folder.StartRefused;
import almanac.app.refusals.Sentences;
import almanac.app.schema.Schema;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Brings a backup back, also where the program does not start any more. */
@Command(
    name = "restore",
    description =
        "Brings a backup back. What is there now is backed up before; if it is damaged, its file is kept beside the other.",
    mixinStandardHelpOptions = true,
    exitCodeListHeading = "Exit codes:%n",
    exitCodeList = {
      "0:the backup is the collection now, or the list was shown",
      "2:nothing was changed; what is in the way is said"
    })
final class RestoreCommand implements Callable<Integer> {
  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH-mm-ss");

  @Spec private CommandSpec spec;
  @Mixin private InFolder in;

  @Parameters(
      arity = "0..1",
      paramLabel = "NAME",
      description = "Which one, as --list names it; the newest sound one unless given.")
  private @Nullable String name;

  @Option(names = "--list", description = "Lists the backups and changes nothing.")
  private boolean list;

  @Option(names = "--yes", description = "Does not ask before it changes anything.")
  private boolean yes;

  @Override
  public Integer call() throws IOException, SQLException {
    var out = spec.commandLine().getOut();
    if (list) {
      for (var backup : in.backups().all()) {
        out.println(said(backup));
      }
      return Commands.WELL;
    }
    return in.alone(() -> ask(out));
  }

  private int ask(PrintWriter out) throws IOException, SQLException {
    var backup = wanted();
    out.println(said(backup));
    if (!yes && !agreed()) {
      throw new StartRefused("Nothing was changed.");
    }
    bringBack(backup, out);
    return Commands.WELL;
  }

  private static String said(Backup backup) {
    return "%s  %s, %d photographs, %s"
        .formatted(
            backup.name(),
            InFolder.said(backup.plants(), backup.acts(), backup.lastEntry()),
            backup.photos().size(),
            backup.because().words());
  }

  private Backup wanted() throws IOException {
    var backups = in.backups();
    if (name == null) {
      return backups
          .newestSound()
          .orElseThrow(
              () ->
                  new StartRefused("There is no sound backup in %s.".formatted(backups.folder())));
    }
    var backup =
        backups
            .named(name)
            .orElseThrow(
                () -> new StartRefused("There is no backup %s; see --list.".formatted(name)));
    var fault = backups.fault(backup);
    if (fault.isPresent()) {
      throw new StartRefused("The backup %s is not sound: %s.".formatted(name, fault.get()));
    }
    if (backup.schema() > Schema.LATEST) {
      throw new StartRefused(
          "The backup %s was taken by a newer Mellow Almanac; bring it back with that one."
              .formatted(name));
    }
    return backup;
  }

  private boolean agreed() {
    var console = System.console();
    if (console == null) {
      throw new StartRefused("Nobody can be asked here; say --yes to bring it back.");
    }
    return "yes".equals(console.readLine("Bring it back? Type yes: "));
  }

  private void bringBack(Backup backup, PrintWriter out) throws IOException, SQLException {
    out.println("Keeping what there is now …");
    out.flush();
    keep(out);
    var making = in.folder().resolve("almanac-being-made");
    var made = in.folder().resolve("almanac-being-made.mv.db");
    in.backups().unpack(backup, made, in.photographs());
    Schema.bringUpToDate(making);
    OnDisk.place(made, in.database());
    new FolderMark(in.folder()).write(backup.demo());
    out.println("The collection is as it was on %s.".formatted(backup.at().toLocalDate()));
  }

  private void keep(PrintWriter out) throws IOException {
    if (!Files.exists(in.database())) {
      return;
    }
    try {
      var before =
          in.backups()
              .take(
                  LocalDateTime.now(),
                  Reason.RESTORE,
                  zip -> Packed.pack(in.database(), zip),
                  in.photographs());
      out.println("Taken before: " + said(before));
    } catch (SQLException damaged) {
      var aside =
          in.folder()
              .resolve("almanac-damaged-%s.mv.db".formatted(STAMP.format(LocalDateTime.now())));
      OnDisk.copy(in.database(), aside);
      out.println(
          "The present file is damaged (%s); it is kept as %s."
              .formatted(Sentences.of(damaged), aside.getFileName()));
    }
  }
}

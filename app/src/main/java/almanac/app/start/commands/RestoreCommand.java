package almanac.app.start.commands;

import almanac.app.copies.backups.Backup;
import almanac.app.copies.backups.BackupFolder;
import almanac.app.copies.backups.BackupReason;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.FolderMark;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.StartRefused;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
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
  @Spec private CommandSpec spec;
  @Mixin private InFolder in;

  @Parameters(
      arity = "0..1",
      paramLabel = "NAME",
      description = "Which one, as --list names it; the newest sound one unless given.")
  private @Nullable String name;

  @Option(
      names = "--from",
      paramLabel = "DIR",
      description =
          "The folder with the backups, such as mellow-almanac-… at the second place; those of the collection unless given.")
  private @Nullable Path from;

  @Option(names = "--list", description = "Lists the backups and changes nothing.")
  private boolean list;

  @Mixin private Replacing replacing;

  @Override
  public Integer call() throws IOException, SQLException {
    var out = spec.commandLine().getOut();
    if (list) {
      for (var backup : backups().all()) {
        out.println(said(backup));
      }
      return Commands.WELL;
    }
    return in.alone(() -> ask(out));
  }

  private int ask(PrintWriter out) throws IOException, SQLException {
    var backup = wanted();
    out.println(said(backup));
    compare(backup, out);
    replacing.ask("Bring it back?");
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

  /** What would not be there any more. */
  private void compare(Backup backup, PrintWriter out) throws IOException {
    var newest = backups().all().get(0);
    lost(out, "the newest backup, %s,".formatted(newest.name()), newest.acts() - backup.acts());
    if (Files.exists(in.database())) {
      try {
        lost(out, "the collection as it is now", in.contents().acts() - backup.acts());
      } catch (SQLException damaged) {
        out.println("The collection as it is now cannot be read.");
      }
    }
  }

  private static void lost(PrintWriter out, String than, long entries) {
    if (entries > 0) {
      out.println(
          "Against %s it lacks %d %s."
              .formatted(than, entries, entries == 1 ? "entry" : "entries"));
    }
  }

  private BackupFolder backups() {
    return from == null ? in.backups() : new BackupFolder(from.toAbsolutePath());
  }

  private Backup wanted() throws IOException {
    var backups = backups();
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

  private void bringBack(Backup backup, PrintWriter out) throws IOException, SQLException {
    var made = backups().make(backup, in.folder());
    replacing.keep(in, BackupReason.RESTORE, out);
    OnDisk.place(made, in.database());
    new FolderMark(in.folder()).write(backup.demo());
    out.println("The collection is as it was on %s.".formatted(backup.at().toLocalDate()));
  }
}

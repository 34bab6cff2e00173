package almanac.app.commands;

import almanac.app.backups.Backup;
import almanac.app.backups.Reason;
import almanac.app.disk.OnDisk;
import almanac.app.folder.FolderMark;
import almanac.app.folder.StartRefused;
import almanac.app.schema.Schema;
import java.io.IOException;
import java.io.PrintWriter;
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

  @Option(names = "--list", description = "Lists the backups and changes nothing.")
  private boolean list;

  @Mixin private Replacing replacing;

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

  private void bringBack(Backup backup, PrintWriter out) throws IOException, SQLException {
    var made = in.backups().make(backup, in.folder());
    replacing.keep(in, Reason.RESTORE, out);
    OnDisk.place(made, in.database());
    new FolderMark(in.folder()).write(backup.demo());
    out.println("The collection is as it was on %s.".formatted(backup.at().toLocalDate()));
  }
}

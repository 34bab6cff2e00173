package almanac.app.start.commands;

import almanac.app.copies.backups.BackupReason;
import almanac.app.copies.packages.Arriving;
import almanac.app.copies.packages.BadPackage;
import almanac.app.ground.disk.FolderMark;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.StartRefused;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Takes a package in, in place of what there is. */
@Command(
    name = "import",
    description =
        "Takes a package in that was written by export. What is there now is backed up before, and another takes its place.",
    mixinStandardHelpOptions = true,
    exitCodeListHeading = "Exit codes:%n",
    exitCodeList = {
      "0:the package is the collection now",
      "2:nothing was changed; what is in the way is said"
    })
final class ImportCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;
  @Mixin private InFolder in;
  @Mixin private Replacing replacing;

  @Parameters(paramLabel = "FILE", description = "The zip file to take in.")
  private Path file;

  @Override
  public Integer call() throws IOException, SQLException {
    if (!Files.isRegularFile(file)) {
      throw new StartRefused("There is no file %s.".formatted(file));
    }
    return in.alone(this::take);
  }

  private int take() throws IOException, SQLException {
    var out = spec.commandLine().getOut();
    var mark = new FolderMark(in.folder());
    if (mark.demo().orElse(false)) {
      throw new StartRefused("%s holds the demo; choose another folder.".formatted(in.folder()));
    }
    out.println("Reading the whole package …");
    out.flush();
    try (var arriving = Arriving.of(file, in.folder())) {
      var contents = arriving.contents();
      out.println(
          "It holds %s, %d photographs."
              .formatted(
                  InFolder.said(
                      contents.plants(), contents.acts(), contents.lastEntry().orElse(null)),
                  contents.photos().size()));
      replacing.ask("Put it in the place of what there is?");
      replacing.keep(in, BackupReason.IMPORT, out);
      arriving.settlePhotographs(in.photographs());
      OnDisk.place(arriving.database(), in.database());
      mark.write(false);
      out.println("The package is the collection now.");
      return Commands.WELL;
    } catch (BadPackage bad) {
      throw new StartRefused(String.valueOf(bad.getMessage()));
    }
  }
}

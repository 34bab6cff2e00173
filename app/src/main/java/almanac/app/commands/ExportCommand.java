package almanac.app.commands;

import almanac.app.carrying.Carriage;
import almanac.app.disk.OnDisk;
import almanac.app.folder.StartRefused;
import almanac.app.schema.Schema;
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

/** Writes the collection as an open package. */
@Command(
    name = "export",
    description =
        "Writes the whole collection as a zip file of CSV tables with their description, and the photographs beside them.",
    mixinStandardHelpOptions = true,
    exitCodeListHeading = "Exit codes:%n",
    exitCodeList = {"0:the file was written", "2:it was not; what is in the way is said"})
final class ExportCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;
  @Mixin private InFolder in;

  @Parameters(
      paramLabel = "FILE",
      description = "The zip file to write; one that is there is replaced.")
  private Path file;

  @Override
  public Integer call() throws IOException, SQLException {
    in.refuseEmpty();
    return in.alone(this::write);
  }

  private int write() throws IOException, SQLException {
    var contents = in.contents();
    if (contents.schema() != Schema.LATEST) {
      throw new StartRefused(
          "The collection is of another version of Mellow Almanac; start the program once, to bring it up to date.");
    }
    var aside = OnDisk.aside(file.toAbsolutePath());
    try (var connection = Schema.open(in.named().name());
        var out = Files.newOutputStream(aside)) {
      Carriage.write(connection, in.photographs(), out);
    } catch (IOException | SQLException | RuntimeException failed) {
      Files.deleteIfExists(aside);
      throw failed;
    }
    OnDisk.place(aside, file.toAbsolutePath());
    spec.commandLine()
        .getOut()
        .println(
            "%s: %s, %d photographs."
                .formatted(
                    file,
                    InFolder.said(
                        contents.plants(), contents.acts(), contents.lastEntry().orElse(null)),
                    contents.photos().size()));
    return Commands.WELL;
  }
}

package almanac.app.start.commands;

import almanac.app.copies.packages.MissingPhotograph;
import almanac.app.copies.packages.PackageCarried;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.StartRefused;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
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
  private static final byte[] ZIP = {'P', 'K', 3, 4};

  @Spec private CommandSpec spec;
  @Mixin private InFolder in;

  @Parameters(
      paramLabel = "FILE",
      description = "The zip file to write; a zip file that is there is replaced.")
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
    var whole = file.toAbsolutePath();
    refuseOthers(whole);
    var aside = Files.createTempFile(whole.getParent(), "almanac-leaving", ".zip");
    try (var connection = Schema.open(in.named().name());
        var out = Files.newOutputStream(aside)) {
      PackageCarried.write(connection, in.photographs(), out);
    } catch (MissingPhotograph missing) {
      Files.deleteIfExists(aside);
      throw new StartRefused(String.valueOf(missing.getMessage()));
    } catch (IOException | SQLException | RuntimeException failed) {
      Files.deleteIfExists(aside);
      throw failed;
    }
    OnDisk.place(aside, whole);
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

  /** What is replaced is a package; what is no zip file was named by mistake. */
  private void refuseOthers(Path whole) throws IOException {
    if (!Files.isDirectory(whole.getParent())) {
      throw new StartRefused("There is no folder %s.".formatted(whole.getParent()));
    }
    if (whole.startsWith(in.folder())) {
      throw new StartRefused(
          "%s lies in the folder of the collection; name a file elsewhere.".formatted(file));
    }
    if (Files.exists(whole) && !zip(whole)) {
      throw new StartRefused(
          "%s is there, and is no zip file; it was left alone. Name another file.".formatted(file));
    }
  }

  private static boolean zip(Path file) throws IOException {
    if (!Files.isRegularFile(file)) {
      return false;
    }
    try (var in = Files.newInputStream(file)) {
      return Arrays.equals(in.readNBytes(ZIP.length), ZIP);
    }
  }
}

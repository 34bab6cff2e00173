package almanac.app.start.commands;

import almanac.app.ground.disk.StartRefused;
import almanac.app.ground.network.AccessFile;
import almanac.app.ground.refusals.BadEntry;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.sql.SQLException;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Chooses the passphrase for other devices. */
@Command(
    name = "passphrase",
    description = {
      "Chooses the passphrase by which other devices of the house come in; all that were let in"
          + " have to come in anew.",
      "It is typed, or read as one line from what is sent to the command."
    },
    mixinStandardHelpOptions = true,
    exitCodeListHeading = "Exit codes:%n",
    exitCodeList = {"0:it was kept", "2:it was not; what is in the way is said"})
final class PassphraseCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;
  @Mixin private InFolder in;

  @Override
  public Integer call() throws IOException, SQLException {
    Files.createDirectories(in.folder());
    return in.alone(this::choose);
  }

  private int choose() throws IOException {
    try {
      AccessFile.of(in.folder()).choose(typed());
    } catch (BadEntry weak) {
      throw new StartRefused(weak.sentence());
    }
    spec.commandLine().getOut().println("Kept. Other devices come in by it from now on.");
    return Commands.WELL;
  }

  private static String typed() throws IOException {
    var console = System.console();
    if (console != null) {
      var typed = console.readPassword("The passphrase: ");
      return typed == null ? "" : new String(typed);
    }
    var line =
        new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
    return line == null ? "" : line;
  }
}

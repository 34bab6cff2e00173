package almanac.app.start.commands;

import almanac.app.ground.disk.StartRefused;
import almanac.app.ground.refusals.Sentences;
import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.ParameterException;

/** The commands, each with its own help. */
@Command(
    name = "./almanac",
    description = "What is done to a collection while Mellow Almanac is closed.",
    subcommands = {
      BackupCommand.class,
      RestoreCommand.class,
      CheckCommand.class,
      ExportCommand.class,
      ImportCommand.class,
      PassphraseCommand.class
    },
    mixinStandardHelpOptions = true)
public final class Commands {
  /** All is well. */
  static final int WELL = 0;

  /** It was done, and something is not as it should be. */
  static final int FAULTS = 1;

  /** It was not done; what is in the way was said. */
  static final int REFUSED = 2;

  private Commands() {}

  /** Whether these words are for a command, and not for the program itself. */
  public static boolean meant(String... args) {
    return args.length > 0 && !args[0].startsWith("--");
  }

  /**
   * Does what a command asks.
   *
   * @return its exit code: 0 if all is well, 1 if something is not as it should be, 2 if it was
   *     refused
   */
  public static int run(PrintWriter out, PrintWriter err, String... args) {
    return new CommandLine(new Commands())
        .setOut(out)
        .setErr(err)
        .setOverwrittenOptionsAllowed(true)
        .setParameterExceptionHandler(Commands::misunderstood)
        .setExecutionExceptionHandler(
            (failure, command, parsed) -> {
              err.println(
                  failure instanceof StartRefused
                      ? failure.getMessage()
                      : "This could not be done: %s.".formatted(Sentences.of(failure)));
              return REFUSED;
            })
        .execute(args);
  }

  private static int misunderstood(ParameterException wrong, String[] args) {
    var command = wrong.getCommandLine();
    command
        .getErr()
        .println(
            "%s; see %s --help."
                .formatted(wrong.getMessage(), command.getCommandSpec().qualifiedName()));
    return REFUSED;
  }
}

package almanac.app.start;

import almanac.app.ground.disk.FolderName;
import almanac.app.ground.disk.StartRefused;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.UnmatchedArgumentException;

/**
 * What the program was told at its start.
 *
 * @param data the folder of the collection
 * @param demo whether the collection is the invented one
 * @param rehearse whether to answer what is asked first, and to close again
 * @param host the address to be open at for other devices; blank unless asked for
 * @param port for this machine alone, and the next one for others; 0 for any free ones
 * @param today a fixed day, if one was given
 */
record Options(
    Path data, boolean demo, boolean rehearse, String host, int port, Optional<LocalDate> today) {
  private static final int USUAL_PORT = 8484;
  private static final int LARGEST_PORT = 65_535;

  /** Histories of the demo reach years back and checks lie years ahead, with room for both. */
  private static final LocalDate FIRST_DAY = LocalDate.of(1950, 1, 1);

  private static final LocalDate LAST_DAY = LocalDate.of(2150, 12, 31);

  /**
   * Reads {@code --data=DIR --demo --host=ADDRESS --port=N --today=YYYY-MM-DD}.
   *
   * @throws StartRefused if one of them cannot be understood
   */
  static Options of(String... args) {
    var told = new Told();
    try {
      new CommandLine(told).setOverwrittenOptionsAllowed(true).parseArgs(args);
    } catch (UnmatchedArgumentException e) {
      throw new StartRefused(
          "%s is not an option; see ./almanac help.".formatted(e.getUnmatched().get(0)));
    } catch (ParameterException e) {
      throw new StartRefused("%s; see ./almanac help.".formatted(e.getMessage()));
    }
    return new Options(
        folder(told.data),
        told.demo,
        told.rehearse,
        told.host.map(Options::host).orElse(""),
        told.port.map(Options::port).orElse(USUAL_PORT),
        told.today.map(Options::day));
  }

  /** Word for word. */
  @Command(name = "./almanac run")
  private static final class Told {
    @Option(names = "--data")
    private String data = "almanac-data";

    @Option(names = "--demo")
    private boolean demo;

    @Option(names = "--rehearse")
    private boolean rehearse;

    @Option(names = "--host")
    private Optional<String> host = Optional.empty();

    @Option(names = "--port")
    private Optional<String> port = Optional.empty();

    @Option(names = "--today")
    private Optional<String> today = Optional.empty();
  }

  private static Path folder(String value) {
    refuseBlank("--data", value);
    try {
      return FolderName.checked(Path.of(value).toAbsolutePath());
    } catch (InvalidPathException e) {
      throw new StartRefused("--data=%s is not the name of a folder.".formatted(value));
    }
  }

  /** An address of this machine, or a name by which it is found; what is none opens to nobody. */
  private static String host(String value) {
    refuseBlank("--host", value);
    try {
      var address = InetAddress.getByName(value);
      if (address.isAnyLocalAddress() || NetworkInterface.getByInetAddress(address) != null) {
        return value;
      }
    } catch (UnknownHostException | SocketException e) {
      // Said below.
    }
    throw new StartRefused(
        "--host=%s is no address of this machine; give one, or 0.0.0.0 for all of them."
            .formatted(value));
  }

  private static int port(String value) {
    refuseBlank("--port", value);
    try {
      int port = Integer.parseInt(value);
      if (port >= 0 && port <= LARGEST_PORT) {
        return port;
      }
    } catch (NumberFormatException e) {
      // Said below.
    }
    throw new StartRefused(
        "--port=%s is not a port; it is a number from 0 to 65535.".formatted(value));
  }

  private static LocalDate day(String value) {
    refuseBlank("--today", value);
    try {
      var day = LocalDate.parse(value);
      if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY)) {
        throw new StartRefused(
            "--today=%s lies too far off; give a day from %s to %s."
                .formatted(value, FIRST_DAY, LAST_DAY));
      }
      return day;
    } catch (DateTimeException e) {
      throw new StartRefused("--today=%s is not a day such as 2027-05-15.".formatted(value));
    }
  }

  private static void refuseBlank(String name, String value) {
    if (value.isBlank()) {
      throw new StartRefused("%s needs a value; see ./almanac help.".formatted(name));
    }
  }
}

package almanac.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.stream.Stream;

/** The shipped program with a data folder of its own; {@link OwnProcess} is for killing it. */
final class RunningAlmanac implements AutoCloseable {
  static final String TODAY = "2027-05-15";

  private final Shipped.Opened opened;

  private RunningAlmanac(Shipped.Opened opened) {
    this.opened = opened;
  }

  /** Starts the program on a free port. */
  static RunningAlmanac start(Path data, String... more) {
    return startOn(TODAY, data, more);
  }

  /** Starts it with the demo collection, in a folder that is empty or has it already. */
  static RunningAlmanac demo(Path data) {
    try {
      DemoFolder.into(data);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return start(data, "--demo");
  }

  /** The same on another day. */
  static RunningAlmanac startOn(String today, Path data, String... more) {
    return new RunningAlmanac(
        Shipped.open(
            Stream.concat(
                    Stream.of("--port=0", "--today=" + today, "--data=" + data), Stream.of(more))
                .toArray(String[]::new)));
  }

  String address() {
    return opened.address();
  }

  @Override
  public void close() {
    try {
      opened.program().close();
    } catch (Exception e) {
      throw new AssertionError("The program did not close", e);
    }
  }
}

package almanac.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The program in a process of its own, as a user runs it, that can be killed. */
final class OwnProcess implements AutoCloseable {
  private static final String OPEN_AT = "Mellow Almanac is open at ";

  private final Process process;
  private final String address;

  private OwnProcess(Process process, String address) {
    this.process = process;
    this.address = address;
  }

  /** Starts it on a free port and waits until it says that it is open. */
  static OwnProcess start(Path data, String... more) throws IOException {
    var process =
        launch(
            unpacked(),
            Stream.concat(
                    Stream.of("--port=0", "--today=" + RunningAlmanac.TODAY, "--data=" + data),
                    Stream.of(more))
                .toList());
    return new OwnProcess(process, addressSaidBy(process));
  }

  /** Starts it with the demo collection, in a folder that is empty or has it already. */
  static OwnProcess demo(Path data) throws IOException {
    DemoFolder.into(data);
    return start(data, "--demo");
  }

  /** Starts the program with options it will refuse, and returns what it says. */
  static Refusal refused(String... options) throws IOException, InterruptedException {
    var jar = Path.of(System.getProperty("almanac.jar"));
    var process = launch(List.of("-jar", jar.toString()), List.of(options));
    assertThat(process.waitFor(60, TimeUnit.SECONDS)).as("it gave up by itself").isTrue();
    var said = new String(process.getInputStream().readAllBytes());
    return new Refusal(process.exitValue(), said);
  }

  /** How the program refused to start. */
  record Refusal(int exitCode, String said) {}

  String address() {
    return address;
  }

  /** As a power cut does it. */
  void kill() throws InterruptedException {
    process.destroyForcibly().waitFor();
  }

  @Override
  public void close() {
    process.destroy();
    try {
      process.waitFor(20, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    process.destroyForcibly();
  }

  /** As {@code ./almanac run} starts it: unpacked, and with its classes archived. */
  private static List<String> unpacked() {
    var folder = Path.of(System.getProperty("almanac.unpacked"));
    return List.of(
        "-XX:SharedArchiveFile=" + folder.resolve("classes.jsa"),
        "-Xshare:auto",
        "-Xlog:cds=off",
        "-Xlog:cds+dynamic=off",
        "-jar",
        folder.resolve("mellow-almanac.jar").toString());
  }

  private static Process launch(List<String> program, List<String> options) throws IOException {
    var command =
        new ArrayList<>(
            List.of(
                java(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xmx256m",
                "-Dspring.aot.enabled=true"));
    command.addAll(program);
    command.addAll(options);
    return new ProcessBuilder(command).redirectErrorStream(true).start();
  }

  private static String java() {
    return Path.of(System.getProperty("java.home"), "bin", "java").toString();
  }

  private static String addressSaidBy(Process process) throws IOException {
    var said = new StringBuilder();
    BufferedReader out = process.inputReader();
    for (var line = out.readLine(); line != null; line = out.readLine()) {
      if (line.startsWith(OPEN_AT)) {
        return line.substring(OPEN_AT.length());
      }
      said.append(line).append('\n');
    }
    throw new AssertionError("The program did not open: " + said);
  }
}

package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The script that starts the program again where its memory ran out. */
class SuperviseTest {
  private static Process begin(Path folder, String script) throws Exception {
    var file = folder.resolve("program");
    Files.writeString(file, "#!/bin/sh\n" + script);
    assertThat(file.toFile().setExecutable(true)).isTrue();
    return new ProcessBuilder(
            List.of(
                "bash", "-c", "set -euo pipefail; . packaging/supervise.sh; supervised " + file))
        .directory(new File(".."))
        .redirectErrorStream(true)
        .start();
  }

  private static String said(Process process) throws Exception {
    var said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
    return said;
  }

  @Test
  void whatRanOutOfMemoryIsStartedAgainAndWhatEndedOtherwiseIsNot(@TempDir Path folder)
      throws Exception {
    var process =
        begin(
            folder,
            "cd %s; echo started; [ -e once ] && exit 7; touch once; exit 3".formatted(folder));
    var said = said(process);
    assertThat(said).containsSubsequence("started", "it is started again", "started");
    assertThat(process.exitValue()).isEqualTo(7);
  }

  @Test
  void whatRunsOutOfMemoryAgainAndAgainIsLeft(@TempDir Path folder) throws Exception {
    var process = begin(folder, "echo started; exit 3");
    var said = said(process);
    assertThat(said.split("started\n")).hasSize(6);
    assertThat(said).contains("it is not started again");
    assertThat(process.exitValue()).isEqualTo(3);
  }

  @Test
  void whoEndsTheScriptEndsTheProgramInOrder(@TempDir Path folder) throws Exception {
    for (var signal : List.of("TERM", "HUP")) {
      var process =
          begin(
              folder,
              "trap 'echo in order; exit 0' TERM; echo ready; while true; do sleep 0.1; done");
      var out = process.inputReader();
      assertThat(out.readLine()).isEqualTo("ready");
      new ProcessBuilder("kill", "-" + signal, String.valueOf(process.pid())).start().waitFor();
      assertThat(out.readLine()).as(signal).isEqualTo("in order");
      assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
    }
  }
}

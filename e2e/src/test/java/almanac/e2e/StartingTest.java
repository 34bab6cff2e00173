package almanac.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is in the way of a start is said in one sentence, without a stack trace. */
class StartingTest {
  @TempDir Path data;

  @Test
  void whatIsInTheWayIsSaidInOneSentence() throws IOException, InterruptedException {
    try (var almanac = RunningAlmanac.start(data)) {
      var port = almanac.address().substring(almanac.address().lastIndexOf(':') + 1);
      refuses("is already open in another Mellow Almanac", "--data=" + data, "--port=0");
      refuses("is taken", "--data=" + data.resolve("other"), "--port=" + port);
    }
    refuses("holds a collection of your own", "--demo", "--data=" + data, "--port=0");
    var file = Files.writeString(data.resolve("a-file"), "not a folder");
    refuses("cannot be read and written", "--data=" + file, "--port=0");
    refuses("is not a port", "--port=eighty");
    refuses("is not a day such as", "--today=tomorrow");
    refuses("is not an option", "--colour=blue");
  }

  private static void refuses(String words, String... options)
      throws IOException, InterruptedException {
    var refusal = OwnProcess.refused(options);
    assertThat(refusal.said()).contains(words).hasLineCount(1);
    assertThat(refusal.exitCode()).isNotZero();
  }
}

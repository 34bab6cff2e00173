package almanac.app.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A data folder is open in one program at a time. */
class OpenByOneTest {
  private static final PrintStream NOBODY = new PrintStream(OutputStream.nullOutputStream());

  @TempDir Path folder;

  @Test
  void anotherProgramIsRefusedUntilTheFirstHasClosedIt() throws Exception {
    var first = DataFolder.open(folder, false, NOBODY);
    assertThat(OpenOnly.of(folder).waitFor()).as("while it is open").isNotZero();
    first.close();
    assertThat(OpenOnly.of(folder).waitFor()).as("afterwards").isZero();
  }
}

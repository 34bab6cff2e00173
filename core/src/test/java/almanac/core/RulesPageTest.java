package almanac.core;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.rulebook.Rulebook;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** docs/rules.md says what the code does; run with -Dalmanac.write=true to write it anew. */
class RulesPageTest {
  private static final Path PAGE = Path.of("..", "docs", "rules.md");

  @Test
  void theWrittenRulesAreTheOnesInForce() throws IOException {
    if (Boolean.getBoolean("almanac.write")) {
      Files.writeString(PAGE, Rulebook.asMarkdown());
    }
    assertThat(PAGE).content().isEqualTo(Rulebook.asMarkdown());
  }
}

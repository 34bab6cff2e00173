package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.copies.schema.Schema;
import almanac.app.start.OlderData;
import almanac.app.start.RunningApplication;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * A folder of the former schema: letters that lie in a browser yet, and figures by former names.
 */
class FormerFolderTest {
  @RegisterExtension
  static final RunningApplication APP =
      RunningApplication.demoOver(data -> OlderData.unpack("schema-17.zip", data));

  private static final String PATH = "/api/plants/2/inspections";
  private static final String LETTER =
      "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}";

  private static int lines() throws Exception {
    return APP.get("/api/plants/2").body().path("journal").size();
  }

  @Test
  void whatWasWrittenUnderAKeyInTheLetterIsNotWrittenAgainUnderTheHeader() throws Exception {
    int before = lines();
    var again = APP.once("old-letter-0001", "POST", PATH, LETTER);
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.body().path("detail").asString()).startsWith("This was saved before.");
    assertThat(lines()).isEqualTo(before);
  }

  @Test
  void aPageThatStillSaysItsKeyInTheLetterIsUnderstood() throws Exception {
    int before = lines();
    var spoken = LETTER.replace("{\"on\"", "{\"sentKey\":\"new-letter-1\",\"on\"");
    assertThat(APP.once("new-letter-1", "POST", PATH, spoken).status()).isEqualTo(201);
    assertThat(APP.once("new-letter-1", "POST", PATH, spoken).status()).isEqualTo(201);
    assertThat(lines()).isEqualTo(before + 1);
  }

  @Test
  void aFigureOfKindsThatWasChangedIsChangedStillUnderItsNewName() throws Exception {
    var figure =
        APP.get("/api/rules")
            .body()
            .valueStream()
            .flatMap(chapter -> chapter.path("figures").valueStream())
            .filter(each -> each.path("key").asString().equals("kind.root-speed"))
            .findFirst()
            .orElseThrow();
    assertThat(figure.path("own").asDouble()).isEqualTo(19);
  }

  @Test
  void theSchemaIsThatOfTheLastMigration() throws Exception {
    try (var all = Files.list(Path.of("src/main/resources/db/migration"))) {
      assertThat(
              all.map(file -> file.getFileName().toString().replaceAll("V(\\d+)__.*", "$1"))
                  .mapToInt(Integer::parseInt)
                  .max())
          .hasValue(Schema.LATEST);
    }
  }
}

package almanac.app.record.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.app.start.OlderData;
import almanac.core.history.Happening;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Stream;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CodecsTest {
  private static final int ACTS = 8;

  @Test
  void everyKindOfHappeningHasItsCodecAndItsName() {
    assertThat(Codecs.all().stream().<Class<?>>map(Codec::type))
        .containsExactlyInAnyOrder(
            Stream.of(Happening.OfPlant.class, Happening.OfCollection.class)
                .flatMap(each -> Arrays.stream(each.getPermittedSubclasses()))
                .toArray(Class<?>[]::new));
    assertThat(Codecs.all().stream().map(Codec::kind)).doesNotHaveDuplicates();
  }

  @Test
  void aKindThatNobodyKnowsIsAnErrorAndNotSkipped(@TempDir Path data) throws Exception {
    try (var connection = OlderData.schema(data, ACTS);
        var statement = connection.createStatement()) {
      statement.execute("insert into place (name, kind, walk) values ('Sill', 'SILL', 1)");
      statement.execute(
          "insert into plant (number, kind, status, name, place_id)"
              + " values ('1', 'vanda', 'GROWING', '', 1)");
      statement.execute(
          "insert into act (happened_on, recorded_on, note)"
              + " values (date '2027-05-01', date '2027-05-01', '')");
      statement.execute("insert into happening (act_id, plant_id, kind) values (1, 1, 'SUNG_TO')");
      assertThatThrownBy(() -> Journals.read(DSL.using(connection, SQLDialect.H2)))
          .hasMessage("Happening 1 is of a kind that this program does not know: SUNG_TO");
      statement.execute("update happening set kind = 'POTTED'");
      assertThatThrownBy(() -> Journals.read(DSL.using(connection, SQLDialect.H2)))
          .hasMessageContaining("missing");
    }
  }
}

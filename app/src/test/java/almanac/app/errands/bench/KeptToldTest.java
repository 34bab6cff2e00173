package almanac.app.errands.bench;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.bench.LastWord;
import almanac.core.bench.PieceFate;
import almanac.core.bench.Task;
import almanac.core.history.Aid;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Moisture;
import almanac.core.rhizome.Front;
import almanac.core.tally.RootFate;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** A job that an older program kept in the middle of its steps goes on with this one. */
class KeptToldTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final KeptTold KEPT = new KeptTold(JSON);

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4})
  void everythingThatWasToldIsReadFromEveryForm(int form) throws IOException {
    var told = KEPT.read(text(form));

    assertThat(told.at()).isEqualTo(Task.TALLY);
    assertThat(told.done()).containsExactlyInAnyOrder(Task.TAG, Task.SOAK);
    assertThat(told.skipped()).containsExactly(Task.PHOTOGRAPH);
    assertThat(told.added()).containsExactly(Task.TREAT);
    assertThat(told.looks().get("newRoots").measured()).isEqualTo(12.0);
    assertThat(told.tally().counts()).containsEntry(RootFate.SOFT, 4);
    assertThat(told.pot().diameterMm()).isEqualTo(120);
    assertThat(told.mix().get(0).component()).isEqualTo(Component.BARK_MEDIUM);
    assertThat(told.moisture()).isEqualTo(Moisture.DRIES_BETWEEN);
    assertThat(told.timers().get(0).task()).isEqualTo(Task.SOAK);
    assertThat(told.minutes()).isEqualTo(25);
    assertThat(told.well()).isEqualTo("came out whole");
    assertThat(told.badly()).isEqualTo("the tie slipped");
    assertThat(told.chosen()).isEqualTo(Verdict.DIVIDE);
    var dividing = requireNonNull(told.dividing());
    assertThat(dividing.cuts()).containsExactly(1);
    assertThat(dividing.pieces().get("3").fate()).isEqualTo(PieceFate.POTTED);
    assertThat(requireNonNull(dividing.map()).growths().get(2).front()).isEqualTo(Front.LEAD);
    assertThat(told.potItem()).hasToString("5b8c1c1e-0f5e-4f0e-9a55-0a5d3a1f0c11");
    assertThat(requireNonNull(told.fill()).back()).containsEntry(Component.BARK_MEDIUM, 200.0);
    assertThat(requireNonNull(told.by()).turn()).isEqualTo(7);
  }

  @Test
  void whatCameWithTheThirdFormIsReadFromIt() throws IOException {
    var told = KEPT.read(text(3));
    assertThat(told.on()).hasToString("2027-05-12");
    assertThat(requireNonNull(told.ending()).became()).isEqualTo(LastWord.THROWN_OUT);
    assertThat(told.ending().bulbSaved()).isTrue();
    assertThat(told.timers().get(0).name()).isEqualTo("air");
    assertThat(requireNonNull(told.dividing()).pieces().get("3").to()).isEqualTo("the ferryman");
    assertThat(KEPT.read(text(2)).ending()).isNull();
  }

  @Test
  void whatCameWithTheFourthFormIsReadFromIt() throws IOException {
    var told = KEPT.read(text(4));
    assertThat(told.aids()).containsEntry(Aid.ROOTING_DIP, "willow water");
    var piece = requireNonNull(requireNonNull(told.dividing()).pieces().get("3"));
    assertThat(requireNonNull(piece.mix()).get(0).component()).isEqualTo(Component.PUMICE);
    assertThat(requireNonNull(piece.tally()).counts()).containsEntry(RootFate.SOFT, 2);
    assertThat(KEPT.read(text(3)).aids()).isEmpty();
  }

  @Test
  void whatIsKeptTodayIsTheLastFormThatIsTried() throws IOException {
    var kept = JSON.readTree(KEPT.written(KEPT.read(text(1))));

    assertThat(kept.path("form").asInt()).isEqualTo(4);
    assertThat(kept.path("told").propertyNames())
        .as("a part more or less: raise the form, and keep a text of it here")
        .containsExactlyInAnyOrderElementsOf(JSON.readTree(text(4)).path("told").propertyNames())
        .containsExactlyInAnyOrder(
            Arrays.stream(JobTold.class.getRecordComponents())
                .map(RecordComponent::getName)
                .toArray(String[]::new));
  }

  @Test
  void aNewerFormIsRefusedAndNotHalfRead() {
    assertThatThrownBy(() -> KEPT.read("{\"form\":5,\"told\":{}}")).hasMessageContaining("form 5");
  }

  private static String text(int form) throws IOException {
    try (var in = KeptToldTest.class.getResourceAsStream("told-%d.json".formatted(form))) {
      return new String(requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}

package almanac.core.rulebook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.checks.FollowUpFigures;
import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import almanac.core.roots.RootFigures;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The figures of all rules as one book. */
class RulebookTest {
  @Test
  void figuresThatBelongTogetherAreChangedTogether() {
    var early = Figures.standard().with(FollowUpFigures.STANDS_EARLY, 20);
    assertThatThrownBy(() -> Rulebook.check(early, Set.of("check.stands-early")))
        .hasMessage("check.stands-early (20) is at most check.stands-late (10).");
    Rulebook.check(early.with(FollowUpFigures.STANDS_LATE, 25), Set.of());
    var late = Figures.standard().with(RootFigures.MID_MOST, 40);
    assertThatThrownBy(() -> Rulebook.check(late, Set.of("roots.mid-most")))
        .isInstanceOfSatisfying(
            Refused.class,
            refusal -> assertThat(refusal.field().key()).isEqualTo("roots.mid-most"));
  }

  @Test
  void theDefaultsGoTogether() {
    Rulebook.check(Figures.standard(), Set.of());
    assertThat(Rulebook.groups().stream().flatMap(group -> group.orders().stream()))
        .as("there are figures that belong together")
        .hasSizeGreaterThan(15);
  }

  @ParameterizedTest
  @CsvSource({
    "roots.short-most, roots.short-most",
    "roots.mid-most, roots.mid-most",
    "'roots.short-most roots.mid-most', roots.short-most",
    "'', roots.short-most"
  })
  void theOneThatIsChangedIsNamed(String changed, String named) {
    var wrong = Figures.standard().with(RootFigures.MID_MOST, 40);
    assertThatThrownBy(() -> Rulebook.check(wrong, Set.of(changed.split(" "))))
        .isInstanceOfSatisfying(
            Refused.class, refusal -> assertThat(refusal.field().key()).isEqualTo(named));
  }

  @Test
  void twoThatAreTheSameAreInOrder() {
    Rulebook.check(
        Figures.standard()
            .with(RootFigures.MID_MOST, Figures.standard().of(RootFigures.SHORT_MOST)),
        Set.of());
    assertThat(Rulebook.name(RootFigures.MID_MOST)).isNotBlank();
    assertThat(Rulebook.named("roots.mid-most")).contains(RootFigures.MID_MOST);
    assertThat(Rulebook.named("roots.nothing")).isEmpty();
  }

  @Test
  void whatAKindHadUnderItsFormerNameIsUnderstood() {
    var kind =
        Rulebook.groups().stream()
            .filter(group -> group.key().equals("kind"))
            .findFirst()
            .orElseThrow();
    for (var figure : kind.figures()) {
      assertThat(Rulebook.named("profile." + figure.key().substring("kind.".length())))
          .contains(figure);
    }
    assertThat(kind.figures()).isNotEmpty();
  }
}

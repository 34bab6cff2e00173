package almanac.core.rulebook;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figure;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each figure has one name in words. */
class FigureNamesTest {
  private static final List<Figure> ALL =
      Rulebook.groups().stream().flatMap(group -> group.figures().stream()).toList();

  @Test
  void everyFigureHasANameOfItsOwn() {
    assertThat(ALL).hasSizeGreaterThan(250);
    assertThat(ALL.stream().map(FigureNames::of))
        .doesNotHaveDuplicates()
        .allSatisfy(name -> assertThat(name).doesNotContain("-most", ".").isNotBlank());
  }

  @Test
  void whatIsToldByHandBelongsToAFigure() {
    var keys = ALL.stream().map(Figure::key).toList();
    assertThat(FigureNames.told()).allSatisfy(key -> assertThat(keys).contains(key));
  }
}

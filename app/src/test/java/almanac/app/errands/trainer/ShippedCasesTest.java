package almanac.app.errands.trainer;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.errands.trainer.ShippedCases.Shipped;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.compare.JudgedApart;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Hazard;
import almanac.core.judgement.reason.NoReason;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.trainer.Call;
import almanac.core.trainer.Mark;
import almanac.core.trainer.Marking;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The cases that ship are judged as they say, and leave out nothing that is worth learning. */
class ShippedCasesTest {
  private static final Figures FIGURES = Figures.standard();

  static List<Shipped> all() {
    return new ShippedCases().all();
  }

  private static Judgement judged(Shipped shipped) {
    return shipped.asked().judged(Set.of(), FIGURES);
  }

  @ParameterizedTest
  @MethodSource("all")
  void eachIsJudgedAsItSays(Shipped shipped) {
    var judged = judged(shipped);
    assertThat(judged.verdict().asks()).isEqualTo(shipped.asks());
    if (shipped.how() != null) {
      assertThat(judged.verdict()).isEqualTo(shipped.how());
    }
    assertThat(shipped.shows()).endsWith(".").hasSizeLessThanOrEqualTo(110);
    assertThat(shipped.done()).endsWith(".");
    assertThat(shipped.came()).endsWith(".");
  }

  @Test
  void thereAreSixtyAndHalfOfThemAreLeft() {
    var asks = all().stream().collect(Collectors.groupingBy(Shipped::asks, Collectors.counting()));
    assertThat(all()).hasSize(60);
    assertThat(asks.get(Asks.LEAVE) + asks.get(Asks.WAIT)).isBetween(28L, 34L);
    assertThat(asks).containsKeys(Asks.MOVE, Asks.DIVIDE, Asks.LET_GO);
  }

  private static <B extends Enum<B> & Basis> Set<B> met(Class<B> sort) {
    return all().stream()
        .flatMap(each -> judged(each).weighed().reasons().stream())
        .map(Reason::basis)
        .filter(sort::isInstance)
        .map(sort::cast)
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(sort)));
  }

  @Test
  void everyHazardAndEveryNonReasonIsMetOnce() {
    assertThat(met(Hazard.class)).isEqualTo(EnumSet.allOf(Hazard.class));
    assertThat(met(NoReason.class)).isEqualTo(EnumSet.allOf(NoReason.class));
  }

  @Test
  void everyReadyRuleIsMetByWhatIsLeftOrByWhatIsMoved() {
    var rules =
        all().stream()
            .map(each -> each.asked().situation().kind().of(Trait.READY_RULE))
            .collect(Collectors.toSet());
    assertThat(rules).containsExactlyInAnyOrder(ReadyRule.values());
  }

  @Test
  void eachApproachPartsFromTheHouseRulesOnce() {
    var parting =
        Stream.of(Approach.values())
            .filter(approach -> approach != Approach.HOUSE_RULES)
            .filter(
                approach ->
                    all().stream()
                        .flatMap(each -> apart(each).by().stream())
                        .anyMatch(
                            by ->
                                by.judgement().approach() == approach
                                    && by.why().toString().startsWith("Would")))
            .toList();
    assertThat(parting).hasSize(3);
    assertThat(all()).filteredOn(each -> apart(each).apart()).hasSizeGreaterThan(5);
  }

  private static JudgedApart apart(Shipped shipped) {
    return new JudgedApart(Comparison.all(shipped.asked().situation(), judged(shipped), FIGURES));
  }

  /** Whoever takes each look first and does as the file says is right in all of them. */
  @Test
  void whoLooksAndJudgesWellIsRightInAll() {
    int turned = 0;
    for (var each : all()) {
      var asked = each.asked();
      var verdict = asked.judged(asked.known(), FIGURES).verdict();
      turned += verdict.asks() != each.asks() ? 1 : 0;
      var how =
          verdict.asks() == Asks.MOVE
              ? Optional.of(verdict).filter(Call.HOWS::contains)
              : Optional.<almanac.core.judgement.verdict.Verdict>empty();
      assertThat(Marking.of(asked, new Call(verdict.asks(), how, asked.known()), FIGURES))
          .as(each.key())
          .isEqualTo(Mark.RIGHT);
    }
    assertThat(turned).isGreaterThanOrEqualTo(2);
  }
}

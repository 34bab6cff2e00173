package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class JournalTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 1);

  private final List<Line> lines = new ArrayList<>();

  private Act act(Act supersedes, Happening happening) {
    long id = lines.size() + 1;
    var act =
        new Act(id, new UUID(0, id), DAY, DAY, supersedes == null ? null : supersedes.id(), "");
    lines.add(new Line(id, act, happening));
    return act;
  }

  private Act came() {
    return act(
        null,
        new Happening.Potted(
            new Potting(PottedOn.unknown(), DAY, Mix.of(Component.LAVA), Moisture.DRIES_BETWEEN)));
  }

  private Act noted(String notes) {
    return act(null, new Happening.Noted(notes));
  }

  private Act corrected(Act wrong, String notes) {
    return act(wrong, new Happening.Noted(notes));
  }

  private Act takenBack(Act wrong) {
    return act(wrong, new Happening.Withdrawn());
  }

  private Journal journal() {
    return Journal.of(lines);
  }

  private Plant plant() {
    return Plant.of(1, new UUID(1, 1), journal());
  }

  private List<String> notes() {
    return journal().holding().stream()
        .filter(line -> line.happening() instanceof Happening.Noted)
        .map(line -> ((Happening.Noted) line.happening()).notes())
        .toList();
  }

  @Test
  void beforeAnActItReadsAsItWasKnownThenAndAsItReadsNow() {
    var came = came();
    assertThat(journal().before(came)).isEmpty();
    var first = noted("first");
    var gone = noted("taken back");
    var at = noted("at");
    noted("later");
    corrected(first, "first, corrected");
    takenBack(gone);
    var moved = corrected(at, "at, corrected");
    assertThat(
            journal().before(moved).orElseThrow().holding().stream()
                .map(Line::happening)
                .filter(Happening.Noted.class::isInstance))
        .containsExactly(new Happening.Noted("first, corrected"));
  }

  @Test
  void ofACorrectionOfACorrectionOnlyTheLastCounts() {
    came();
    var first = noted("one");
    var second = corrected(first, "two");
    corrected(second, "three");
    assertThat(notes()).containsExactly("three");
    assertThat(journal().standing(first)).isEqualTo(Standing.CORRECTED);
    assertThat(journal().standing(second)).isEqualTo(Standing.CORRECTED);
  }

  @Test
  void aCorrectionThatIsTakenBackLeavesWhatItCorrected() {
    came();
    var first = noted("one");
    var second = corrected(first, "two");
    var third = corrected(second, "three");
    var taking = takenBack(third);
    assertThat(notes()).containsExactly("two");
    takenBack(taking);
    assertThat(notes()).containsExactly("three");
  }

  @Test
  void takingBackIsTakenBackAsOftenAsOneLikes() {
    came();
    var taking = takenBack(noted("one"));
    assertThat(notes()).isEmpty();
    var puttingBack = takenBack(taking);
    assertThat(notes()).containsExactly("one");
    takenBack(puttingBack);
    assertThat(notes()).isEmpty();
  }

  @Test
  void aCorrectionCountsInThePlaceOfWhatItCorrects() {
    came();
    var first = noted("one");
    noted("two");
    corrected(first, "one, rightly");
    assertThat(notes()).containsExactly("one, rightly", "two");
    assertThat(plant().card().notes()).isEqualTo("two");
  }

  @Test
  void aPlantWhoseComingWasTakenBackIsNotInTheCollection() {
    var coming = came();
    assertThat(plant().here()).isTrue();
    var taking = takenBack(coming);
    assertThat(journal().begun()).isFalse();
    assertThat(plant().here()).isFalse();
    takenBack(taking);
    assertThat(plant().here()).isTrue();
  }

  @Test
  void aCorrectedComingIsStillItsComing() {
    var coming = came();
    var right =
        act(
            coming,
            new Happening.Potted(
                new Potting(
                    PottedOn.on(DAY.minusYears(1)),
                    DAY,
                    Mix.of(Component.PUMICE),
                    Moisture.KEPT_MOIST)));
    assertThat(journal().begun()).isTrue();
    assertThat(plant().inWhatItCameIn()).isTrue();
    assertThat(plant().potted().act()).isEqualTo(right);
  }

  @Test
  void aRepotEndsHoldingAndPullingAsideAndItsUndoBringsThemBack() {
    came();
    act(null, new Happening.Held(DAY));
    act(null, new Happening.SetAside(DAY));
    var before = plant().card();
    var moved =
        act(
            null,
            new Happening.Potted(
                new Potting(
                    PottedOn.on(DAY), DAY, Mix.of(Component.LAVA), Moisture.DRIES_BETWEEN)));
    assertThat(plant().card().inHand().heldSince()).isNull();
    assertThat(plant().card().inHand().asideOn()).isNull();
    takenBack(moved);
    assertThat(plant().card()).isEqualTo(before);
  }

  @Test
  void aRepotThatIsCorrectedLaterDoesNotEndWhatBeganAfterIt() {
    came();
    var potting =
        new Potting(PottedOn.on(DAY), DAY, Mix.of(Component.LAVA), Moisture.DRIES_BETWEEN);
    var moved = act(null, new Happening.Potted(potting));
    act(null, new Happening.SetAside(DAY.plusDays(3)));
    act(moved, new Happening.Potted(potting));
    assertThat(plant().card().inHand().asideOn()).isEqualTo(DAY.plusDays(3));
  }

  static IntStream seeds() {
    return IntStream.range(0, 200);
  }

  private static int undone;
  private static int chains;
  private static int clashes;

  /** Whatever was written before: an act and its taking back leave all that counts as it was. */
  @ParameterizedTest
  @MethodSource("seeds")
  void takingBackLeavesEverythingAsItWas(int seed) {
    var random = new Random(seed);
    came();
    var acts = new ArrayList<Act>();
    for (int i = 0; i < 30; i++) {
      var holding = acts.stream().filter(act -> journal().standing(act) == Standing.HOLDS).toList();
      var before = journal().holding();
      Act newest;
      if (holding.isEmpty() || random.nextInt(3) == 0) {
        newest = noted("note " + i);
      } else {
        var of = holding.get(random.nextInt(holding.size()));
        boolean takes = lines.get((int) of.id() - 1).happening() instanceof Happening.Withdrawn;
        newest = takes || random.nextBoolean() ? takenBack(of) : corrected(of, "right " + i);
        chains += of.supersedes() == null ? 0 : 1;
      }
      if (journal().twoInOnePlace()) {
        lines.remove(lines.size() - 1);
        clashes++;
        continue;
      }
      acts.add(newest);
      takenBack(newest);
      assertThat(journal().holding()).isEqualTo(before);
      undone++;
      lines.remove(lines.size() - 1);
      oneOfEachChain();
    }
  }

  /** Of what corrects one and the same thing, at most one counts. */
  private void oneOfEachChain() {
    var byId = new HashMap<Long, Act>();
    lines.forEach(line -> byId.put(line.act().id(), line.act()));
    var roots = new HashSet<Long>();
    for (var line : journal().holding()) {
      var root = line.act();
      while (root.supersedes() != null) {
        root = byId.get(root.supersedes());
      }
      assertThat(roots.add(root.id())).as("once for each").isTrue();
    }
  }

  @org.junit.jupiter.api.AfterAll
  static void thereWasSomethingToUndo() {
    assertThat(undone).isGreaterThan(5000);
    assertThat(clashes).as("corrections that cannot be put back").isPositive();
    assertThat(chains).as("acts against acts that stand against others").isGreaterThan(500);
  }
}

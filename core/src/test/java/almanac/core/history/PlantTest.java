package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.refusals.Refused;
import almanac.core.roots.RootStage;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** One plant as its journal tells it. */
class PlantTest {
  private static final LocalDate CAME = LocalDate.of(2027, 3, 1);
  private static final Course SOAP = new Course(new UUID(8, 1), "soap", Foe.PESTS, 7, 3);

  private final Chronicle chronicle = new Chronicle();

  {
    chronicle.on(CAME, potted(CAME, Component.PUMICE));
  }

  private static Happening.Potted potted(LocalDate on, Component medium) {
    return new Happening.Potted(
        new Potting(PottedOn.on(on), on, Mix.of(medium), Moisture.DRIES_BETWEEN));
  }

  private void on(int after, Happening happening) {
    chronicle.on(CAME.plusDays(after), happening);
  }

  @ParameterizedTest
  @CsvSource({
    "Tag,,,Tag",
    "Tag,Believed,,Believed",
    "Tag,Believed,Flowered,Flowered",
    "Tag,,Flowered,Flowered"
  })
  void itGoesByTheNameThatIsSurest(String tag, String believed, String flowered, String name) {
    var names = new Names(tag, believed == null ? "" : believed, flowered == null ? "" : flowered);
    assertThat(names.name()).isEqualTo(name);
    assertThat(Names.onLabel(tag).name()).isEqualTo(tag);
  }

  @Test
  void whatIsWrittenMoreIsAtTheEndOfItsJournal() {
    var before = chronicle.plant();
    on(3, new Happening.Noted("by the window"));
    var line = chronicle.journal().lines().get(1);
    var after = before.and(List.of(line));
    assertThat(after.card().notes()).isEqualTo("by the window");
    assertThat(after.uid()).isEqualTo(before.uid());
    assertThat(after.addedOn()).isEqualTo(CAME);
    assertThat(after.journal().act(line.act().uid())).contains(line.act());
    assertThat(after.journal().act(new UUID(9, 9))).isEmpty();
  }

  @Test
  void aNewcomerThatIsKeptApartIsUndecidedUntilItIsMovedOrHeld() {
    assertThat(chronicle.plant().undecidedNewcomer()).isFalse();
    on(0, new Happening.KeptApart(CAME));
    assertThat(chronicle.plant().undecidedNewcomer()).isTrue();
    on(1, new Happening.Held(CAME.plusDays(1)));
    assertThat(chronicle.plant().undecidedNewcomer()).isFalse();
    on(2, new Happening.Freed());
    assertThat(chronicle.plant().undecidedNewcomer()).isTrue();
    on(3, potted(CAME.plusDays(3), Component.LAVA));
    assertThat(chronicle.plant().undecidedNewcomer()).isFalse();
  }

  @ParameterizedTest
  @EnumSource(RootStage.class)
  void holdingEndsTheDayItsRootsBegin(RootStage roots) {
    on(1, new Happening.Held(CAME.plusDays(1)));
    on(
        9,
        new Happening.Inspected(
            Inspection.on(CAME.plusDays(9)).with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(roots))));
    boolean begin = roots == RootStage.SWELLING || roots == RootStage.NUB;
    assertThat(chronicle.plant().card().inHand().heldSince())
        .isEqualTo(begin ? null : CAME.plusDays(1));
  }

  @Test
  void whatIsSeenOnItAndSpreadsMakesItComeLastUntilItIsSeenToBeGone() {
    assertThat(chronicle.plant().comesLast()).isFalse();
    looked(1, Items.PESTS, Pests.SPRINGTAIL);
    looked(2, Items.ROT, Rot.SOFT_LEAD);
    assertThat(chronicle.plant().comesLast()).as("neither goes to another plant").isFalse();
    looked(3, Items.PESTS, Pests.THRIPS);
    assertThat(chronicle.plant().comesLast()).isTrue();
    looked(4, Items.PESTS, Pests.NONE);
    assertThat(chronicle.plant().comesLast()).isFalse();
    looked(5, Items.ROT, Rot.VIRUS_SUSPECTED);
    assertThat(chronicle.plant().comesLast()).isTrue();
  }

  private <A extends Enum<A> & Answer> void looked(int day, Item<A> item, A answer) {
    var look = Inspection.on(CAME.plusDays(day)).with(item, item.saw(answer));
    on(day, new Happening.Inspected(look));
  }

  @Test
  void whoIsKeptApartOrTreatedComesLast() {
    assertThat(chronicle.plant().card().comesLast()).isFalse();
    on(1, new Happening.KeptApart(CAME));
    assertThat(chronicle.plant().card().comesLast()).isTrue();
    on(2, new Happening.LetIn());
    on(2, new Happening.Beside(SOAP, CAME.plusDays(2)));
    assertThat(chronicle.plant().card().comesLast()).as("it only stands beside one").isFalse();
    on(3, new Happening.CourseBegun(SOAP, CAME.plusDays(3)));
    assertThat(chronicle.plant().card().comesLast()).isTrue();
    on(30, new Happening.CourseEnded(SOAP.uid()));
    assertThat(chronicle.plant().card().comesLast()).isFalse();
  }

  @Test
  void aLookFromBeforeThePresentPotIsNotDoubted() {
    var piece = Items.MEDIUM_PIECE.saw(MediumPiece.TEARS);
    var history = chronicle.plant().history();
    assertThatCode(
            () ->
                Answerable.check(
                    Inspection.on(CAME.minusDays(1)).with(Items.MEDIUM_PIECE, piece), history))
        .doesNotThrowAnyException();
    for (int after : new int[] {0, 1}) {
      assertThatThrownBy(
              () ->
                  Answerable.check(
                      Inspection.on(CAME.plusDays(after)).with(Items.MEDIUM_PIECE, piece), history))
          .isInstanceOf(Refused.class);
    }
    var unknown = new Chronicle();
    unknown.on(
        CAME,
        new Happening.Potted(
            new Potting(
                PottedOn.unknown(), CAME, Mix.of(Component.PUMICE), Moisture.DRIES_BETWEEN)));
    assertThatThrownBy(
            () ->
                Answerable.check(
                    Inspection.on(CAME.minusDays(1)).with(Items.MEDIUM_PIECE, piece),
                    unknown.plant().history()))
        .isInstanceOf(Refused.class);
  }

  @Test
  void ofTwoPottingsOnOneDayTheCorrectedOneKeepsItsPlace() {
    on(9, potted(CAME.plusDays(9), Component.LAVA));
    on(9, potted(CAME.plusDays(9), Component.PERLITE));
    var plant = chronicle.plant();
    var first = plant.journal().holding().get(1);
    var later = potted(CAME.plusDays(10), Component.LAVA).potting();
    assertThatThrownBy(() -> Chronology.refuseOutOfOrder(plant, first, later))
        .hasMessageContaining("after its next potting");
    var second = plant.journal().holding().get(2);
    assertThatCode(() -> Chronology.refuseOutOfOrder(plant, second, later))
        .doesNotThrowAnyException();
  }
}

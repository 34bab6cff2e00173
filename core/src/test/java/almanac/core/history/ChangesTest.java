package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Items;
import almanac.core.kinds.Trait;
import almanac.core.kinds.Traits;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial;
import almanac.core.trials.Trial;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ChangesTest {
  private static final OnTrial ON_TRIAL =
      new OnTrial(
          new Trial(
              new UUID(4, 4),
              "Charcoal in the bark",
              Tried.MEDIUM,
              Against.EARLIER,
              List.of(Items.LEAVES),
              LocalDate.of(2027, 3, 1),
              LocalDate.of(2027, 9, 30)),
          OnTrial.Side.TRIED,
          0);
  private static final Booking RIPE =
      new Booking(new UUID(3, 3), true, "Is this growth ripe?", LocalDate.of(2027, 5, 1), 0);
  private static final LocalDate DAY = LocalDate.of(2027, 5, 1);

  private static final Course COURSE = new Course(new UUID(0, 1), "Soap", Foe.PESTS, 7, 3);
  private static final Course BESIDE = new Course(new UUID(0, 2), "Soap", Foe.ROT, 5, 2);

  private static Card any(Random random) {
    boolean one = random.nextBoolean();
    return new Card(
        new Card.Who(
            random.nextBoolean() ? "27-001" : "27-002",
            new Names("Label", one ? "Other" : "", ""),
            random.nextBoolean() ? "vanda" : "oncidium",
            one ? Traits.NONE : Traits.NONE.with(Trait.LEAST_GROWTHS, 3)),
        new Stand(1, random.nextInt(3)),
        new Origin(Optional.empty(), random.nextBoolean() ? "a stall" : "", "", ""),
        random.nextBoolean() ? Wish.AS_IT_COMES : new Wish(Aim.DIVIDE, null),
        random.nextBoolean() ? "Notes" : "",
        random.nextBoolean() ? Fate.GROWING : new Fate(PlantStatus.LOST, "frost"),
        random.nextBoolean() ? null : 4L,
        new Card.InHand(
            random.nextBoolean() ? null : DAY,
            random.nextBoolean() ? null : DAY.plusDays(1),
            random.nextBoolean() ? null : DAY.plusDays(2),
            random.nextBoolean() ? List.of() : List.of("dark cover"),
            random.nextBoolean() ? List.of() : List.of(RIPE.due(DAY.plusDays(random.nextInt(2)))),
            null,
            random.nextBoolean() ? null : new Treatment(COURSE, DAY.plusDays(random.nextInt(2))),
            random.nextBoolean() ? null : new Treatment(BESIDE, DAY),
            random.nextBoolean() ? List.of() : List.of(ON_TRIAL)));
  }

  @Test
  void whatHasToHappenLeadsFromTheOneCardToTheOther() {
    var random = new Random(11);
    int changed = 0;
    for (int i = 0; i < 500; i++) {
      var was = any(random);
      var is = any(random);
      var happenings = Changes.between(was, is);
      var draft = new Card.Draft();
      Changes.between(new Card.Draft().card(), was).forEach(draft::mark);
      assertThat(draft.card()).isEqualTo(was);
      happenings.forEach(draft::mark);
      assertThat(draft.card()).isEqualTo(is);
      assertThat(happenings.isEmpty()).isEqualTo(was.equals(is));
      changed += happenings.size();
    }
    assertThat(changed).isGreaterThan(1500);
  }

  @Test
  void cardsThatReadTheSameHaveTheSameFingerprint() {
    var random = new Random(3);
    var card = any(random);
    var draft = new Card.Draft();
    Changes.between(draft.card(), card).forEach(draft::mark);
    assertThat(draft.card().fingerprint()).isEqualTo(card.fingerprint());
    draft.mark(new Happening.Noted("Else"));
    assertThat(draft.card().fingerprint()).isNotEqualTo(card.fingerprint());
    assertThat(List.of(card.fingerprint().version())).containsExactly(3);
  }
}

package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Two plants in one pot, and apart again. */
class OnePotTest {
  private static final LocalDate CAME = LocalDate.of(2027, 3, 1);

  private final Chronicle holders = new Chronicle();
  private final Chronicle others = new Chronicle();

  {
    holders.on(CAME, potted(CAME, Component.BARK_FINE));
    others.on(CAME, potted(CAME, Component.BARK_FINE));
  }

  private static Happening.Potted potted(LocalDate on, Component medium) {
    return new Happening.Potted(
        new Potting(PottedOn.on(on), on, Mix.of(medium), Moisture.DRIES_BETWEEN));
  }

  private Plant holder() {
    return holders.plant();
  }

  private Plant other() {
    return Plant.of(2, new UUID(1, 2), others.journal());
  }

  @Test
  void whoSharesAPotIsNotHereByItselfUntilItHasItsOwnAgain() {
    var joined = OnePot.joined(holder(), List.of(other()));
    assertThat(joined)
        .isEqualTo(
            Map.of(2L, List.of(new Happening.InPotOf(1L)), 1L, List.of(new Happening.TookIn(2L))));
    others.on(CAME.plusDays(5), new Happening.InPotOf(1L));
    assertThat(other().here()).isFalse();
    assertThat(other().card().fate().status()).isEqualTo(PlantStatus.IN_ONE_POT);
    var stand = new Stand(3, 7);
    assertThat(OnePot.apart(other(), holder(), stand))
        .as("neither was potted since")
        .containsExactly(new Happening.InPotOf(null), new Happening.Moved(stand));
    holders.on(CAME.plusDays(9), new Happening.Noted("a line between"));
    holders.on(CAME.plusDays(9), potted(CAME.plusDays(9), Component.PUMICE));
    assertThat(OnePot.apart(other(), holder(), stand))
        .contains(potted(CAME.plusDays(9), Component.PUMICE));
    others.on(CAME.plusDays(10), new Happening.InPotOf(null));
    assertThat(other().here()).isTrue();
    assertThat(other().card().inHand().inPotOf()).isNull();
  }

  @Test
  void whatWasAskedOfOneIsAskedOfTheCardThatStandsForBoth() {
    var booking = new Booking(new UUID(3, 4), true, "has it ripened?", CAME.plusDays(40), 2);
    others.on(CAME, new Happening.Booked(booking));
    others.on(CAME, new Happening.Asked("tie the cane"));
    var joined = OnePot.joined(holder(), List.of(other()));
    joined.get(1L).forEach(happening -> holders.on(CAME.plusDays(5), happening));
    joined.get(2L).forEach(happening -> others.on(CAME.plusDays(5), happening));
    assertThat(holder().card().inHand().bookings()).containsExactly(booking);
    assertThat(holder().card().inHand().tasks()).containsExactly("tie the cane");
    assertThat(other().card().inHand().bookings()).isEmpty();
    assertThat(other().card().inHand().tasks()).isEmpty();
  }

  @Test
  void aPlantGoesNeitherIntoItsOwnPotNorIntoTwo() {
    assertThatThrownBy(() -> OnePot.joined(holder(), List.of(holder())))
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo("plants[0]"));
    others.on(CAME.plusDays(5), new Happening.InPotOf(1L));
    assertThatThrownBy(() -> OnePot.joined(holder(), List.of(other())))
        .hasMessageContaining("shares");
    assertThatThrownBy(() -> OnePot.joined(other(), List.of(holder())))
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo("id"));
    holders.on(CAME.plusDays(6), new Happening.Became(new Fate(PlantStatus.LOST, "frost")));
    assertThatThrownBy(() -> OnePot.joined(holder(), List.of(other())))
        .hasMessageContaining("here");
  }

  @Test
  void whoSharesThePotOfOneThatLeavesLeavesWithIt() {
    others.on(CAME.plusDays(5), new Happening.InPotOf(1L));
    var lost = new Happening.Became(new Fate(PlantStatus.LOST, "frost"));
    var all = List.of(holder(), other());
    assertThat(OnePot.following(Map.of(1L, List.of(lost)), all)).isEqualTo(Map.of(2L, lost));
    var weak = new Happening.Became(new Fate(PlantStatus.RECOVERING, ""));
    assertThat(OnePot.following(Map.of(1L, List.of(weak)), all)).isEmpty();
    assertThat(OnePot.following(Map.of(3L, List.of(lost)), all)).isEmpty();
  }
}

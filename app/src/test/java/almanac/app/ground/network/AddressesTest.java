package almanac.app.ground.network;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** By which names the machine may be asked for. */
class AddressesTest {
  @Test
  void onTheMachineItselfOnlyItsOwnNamesAreOurs() {
    var addresses = new Addresses("192.168.1.4");
    for (var own : new String[] {"localhost", "LOCALHOST", "127.0.0.1", "[::1]"}) {
      assertThat(addresses.ours(own, false)).as(own).isTrue();
    }
    assertThat(addresses.ours("192.168.1.4", false)).isFalse();
    assertThat(addresses.ours("almanac.example", false)).isFalse();
  }

  @Test
  void overTheNetworkTheAddressThatWasAskedForIsOursToo() {
    var addresses = new Addresses("192.168.1.4");
    assertThat(addresses.ours("192.168.1.4", true)).isTrue();
    assertThat(addresses.ours("192.168.1.5", true)).isFalse();
    assertThat(addresses.ours("almanac.example", true)).isFalse();
    assertThat(addresses.reachable()).startsWith("192.168.1.4");
  }

  @Test
  void atAnyAddressTheMachinesOwnAreOurs() {
    var addresses = new Addresses("0.0.0.0");
    assertThat(addresses.reachable()).doesNotContain("0.0.0.0", "127.0.0.1");
    for (var each : addresses.reachable()) {
      assertThat(addresses.ours(each, true)).as(each).isTrue();
    }
  }

  @Test
  void anIpv6AddressIsOneHoweverItIsWritten() {
    var addresses = new Addresses("[fd00::7]");
    for (var written : new String[] {"[fd00::7]", "[FD00:0:0:0:0:0:0:7]", "[fd00:0::0:7]"}) {
      assertThat(addresses.ours(written, true)).as(written).isTrue();
    }
    assertThat(addresses.ours("[fd00::8]", true)).isFalse();
  }
}

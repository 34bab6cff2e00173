package almanac.app.ground.network;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.bouncycastle.asn1.x509.Extension;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is shown to other devices holds today and names this machine. */
class HomeCertificateTest {
  private static final Instant NOW = Instant.parse("2026-11-26T08:00:00Z");
  private static final List<String> NAMES = List.of("192.168.1.4", "[fd00::7]", "lock.local");

  @TempDir private Path data;

  private HomeCertificate at(Instant now, List<String> names) throws Exception {
    return HomeCertificate.in(AccessFile.of(data), names, now);
  }

  @Test
  void itIsMadeOnceAndVouchedForByItsAuthority() throws Exception {
    var made = at(NOW, NAMES);

    made.machine().verify(made.authority().getPublicKey());
    assertThat(made.machine().getSubjectAlternativeNames().toString())
        .contains("192.168.1.4", "lock.local", "fd00:0:0:0:0:0:0:7");
    assertThat(at(NOW.plus(Duration.ofDays(300)), NAMES).machine()).isEqualTo(made.machine());
    assertThat(made.authority().getBasicConstraints()).isZero();
    assertThat(made.machine().getBasicConstraints()).isEqualTo(-1);
  }

  @Test
  void oneThatHasExpiredIsMadeAnewAndWhatWasTrustedIsTrustedStill() throws Exception {
    var made = at(NOW, NAMES);
    var later = NOW.plus(Duration.ofDays(500));
    var anew = at(later, NAMES);

    assertThat(made.machine().getNotAfter().toInstant()).isBefore(later);
    assertThat(anew.machine().getNotAfter().toInstant()).isAfter(later);
    assertThat(anew.authority()).isEqualTo(made.authority());
    anew.machine().verify(made.authority().getPublicKey());
  }

  @Test
  void anotherAddressIsNamedToo() throws Exception {
    var made = at(NOW, NAMES);
    var moved = at(NOW, List.of("192.168.1.9", "lock.local"));

    assertThat(moved.machine()).isNotEqualTo(made.machine());
    assertThat(moved.machine().getSubjectAlternativeNames().toString()).contains("192.168.1.9");
    assertThat(moved.authority()).isEqualTo(made.authority());
  }

  @Test
  void anAuthorityThatEndsBeforeWhatItVouchesForIsMadeAnew() throws Exception {
    var made = at(NOW, NAMES);
    var anew = at(NOW.plus(Duration.ofDays(3400)), NAMES);

    assertThat(anew.authority()).isNotEqualTo(made.authority());
    anew.machine().verify(anew.authority().getPublicKey());
  }

  @Test
  void itsAuthorityVouchesForNamesOfThisHouseAlone() throws Exception {
    var made = at(NOW, List.of("192.168.1.4", "lock.local", "lockhouse", "203.0.113.7"));
    var later =
        at(
            NOW,
            List.of(
                "10.1.2.3",
                "lockhouse",
                "203.0.113.7",
                "203.0.113.8",
                "bank.example",
                "[fd00::7]"));
    assertThat(later.authority()).isEqualTo(made.authority());
    var names = later.machine().getSubjectAlternativeNames().toString();
    assertThat(names).contains("10.1.2.3", "lockhouse", "203.0.113.7", "fd00:0:0:0:0:0:0:7");
    assertThat(names).doesNotContain("203.0.113.8", "bank.example");
    assertThat(later.authority().getCriticalExtensionOIDs())
        .contains(Extension.nameConstraints.getId());
    later.machine().verify(later.authority().getPublicKey());
  }
}

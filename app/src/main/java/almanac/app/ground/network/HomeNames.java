package almanac.app.ground.network;

import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.List;
import org.bouncycastle.asn1.ASN1OctetString;
import org.bouncycastle.asn1.DEROctetString;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.NameConstraintValidatorException;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.asn1.x509.PKIXNameConstraintValidator;

/**
 * For which names the authority of a home may vouch: those that are used within houses, and those
 * that the machine has when it is made. Whoever gets hold of its key can pass for no other site.
 */
final class HomeNames {
  /** Addresses that are never used between houses, with how many of their bits are the same. */
  private static final List<String> WITHIN_HOUSES =
      List.of(
          "10.0.0.0/8",
          "172.16.0.0/12",
          "192.168.0.0/16",
          "100.64.0.0/10",
          "169.254.0.0/16",
          "127.0.0.0/8",
          "fc00::/7",
          "fe80::/10",
          "::1/128");

  private static final List<String> NAMES_WITHIN =
      List.of("local", "localhost", "lan", "home", "internal", "home.arpa");

  private HomeNames() {}

  /**
   * @param names that the machine has, as they stand in addresses
   */
  static NameConstraints constraints(List<String> names) throws UnknownHostException {
    var all = new ArrayList<GeneralSubtree>();
    for (var range : WITHIN_HOUSES) {
      int cut = range.indexOf('/');
      all.add(subtree(range.substring(0, cut), Integer.parseInt(range.substring(cut + 1))));
    }
    NAMES_WITHIN.forEach(
        name -> all.add(new GeneralSubtree(new GeneralName(GeneralName.dNSName, name))));
    for (var name : names) {
      var bare = bare(name);
      all.add(
          number(bare)
              ? subtree(bare, 8 * InetAddress.getByName(bare).getAddress().length)
              : new GeneralSubtree(new GeneralName(GeneralName.dNSName, bare)));
    }
    return new NameConstraints(all.toArray(GeneralSubtree[]::new), null);
  }

  private static GeneralSubtree subtree(String address, int bits) throws UnknownHostException {
    var bytes = InetAddress.getByName(address).getAddress();
    var both = new byte[2 * bytes.length];
    System.arraycopy(bytes, 0, both, 0, bytes.length);
    for (int bit = 0; bit < bits; bit++) {
      both[bytes.length + bit / 8] |= (byte) (0x80 >> bit % 8);
    }
    return new GeneralSubtree(new GeneralName(GeneralName.iPAddress, new DEROctetString(both)));
  }

  /** Whether an authority has them at all. */
  static boolean constrained(X509Certificate authority) {
    return authority.getExtensionValue(Extension.nameConstraints.getId()) != null;
  }

  /** Those of these names for which an authority may vouch. */
  static List<String> vouched(X509Certificate authority, List<String> names) throws IOException {
    var value =
        ASN1OctetString.getInstance(authority.getExtensionValue(Extension.nameConstraints.getId()));
    var validator = new PKIXNameConstraintValidator();
    validator.intersectPermittedSubtree(
        NameConstraints.getInstance(value.getOctets()).getPermittedSubtrees());
    return names.stream().filter(name -> permits(validator, name)).toList();
  }

  private static boolean permits(PKIXNameConstraintValidator validator, String name) {
    try {
      validator.checkPermitted(general(name));
      return true;
    } catch (NameConstraintValidatorException other) {
      return false;
    }
  }

  /** As certificates have it. */
  static GeneralName general(String name) {
    var bare = bare(name);
    return new GeneralName(number(bare) ? GeneralName.iPAddress : GeneralName.dNSName, bare);
  }

  /** Without the brackets that an IPv6 address has in another address. */
  static String bare(String name) {
    return name.replaceAll("[\\[\\]]", "");
  }

  private static boolean number(String bare) {
    return bare.contains(":") || bare.matches("[0-9.]+");
  }
}

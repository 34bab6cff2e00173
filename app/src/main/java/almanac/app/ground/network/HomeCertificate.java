package almanac.app.ground.network;

import almanac.app.ground.disk.OwnersFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigInteger;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.HexFormat;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * What shows others that they reach this machine and no other: a certificate for its names, vouched
 * for by an authority of this collection's own that a phone can be told to trust once.
 *
 * @param store both, with their keys
 * @param authority the one to trust
 * @param machine the one that is shown
 */
record HomeCertificate(KeyStore store, X509Certificate authority, X509Certificate machine) {
  static final String MACHINE = "machine";
  private static final String AUTHORITY = "authority";
  private static final String FILE = "certificate.p12";

  /** The file can be read by its owner alone; what else would open it lies beside it. */
  static final String SECRET = "almanac";

  private static final Duration AUTHORITY_HOLDS = Duration.ofDays(3650);

  /** Browsers take none that holds longer than 398 days. */
  private static final Duration MACHINE_HOLDS = Duration.ofDays(397);

  private static final Duration RENEWED_BEFORE = Duration.ofDays(30);
  private static final Duration CLOCKS_DIFFER = Duration.ofDays(1);

  /**
   * That of a folder; made at the first use, and the machine's anew when it is about to end or the
   * machine has other names.
   */
  static HomeCertificate in(AccessFile access, List<String> names, Instant now)
      throws IOException, GeneralSecurityException {
    var file = access.folder().resolve(FILE);
    var store = KeyStore.getInstance("PKCS12");
    if (Files.exists(file)) {
      try (InputStream in = Files.newInputStream(file)) {
        store.load(in, SECRET.toCharArray());
      }
    } else {
      store.load(null, null);
    }
    try {
      boolean changed = keepAuthority(store, names, now);
      var vouched = HomeNames.vouched((X509Certificate) store.getCertificate(AUTHORITY), names);
      if (changed || !holds(store, vouched, now)) {
        keepMachine(store, vouched, now);
        OwnersFile.keep(access.folder().resolve(FILE), written(store));
      }
    } catch (OperatorCreationException e) {
      throw new GeneralSecurityException(e);
    }
    return new HomeCertificate(
        store,
        (X509Certificate) store.getCertificate(AUTHORITY),
        (X509Certificate) store.getCertificate(MACHINE));
  }

  private static byte[] written(KeyStore store) throws IOException, GeneralSecurityException {
    var out = new ByteArrayOutputStream();
    store.store(out, SECRET.toCharArray());
    return out.toByteArray();
  }

  /** Whether it had to be made. */
  private static boolean keepAuthority(KeyStore store, List<String> names, Instant now)
      throws GeneralSecurityException, IOException, OperatorCreationException {
    var there = (X509Certificate) store.getCertificate(AUTHORITY);
    if (there != null
        && HomeNames.constrained(there)
        && there.getNotAfter().toInstant().isAfter(now.plus(MACHINE_HOLDS))) {
      return false;
    }
    var keys = keys();
    var name = new X500Name("CN=Mellow Almanac at home");
    var builder =
        new JcaX509v3CertificateBuilder(
            name,
            serial(),
            Date.from(now.minus(CLOCKS_DIFFER)),
            Date.from(now.plus(AUTHORITY_HOLDS)),
            name,
            keys.getPublic());
    // It vouches for machines and for no other authority.
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
    builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign));
    builder.addExtension(Extension.nameConstraints, true, HomeNames.constraints(names));
    var certificate = signed(builder, keys.getPrivate());
    store.setKeyEntry(
        AUTHORITY, keys.getPrivate(), SECRET.toCharArray(), new Certificate[] {certificate});
    return true;
  }

  private static boolean holds(KeyStore store, List<String> names, Instant now)
      throws GeneralSecurityException {
    var there = (X509Certificate) store.getCertificate(MACHINE);
    return there != null
        && there.getNotAfter().toInstant().isAfter(now.plus(RENEWED_BEFORE))
        && named(there).containsAll(names.stream().map(HomeCertificate::bare).toList());
  }

  private static Set<String> named(X509Certificate certificate) throws GeneralSecurityException {
    var named = new LinkedHashSet<String>();
    var all = certificate.getSubjectAlternativeNames();
    if (all != null) {
      all.forEach(name -> named.add(plain(String.valueOf(name.get(1)))));
    }
    return named;
  }

  private static String bare(String name) {
    return plain(HomeNames.bare(name));
  }

  /** IPv6 is written in more ways than one. */
  private static String plain(String name) {
    try {
      return name.contains(":") ? InetAddress.getByName(name).getHostAddress() : name;
    } catch (UnknownHostException e) {
      return name;
    }
  }

  private static void keepMachine(KeyStore store, List<String> names, Instant now)
      throws GeneralSecurityException, IOException, OperatorCreationException {
    var keys = keys();
    var authority = (X509Certificate) store.getCertificate(AUTHORITY);
    var vouches = (PrivateKey) store.getKey(AUTHORITY, SECRET.toCharArray());
    var builder =
        new JcaX509v3CertificateBuilder(
            authority,
            serial(),
            Date.from(now.minus(CLOCKS_DIFFER)),
            Date.from(now.plus(MACHINE_HOLDS)),
            new X500Name("CN=Mellow Almanac"),
            keys.getPublic());
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
    builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
    builder.addExtension(
        Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
    builder.addExtension(
        Extension.subjectAlternativeName,
        false,
        new GeneralNames(names.stream().map(HomeNames::general).toArray(GeneralName[]::new)));
    store.setKeyEntry(
        MACHINE,
        keys.getPrivate(),
        SECRET.toCharArray(),
        new Certificate[] {signed(builder, vouches), authority});
  }

  private static X509Certificate signed(JcaX509v3CertificateBuilder builder, PrivateKey by)
      throws GeneralSecurityException, OperatorCreationException {
    return new JcaX509CertificateConverter()
        .getCertificate(builder.build(new JcaContentSignerBuilder("SHA256withECDSA").build(by)));
  }

  private static KeyPair keys() throws GeneralSecurityException {
    var generator = KeyPairGenerator.getInstance("EC");
    generator.initialize(new ECGenParameterSpec("secp256r1"));
    return generator.generateKeyPair();
  }

  private static BigInteger serial() {
    return new BigInteger(127, new SecureRandom()).add(BigInteger.ONE);
  }

  /** By which somebody can tell it from another: pairs of digits, as browsers show them. */
  static String fingerprint(X509Certificate certificate) throws GeneralSecurityException {
    return HexFormat.ofDelimiter(":")
        .withUpperCase()
        .formatHex(MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded()));
  }
}

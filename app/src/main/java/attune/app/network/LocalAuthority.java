package attune.app.network;

import java.io.IOException;
import java.io.StringWriter;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Date;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.bouncycastle.asn1.pkcs.PrivateKeyInfo;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.openssl.PEMParser;
import org.bouncycastle.openssl.jcajce.JcaPEMKeyConverter;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * A certificate authority of the shop's own, and the certificate of this machine signed by it. Made
 * once; the machine's is made anew when it is about to end or the machine has another name. Keys
 * are P-256, files PEM, readable by their owner alone.
 */
public final class LocalAuthority {
  private static final Duration OF_AUTHORITY = Duration.ofDays(3650);

  /** What browsers take at most. */
  private static final Duration OF_MACHINE = Duration.ofDays(397);

  private static final Duration RENEWED_BEFORE = Duration.ofDays(30);
  private static final String SIGNED = "SHA256withECDSA";
  private static final int SERIAL_BITS = 120;

  private final Path folder;
  private final Instant now;

  /**
   * @param folder where its files lie
   * @param now moment of the start
   */
  public LocalAuthority(Path folder, Instant now) {
    this.folder = folder;
    this.now = now;
  }

  /** The certificate devices are told to trust. */
  public Path authority() {
    return folder.resolve("authority.pem");
  }

  /** The machine's certificate, with the authority's after it. */
  public Path certificate() {
    return folder.resolve("machine.pem");
  }

  public Path key() {
    return folder.resolve("machine-key.pem");
  }

  /**
   * Sees to it that there is a good certificate for these names and addresses.
   *
   * @return true where the machine's was made anew
   */
  public boolean ensure(Collection<String> names) {
    try {
      Files.createDirectories(folder);
      if (!isGoodAuthority()) {
        makeAuthority();
      }
      boolean good =
          isGood(certificate(), RENEWED_BEFORE)
              && namesOf(certificate()).equals(new TreeSet<>(names));
      if (!good) {
        makeMachine(names);
      }
      return !good;
    } catch (IOException | GeneralSecurityException | OperatorCreationException e) {
      throw new IllegalStateException("no certificate could be made in " + folder.getFileName(), e);
    }
  }

  private boolean isGoodAuthority() {
    return isGood(authority(), OF_MACHINE) && Files.isReadable(authorityKey());
  }

  private Path authorityKey() {
    return folder.resolve("authority-key.pem");
  }

  private boolean isGood(Path file, Duration longer) {
    if (!Files.isReadable(file)) {
      return false;
    }
    try {
      return read(file).getNotAfter().toInstant().isAfter(now.plus(longer));
    } catch (IOException | GeneralSecurityException e) {
      return false; // damaged is as good as none
    }
  }

  /** Names and addresses a certificate is good for. */
  static Set<String> namesOf(Path file) throws IOException, GeneralSecurityException {
    Set<String> names = new TreeSet<>();
    Collection<List<?>> all = read(file).getSubjectAlternativeNames();
    if (all != null) {
      all.forEach(name -> names.add(String.valueOf(name.get(1))));
    }
    return names;
  }

  static X509Certificate read(Path file) throws IOException, GeneralSecurityException {
    try (var in = Files.newInputStream(file)) {
      return (X509Certificate) CertificateFactory.getInstance("X.509").generateCertificate(in);
    }
  }

  private void makeAuthority()
      throws IOException, GeneralSecurityException, OperatorCreationException {
    KeyPair keys = keys();
    X500Name name = new X500Name("CN=Attune of this shop,O=Attune");
    JcaX509v3CertificateBuilder builder = builder(name, name, keys, OF_AUTHORITY);
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
    builder.addExtension(
        Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
    write(authorityKey(), keys.getPrivate());
    write(authority(), signed(builder, keys.getPrivate()));
  }

  private void makeMachine(Collection<String> names)
      throws IOException, GeneralSecurityException, OperatorCreationException {
    X509Certificate authority = read(authority());
    KeyPair keys = keys();
    JcaX509v3CertificateBuilder builder =
        builder(
            new JcaX509CertificateHolder(authority).getSubject(),
            new X500Name("CN=Attune"),
            keys,
            OF_MACHINE);
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
    builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
    builder.addExtension(
        Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
    builder.addExtension(
        Extension.subjectAlternativeName,
        false,
        new GeneralNames(names.stream().map(LocalAuthority::general).toArray(GeneralName[]::new)));
    write(key(), keys.getPrivate());
    write(certificate(), signed(builder, authorityKeys()), authority);
  }

  private static GeneralName general(String name) {
    boolean address = name.contains(":") || name.matches("\\d+(\\.\\d+){3}");
    return new GeneralName(address ? GeneralName.iPAddress : GeneralName.dNSName, name);
  }

  private PrivateKey authorityKeys() throws IOException {
    try (PEMParser parser = new PEMParser(Files.newBufferedReader(authorityKey()))) {
      return new JcaPEMKeyConverter().getPrivateKey((PrivateKeyInfo) parser.readObject());
    }
  }

  private static KeyPair keys() throws GeneralSecurityException {
    KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
    generator.initialize(new ECGenParameterSpec("secp256r1"));
    return generator.generateKeyPair();
  }

  private JcaX509v3CertificateBuilder builder(
      X500Name by, X500Name of, KeyPair keys, Duration good) {
    return new JcaX509v3CertificateBuilder(
        by,
        new BigInteger(SERIAL_BITS, new SecureRandom()),
        Date.from(now.minus(Duration.ofDays(1))), // clocks of devices differ
        Date.from(now.plus(good)),
        of,
        keys.getPublic());
  }

  private static X509Certificate signed(JcaX509v3CertificateBuilder builder, PrivateKey by)
      throws GeneralSecurityException, OperatorCreationException {
    return new JcaX509CertificateConverter()
        .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNED).build(by)));
  }

  private static void write(Path file, Object... parts) throws IOException {
    StringWriter text = new StringWriter();
    try (JcaPEMWriter writer = new JcaPEMWriter(text)) {
      for (Object part : parts) {
        writer.writeObject(part instanceof PrivateKey k ? new JcaPKCS8Generator(k, null) : part);
      }
    }
    Files.deleteIfExists(file);
    if (Files.getFileStore(file.getParent()).supportsFileAttributeView("posix")) {
      Files.createFile(
          file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
    }
    Files.writeString(file, text.toString());
  }
}

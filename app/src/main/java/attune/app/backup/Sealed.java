package attune.app.backup;

import attune.app.backup.BackupFile.BadBackup;
import attune.core.words.Phrases;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.Date;
import org.bouncycastle.bcpg.HashAlgorithmTags;
import org.bouncycastle.bcpg.SymmetricKeyAlgorithmTags;
import org.bouncycastle.openpgp.PGPEncryptedDataGenerator;
import org.bouncycastle.openpgp.PGPEncryptedDataList;
import org.bouncycastle.openpgp.PGPException;
import org.bouncycastle.openpgp.PGPLiteralData;
import org.bouncycastle.openpgp.PGPLiteralDataGenerator;
import org.bouncycastle.openpgp.PGPPBEEncryptedData;
import org.bouncycastle.openpgp.bc.BcPGPObjectFactory;
import org.bouncycastle.openpgp.operator.bc.BcPBEDataDecryptorFactory;
import org.bouncycastle.openpgp.operator.bc.BcPBEKeyEncryptionMethodGenerator;
import org.bouncycastle.openpgp.operator.bc.BcPGPDataEncryptorBuilder;
import org.bouncycastle.openpgp.operator.bc.BcPGPDigestCalculatorProvider;

/**
 * A backup sealed with a passphrase, as OpenPGP has it (AES-256, an iterated and salted key, an
 * integrity check), so that any OpenPGP program opens it where Attune is not at hand.
 */
final class Sealed {
  private static final Phrases PHRASES = Phrases.of(Sealed.class);

  static final String ENDING = ".pgp";
  private static final int CHUNK = 1 << 16;

  /** The most rounds a passphrase can be told to take: 65 million bytes hashed. */
  private static final int MOST_ROUNDS = 0xff;

  private Sealed() {}

  static boolean is(Path file) {
    return file.getFileName().toString().endsWith(ENDING);
  }

  /** Seals a file into another one. */
  static void seal(Path clear, Path sealed, String passphrase) throws IOException {
    SecureRandom random = new SecureRandom();
    PGPEncryptedDataGenerator seals =
        new PGPEncryptedDataGenerator(
            new BcPGPDataEncryptorBuilder(SymmetricKeyAlgorithmTags.AES_256)
                .setWithIntegrityPacket(true)
                .setSecureRandom(random));
    try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(sealed))) {
      seals.addMethod(
          new BcPBEKeyEncryptionMethodGenerator(
                  passphrase.toCharArray(),
                  new BcPGPDigestCalculatorProvider().get(HashAlgorithmTags.SHA256),
                  MOST_ROUNDS)
              .setSecureRandom(random));
      try (OutputStream hidden = seals.open(out, new byte[CHUNK]);
          OutputStream plain =
              new PGPLiteralDataGenerator()
                  .open(
                      hidden, PGPLiteralData.BINARY, "attune.zip", new Date(0), new byte[CHUNK])) {
        Files.copy(clear, plain);
      }
    } catch (PGPException e) {
      throw new IOException("the backup could not be sealed", e);
    }
  }

  /**
   * Opens a sealed file into another one.
   *
   * @throws BadBackup where the passphrase is another one, or a byte was changed
   */
  static void open(Path sealed, Path clear, String passphrase) throws IOException, BadBackup {
    try (InputStream in = new BufferedInputStream(Files.newInputStream(sealed))) {
      if (!(new BcPGPObjectFactory(in).nextObject() instanceof PGPEncryptedDataList list)
          || !(list.get(0) instanceof PGPPBEEncryptedData hidden)) {
        throw new BadBackup(PHRASES.say("found-nothing-sealed-with-a", sealed.getFileName()));
      }
      InputStream plain =
          hidden.getDataStream(
              new BcPBEDataDecryptorFactory(
                  passphrase.toCharArray(), new BcPGPDigestCalculatorProvider()));
      if (!(new BcPGPObjectFactory(plain).nextObject() instanceof PGPLiteralData data)) {
        throw wrong(sealed);
      }
      Files.copy(data.getInputStream(), clear);
      if (!hidden.verify()) {
        throw wrong(sealed);
      }
    } catch (FileSystemException e) {
      throw e; // the disk, and not what stands on it
    } catch (PGPException | IOException e) {
      throw wrong(sealed);
    }
  }

  private static BadBackup wrong(Path sealed) {
    return new BadBackup(PHRASES.say("the-passphrase-is-another-one", sealed.getFileName()));
  }
}

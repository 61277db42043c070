package attune.app.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.core.check.InvalidInputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The shop's own certificates: made once, renewed in time, remade when they are broken. */
class LocalAuthorityTest {
  private static final Instant START = Instant.parse("2026-06-09T08:00:00Z");
  private static final Set<String> NAMES = Set.of("localhost", "127.0.0.2", "bench.local");

  @TempDir Path folder;

  private LocalAuthority after(int days) {
    return new LocalAuthority(folder, START.plus(Duration.ofDays(days)));
  }

  @Test
  void theMachinesCertificateIsSignedByTheShopsAuthorityForItsNames()
      throws IOException, GeneralSecurityException {
    LocalAuthority made = after(0);
    assertThat(made.ensure(NAMES)).isTrue();
    X509Certificate authority = LocalAuthority.read(made.authority());
    X509Certificate machine = LocalAuthority.read(made.certificate());
    assertThatCode(() -> machine.verify(authority.getPublicKey())).doesNotThrowAnyException();
    assertThat(LocalAuthority.namesOf(made.certificate())).isEqualTo(Set.copyOf(NAMES));
    assertThat(authority.getBasicConstraints()).isZero();
    assertThat(machine.getBasicConstraints()).isEqualTo(-1);
  }

  @Test
  void keysAreReadByTheirOwnerAlone() throws IOException {
    LocalAuthority made = after(0);
    made.ensure(NAMES);
    for (Path key : List.of(made.key(), folder.resolve("authority-key.pem"))) {
      assertThat(Files.getPosixFilePermissions(key))
          .containsExactlyInAnyOrder(
              PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
    }
  }

  @Test
  void theNextStartUsesWhatThereIsUntilItEndsSoonOrTheNamesChange() throws IOException {
    after(0).ensure(NAMES);
    byte[] authority = Files.readAllBytes(after(0).authority());
    assertThat(after(300).ensure(NAMES)).isFalse();
    assertThat(after(380).ensure(NAMES)).as("seventeen days before its end").isTrue();
    assertThat(after(381).ensure(Set.of("127.0.0.3"))).as("another address").isTrue();
    assertThat(Files.readAllBytes(after(0).authority()))
        .as("devices trust the authority: it stays")
        .isEqualTo(authority);
  }

  @Test
  void aBrokenCertificateIsMadeAnew() throws IOException {
    after(0).ensure(NAMES);
    Files.writeString(after(0).certificate(), "torn");
    assertThat(after(1).ensure(NAMES)).isTrue();
    assertThat(after(1).ensure(NAMES)).isFalse();
  }

  @Test
  void aFileOfOnesOwnThatIsNotThereIsNamed() {
    assertThatThrownBy(
            () ->
                NetworkStart.settings(
                    List.of("--network", "--certificate=/nowhere.pem", "--key=/nowhere.pem"),
                    folder,
                    START))
        .isInstanceOfSatisfying(
            InvalidInputException.class,
            e -> assertThat(e.faults().get(0).pointer()).isEqualTo("/certificate"));
  }

  @Test
  void withoutTheWordNothingChanges() {
    List<String> words = List.of("--server.port=0");
    assertThat(NetworkStart.settings(words, folder, START)).isEqualTo(words);
    assertThat(folder.resolve("tls")).doesNotExist();
  }
}

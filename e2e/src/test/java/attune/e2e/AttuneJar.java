package attune.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.cert.CertificateFactory;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** The runnable jar with demo data, and Debian's Chromium to open it with; once for all classes. */
public final class AttuneJar implements ParameterResolver {
  /** How long a state is waited for, also on a machine that has other work. */
  static final double PATIENCE_MS = 60_000;

  /** A zone other than the shop's: screens go by the shop. */
  static final String ZONE = "America/Halifax";

  private static final String CLOCK = "2026-06-09T08:15";
  private static final Pattern ADDRESS =
      Pattern.compile("open (?:at|on the shop's network at) (https?://[\\w.]+:\\d+)");

  /** What a test drives. */
  public record Opened(
      Process process, Path data, Playwright playwright, Browser browser, String address)
      implements AutoCloseable {

    /** One more Attune on data of its own, in the same browser. */
    Opened beside(Path otherData, String... arguments) {
      Process other = launch(otherData, arguments);
      return new Opened(other, otherData, playwright, browser, AttuneJar.address(other));
    }

    /** The same, opened with another browser by another name of this machine. */
    Opened in(Browser other, String host) {
      String there = address.replaceFirst("//[\\w.]+:", "//" + host + ":");
      return new Opened(process, data, playwright, other, there);
    }

    /** Ends it as a power cut would. */
    void kill() {
      process.destroyForcibly();
      process.onExit().join();
    }

    @Override
    public void close() {
      browser.close();
      playwright.close();
      process.destroy();
      process.onExit().join();
    }
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
    return parameter.getParameter().getType() == Opened.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
    return extension
        .getRoot()
        .getStore(Namespace.create(AttuneJar.class))
        .getOrComputeIfAbsent("opened", key -> open(), Opened.class);
  }

  private static Opened open() {
    try {
      PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
      Path data = Files.createTempDirectory("attune-e2e");
      Process process = launch(data, "--demo", "--server.port=0");
      String address = address(process);
      Playwright playwright =
          Playwright.create(
              new Playwright.CreateOptions()
                  .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
      return new Opened(process, data, playwright, chromium(playwright), address);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** One without a browser, and with nothing in it but what is there. */
  static Shop shop(Path data) {
    Process process = launch(data, "--server.port=0");
    return new Shop(process, address(process));
  }

  private static Process launch(Path data, String... arguments) {
    List<String> words = new ArrayList<>(List.of("serve", "--attune.data=" + data));
    if (Stream.of(arguments).noneMatch(word -> word.startsWith("--clock="))) {
      words.add("--clock=" + CLOCK);
    }
    words.addAll(List.of(arguments));
    return UnpackedJar.start(words.toArray(String[]::new));
  }

  /** Reads what the jar says until it says where it is, and goes on reading so it never blocks. */
  private static String address(Process process) {
    try {
      return said(process);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void drain(BufferedReader said) {
    try {
      said.transferTo(Writer.nullWriter());
    } catch (IOException killed) {
      // its end of the pipe went with it
    }
  }

  private static String said(Process process) throws IOException {
    BufferedReader said =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    List<String> before = new ArrayList<>();
    for (String line = said.readLine(); line != null; line = said.readLine()) {
      before.add(line);
      Matcher matcher = ADDRESS.matcher(line);
      if (matcher.find()) {
        Thread drain = new Thread(() -> drain(said), "jar output");
        drain.setDaemon(true);
        drain.start();
        return matcher.group(1);
      }
    }
    throw new IllegalStateException("the jar did not start:\n" + String.join("\n", before));
  }

  /** A browser of a device that trusts a shop's authority, as its owner was told to let it. */
  static Browser trusting(Playwright playwright, Path authority) {
    return chromium(playwright, "--ignore-certificate-errors-spki-list=" + keyOf(authority));
  }

  private static String keyOf(Path certificate) {
    try (InputStream in = Files.newInputStream(certificate)) {
      byte[] key =
          CertificateFactory.getInstance("X.509")
              .generateCertificate(in)
              .getPublicKey()
              .getEncoded();
      return Base64.getEncoder().encodeToString(MessageDigest.getInstance("SHA-256").digest(key));
    } catch (IOException | GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Browser chromium(Playwright playwright, String... more) {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync"));
    arguments.addAll(List.of(more));
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(
                    Path.of(System.getProperty("attune.chromium", "/usr/bin/chromium")))
                .setArgs(arguments));
  }
}

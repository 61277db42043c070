package attune.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/**
 * The runnable jar as the start script lays it out, with the classes of one trial start kept: every
 * other start takes half the time. Compiled quickly, for starts count here and not what the
 * compiler makes of hours.
 */
final class UnpackedJar {
  private static final String JAVA =
      Path.of(System.getProperty("java.home"), "bin", "java").toString();
  private static final Path JAR = Path.of(System.getProperty("attune.jar"));
  private static final Path RUN = JAR.resolveSibling("unpacked");
  private static final Path UNPACKED = RUN.resolve(JAR.getFileName());
  private static final String KEPT = RUN.resolve("attune.jsa").toString();

  static {
    said(
        List.of(
            JAVA,
            "-Djarmode=tools",
            "-jar",
            JAR.toString(),
            "extract",
            "--force",
            "--destination",
            RUN.toString()));
    said(
        java(
            List.of("-XX:ArchiveClassesAtExit=" + KEPT, "-Dspring.context.exit=onRefresh"),
            "serve",
            "--attune.data=" + RUN.resolve("trial"),
            "--server.port=0"));
  }

  private UnpackedJar() {}

  /** Begins what these words say. */
  static Process start(String... words) {
    return begin(java(List.of("-XX:SharedArchiveFile=" + KEPT), words));
  }

  /** What it says until it ends by itself. */
  static String run(String... words) {
    return said(java(List.of("-XX:SharedArchiveFile=" + KEPT), words));
  }

  private static List<String> java(List<String> options, String... words) {
    return Stream.of(
            Stream.of(JAVA, "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1"),
            options.stream(),
            Stream.of("-jar", UNPACKED.toString()),
            Stream.of(words))
        .flatMap(part -> part)
        .toList();
  }

  private static Process begin(List<String> command) {
    try {
      return new ProcessBuilder(command).redirectErrorStream(true).start();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String said(List<String> command) {
    Process process = begin(command);
    try {
      String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      if (process.onExit().join().exitValue() != 0) {
        throw new IllegalStateException(String.join(" ", command) + "\n" + said);
      }
      return said;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

package attune.load;

import io.gatling.javaapi.core.Session;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.TreeMap;
import org.HdrHistogram.ConcurrentHistogram;
import org.HdrHistogram.Histogram;

/**
 * How long answers took, by what was asked, written as a table. The first minute is left out: a
 * virtual machine has to see what it does before it compiles it.
 */
final class Tally {
  private static final int DIGITS = 3;
  private static final double MEDIAN = 50;
  private static final double P95 = 95;
  private static final double P99 = 99;

  private static final Duration WARMING = Duration.ofMinutes(1);

  private final Map<String, Histogram> took = new TreeMap<>();
  private final long from = System.nanoTime() + WARMING.toNanos();

  Session add(String what, Session session) {
    if (System.nanoTime() < from) {
      return session;
    }
    synchronized (took) {
      took.computeIfAbsent(what, name -> new ConcurrentHistogram(DIGITS))
          .recordValue(session.getInt("ms"));
    }
    return session;
  }

  void write(String document, int tickMs, int viewMs) {
    StringBuilder table =
        new StringBuilder(
            "| asked | times | median | 95 % | 99 % | longest | asked for |\n|---|---|---|---|---|---|---|\n");
    took.forEach(
        (what, ms) ->
            table.append(
                "| %s | %d | %d ms | %d ms | %d ms | %d ms | 95 %% within %d |%n"
                    .formatted(
                        what,
                        ms.getTotalCount(),
                        ms.getValueAtPercentile(MEDIAN),
                        ms.getValueAtPercentile(P95),
                        ms.getValueAtPercentile(P99),
                        ms.getMaxValue(),
                        what.equals("tick") ? tickMs : viewMs)));
    System.out.print(table);
    if (document != null) {
      try {
        write(Path.of(document), table.toString());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  private static void write(Path document, String table) throws IOException {
    String start = "<!-- load: start -->\n";
    String text = Files.readString(document);
    int from = text.indexOf(start);
    int to = text.indexOf("<!-- load: end -->");
    if (from < 0 || to < 0) {
      throw new IOException(document + ": found no marks of the load");
    }
    Files.writeString(
        document, text.substring(0, from + start.length()) + table + text.substring(to));
  }
}

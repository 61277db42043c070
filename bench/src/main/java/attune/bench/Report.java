package attune.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.Result;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.CommandLineOptionException;
import org.openjdk.jmh.runner.options.CommandLineOptions;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/**
 * Runs the benchmarks that the arguments pick (JMH's own), prints a table and keeps the last figure
 * of each in a document, between two marks.
 */
public final class Report {
  private static final String HEAD =
      "| benchmark | size | median | 99 % | allocated | measured |\n|---|---|---|---|---|---|\n";

  private Report() {}

  /**
   * @param args the document, then JMH's own arguments
   */
  public static void main(String[] args)
      throws RunnerException, CommandLineOptionException, IOException {
    Path document = Path.of(args[0]);
    String[] rest = Arrays.copyOfRange(args, 1, args.length);
    Collection<RunResult> results =
        new Runner(
                new OptionsBuilder()
                    .parent(new CommandLineOptions(rest))
                    .addProfiler(GCProfiler.class)
                    .jvmArgsAppend("-Dattune.examples=" + System.getProperty("attune.examples"))
                    .build())
            .run();
    Map<String, String> measured = new TreeMap<>();
    for (RunResult result : results) {
      measured.put(key(result), row(result));
    }
    System.out.println();
    System.out.print(HEAD + String.join("", measured.values()));
    keep(document, measured);
  }

  private static void keep(Path document, Map<String, String> measured) throws IOException {
    Map<String, String> rows = new TreeMap<>();
    Kept.read(document, "measured")
        .lines()
        .skip(2)
        .forEach(line -> rows.put(keyOf(line), line + "\n"));
    rows.putAll(measured);
    Kept.between(document, "measured", HEAD + String.join("", rows.values()));
  }

  private static String keyOf(String line) {
    String[] cells = line.split("\\|");
    return cells[1].strip() + " " + cells[2].strip();
  }

  private static String key(RunResult result) {
    return name(result) + " " + size(result);
  }

  private static String name(RunResult result) {
    String full = result.getParams().getBenchmark();
    return full.substring(full.lastIndexOf('.') + 1);
  }

  private static String size(RunResult result) {
    var params = result.getParams();
    return String.join(", ", params.getParamsKeys().stream().map(params::getParam).toList());
  }

  private static String row(RunResult result) {
    var times = result.getPrimaryResult().getStatistics();
    Result<?> allocated = result.getSecondaryResults().get("gc.alloc.rate.norm");
    return "| %s | %s | %s | %s | %s | %s |\n"
        .formatted(
            name(result),
            size(result),
            ms(times.getPercentile(50)),
            ms(times.getPercentile(99)),
            allocated == null ? "" : "%.2f MB".formatted(allocated.getScore() / 1e6),
            System.getProperty("attune.date", ""));
  }

  private static String ms(double time) {
    return (time < 1 ? "%.3f ms" : time < 100 ? "%.1f ms" : "%.0f ms").formatted(time);
  }
}

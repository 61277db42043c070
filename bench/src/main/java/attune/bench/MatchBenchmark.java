package attune.bench;

import attune.app.reference.ReferenceData;
import attune.core.match.CabinMatch;
import attune.core.match.Decisions;
import attune.core.survey.Job;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The whole match of a cabin, why-nots and joint choice included, by size: surfaces/products/tools.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 4, time = 3)
@Fork(1)
public class MatchBenchmark {
  @Param({
    "40/40/45",
    "10/40/45",
    "160/40/45",
    "40/160/45",
    "40/640/45",
    "40/500/100",
  })
  private String size;

  private ReferenceData reference;
  private Job job;

  @Setup
  public void read() {
    Workshop workshop = new Workshop();
    reference = workshop.reference;
    Job estate = workshop.estate();
    String[] sizes = size.split("/");
    job =
        Cabins.of(
            estate,
            Integer.parseInt(sizes[0]),
            Cabins.shelf(
                reference.startingShelf(), Integer.parseInt(sizes[1]), Integer.parseInt(sizes[2])));
  }

  /** A cabin matched. */
  @Benchmark
  public CabinMatch matchCabin() {
    return reference.planner().match(job, Decisions.NONE);
  }
}

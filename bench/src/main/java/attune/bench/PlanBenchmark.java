package attune.bench;

import attune.app.format.PlanWriter;
import attune.app.reference.ReferenceData;
import attune.core.match.Place;
import attune.core.match.Treatment;
import attune.core.match.Verdict;
import attune.core.plan.Plan;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The planner on the example estate, filled up to forty surfaces, against the starting shelf. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 4)
@Fork(1)
public class PlanBenchmark {
  private static final int SURFACES = 40;

  private ReferenceData reference;
  private Job job;
  private Surface bolster;
  private Place place;
  private Treatment needles;

  @Setup
  public void read() {
    Workshop workshop = new Workshop();
    reference = workshop.reference;
    Job estate = workshop.estate();
    job = Cabins.of(estate, SURFACES, estate.shelf());
    bolster =
        job.surfaces().stream()
            .filter(x -> x.condition().soil().ordinal() >= 2)
            .findFirst()
            .orElseThrow();
    place = reference.planner().place(job, bolster);
    needles = reference.planner().matcher().match(place, job.shelf()).ladder().get(0).treatment();
  }

  /** A cabin of forty surfaces, planned. */
  @Benchmark
  public Plan planForty() {
    return reference.planner().plan(job);
  }

  /** The same, written out as an attune-plan. */
  @Benchmark
  public String planFortyAndWrite() {
    return new PlanWriter(reference.technique()).text(reference.planner().plan(job));
  }

  /** One surface matched against the whole shelf. */
  @Benchmark
  public Object matchOne() {
    return reference.planner().matcher().match(place, job.shelf());
  }

  /** One needle moved: the verdict and the rack. */
  @Benchmark
  public Object moveANeedle() {
    Verdict verdict = reference.planner().matcher().judge(place, needles);
    return reference.planner().matcher().rack(place, verdict);
  }
}

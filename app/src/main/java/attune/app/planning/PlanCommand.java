package attune.app.planning;

import attune.app.format.BadInput;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.PlanWriter;
import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.format.TextFile;
import attune.app.reference.ReferenceData;
import attune.core.check.InvalidInputException;
import attune.core.survey.Job;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/**
 * {@code plan JOB.json}: reads an attune-job, writes an attune-plan; faults go to the error stream,
 * a line each.
 */
public final class PlanCommand {
  private final PrintStream out;
  private final PrintStream err;

  public PlanCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /** Runs the command and returns the exit status. */
  public int run(List<String> arguments) {
    if (arguments.size() != 1) {
      err.println("usage: plan JOB.json");
      return BadInput.STATUS;
    }
    Path file = Path.of(arguments.get(0));
    try {
      out.print(plan(TextFile.read(file, "an attune-job file")));
      out.flush();
      return 0;
    } catch (InvalidInputException e) {
      return BadInput.told(e, err);
    }
  }

  private static String plan(String json) {
    Schemas schemas = new Schemas();
    JsonMapper mapper = JsonMapper.shared();
    ShelfReader shelves = new ShelfReader(schemas, mapper);
    ReferenceData reference = new ReferenceData(shelves);
    JobReader reader = new JobReader(schemas, shelves, mapper);
    JobFile file = reader.bind(json);
    Job job = reader.read(file, reference.startingShelf(), reference.houseRules());
    return new PlanWriter()
        .text(
            reference
                .planner()
                .plan(
                    job,
                    JobReader.decisionsOf(file, job.shelf()),
                    JobReader.arrangement(file, Map.of(), JobReader.usual(reference.figures()))));
  }
}

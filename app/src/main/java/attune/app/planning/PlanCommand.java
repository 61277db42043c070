package attune.app.planning;

import attune.app.format.BadInput;
import attune.app.format.DecisionsReader;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.PlanSheet;
import attune.app.format.PlanWriter;
import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.format.TextFile;
import attune.app.reference.ReferenceData;
import attune.core.check.InvalidInputException;
import attune.core.plan.Plan;
import attune.core.survey.Job;
import attune.core.words.Phrases;
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
  private static final Phrases PHRASES = Phrases.of(PlanCommand.class);

  private static final String SHEET = "--sheet";

  private final PrintStream out;
  private final PrintStream err;

  public PlanCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /**
   * Runs the command and returns the exit status: the plan as a file, or with {@code --sheet} as a
   * page of text a person can work by.
   */
  public int run(List<String> arguments) {
    boolean sheet = arguments.contains(SHEET);
    List<String> files = arguments.stream().filter(word -> !word.equals(SHEET)).toList();
    if (files.size() != 1) {
      err.println(PHRASES.say("usage-plan-sheet-job-json"));
      return BadInput.STATUS;
    }
    Path file = Path.of(files.get(0));
    try {
      out.print(plan(TextFile.read(file, PHRASES.say("an-attune-job-file")), sheet));
      out.flush();
      return 0;
    } catch (InvalidInputException e) {
      return BadInput.told(e, err);
    }
  }

  private static String plan(String json, boolean sheet) {
    Schemas schemas = new Schemas();
    JsonMapper mapper = JsonMapper.shared();
    ShelfReader shelves = new ShelfReader(schemas, mapper);
    ReferenceData reference = new ReferenceData(shelves);
    JobReader reader = new JobReader(schemas, shelves, mapper);
    JobFile file = reader.bind(json);
    Job job = reader.read(file, reference.startingShelf(), reference.houseRules());
    Plan plan =
        reference
            .planner()
            .plan(
                job,
                DecisionsReader.decisionsOf(file, job.shelf()),
                JobReader.arrangement(file, Map.of(), JobReader.usual(reference.figures())));
    return sheet
        ? PlanSheet.of(plan, vehicle(file), reference.technique())
        : new PlanWriter(reference.technique()).text(plan);
  }

  private static String vehicle(JobFile file) {
    return file.vehicle() == null || file.vehicle().label() == null ? "" : file.vehicle().label();
  }
}

package attune.bench;

import attune.app.format.JobReader;
import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.reference.ReferenceData;
import attune.core.survey.Job;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import tools.jackson.databind.json.JsonMapper;

/** The shipped tables and the jobs of the demo, read as the application reads them. */
final class Workshop {
  private final Schemas schemas = new Schemas();
  private final ShelfReader shelves = new ShelfReader(schemas, JsonMapper.shared());
  final ReferenceData reference = new ReferenceData(shelves);

  /** The demo's estate. */
  Job estate() {
    return demo("fells-estate");
  }

  /** A car of the demo, such as {@code lumen-hatch}. */
  Job demo(String name) {
    return read(ReferenceData.text("/demo/" + name + ".json"));
  }

  /** A job of the folder of examples, such as {@code boat-helm}. */
  Job example(String name) {
    try {
      return read(Files.readString(Path.of(System.getProperty("attune.examples"), name + ".json")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Any job file, against the starting shelf. */
  Job read(String file) {
    return new JobReader(schemas, shelves, JsonMapper.shared())
        .read(file, reference.startingShelf(), reference.houseRules());
  }
}

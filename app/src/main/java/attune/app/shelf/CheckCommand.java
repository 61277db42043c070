package attune.app.shelf;

import attune.app.format.BadInput;
import attune.app.format.Schemas;
import attune.app.format.ShelfCsv;
import attune.app.format.ShelfReader;
import attune.app.format.TextFile;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * {@code check SHELF.csv [--decimal-comma]}, or a JSON shelf: says that it can be brought in, or
 * every fault on a line of the error stream.
 */
public final class CheckCommand {
  private static final Phrases PHRASES = Phrases.of(CheckCommand.class);

  private static final String DECIMAL_COMMA = "--decimal-comma";

  private final PrintStream out;
  private final PrintStream err;

  public CheckCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /** Runs the command and returns the exit status. */
  public int run(List<String> arguments) {
    List<String> files = new ArrayList<>(arguments);
    boolean decimalComma = files.remove(DECIMAL_COMMA);
    if (files.size() != 1) {
      err.println(PHRASES.say("usage-check-shelf-csv", DECIMAL_COMMA));
      return BadInput.STATUS;
    }
    Schemas schemas = new Schemas();
    JsonMapper mapper = JsonMapper.shared();
    ShelfReader reader = new ShelfReader(schemas, mapper);
    try {
      String text = TextFile.read(Path.of(files.get(0)), PHRASES.say("a-shelf-file"));
      String json =
          files.get(0).endsWith(".json")
              ? text
              : new ShelfCsv(schemas, reader, mapper).read(text, decimalComma).toString();
      reader.read(json);
      JsonNode shelf = mapper.readTree(json);
      out.println(
          PHRASES.say(
              "products-and-tools-no-fault",
              shelf.get("products").size(),
              shelf.get("tools").size()));
      return 0;
    } catch (InvalidInputException e) {
      return BadInput.told(e, err);
    }
  }
}

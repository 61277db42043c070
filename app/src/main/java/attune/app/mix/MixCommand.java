package attune.app.mix;

import attune.app.format.BadInput;
import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.mix.Mixing.MixRequest;
import attune.app.reference.ReferenceData;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.io.PrintStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * {@code mix --ratio 1:10 --bottle-ml 750 --product ID}: any two of ratio, bottle and product
 * amount, as JSON; of the starting shelf. Faults go to the error stream, a line each.
 */
public final class MixCommand {
  private static final Phrases PHRASES = Phrases.of(MixCommand.class);

  private static final Set<String> OPTIONS =
      Set.of("--ratio", "--bottle-ml", "--product-ml", "--product", "--held");
  private static final String USAGE = PHRASES.say("usage-mix-with-two-of");

  private final PrintStream out;
  private final PrintStream err;
  private final Clock clock;

  /**
   * @param clock today, by which a product has expired
   */
  public MixCommand(PrintStream out, PrintStream err, Clock clock) {
    this.out = out;
    this.err = err;
    this.clock = clock;
  }

  /** Runs the command and returns the exit status. */
  public int run(List<String> arguments) {
    Map<String, String> given = new HashMap<>();
    for (int i = 0; i < arguments.size(); i += 2) {
      if (!OPTIONS.contains(arguments.get(i)) || i + 1 == arguments.size()) {
        err.println(USAGE);
        return BadInput.STATUS;
      }
      given.put(arguments.get(i), arguments.get(i + 1));
    }
    try {
      ReferenceData reference =
          new ReferenceData(new ShelfReader(new Schemas(), JsonMapper.shared()));
      Mixing mixing = new Mixing(reference, reference.startingShelf(), LocalDate.now(clock));
      MixRequest request =
          new MixRequest(
              given.get("--ratio"),
              millilitres(given, "--bottle-ml"),
              millilitres(given, "--product-ml"),
              given.get("--product"),
              given.get("--held"));
      JsonMapper mapper = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
      out.println(mapper.writeValueAsString(mixing.mix(request)));
      return 0;
    } catch (InvalidInputException e) {
      return BadInput.told(e, err);
    }
  }

  private static @Nullable Double millilitres(Map<String, String> given, String option) {
    String text = given.get(option);
    try {
      return text == null ? null : Double.valueOf(text);
    } catch (NumberFormatException e) {
      throw new InvalidInputException(
          option, "\"" + text + "\"", PHRASES.say("millilitres-such-as-750"));
    }
  }
}

package attune.app.shelf;

import attune.app.reference.ReferenceData;
import attune.core.reference.Table;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Hazard statements by code, with their pictogram and what they ask for. */
@Component
public class Hazards {
  private static final Phrases PHRASES = Phrases.of(Hazards.class);

  /**
   * A hazard statement.
   *
   * @param pictogram its GHS pictogram, or none
   * @param signal danger, warning or none; where a class has two the stronger
   * @param gloves true when it asks for gloves
   * @param air true when it asks for open doors
   */
  public record Hazard(
      String code,
      String statement,
      String pictogram,
      String signal,
      boolean gloves,
      boolean air) {}

  /** The word over several statements: danger before warning; empty where none has one. */
  public static Optional<String> signal(Collection<Hazard> hazards) {
    return Stream.of("danger", "warning")
        .filter(word -> hazards.stream().anyMatch(h -> h.signal().equals(word)))
        .findFirst();
  }

  private final Map<String, Hazard> byCode;

  Hazards() {
    List<String> lines = ReferenceData.text("/reference/hazards.csv").lines().toList();
    byCode =
        Table.read("hazards.csv", lines, Hazards::hazard).stream()
            .collect(Collectors.toMap(Hazard::code, Function.identity()));
  }

  private static Hazard hazard(Table.Row row) {
    return new Hazard(
        row.text("code"),
        Phrases.marked(row.text("statement")),
        row.text("pictogram"),
        row.text("signal"),
        row.text("gloves").equals("yes"),
        row.text("air").equals("yes"));
  }

  /** The statements of codes, in their order; a code not in the table is shown as itself. */
  public List<Hazard> of(Collection<String> codes) {
    List<Hazard> found = new ArrayList<>();
    for (String code : codes == null ? List.<String>of() : codes) {
      found.add(
          byCode.getOrDefault(
              code,
              new Hazard(
                  code, PHRASES.say("see-the-safety-data-sheet"), "none", "danger", false, false)));
    }
    return found;
  }
}

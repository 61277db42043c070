package attune.core.reference;

import attune.core.words.Phrases;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The shop's starting figures by key, each with unit and source, so that no constant is a literal
 * in a rule.
 */
public final class Figures {
  /**
   * @param key dotted name
   * @param value in {@code unit}
   * @param source where the value comes from, or "shop estimate"
   */
  public record Figure(String key, double value, String unit, String source) {}

  private final Map<String, Figure> byKey = new LinkedHashMap<>();

  private Figures(List<Figure> figures) {
    for (Figure figure : figures) {
      if (byKey.put(figure.key(), figure) != null) {
        throw new IllegalStateException("repeated figure " + figure.key());
      }
    }
  }

  /**
   * Reads {@code key,value,unit,source} rows.
   *
   * @throws IllegalStateException naming file and line of the first bad row
   */
  public static Figures read(String file, List<String> lines) {
    return new Figures(
        Table.read(
            file,
            lines,
            row ->
                new Figure(
                    row.text("key"), row.number("value"), row.text("unit"), row.text("source"))));
  }

  /**
   * The same figures with some values a shop measured itself.
   *
   * @throws IllegalStateException if there is no such figure
   */
  public Figures with(Map<String, Double> own) {
    own.keySet().forEach(this::get);
    return new Figures(
        byKey.values().stream()
            .map(
                f ->
                    own.containsKey(f.key())
                        ? new Figure(
                            f.key(),
                            own.get(f.key()),
                            f.unit(),
                            Phrases.of(Figures.class).say("the-shops-own"))
                        : f)
            .toList());
  }

  /**
   * The value in the figure's own unit.
   *
   * @throws IllegalStateException if there is no such figure: a fault of the program, not of the
   *     user
   */
  public double get(String key) {
    Figure figure = byKey.get(key);
    if (figure == null) {
      throw new IllegalStateException("no figure " + key);
    }
    return figure.value();
  }

  /** The value, or empty where the table has no such row. */
  public Optional<Double> find(String key) {
    return Optional.ofNullable(byKey.get(key)).map(Figure::value);
  }

  /** The value as a whole number. */
  public int whole(String key) {
    return (int) Math.round(get(key));
  }

  /** All figures in file order. */
  public List<Figure> all() {
    return List.copyOf(byKey.values());
  }
}

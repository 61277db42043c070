package attune.core.survey;

import attune.core.check.Known;
import attune.core.reference.Table;
import attune.core.words.Phrases;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The schools in force for a job: every key of the table, at its default unless the job says
 * otherwise.
 */
public final class HouseRules {
  /**
   * A question on which good practitioners disagree.
   *
   * @param says what each school holds, in its own words
   */
  public record HouseRule(
      String key,
      String question,
      List<String> schools,
      Map<String, String> says,
      String standard,
      boolean fixed,
      String why) {
    public HouseRule {
      schools = List.copyOf(schools);
      says = Map.copyOf(says);
      if (!says.keySet().equals(Set.copyOf(schools))) {
        throw new IllegalArgumentException(key + ": not every school has its words");
      }
      if (!schools.contains(standard)) {
        throw new IllegalArgumentException(key + ": default " + standard + " is not a school");
      }
    }
  }

  private final Map<String, HouseRule> rules;
  private final Map<String, String> chosen;

  private HouseRules(Map<String, HouseRule> rules, Map<String, String> chosen) {
    this.rules = rules;
    this.chosen = chosen;
  }

  /** What a school holds; a row of the table of schools. */
  private record School(String key, String school, String says) {}

  /**
   * Reads the tables; every rule stands at its default.
   *
   * @param schools rows of {@code schools.csv}, what each school says
   */
  public static HouseRules read(String file, List<String> lines, List<String> schools) {
    Map<String, Map<String, String>> says = new LinkedHashMap<>();
    for (School school :
        Table.read(
            "schools.csv",
            schools,
            row ->
                new School(
                    row.text("key"), row.text("school"), Phrases.marked(row.text("says"))))) {
      says.computeIfAbsent(school.key(), k -> new LinkedHashMap<>())
          .put(school.school(), school.says());
    }
    Map<String, HouseRule> byKey = new LinkedHashMap<>();
    for (HouseRule rule :
        Table.read(
            file,
            lines,
            row ->
                new HouseRule(
                    row.text("key"),
                    Phrases.marked(row.text("question")),
                    row.list("schools"),
                    says.getOrDefault(row.text("key"), Map.of()),
                    row.text("default"),
                    row.text("fixed").equals("yes"),
                    Phrases.marked(row.text("why"))))) {
      byKey.put(rule.key(), rule);
    }
    return new HouseRules(byKey, Map.of());
  }

  /**
   * These rules with some schools chosen; unknown keys and schools must have been refused before.
   */
  public HouseRules with(Map<String, String> schools) {
    Map<String, String> merged = new LinkedHashMap<>(chosen);
    merged.putAll(schools);
    return new HouseRules(rules, merged);
  }

  public Optional<HouseRule> find(String key) {
    return Optional.ofNullable(rules.get(key));
  }

  /**
   * The school in force.
   *
   * @throws IllegalStateException if there is no such rule
   */
  public String school(String key) {
    HouseRule rule = rules.get(key);
    if (rule == null) {
      throw new IllegalStateException("no house rule " + key);
    }
    return chosen.getOrDefault(key, rule.standard());
  }

  public boolean is(String key, String school) {
    return school(key).equals(school);
  }

  /** True when the job set a school other than the default. */
  public boolean changed(String key) {
    return !school(key).equals(Known.of(rules, key).standard());
  }

  public List<HouseRule> all() {
    return List.copyOf(rules.values());
  }
}

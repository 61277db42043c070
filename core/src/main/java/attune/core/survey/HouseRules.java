package attune.core.survey;

import attune.core.reference.Table;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The schools in force for a job: every key of the table, at its default unless the job says
 * otherwise.
 */
public final class HouseRules {
  /** A question on which good practitioners disagree. */
  public record HouseRule(
      String key,
      String question,
      List<String> schools,
      String standard,
      boolean fixed,
      String why) {
    public HouseRule {
      schools = List.copyOf(schools);
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

  /** Reads the table; every rule stands at its default. */
  public static HouseRules read(String file, List<String> lines) {
    Map<String, HouseRule> byKey = new LinkedHashMap<>();
    for (HouseRule rule :
        Table.read(
            file,
            lines,
            row ->
                new HouseRule(
                    row.text("key"),
                    row.text("question"),
                    row.list("schools"),
                    row.text("default"),
                    row.text("fixed").equals("yes"),
                    row.text("why")))) {
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
    return !school(key).equals(rules.get(key).standard());
  }

  public List<HouseRule> all() {
    return List.copyOf(rules.values());
  }
}

package attune.app.reference;

import attune.app.format.ShelfReader;
import attune.core.identify.Interview;
import attune.core.identify.QuestionTable;
import attune.core.match.Rulebook;
import attune.core.material.FinishTable;
import attune.core.plan.Planner;
import attune.core.plan.TechniqueTable;
import attune.core.reference.Figures;
import attune.core.run.Experience;
import attune.core.shelf.Shelf;
import attune.core.survey.HouseRules;
import attune.core.train.Classroom;
import attune.core.train.Lesson;
import attune.core.train.Model;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.stereotype.Component;

/**
 * Finishes, figures, house rules and the starting shelf. A broken table stops start-up with its
 * file and line.
 */
@Component
public class ReferenceData {
  private static final String TABLES = "/attune/reference/";

  private final FinishTable finishes = FinishTable.read("finishes.csv", lines("finishes.csv"));
  private final Figures starting = Figures.read("figures.csv", lines("figures.csv"));
  private final HouseRules standardRules =
      HouseRules.read("house-rules.csv", lines("house-rules.csv"), lines("schools.csv"));
  private final QuestionTable questions =
      QuestionTable.read("identification.csv", lines("identification.csv"), finishes);
  private final TechniqueTable technique =
      TechniqueTable.read("technique.csv", lines("technique.csv"));
  private final List<Lesson> lessons = Lesson.read("lessons.csv", lines("lessons.csv"));
  private final List<Model> practicePanels =
      Model.read("practice-panels.csv", lines("practice-panels.csv"));
  private final Interview interview = new Interview(questions, finishes, starting);
  private final Shelf startingShelf;
  private volatile Rules rules;
  private Experience experience = Experience.NONE;

  /** The tables with a shop's own figures, and what was made of them. */
  private record Rules(int version, Rulebook rulebook, Planner planner, HouseRules houseRules) {}

  public ReferenceData(ShelfReader shelves) {
    this.rules = rules(0, starting, standardRules);
    this.startingShelf = shelves.read(startingShelfText());
  }

  private Rules rules(int version, Figures figures, HouseRules schools) {
    Rulebook rulebook = Rulebook.of(finishes, figures);
    return new Rules(version, rulebook, new Planner(rulebook, experience), schools);
  }

  /** Puts a shop's own figures and schools in place of the starting ones. */
  public synchronized void use(Map<String, Double> own, Map<String, String> schools) {
    rules = rules(rules.version() + 1, starting.with(own), standardRules.with(schools));
  }

  /** Plans from now on with what the shop's own records say. */
  public synchronized void learn(Experience learnt) {
    experience = learnt;
    rules = rules(rules.version() + 1, rules.rulebook().figures(), rules.houseRules());
  }

  /** Changes whenever the figures or the shop's schools do. */
  public int version() {
    return rules.version();
  }

  /** The starting shelf as an attune-shelf file. */
  public static String startingShelfText() {
    return text("/reference/starting-shelf.json");
  }

  private static List<String> lines(String file) {
    return text(TABLES + file).lines().filter(line -> !line.isBlank()).toList();
  }

  /** A text file of the class path. */
  public static String text(String resource) {
    try (InputStream in = ReferenceData.class.getResourceAsStream(resource)) {
      if (in == null) {
        throw new IllegalStateException("no " + resource);
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What the hands do, by kind of work. */
  @Bean
  public TechniqueTable technique() {
    return technique;
  }

  public FinishTable finishes() {
    return finishes;
  }

  public Figures figures() {
    return rules.rulebook().figures();
  }

  /** The house rules with the shop's schools in force. */
  public HouseRules houseRules() {
    return rules.houseRules();
  }

  public Rulebook rulebook() {
    return rules.rulebook();
  }

  public QuestionTable questions() {
    return questions;
  }

  /** Lessons of the training floor, in the order of their courses. */
  public List<Lesson> lessons() {
    return lessons;
  }

  /** The training floor on a shelf: lessons as this shop's rules and figures decide them. */
  public Classroom classroom(Shelf shelf) {
    Rules now = rules;
    return new Classroom(
        new Classroom.Tables(
            now.planner(),
            now.rulebook(),
            now.houseRules(),
            shelf,
            interview,
            questions,
            technique,
            practicePanels,
            lessons));
  }

  public Interview interview() {
    return interview;
  }

  public Planner planner() {
    return rules.planner();
  }

  public Shelf startingShelf() {
    return startingShelf;
  }
}

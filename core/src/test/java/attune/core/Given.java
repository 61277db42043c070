package attune.core;

import attune.core.match.Decisions;
import attune.core.match.Judge;
import attune.core.match.Matcher;
import attune.core.match.Place;
import attune.core.match.Rulebook;
import attune.core.match.SurfaceMatch;
import attune.core.material.FinishTable;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.plan.Arrangement;
import attune.core.plan.Plan;
import attune.core.plan.Planner;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Craft;
import attune.core.survey.HouseRules;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import attune.core.survey.Wishes;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The shipped tables, a small shop, and a mild day in the studio: what the cases start from. */
public final class Given {
  public static final LocalDateTime MONDAY_NINE = LocalDateTime.of(2026, 6, 1, 9, 0);
  public static final Figures FIGURES = Figures.read("figures.csv", lines("figures.csv"));
  public static final FinishTable FINISHES =
      FinishTable.read("finishes.csv", lines("finishes.csv"));
  public static final HouseRules RULES =
      HouseRules.read("house-rules.csv", lines("house-rules.csv"), lines("schools.csv"));
  public static final Rulebook BOOK = Rulebook.of(FINISHES, FIGURES);
  public static final Planner PLANNER = new Planner(BOOK);
  public static final Judge JUDGE = new Judge(BOOK);

  private Given() {}

  public static List<String> lines(String file) {
    try (InputStream in = Given.class.getResourceAsStream("/attune/reference/" + file)) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return text.lines().filter(line -> !line.isBlank()).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** In the studio: 20 °C, half humid, hardly a draught, no sun. */
  public static Setting studio() {
    return setting(20, 0.5, 0.1, Setting.Sun.NONE);
  }

  /** The studio, with what was seen when the vehicle came in. */
  public static Setting studio(Setting.Reception seen) {
    Setting s = studio();
    return new Setting(
        s.place(),
        s.air(),
        s.sun(),
        s.surfaceTemp(),
        s.people(),
        s.start(),
        s.returnBy(),
        s.climate(),
        Optional.empty(),
        seen);
  }

  public static Setting setting(double airC, double humidity, double speed, Setting.Sun sun) {
    return new Setting(
        Setting.Place.STUDIO,
        new Air(new Celsius(airC), humidity, speed),
        sun,
        Optional.empty(),
        1,
        MONDAY_NINE,
        Optional.empty(),
        Setting.Climate.TEMPERATE);
  }

  public static HouseRules house(String key, String school) {
    return RULES.with(Map.of(key, school));
  }

  public static Shelf shelf(Object... items) {
    return new Shelf(
        Arrays.stream(items).filter(Product.class::isInstance).map(Product.class::cast).toList(),
        Arrays.stream(items).filter(Tool.class::isInstance).map(Tool.class::cast).toList());
  }

  public static Place place(Surface surface) {
    return place(surface, RULES);
  }

  public static Place place(Surface surface, HouseRules rules) {
    return place(surface, studio(), rules);
  }

  public static Place place(Surface surface, Setting setting, HouseRules rules) {
    return Place.of(surface, setting, rules, false, BOOK);
  }

  public static SurfaceMatch match(Surface surface, Shelf shelf) {
    return new Matcher(BOOK).match(place(surface), shelf);
  }

  public static Job job(Setting setting, HouseRules rules, Shelf shelf, Surface... surfaces) {
    Wishes wishes =
        new Wishes(Wishes.Sheen.MATT, Wishes.Standard.THOROUGH, Wishes.Protection.DRESSING);
    return new Job("A case", setting, wishes, rules, shelf, Craft.ROAD, false, List.of(surfaces));
  }

  public static Plan plan(Shelf shelf, Surface... surfaces) {
    return plan(shelf, Arrangement.NONE, surfaces);
  }

  /** A plan arranged so, in the studio. */
  public static Plan plan(Shelf shelf, Arrangement arrangement, Surface... surfaces) {
    return PLANNER.plan(job(studio(), RULES, shelf, surfaces), Decisions.NONE, arrangement);
  }
}

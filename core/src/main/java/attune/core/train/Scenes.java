package attune.core.train;

import attune.core.match.Place;
import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.measure.SquareMetres;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Craft;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import attune.core.survey.Wishes;
import attune.core.words.Words;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;

/** Random cases, as hard as the lesson asks. */
final class Scenes {
  /** Any working day: exercises happen in no real week. */
  private static final LocalDateTime MORNING = LocalDateTime.of(2026, 6, 1, 9, 0);

  private static final int CABIN = 6;

  /** Panels of a seat and how large they are, m². */
  private static final Map<String, Double> COATED = new LinkedHashMap<>();

  static {
    COATED.put("headrest", 0.06);
    COATED.put("back", 0.11);
    COATED.put("bolsters", 0.08);
    COATED.put("cushion", 0.11);
  }

  private static final double ODD = 0.35;
  private static final double TROUBLE = 0.65;

  private final Classroom.Tables tables;

  Scenes(Classroom.Tables tables) {
    this.tables = tables;
  }

  /**
   * @param shift for another try at the same exercise
   */
  Scene of(Lesson lesson, long seed, long shift) {
    SplittableRandom random = chance(lesson, seed, shift);
    Setting setting = setting(lesson, random);
    boolean cabin = lesson.kind() == Kind.PLAN;
    Wishes.Protection protection = protection(lesson, random);
    List<Surface> surfaces = new ArrayList<>();
    for (int i = 0; i < (cabin ? CABIN : 1); i++) {
      surfaces.add(surface(lesson, i, protection, random));
    }
    return scene(seed, shift, lesson, setting, surfaces);
  }

  /** Two seats that are clean and to be coated, in any room. */
  Scene coat(Lesson lesson, long seed, long shift) {
    SplittableRandom random = chance(lesson, seed, shift);
    Setting setting = setting(lesson, random);
    String finish = any(lesson.finishes().toArray(String[]::new), random);
    Surface.Tone tone = any(Surface.Tone.values(), random);
    List<Surface> surfaces = new ArrayList<>();
    for (String seat : List.of("left", "right")) {
      COATED.forEach(
          (part, area) ->
              surfaces.add(
                  coated(seat, part, area * (0.85 + 0.3 * random.nextDouble()), finish, tone)));
    }
    return scene(seed, shift, lesson, setting, surfaces);
  }

  private static Surface coated(
      String seat, String part, double area, String finish, Surface.Tone tone) {
    return new Surface(
        seat + "-" + part.replace(' ', '-'),
        "front-" + seat + "-seat",
        Words.capital(seat + " " + part),
        finish,
        false,
        Texture.FINE,
        tone,
        new SquareMetres(area),
        0,
        24,
        Role.SEAT,
        Set.of(),
        Set.of(),
        new Condition(
            Level.NONE,
            Set.of(),
            Wear.INTACT,
            Condition.Feel.SUPPLE,
            Condition.Nap.OPEN,
            Condition.Perforations.OPEN,
            Set.of(),
            Optional.empty(),
            Optional.empty()),
        new Wishes(Wishes.Sheen.MATT, Wishes.Standard.THOROUGH, Wishes.Protection.COATING),
        Optional.empty(),
        List.of());
  }

  private static SplittableRandom chance(Lesson lesson, long seed, long shift) {
    return new SplittableRandom(seed ^ ((long) lesson.id().hashCode() << 20) ^ shift);
  }

  private Scene scene(
      long seed, long draw, Lesson lesson, Setting setting, List<Surface> surfaces) {
    Job job =
        new Job(
            lesson.title(),
            setting,
            surfaces.get(0).wishes(),
            tables.rules(),
            tables.shelf(),
            Craft.ROAD,
            true,
            surfaces);
    Place place = tables.planner().place(job, job.surfaces().get(0));
    return new Scene(seed, draw, lesson, job, place);
  }

  private static Wishes.Protection protection(Lesson lesson, SplittableRandom random) {
    return switch (lesson.kind()) {
      case PLAN, HAND_OVER ->
          lesson.level() == 1 ? Wishes.Protection.NONE : any(Wishes.Protection.values(), random);
      default -> Wishes.Protection.NONE;
    };
  }

  private Setting setting(Lesson lesson, SplittableRandom random) {
    int level = lesson.level();
    double air = level < 2 ? 20 : 20 + (random.nextInt(9) - 4) * level;
    double humid = level < 2 ? 0.5 : 0.3 + 0.1 * random.nextInt(level < 4 ? 4 : 7);
    boolean sun = level > 2 && lesson.kind() == Kind.PACE && random.nextDouble() < ODD;
    Set<Setting.FaultSeen> faults =
        lesson.kind() == Kind.STOP && random.nextDouble() < ODD
            ? Set.of(any(Setting.FaultSeen.values(), random))
            : Set.of();
    return new Setting(
        Setting.Place.STUDIO,
        new Air(new Celsius(Math.max(4, air)), humid, 0.1),
        sun ? any(Setting.Sun.values(), random) : Setting.Sun.NONE,
        Optional.empty(),
        1,
        MORNING,
        Optional.empty(),
        Setting.Climate.TEMPERATE,
        Optional.empty(),
        new Setting.Reception(faults, Setting.ChildSeat.NONE, Set.of()));
  }

  private Surface surface(
      Lesson lesson, int i, Wishes.Protection protection, SplittableRandom random) {
    List<Model> models =
        tables.models().stream()
            .filter(m -> lesson.panels().isEmpty() || lesson.panels().contains(m.id()))
            .filter(m -> !finishes(lesson, m).isEmpty())
            .toList();
    Model model = models.get(random.nextInt(models.size()));
    List<Finish> finishes = finishes(lesson, model);
    Finish finish = finishes.get(random.nextInt(finishes.size()));
    boolean holes =
        model.role() == Role.SEAT
            && finish.code().startsWith("leather")
            && lesson.level() > 1
            && random.nextDouble() < ODD;
    Condition condition = condition(lesson, model, finish, random);
    return new Surface(
        "panel-" + i,
        model.zone(),
        model.name(),
        finish.code(),
        holes,
        model.texture(),
        any(Surface.Tone.values(), random),
        new SquareMetres(model.areaM2()),
        model.seamM(),
        6 + random.nextInt(200),
        model.role(),
        model.features(),
        Set.of(),
        condition,
        new Wishes(
            Wishes.Sheen.MATT,
            lesson.level() < 2 ? Wishes.Standard.THOROUGH : any(Wishes.Standard.values(), random),
            protection),
        Optional.empty(),
        List.of());
  }

  private List<Finish> finishes(Lesson lesson, Model model) {
    return tables.book().finishes().all().stream()
        .filter(f -> f.foundAs().contains(model.role()))
        .filter(f -> lesson.finishes().isEmpty() || lesson.finishes().contains(f.code()))
        .toList();
  }

  private static Condition condition(
      Lesson lesson, Model model, Finish finish, SplittableRandom random) {
    boolean worn =
        finish.code().endsWith("worn")
            || (lesson.level() > 2 && finish.isCoatedTrim() && random.nextDouble() < ODD);
    Set<Soil> soils = EnumSet.noneOf(Soil.class);
    soils.add(model.soils().get(random.nextInt(model.soils().size())));
    Set<Damage> damage = EnumSet.noneOf(Damage.class);
    Wear wear = worn ? Wear.WORN : Wear.INTACT;
    if (lesson.kind() == Kind.STOP && random.nextDouble() < TROUBLE) {
      switch (random.nextInt(4)) {
        case 0 -> soils.add(Soil.MOULD);
        case 1 -> damage.add(Damage.GUMMY);
        case 2 -> damage.add(Damage.SCUFFED);
        default -> wear = random.nextBoolean() ? Wear.CRACKED : Wear.TORN;
      }
    }
    return new Condition(
        soil(lesson, random),
        soils,
        wear,
        Condition.Feel.SUPPLE,
        finish.hasNap() && random.nextBoolean() ? Condition.Nap.MATTED : Condition.Nap.OPEN,
        Condition.Perforations.OPEN,
        damage,
        Optional.of(3 + random.nextInt(60)),
        Optional.empty());
  }

  private static Level soil(Lesson lesson, SplittableRandom random) {
    Level[] levels = {Level.LIGHT, Level.MODERATE, Level.HEAVY, Level.CAKED};
    int least = lesson.level() == 5 && lesson.kind() == Kind.WORK ? 2 : lesson.level() > 1 ? 1 : 0;
    int most = Math.min(levels.length, Math.max(least + 1, lesson.level()));
    return levels[least == most ? least - 1 : least + random.nextInt(most - least)];
  }

  static <T> T any(T[] of, SplittableRandom random) {
    return of[random.nextInt(of.length)];
  }
}

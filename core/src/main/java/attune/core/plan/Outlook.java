package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.Rung;
import attune.core.match.Treatment;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.measure.SaturationPressure;
import attune.core.measure.Sections;
import attune.core.reference.Figures;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Setting.Sun;
import attune.core.survey.Surface;
import attune.core.words.Phrases;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How the work of a plan would go in other air: its treatments stay, windows, sections and drying
 * are worked out anew (docs/trade, model 4).
 */
public final class Outlook {
  private static final Phrases PHRASES = Phrases.of(Outlook.class);

  /** What the air is made of, for saying which part changed most. */
  public enum Part {
    TEMPERATURE,
    HUMIDITY,
    DRAUGHT,
    SUN
  }

  /**
   * A wet-worked panel.
   *
   * @param planned sections in the plan's own air
   * @param sections now; 1 where nothing fits
   * @param fits false where even the smallest piece would dry before it is wiped
   * @param drying once it is wiped
   */
  public record Panel(
      String surfaceId,
      double surfaceC,
      double windowS,
      int planned,
      int sections,
      boolean fits,
      Drying drying) {}

  /**
   * The whole cabin in one air.
   *
   * @param shortestS the shortest working window, empty where nothing is worked wet
   * @param mostly what changed it most against the plan's air, empty where nothing did
   */
  public record Whole(List<Panel> panels, OptionalDouble shortestS, Optional<Part> mostly) {
    public Whole {
      panels = List.copyOf(panels);
    }

    public int sections() {
      return panels.stream().mapToInt(Panel::sections).sum();
    }

    public boolean fits() {
      return panels.stream().allMatch(Panel::fits);
    }

    public boolean dries() {
      return panels.stream().allMatch(panel -> panel.drying().dries());
    }

    /** How long the slowest panel takes to dry. */
    public int driesInS() {
      return panels.stream().mapToInt(panel -> panel.drying().estimateS()).max().orElse(0);
    }

    public double hottestC() {
      return panels.stream().mapToDouble(Panel::surfaceC).max().orElse(0);
    }
  }

  /** An hour of a forecast. */
  public record Forecast(LocalDateTime at, Air air, Sun sun) {}

  /**
   * What an hour is good for.
   *
   * @param light false before sunrise and after sunset
   * @param workable light, dry enough air, nothing too hot and every section fits
   * @param shade true where out of the sun the window would be at least twice as long
   */
  public record Hour(
      Forecast forecast, Whole whole, boolean light, boolean workable, boolean shade) {}

  /** What would make an hour fit for wet work. */
  public enum Fix {
    SHADE,
    HEATED_HALL
  }

  private static final double SHADE_HELPS = 2;
  private static final double MINUTE_S = 60;
  private static final double DAY_S = 86_400;

  private final Planner planner;
  private final Figures figures;
  private final Plan plan;

  Outlook(Planner planner, Figures figures, Plan plan) {
    this.planner = planner;
    this.figures = figures;
    this.plan = plan;
  }

  /** The cabin in other air and sun. */
  public Whole in(Air air, Sun sun) {
    List<Panel> panels = panels(air, sun);
    return new Whole(panels, shortest(panels), mostly(air, sun, panels));
  }

  private List<Panel> panels(Air air, Sun sun) {
    Job job = plan.job().on(plan.job().setting().in(air).under(sun));
    List<Panel> panels = new ArrayList<>();
    for (SurfacePlan surface : plan.surfaces()) {
      if (surface.isWet()) {
        panels.add(panel(job, surface));
      }
    }
    return panels;
  }

  private Panel panel(Job job, SurfacePlan planned) {
    Surface surface = planned.surface();
    Place place = planner.place(job, surface).asFound();
    Rung rung = planned.firstRung().orElseThrow();
    Treatment treatment = rung.treatment();
    Sections sections = planner.matcher().judge(place, treatment).sections();
    return new Panel(
        surface.id(),
        place.found().value(),
        sections.windowS(),
        rung.verdict().sections().count(),
        sections.count(),
        sections.fits(),
        Drying.of(place, figures));
  }

  private static OptionalDouble shortest(List<Panel> panels) {
    return panels.stream().mapToDouble(Panel::windowS).min();
  }

  /** The part of the air that alone moves the shortest window furthest. */
  private Optional<Part> mostly(Air air, Sun sun, List<Panel> now) {
    Setting s = plan.job().setting();
    Air was = s.air();
    double before = shortest(panels(was, s.sun())).orElse(0);
    if (shortest(now).orElse(0) == before) {
      return Optional.empty();
    }
    record Moved(Part part, double by) {}
    List<Moved> moved =
        List.of(
            new Moved(
                Part.TEMPERATURE,
                move(
                    before,
                    new Air(air.temperature(), was.relativeHumidity(), was.speedMs()),
                    s.sun())),
            new Moved(
                Part.HUMIDITY,
                move(
                    before,
                    new Air(was.temperature(), air.relativeHumidity(), was.speedMs()),
                    s.sun())),
            new Moved(
                Part.DRAUGHT,
                move(
                    before,
                    new Air(was.temperature(), was.relativeHumidity(), air.speedMs()),
                    s.sun())),
            new Moved(Part.SUN, move(before, was, sun)));
    return moved.stream().max(Comparator.comparingDouble(Moved::by)).map(Moved::part);
  }

  private double move(double before, Air air, Sun sun) {
    double after = shortest(panels(air, sun)).orElse(0);
    return Math.abs(Math.log(Math.max(1, after)) - Math.log(Math.max(1, before)));
  }

  /** What each hour of a forecast is good for. */
  public List<Hour> hours(List<Forecast> forecast) {
    double tooHot = figures.get("window.surface-max");
    List<Hour> hours = new ArrayList<>();
    for (Forecast f : forecast) {
      List<Panel> panels = panels(f.air(), f.sun());
      Whole whole = new Whole(panels, shortest(panels), Optional.empty());
      boolean shade =
          f.sun() != Sun.NONE
              && shortest(panels(f.air(), Sun.NONE)).orElse(0)
                  >= SHADE_HELPS * whole.shortestS().orElse(Double.MAX_VALUE);
      Daylight.Span light =
          Daylight.on(f.at().toLocalDate(), figures.get("day.latitude"), figures.get("day.noon"));
      int clock = f.at().toLocalTime().toSecondOfDay();
      boolean lit = clock >= light.rises() && clock < light.sets();
      boolean workable = lit && whole.fits() && whole.dries() && whole.hottestC() <= tooHot;
      hours.add(new Hour(f, whole, lit, workable, shade));
    }
    return hours;
  }

  /**
   * What would make some hour of a forecast fit where none is: each tried, and only named where it
   * does. Empty where neither helps, so that it has to be another day.
   */
  public List<Fix> fixes(List<Forecast> forecast) {
    List<Fix> fixes = new ArrayList<>();
    if (hours(forecast.stream().map(f -> new Forecast(f.at(), f.air(), Sun.NONE)).toList()).stream()
        .anyMatch(Hour::workable)) {
      fixes.add(Fix.SHADE);
    }
    Air hall =
        new Air(
            new Celsius(figures.get("hall.temperature")),
            figures.get("hall.humidity"),
            figures.get("hall.draught"));
    Whole inside = in(hall, Sun.NONE);
    if (inside.fits() && inside.dries() && inside.hottestC() <= figures.get("window.surface-max")) {
      fixes.add(Fix.HEATED_HALL);
    }
    return fixes;
  }

  /** The hour nearest to being fit: light before dark, drying before not, then the coolest. */
  public static Optional<Hour> leastBad(List<Hour> hours) {
    return hours.stream()
        .min(
            Comparator.comparing((Hour h) -> !h.light())
                .thenComparing(h -> !h.whole().dries())
                .thenComparing(h -> !h.whole().fits())
                .thenComparingDouble(h -> h.whole().hottestC())
                .thenComparing(h -> h.forecast().at()));
  }

  /**
   * The hour to begin in: of those that can be worked the one with the fewest sections, then the
   * one that leaves the most minutes to wipe, then the quickest to dry.
   */
  public static Optional<Hour> best(List<Hour> hours) {
    return hours.stream()
        .filter(Hour::workable)
        .min(
            Comparator.comparingInt((Hour h) -> h.whole().sections())
                .thenComparingInt(h -> -(int) (h.whole().shortestS().orElse(DAY_S) / MINUTE_S))
                .thenComparingInt(h -> h.whole().driesInS())
                .thenComparing(h -> h.forecast().at()));
  }

  /**
   * What to change where nothing dries; each tried, and only named where it helps.
   *
   * @return in words, the least trouble first
   */
  public List<String> remedies(Air air, Sun sun) {
    List<String> remedies = new ArrayList<>();
    double warmer = figures.get("dry.warmer");
    double faster = figures.get("dry.faster");
    double drier = figures.get("dry.drier");
    if (driesIn(
        new Air(air.temperature(), air.relativeHumidity(), Math.max(faster, air.speedMs())), sun)) {
      remedies.add(PHRASES.say("move-the-air-over-it", Phrases.number("%.0f", faster)));
    }
    Celsius heated = air.temperature().plus(warmer);
    double warmedHumidity =
        air.relativeHumidity()
            * SaturationPressure.kPa(air.temperature())
            / SaturationPressure.kPa(heated);
    if (driesIn(new Air(heated, Math.min(1, warmedHumidity), air.speedMs()), sun)) {
      remedies.add(PHRASES.say("warm-the-room-by-c", Phrases.number("%.0f", warmer)));
    }
    if (driesIn(
        new Air(air.temperature(), Math.min(air.relativeHumidity(), drier), air.speedMs()), sun)) {
      remedies.add(PHRASES.say("dry-the-air-to-humidity", Phrases.number("%.0f", drier * 100)));
    }
    return remedies;
  }

  private boolean driesIn(Air air, Sun sun) {
    return panels(air, sun).stream().allMatch(panel -> panel.drying().dries());
  }
}

package attune.core.train;

import attune.core.match.CleaningAction;
import attune.core.match.Limits;
import attune.core.match.Place;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.match.Treatment;
import attune.core.measure.Evaporation;
import attune.core.measure.PhInterval;
import attune.core.reference.Figures;
import attune.core.shelf.Soil;
import attune.core.simulate.SimulatedSurface;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.train.ChooseSetter.Judged;
import attune.core.train.Exercise.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * A panel to be worked by hand, and what it may be worked with.
 *
 * @param families of its soil, in the order of each means' acts
 * @param soil of each family, cell by cell, in layers
 * @param acceptable what may be left, all families together
 * @param reference which of the means the matcher would take
 * @param passes it would take at most
 * @param sections it would be worked in
 */
public record HandWork(
    Scene scene,
    List<Soil> families,
    List<List<Double>> soil,
    List<Means> means,
    Physics physics,
    double foundCoat,
    double foundNap,
    double acceptable,
    int reference,
    int passes,
    int sections) {
  private static final double PATCHY = 0.5;
  private static final double MINUTE_S = 60;

  public HandWork {
    families = List.copyOf(families);
    soil = soil.stream().map(List::copyOf).toList();
    means = List.copyOf(means);
  }

  /** Empty where the shelf has nothing wet to clean it with. */
  static Optional<HandWork> of(Scene scene, SurfaceMatch match, Classroom.Tables tables) {
    List<Judged> dealt = ChooseSetter.deal(match, scene.random(7), tables);
    if (dealt.size() < 2) {
      return Optional.empty();
    }
    Rung first = match.ladder().get(0);
    Place place = match.place();
    List<Soil> families = place.demand().soils().stream().sorted().toList();
    int reference =
        IntStream.range(0, dealt.size())
            .filter(i -> dealt.get(i).treatment().key().equals(first.treatment().key()))
            .findFirst()
            .orElseThrow();
    Figures figures = tables.book().figures();
    Physics physics = physics(place, scene.seed(), figures);
    return Optional.of(
        new HandWork(
            scene,
            families,
            soil(place, families.size(), scene.seed()),
            dealt.stream().map(judged -> means(place, judged, families, physics, tables)).toList(),
            physics,
            coat(place, figures),
            nap(place, figures),
            place.demand().acceptable() * families.size(),
            reference,
            Math.max(1, first.passesHigh()),
            sections(first, physics, figures)));
  }

  /** As many as the matcher cuts, or more where a film would dry under a hand as slow as ours. */
  private static int sections(Rung first, Physics physics, Figures figures) {
    double film = film(first.treatment().wets(figures), physics, figures);
    double whole = ModelPanel.CELLS * physics.cellS() * (physics.strokes() + 2);
    double dwell = sits(first.treatment().dwellS(), film);
    int fits = (int) Math.ceil(whole / (film - dwell));
    return Math.min(ModelPanel.COLUMNS, Math.max(first.verdict().sections().count(), fits));
  }

  /** Seconds a film can be worked in. */
  private static double film(double wets, Physics physics, Figures figures) {
    return wets / Math.max(physics.driesGPerS(), 1e-9) * (1 - figures.get("window.safety"));
  }

  /** What it may sit: never more than half of what its film lasts. */
  private static double sits(double dwellS, double film) {
    return Math.min(dwellS, film / 2);
  }

  private static double coat(Place place, Figures figures) {
    return place.surface().condition().wear() == Wear.INTACT
        ? 1
        : figures.get("simulate.worn-topcoat");
  }

  private static double nap(Place place, Figures figures) {
    Nap nap = place.surface().condition().nap();
    return nap == Nap.OPEN
        ? 1
        : figures.get(nap == Nap.MATTED ? "simulate.matted-nap" : "simulate.pilled-nap");
  }

  /** More in the middle, where it is sat on and held; the same on average. */
  private static List<List<Double>> soil(Place place, int families, long seed) {
    SplittableRandom random = new SplittableRandom(seed + 41);
    List<List<Double>> soil = new ArrayList<>();
    for (int f = 0; f < families; f++) {
      double column = ModelPanel.COLUMNS * (0.3 + 0.4 * random.nextDouble());
      double row = ModelPanel.ROWS * (0.3 + 0.4 * random.nextDouble());
      double[] cells = new double[ModelPanel.CELLS];
      double sum = 0;
      for (int cell = 0; cell < cells.length; cell++) {
        double dx = (cell % ModelPanel.COLUMNS - column) / ModelPanel.COLUMNS;
        double dy = (cell / ModelPanel.COLUMNS - row) / ModelPanel.ROWS;
        double patch = 1 + PATCHY * (random.nextDouble() - 0.5);
        cells[cell] = patch * (PATCHY + Math.exp(-6 * (dx * dx + dy * dy)));
        sum += cells[cell];
      }
      double scale = place.demand().amount() * cells.length / sum;
      List<Double> scaled = new ArrayList<>();
      for (double cell : cells) {
        scaled.add(cell * scale);
      }
      soil.add(scaled);
    }
    return soil;
  }

  private static Means means(
      Place place, Judged judged, List<Soil> families, Physics physics, Classroom.Tables tables) {
    Figures figures = tables.book().figures();
    CleaningAction action = new CleaningAction(figures);
    Treatment t = judged.treatment();
    Optional<PhInterval> ph = judged.verdict().ph();
    Treatment endless = t.sitting(Integer.MAX_VALUE);
    double film = film(t.wets(figures), physics, figures);
    return new Means(
        t,
        ChooseSetter.text(t),
        ph,
        judged.mark(),
        ChooseSetter.why(judged),
        t.wets(figures),
        families.stream()
            .map(
                family ->
                    action.on(
                        family,
                        place.demand().setDye(),
                        endless,
                        ph,
                        place.surface().texture(),
                        place.temperature()))
            .toList(),
        t.applyTo() == Treatment.ApplyTo.CLOTH ? figures.get("cleaning.wipe-contact") : 0,
        SimulatedSurface.harmOf(t, ph, place.limits(), figures),
        (int) sits(t.dwellS(), film));
  }

  private static Physics physics(Place place, long seed, Figures figures) {
    Limits limits = place.limits();
    double doubt = figures.get("simulate.doubt");
    return new Physics(
        figures.get("cleaning.rate"),
        figures.get("cleaning.layer"),
        figures.get("cleaning.dwell-half"),
        1 + doubt * (2 * new SplittableRandom(seed).nextDouble() - 1),
        Math.max(0, Evaporation.gramsPerSecond(place.air(), place.temperature())),
        limits.contactMaxS().value(),
        place.surface().area().value()
            * MINUTE_S
            / figures.get("train.work-rate")
            / (ModelPanel.CELLS * figures.get("train.strokes")),
        figures.get("train.strokes"),
        figures.get("train.grab"),
        figures.get("train.face-holds"),
        figures.get("train.blot-takes"),
        figures.get("simulate.blot-leaves"),
        figures.get("train.tide"),
        figures.get("train.tide-wiped"),
        figures.get("train.mist"),
        figures.get("train.vacuum-leaves"),
        figures.get("simulate.after-wipe"),
        figures.get("train.rub-harm"),
        figures.get("simulate.coat-per-harm"),
        figures.get("simulate.pigment-per-harm"),
        figures.get("simulate.nap-per-harm"),
        figures.get("simulate.nap-opens"),
        figures.get("simulate.moisture-dry"),
        figures.get("simulate.moisture-full"),
        figures.get("train.damp"),
        figures.get("train.soak"),
        limits.wetMax().value(),
        figures.get("train.blows"),
        figures.get("train.spatter"));
  }

  /** What can be seen of it, and of its room. */
  public List<Fact> facts() {
    List<Fact> facts = new ArrayList<>(scene.facts());
    facts.add(scene.air());
    return facts;
  }

  /** A treatment in a few words: bottle, ratio, tool, and what it is put on. */
  public static String said(Treatment treatment) {
    return ChooseSetter.text(treatment);
  }

  /** The panel as it was found. */
  public ModelPanel found() {
    double[][] cells = new double[soil.size()][];
    for (int f = 0; f < cells.length; f++) {
      cells[f] = soil.get(f).stream().mapToDouble(Double::doubleValue).toArray();
    }
    return new ModelPanel(means, physics, families.indexOf(Soil.DUST), cells, foundCoat, foundNap);
  }

  /** The panel after a run. */
  public ModelPanel after(List<Deed> deeds) {
    ModelPanel panel = found();
    deeds.forEach(panel::does);
    return panel;
  }

  /** How the matcher's own treatment would be worked, section by section. */
  public List<Deed> referenceRun() {
    return ReferenceRun.of(this);
  }
}

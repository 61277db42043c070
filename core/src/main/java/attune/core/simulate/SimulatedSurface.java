package attune.core.simulate;

import attune.core.match.CleaningAction;
import attune.core.match.Limits;
import attune.core.match.Place;
import attune.core.match.Rulebook;
import attune.core.match.Treatment;
import attune.core.measure.Celsius;
import attune.core.measure.Evaporation;
import attune.core.measure.PhInterval;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * One surface and what is done to it: lay, dwell, agitate, wipe, blot, wait, apply, level. Soil
 * comes off by the models of cleaning (docs/trade, model 2), liquid dries by model 4, and whatever
 * goes beyond what the surface stands takes topcoat, nap and colour. Immutable; every step answers
 * with the surface after it. The same seed gives the same surface.
 */
public final class SimulatedSurface {
  private final Place place;
  private final Rulebook book;
  private final Figures figures;
  private final CleaningAction action;
  private final double stubborn;
  private final State state;

  private SimulatedSurface(Place place, Rulebook book, double stubborn, State state) {
    this.place = place;
    this.book = book;
    this.figures = book.figures();
    this.action = new CleaningAction(figures);
    this.stubborn = stubborn;
    this.state = state;
  }

  /**
   * The surface as it was found.
   *
   * @param seed of how stubborn its soil is, within the model's doubt
   */
  public static SimulatedSurface found(Place place, Rulebook book, long seed) {
    Figures figures = book.figures();
    double doubt = figures.get("simulate.doubt");
    double stubborn = 1 + doubt * (2 * new SplittableRandom(seed).nextDouble() - 1);
    Map<Soil, Double> soil = State.none();
    if (!place.demand().isNone()) {
      place.demand().soils().forEach(family -> soil.put(family, place.demand().amount()));
    }
    State state =
        new State(
            soil,
            Optional.empty(),
            0,
            0,
            place.surface().condition().wear() == Wear.INTACT
                ? 1
                : figures.get("simulate.worn-topcoat"),
            nap(place.surface().condition().nap(), figures),
            0,
            0,
            0,
            0,
            true,
            place.temperature().value());
    return new SimulatedSurface(place, book, stubborn, state);
  }

  private static double nap(Nap nap, Figures figures) {
    return switch (nap) {
      case OPEN -> 1;
      case MATTED -> figures.get("simulate.matted-nap");
      case PILLED -> figures.get("simulate.pilled-nap");
    };
  }

  public State state() {
    return state;
  }

  public Place place() {
    return place;
  }

  private SimulatedSurface now(State next) {
    return new SimulatedSurface(place, book, stubborn, next);
  }

  /** Puts a cleaner on, on surface, tool or cloth. */
  public SimulatedSurface lay(Treatment treatment) {
    if (treatment.isDry()) {
      return now(state.laid(Optional.of(treatment), 0, state.liquid(), state.temperature()));
    }
    double warm = action.temperature(treatment.warmth(), place.temperature()).value();
    return now(
        state.laid(Optional.of(treatment), 0, state.liquid() + treatment.wets(figures), warm));
  }

  /** Lets it sit; what stands on it dries meanwhile. */
  public SimulatedSurface dwell(double seconds) {
    double warm = state.temperature();
    return now(state.laid(state.laid(), state.sat() + seconds, dried(seconds), warm));
  }

  private double dried(double seconds) {
    double rate = Evaporation.gramsPerSecond(place.air(), new Celsius(state.temperature()));
    return Math.max(0, state.liquid() - Math.max(0, rate) * seconds);
  }

  /** Works it with the tool that was chosen. Without a cleaner only loose dust moves. */
  public SimulatedSurface agitate() {
    if (state.laid().isEmpty()) {
      return this;
    }
    Treatment laid = state.laid().get();
    Treatment asSat =
        new Treatment(
            laid.cleaner(),
            laid.ratio(),
            laid.tool(),
            laid.applyTo(),
            laid.laid(),
            laid.warmth(),
            (int) Math.round(state.sat()));
    Optional<PhInterval> ph = laid.cleaner().flatMap(c -> book.ph().of(c.ph(), laid.ratio()));
    Map<Soil, Double> left = State.none();
    double lifted = 0;
    for (Map.Entry<Soil, Double> family : state.soil().entrySet()) {
      double a =
          action.on(
                  family.getKey(),
                  place.demand().setDye(),
                  asSat,
                  ph,
                  place.surface().texture(),
                  place.temperature())
              / stubborn;
      double comesOff =
          Math.min(
              family.getValue() * (1 - Math.exp(-figures.get("cleaning.rate") * a)),
              figures.get("cleaning.layer") * Math.sqrt(a));
      left.put(family.getKey(), family.getValue() - comesOff);
      lifted += comesOff;
    }
    return now(wear(state.soil(left, lifted), laid, ph));
  }

  /** Steps of stiffness and pH that a pass goes beyond what a surface stands; 0 within it. */
  public static double harmOf(
      Treatment laid, Optional<PhInterval> ph, Limits limits, Figures figures) {
    double harm = Math.max(0, laid.tool().stiffness() - limits.agitationMax().value());
    harm += laid.tool().abrasive() ? figures.get("simulate.abrasive-harm") : 0;
    if (ph.isPresent()) {
      harm += Math.max(0, ph.get().low() - limits.phOccasionalHigh().value());
      harm += Math.max(0, limits.phOccasionalLow().value() - ph.get().high());
    }
    return harm;
  }

  /** What goes beyond the limits is taken out of topcoat, nap and colour. */
  private State wear(State s, Treatment laid, Optional<PhInterval> ph) {
    double harm = harmOf(laid, ph, place.limits(), figures);
    double over = state.sat() - place.limits().contactMaxS().value();
    harm += over > 0 ? over / place.limits().contactMaxS().value() : 0;
    double coat = Math.max(0, s.topcoat() - figures.get("simulate.coat-per-harm") * harm);
    double bare = 1 - coat;
    double colour = Math.min(1, harm * bare * figures.get("simulate.pigment-per-harm"));
    double nap =
        harm > 0
            ? Math.max(0, s.nap() - figures.get("simulate.nap-per-harm") * harm)
            : Math.min(1, s.nap() + figures.get("simulate.nap-opens"));
    return s.worn(coat, nap, colour);
  }

  /** Wipes the loosened soil off; the residue that always stays is left to dry. */
  public SimulatedSurface wipe() {
    double residue = figures.get("simulate.after-wipe");
    return now(
        state.laid(Optional.empty(), 0, Math.min(state.liquid(), residue), state.temperature()));
  }

  /** Takes liquid up without rubbing. */
  public SimulatedSurface blot() {
    double left = state.liquid() * figures.get("simulate.blot-leaves");
    return now(state.laid(state.laid(), state.sat(), left, state.temperature()));
  }

  /** Leaves it alone; it dries, cools to the room, and what was put on settles. */
  public SimulatedSurface waitFor(double seconds) {
    State rested =
        state.laid(state.laid(), state.sat(), dried(seconds), place.temperature().value());
    return now(
        rested.finished(
            rested.addedGu(), Math.max(0, rested.unsettledS() - seconds), rested.levelled()));
  }

  /** Puts a finishing product on. */
  public SimulatedSurface apply(Product product, int coats) {
    double settles = product.waits().fullCureS().or(() -> product.waits().absorbS()).orElse(0);
    double gu = state.addedGu() + product.sheenChangeGu().orElse(0.0) * coats;
    return now(state.finished(gu, settles, false));
  }

  /** Wipes a finishing product to its sheen. */
  public SimulatedSurface level() {
    return now(state.finished(state.addedGu(), state.unsettledS(), true));
  }

  /** A whole pass of a treatment: laid, left, worked and wiped. */
  public SimulatedSurface pass(Treatment treatment) {
    SimulatedSurface worked = lay(treatment).dwell(treatment.dwellS()).agitate();
    return treatment.isDry() ? worked.wipeDry() : worked.wipe();
  }

  private SimulatedSurface wipeDry() {
    return now(state.laid(Optional.empty(), 0, state.liquid(), state.temperature()));
  }

  /**
   * Sheen at 60° as it looks now, GU: shine is soil, wet shines, and so does what has not settled.
   */
  public double sheenGu() {
    boolean glossy =
        place
            .finish()
            .cleanSheen()
            .map(s -> s.lowGu() > figures.get("simulate.glossy"))
            .orElse(false);
    double clean = place.finish().cleanSheen().map(s -> (s.lowGu() + s.highGu()) / 2).orElse(0.0);
    double soil = state.worstSoil() * figures.get("simulate.sheen-per-soil") * (glossy ? -1 : 1);
    double wet = Math.min(1, state.liquid() / figures.get("simulate.after-wipe"));
    double unsettled = !state.levelled() || state.unsettledS() > 0 ? 1 : 0;
    return Math.max(
        0.1,
        clean
            + soil
            + state.addedGu()
            + wet * figures.get("simulate.sheen-wet")
            + unsettled * figures.get("simulate.sheen-unsettled"));
  }

  /** Moisture on the meter's scale, 0 to 100. */
  public double moisture() {
    double dry = figures.get("simulate.moisture-dry");
    double full = figures.get("simulate.moisture-full");
    return dry + (100 - dry) * (1 - Math.exp(-state.liquid() / full));
  }

  /** True when nothing beyond what the trade leaves is taken off or roughened. */
  public boolean isUndamaged() {
    double found =
        place.surface().condition().wear() == Wear.INTACT
            ? 1
            : figures.get("simulate.worn-topcoat");
    return state.topcoat() >= found
        && state.pigment() == 0
        && state.nap() >= nap(place.surface().condition().nap(), figures);
  }
}

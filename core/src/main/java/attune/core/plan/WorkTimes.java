package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.Rung;
import attune.core.reference.Figures;
import attune.core.run.Experience;
import attune.core.survey.Condition;
import attune.core.survey.Surface;

/**
 * Hands-on time from area, seams, texture, soil, passes and the standard agreed (docs/trade, time).
 * What sits, dries or cures is no part of it.
 */
final class WorkTimes {
  private static final int MINUTE_S = 60;

  private final Figures figures;
  private final Experience experience;

  WorkTimes(Figures figures, Experience experience) {
    this.figures = figures;
    this.experience = experience;
  }

  /** Laying cleaner on so much of a surface, minutes. */
  double layMinutes(Surface surface, double share) {
    return surface.area().value() * share / figures.get("rate.lay");
  }

  /**
   * Working and wiping so much of a surface once, seams and rinse included, minutes; as the shop's
   * own records have it where they say enough.
   *
   * @param rinsed true where it is wiped again with clear warm water
   */
  double workMinutes(Place place, double share, boolean rinsed) {
    Surface surface = place.surface();
    double area = surface.area().value() * share;
    double soil = soil(place);
    String texture =
        place.finish().hasNap()
            ? "nap"
            : place.finish().isTextile() ? "textile" : surface.texture().code();
    double fiddly = surface.isGrip() ? figures.get("work.grip") : 1;
    double wiping = area / figures.get("rate.wipe");
    double usual =
        area
                / figures.get("rate.work." + texture)
                * soil
                * fiddly
                * holes(surface)
                * figures.get("work.standard." + surface.wishes().standard().code())
            + wiping
            + (rinsed ? wiping * figures.get("rinse.share") : 0)
            + surface.seamM() * share / figures.get("rate.seam") * soil * standard(place);
    return experience
        .of(surface.finish(), surface.condition().soil().code())
        .map(factor -> usual * factor.minutes())
        .orElse(usual);
  }

  /** Ringed or blocked holes are gone round from several sides. */
  private double holes(Surface surface) {
    boolean dirty = surface.condition().perforations() != Condition.Perforations.OPEN;
    return surface.perforated() && dirty ? figures.get("work.holes") : 1;
  }

  /** How much longer a pass takes than on a light film; lather on a nap does its work sitting. */
  private double soil(Place place) {
    double factor = figures.get("work.soil." + place.surface().condition().soil().code());
    return place.finish().hasNap()
        ? Math.min(factor, figures.get("work.soil.moderate"))
        : place.finish().isTextile()
            ? Math.min(factor, figures.get("work.soil.textile-most"))
            : factor;
  }

  /** All passes of a rung over a surface, minutes. */
  double cleanMinutes(Place place, Rung rung, int passes, boolean rinsed) {
    double lay = rung.treatment().isDry() ? 0 : layMinutes(place.surface(), 1);
    return passes * (lay + workMinutes(place, 1, rinsed));
  }

  /** Minutes of a step, as the shop's own records have it where they say enough. */
  double learnt(Step step, double usual) {
    return usual * experience.of(step.code());
  }

  /** The look after a cleaning, minutes. */
  double checkMinutes(Place place) {
    return learnt(Step.CHECK, usualCheck(place));
  }

  private double usualCheck(Place place) {
    return (place.surface().area().value() / figures.get("rate.check")
            + place.surface().seamM() / figures.get("rate.check-seam"))
        * standard(place);
  }

  double drySoilMinutes(Place place) {
    return learnt(
        Step.DRY_SOIL,
        place.surface().area().value() / figures.get("rate.vacuum") * standard(place));
  }

  double shaveMinutes(Surface surface) {
    return learnt(Step.SHAVE, surface.area().value() / figures.get("rate.shave"));
  }

  /**
   * A coat laid, minutes: what is laid thin in a pattern, massaged in first, or brushed into nap
   * both ways, takes longer.
   */
  double applyMinutes(Surface surface, FinishStep step, int coat) {
    boolean thirsty =
        step.step() == Step.CONDITION && surface.condition().feel() != Condition.Feel.SUPPLE;
    String rate =
        !step.levels()
            ? "rate.nap-protect"
            : step.step() == Step.COAT
                ? "rate.coat"
                : !thirsty ? "rate.apply" : coat == 1 ? "rate.massage" : "rate.again";
    return learnt(step.step(), surface.area().value() / figures.get(rate));
  }

  /** All coats of a step laid and levelled, minutes. */
  double finishMinutes(Surface surface, FinishStep step) {
    double minutes = 0;
    for (int coat = 1; coat <= step.coats(); coat++) {
      minutes += applyMinutes(surface, step, coat);
      minutes += step.levels(coat) ? levelMinutes(surface, step.step()) : 0;
    }
    return minutes;
  }

  /** One coat levelled, a coating with its lamp, minutes. */
  double levelMinutes(Surface surface, Step step) {
    String rate = step == Step.COAT ? "rate.lamp" : "rate.level";
    return learnt(Step.LEVEL, surface.area().value() / figures.get(rate));
  }

  /** A surface wiped over once before something has to bond, minutes. */
  double residueMinutes(Surface surface) {
    return learnt(Step.RESIDUE, surface.area().value() / figures.get("rate.wipe"));
  }

  /** Fetching and loading, and going to the zone: once a round. */
  int overheadS() {
    return loadS() + (int) Math.round(figures.get("time.move") * MINUTE_S);
  }

  /** Fetching and loading alone, where one stays in the zone. */
  int loadS() {
    return (int) Math.round(figures.get("time.load") * MINUTE_S);
  }

  private double standard(Place place) {
    return figures.get("standard." + place.surface().wishes().standard().code());
  }

  /** Whole seconds of some minutes. */
  static int seconds(double minutes) {
    return (int) Math.ceil(minutes * MINUTE_S - 1e-9);
  }
}

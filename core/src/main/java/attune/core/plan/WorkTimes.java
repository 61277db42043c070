package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.Rung;
import attune.core.reference.Figures;
import attune.core.run.Experience;
import attune.core.survey.Surface;

/**
 * Hands-on minutes from area, seams, texture, passes and the standard agreed (domain 4, model 9).
 */
final class WorkTimes {
  private final Figures figures;
  private final Experience experience;

  WorkTimes(Figures figures, Experience experience) {
    this.figures = figures;
    this.experience = experience;
  }

  /**
   * All passes over a surface, dwell included: the hands stay with it. As the shop's own records
   * have it where they say enough.
   */
  double cleanMinutes(Place place, Rung rung, int passes) {
    Surface surface = place.surface();
    double area = surface.area().value();
    double aPass =
        area / figures.get("rate.lay")
            + area / figures.get("rate.work." + surface.texture().code())
            + area / figures.get("rate.wipe")
            + surface.seamM() / figures.get("rate.seam")
            + rung.treatment().dwellS() / 60.0 * rung.verdict().sections().count();
    double usual = passes * aPass * standard(place) + figures.get("time.move");
    return experience
        .of(surface.finish(), surface.condition().soil().code())
        .map(factor -> usual * factor.minutes())
        .orElse(usual);
  }

  double checkMinutes(Place place) {
    return (place.surface().area().value() / figures.get("rate.check")
            + place.surface().seamM() / figures.get("rate.seam"))
        * standard(place);
  }

  double drySoilMinutes(Surface surface) {
    return surface.area().value() / figures.get("rate.vacuum");
  }

  double shaveMinutes(Surface surface) {
    return surface.area().value() / figures.get("rate.shave");
  }

  double applyMinutes(Surface surface, int coats) {
    return coats * surface.area().value() / figures.get("rate.apply");
  }

  double levelMinutes(Surface surface, int coats) {
    return coats * surface.area().value() / figures.get("rate.level");
  }

  private double standard(Place place) {
    return figures.get("standard." + place.surface().wishes().standard().code());
  }
}

package attune.core.plan;

import attune.core.match.Place;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.Evaporation;
import attune.core.measure.GramsPerSquareMetre;
import attune.core.reference.Figures;
import attune.core.survey.Craft;
import attune.core.survey.Surface.Feature;
import attune.core.words.Phrases;

/**
 * How long a wiped surface takes to dry (docs/trade, model 4).
 *
 * @param estimateS seconds; {@code dries} false when longer than a day or never
 * @param how what is done to dry it
 * @param confirmWith the instrument that says it is dry
 */
public record Drying(boolean dries, int estimateS, String how, String confirmWith) {
  private static final Phrases PHRASES = Phrases.of(Drying.class);

  static Drying of(Place place, Figures figures) {
    double seconds =
        Evaporation.secondsToDry(
            new GramsPerSquareMetre(residual(place, figures)), place.air(), place.temperature());
    seconds *= falling(place, figures);
    double most = figures.get("dry.most");
    boolean dries = seconds <= most;
    return new Drying(
        dries, (int) Math.ceil(Math.min(seconds, most)), how(place), "moisture-meter");
  }

  /**
   * Fabric is no free film: after the surface water it dries ever slower, as many times as long as
   * the film alone. The seat's own heat or air halves it.
   */
  private static double falling(Place place, Figures figures) {
    boolean aired = place.surface().has(Feature.VENTILATED) || place.surface().has(Feature.HEATED);
    double helped = aired ? figures.get("dry.aired") : 1;
    if (place.finish().hasNap()) {
      boolean rim = place.surface().role() != Role.SEAT;
      return figures.get(rim ? "dry.falling.rim" : "dry.falling.seat") * helped;
    }
    if (place.finish().isTextile()) {
      boolean pile = place.finish().code().equals("textile/pile");
      return figures.get(pile ? "dry.falling.carpet" : "dry.falling.cloth") * helped;
    }
    return 1;
  }

  private static double residual(Place place, Figures figures) {
    double left = residualOfFinish(place, figures);
    return place.surface().perforated()
        ? Math.max(left, figures.get("dry.perforated")) * figures.get("dry.perforated-factor")
        : left;
  }

  private static double residualOfFinish(Place place, Figures figures) {
    if (place.finish().hasNap()) {
      return figures.get("dry.microsuede");
    }
    if (place.finish().isTextile()) {
      return figures.get(place.finish().code().equals("textile/pile") ? "dry.carpet" : "dry.cloth");
    }
    boolean grained = place.surface().texture().compareTo(Texture.MEDIUM) >= 0;
    return figures.get(grained ? "dry.medium" : "dry.smooth");
  }

  private static String how(Place place) {
    if (place.surface().has(Feature.VENTILATED) || place.surface().has(Feature.HEATED)) {
      return PHRASES.say("wipe-suction-over-holes-and");
    }
    if (place.surface().perforated()) {
      return PHRASES.say("wipe-then-suction-over-the");
    }
    if (place.surface().role() == Role.SCREEN) {
      return PHRASES.say("a-dry-face-at-once");
    }
    if (place.craft() == Craft.AIRCRAFT && place.surface().role() == Role.CONTROL) {
      return PHRASES.say("wipe-dry-no-air-at");
    }
    if (place.finish().hasNap()) {
      return PHRASES.say("blot-with-a-waffle-cloth");
    }
    return place.finish().isTextile()
        ? PHRASES.say("extract-or-blot-then-moving")
        : PHRASES.say("wipe-dry-open-the-seams");
  }
}

package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.Residues;
import attune.core.match.Rulebook;
import attune.core.measure.Ratio;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is wiped over a panel before something has to bond, or where an old dressing shines (domain
 * 8, C16 and C19).
 *
 * @param product empty where the shelf has none that may go on: then a damp cloth, and a purchase
 * @param cloth clean, and of nothing that bleeds
 * @param passes 1 on a panel whose care is known, more where an old film may be there
 * @param ml of it over all passes
 */
public record ResiduePass(Optional<Product> product, Tool cloth, int passes, double ml) {
  private static final Set<Soil> FILMS = Set.of(Soil.SILICONE_FILM, Soil.POLISH);

  /** As its label mixes it. */
  public Ratio ratio() {
    return product.map(p -> p.label().standard()).orElse(Ratio.READY);
  }

  /** Empty where nothing has to bond and nothing shines. */
  static Optional<ResiduePass> of(
      Place place,
      List<FinishStep> steps,
      boolean wet,
      Tool cloth,
      boolean careKnown,
      Shelf shelf,
      Rulebook book) {
    boolean bonds = steps.stream().anyMatch(FinishStep::bonds);
    boolean metal = wet && place.finish().code().equals("metal/bright");
    boolean shines = isShiny(place);
    if (!bonds && !metal && !(shines && wet)) {
      return Optional.empty();
    }
    Figures figures = book.figures();
    boolean film = shines || filmFound(place) || bonds && !careKnown;
    Optional<Product> product = Residues.best(place, shelf, book);
    if (product.isEmpty() && !bonds) {
      return Optional.empty(); // the cleaning has to do
    }
    int passes = film && product.isPresent() ? figures.whole("residue.passes-film") : 1;
    double ml = place.surface().area().value() * figures.get("residue.dose") * passes;
    return Optional.of(new ResiduePass(product, cloth, passes, ml));
  }

  /** Shinier than it is when clean: soil or an old dressing. */
  private static boolean isShiny(Place place) {
    return place
        .surface()
        .condition()
        .sheenGu()
        .flatMap(gu -> place.finish().cleanSheen().filter(clean -> gu > clean.highGu()))
        .isPresent();
  }

  private static boolean filmFound(Place place) {
    Condition condition = place.surface().condition();
    return condition.soils().stream().anyMatch(FILMS::contains)
        || condition.told().stream().anyMatch(s -> FILMS.contains(s.kind().soil()));
  }
}

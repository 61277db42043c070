package attune.core.match;

import attune.core.shelf.Product;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What to do about one surface's soil.
 *
 * @param ladder rungs from mildest to firmest; empty when there is nothing to clean or nothing may
 *     be done
 * @param end what stands above the last rung: some soil is left, or a repairer sees it; empty when
 *     there is no ladder
 * @param milder what would stay inside the year's allowance, though it leaves some soil; only where
 *     the first rung would spend it
 * @param refer why a repairer or a licensed workshop is to see it, or empty
 * @param cautions in a fixed order, each code once
 * @param ruledOut what was left out and why, by kind and id
 * @param exposure what the first rung's passes add to the year's ledger, µmol·min/l
 * @param loss share of its own gentlest given up for fewer bottles and tools over the cabin, 0
 *     upwards
 * @param byHand true when the first rung was set by hand
 * @param shared true when it is worked with the bottle and tool of its neighbours, gentler than its
 *     own
 * @param spots what is done about its stains once it is clean
 */
public record SurfaceMatch(
    Place place,
    List<Rung> ladder,
    Optional<Reason> end,
    Optional<Rung> milder,
    Optional<Reason> refer,
    List<Reason> cautions,
    List<RuledOut> ruledOut,
    double exposure,
    double loss,
    boolean byHand,
    boolean shared,
    List<SpotWork> spots) {
  public SurfaceMatch {
    spots = List.copyOf(spots);
    ladder = List.copyOf(ladder);
    cautions = List.copyOf(cautions);
    ruledOut = List.copyOf(ruledOut);
  }

  /** What is said of the stains: what is likely to stay, and of what meets them. */
  public List<Reason> saidOfSpots() {
    return spots.stream().flatMap(spot -> saidOf(spot).stream()).toList();
  }

  /** What is said of the stains that are met with one cleaner. */
  public List<Reason> saidOfSpots(Optional<String> productId) {
    return spots.stream()
        .filter(
            spot ->
                spot.rung()
                    .filter(r -> r.treatment().cleaner().map(Product::id).equals(productId))
                    .isPresent())
        .flatMap(spot -> saidOf(spot).stream())
        .toList();
  }

  private static List<Reason> saidOf(SpotWork spot) {
    List<Reason> said = new ArrayList<>();
    spot.remains().ifPresent(said::add);
    if (spot.rung().isPresent()) {
      Verdict verdict = spot.rung().get().verdict();
      verdict.reasons().stream()
          .filter(reason -> reason.effect() == Reason.Effect.CAUTION)
          .forEach(said::add);
      said.add(Cautions.GLOVES);
      said.add(Cautions.TEST_SPOT);
      if (verdict.treatment().cleaner().filter(c -> c.solventPercent() > 0).isPresent()) {
        said.add(Cautions.FUMES);
      }
    }
    return said;
  }

  /** Nothing wet before a licensed workshop has seen a fault. */
  public boolean staysDry() {
    return Faults.noWetWork(place).isPresent();
  }

  /** Nothing done at this visit: no ladder, and nothing said of it. */
  public SurfaceMatch leftForLater() {
    return new SurfaceMatch(
        place,
        List.of(),
        Optional.empty(),
        Optional.empty(),
        refer,
        List.of(),
        ruledOut,
        0,
        0,
        false,
        false,
        List.of());
  }
}

package attune.core.plan;

import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.SAFETY;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.match.Place;
import attune.core.match.ProductRules;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.RuledOut;
import attune.core.match.SurfaceMatch;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.words.Phrases;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Bottles that neither clean nor finish a panel: they are judged like all others and stand among
 * what was left out, with the reason (docs/trade, C5).
 */
final class OtherBottles {
  private static final Phrases PHRASES = Phrases.of(OtherBottles.class);

  private static final Set<ProductRole> OTHER =
      EnumSet.of(
          ProductRole.DISINFECTANT,
          ProductRole.ODOUR_NEUTRALISER,
          ProductRole.COLOUR_TOUCH_UP,
          ProductRole.DUSTING_AID);

  private OtherBottles() {}

  /** With these, all that was left out of a panel's cleaning and finishing. */
  static List<RuledOut> ruledOut(SurfaceMatch match, FinishChooser.Chosen chosen, Shelf shelf) {
    return Stream.of(match.ruledOut(), chosen.ruledOut(), ruledOut(match.place(), shelf))
        .flatMap(List::stream)
        .sorted(Comparator.comparing(RuledOut::kind).thenComparing(RuledOut::itemId))
        .toList();
  }

  private static List<RuledOut> ruledOut(Place place, Shelf shelf) {
    return shelf.products().stream()
        .filter(product -> OTHER.containsAll(product.roles()))
        .map(product -> new RuledOut(product.id(), RuledOut.Kind.PRODUCT, reasons(place, product)))
        .toList();
  }

  private static List<Reason> reasons(Place place, Product product) {
    List<Reason> reasons = ProductRules.keptOff(place, product);
    ProductRules.stock(place, product, reasons);
    product.roles().stream().sorted().map(role -> why(place, product, role)).forEach(reasons::add);
    return reasons;
  }

  private static Reason why(Place place, Product product, ProductRole role) {
    Condition condition = place.surface().condition();
    return switch (role) {
      case DISINFECTANT ->
          condition.hasMould() || condition.hasBlood()
              ? Reason.of(
                  ReasonCode.NOT_WANTED,
                  NOTE,
                  SAFETY,
                  PHRASES.say("belongs-to-the-precautions-by", product.name()))
              : notFound(product, PHRASES.say("kills-germs-and-mould-neither"));
      case ODOUR_NEUTRALISER ->
          condition.soils().contains(Soil.ODOUR)
              ? Reason.of(
                  ReasonCode.NOT_WANTED,
                  NOTE,
                  SOIL,
                  PHRASES.say("comes-once-the-source-is", product.name()))
              : notFound(product, PHRASES.say("is-for-smells-none-was"));
      case COLOUR_TOUCH_UP ->
          Reason.of(
              ReasonCode.NOT_WANTED,
              NOTE,
              FINISH,
              PHRASES.say("hides-what-cleaning-shows-colour", product.name()));
      default ->
          Reason.of(ReasonCode.NOT_WANTED, NOTE, SOIL, PHRASES.say("loose-dust-is-for-nozzle"));
    };
  }

  private static Reason notFound(Product product, String what) {
    return Reason.of(ReasonCode.NOT_FOR_THIS_SOIL, OVER, SOIL, product.name() + " " + what);
  }
}

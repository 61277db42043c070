package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.HOUSE_RULE;
import static attune.core.match.Reason.SetBy.SAFETY;

import attune.core.material.Finish;
import attune.core.material.Finish.SolventRule;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Trait;
import attune.core.survey.Condition.Wear;
import attune.core.words.Phrases;
import java.util.List;

/** What a thing of the shelf is told for what it holds: abrasives, solvent, what burns. */
final class TraitRules {
  private static final Phrases PHRASES = Phrases.of(TraitRules.class);

  private TraitRules() {}

  static void of(Place place, Product product, List<Reason> reasons) {
    if (product.has(Trait.ABRASIVE)) {
      abrasive(place, product.name(), reasons);
    }
    if (product.solventPercent() > 0) {
      solvent(place, product, reasons);
    }
    if (product.has(Trait.FLAMMABLE)) {
      reasons.add(
          Reason.of(
              ReasonCode.FLAMMABLE,
              CAUTION,
              SAFETY,
              PHRASES.say("is-flammable-doors-open-no", product.name())));
    }
  }

  /** Shared by abrasive cleaners and abrasive tools. */
  static void abrasive(Place place, String item, List<Reason> reasons) {
    Finish.AbrasiveRule rule = place.limits().abrasive().value();
    boolean paleIntact =
        place.surface().tone() == attune.core.survey.Surface.Tone.PALE
            && place.surface().condition().wear() == Wear.INTACT;
    if (rule == Finish.AbrasiveRule.NO || (rule == Finish.AbrasiveRule.SPOT_PALE && !paleIntact)) {
      reasons.add(
          Reason.of(
              ReasonCode.ABRASIVE,
              BARRED,
              place.limits().abrasive().setBy(),
              PHRASES.say(
                  "is-abrasive-would-haze-or",
                  item,
                  place.limits().subject(place.limits().abrasive()))));
    } else if (place.rules().is("melamine", "never")
        || (place.rules().is("melamine", "pale-intact-only") && !paleIntact)) {
      reasons.add(
          Reason.of(
              ReasonCode.HOUSE_RULE,
              BARRED,
              HOUSE_RULE,
              PHRASES.say("the-house-keeps-abrasives-to")));
    } else {
      reasons.add(
          Reason.of(
              ReasonCode.ABRASIVE, CAUTION, FINISH, PHRASES.say("is-abrasive-a-spot-only", item)));
    }
  }

  private static void solvent(Place place, Product product, List<Reason> reasons) {
    SolventRule rule = place.limits().solvent().value();
    boolean namedByMaker = product.labelAllows().contains(place.finish().code());
    if (rule == SolventRule.NO || (rule == SolventRule.MAKER && !namedByMaker)) {
      String stands = place.limits().subject(place.limits().solvent());
      reasons.add(
          Reason.measured(
              ReasonCode.SOLVENT,
              BARRED,
              place.limits().solvent().setBy(),
              product.solventPercent(),
              0,
              "%",
              product.has(Trait.SOLVENT_UNSAID)
                  ? PHRASES.say("how-much-solvent-holds-is", product.name(), stands)
                  : PHRASES.say("holds-solvent", product.name(), stands)));
      ProductRules.unsaid(
          product, Trait.SOLVENT_UNSAID, PHRASES.say("its-share-of-solvent"), reasons);
    } else {
      reasons.add(
          Reason.of(
              ReasonCode.SOLVENT,
              CAUTION,
              FINISH,
              PHRASES.say("holds-solvent-a-spot-only", product.name())));
    }
  }
}

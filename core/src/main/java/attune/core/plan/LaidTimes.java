package attune.core.plan;

import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Span;
import attune.core.words.Phrases;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How long what is laid takes: as its label says, and where that says nothing the longest its kind
 * is known to take. Nobody sits on a coating because its record is blank.
 *
 * @param flash when it is wiped, seconds after its first stroke; empty for what has no such window
 * @param sitAfterS until somebody may sit on it
 * @param cureS until it is through, never shorter
 * @param unsaid what was taken so because the record is blank
 */
record LaidTimes(Optional<Span> flash, int sitAfterS, int cureS, List<Reason> unsaid) {
  private static final Phrases PHRASES = Phrases.of(LaidTimes.class);

  static LaidTimes of(Product product, ProductRole role, Figures figures) {
    List<Reason> unsaid = new ArrayList<>();
    Product.Waits waits = product.waits();
    Optional<Span> flash = waits.flash();
    if (role == ProductRole.COATING && flash.isEmpty() && waits.absorbS().isEmpty()) {
      flash =
          Optional.of(
              new Span(
                  figures.whole("unsaid.flash.soonest"), figures.whole("unsaid.flash.latest")));
      unsaid.add(said(product, PHRASES.say("how-long-it-flashes-small"), flash.get().max()));
    }
    int sit =
        waits
            .sitAfterS()
            .orElseGet(
                () -> {
                  int usual = figures.whole("unsaid.sit." + role.code());
                  return waits.fullCureS().map(cure -> Math.min(cure, usual)).orElse(usual);
                });
    if (waits.sitAfterS().isEmpty()) {
      unsaid.add(said(product, PHRASES.say("how-long-it-is-left"), sit));
    }
    int cure = Math.max(sit, waits.fullCureS().orElse(figures.whole("unsaid.cure." + role.code())));
    return new LaidTimes(flash, sit, cure, List.copyOf(unsaid));
  }

  private static Reason said(Product product, String what, int seconds) {
    Duration taken = Duration.ofSeconds(seconds);
    return Reason.of(
        ReasonCode.UNSAID,
        Reason.Effect.CAUTION,
        Reason.SetBy.SHELF,
        PHRASES.say(
            "the-record-of-does-not",
            product.name(),
            what,
            taken.toHours() > 0 ? taken.toHours() + " h" : PHRASES.say("min", taken.toMinutes())));
  }
}

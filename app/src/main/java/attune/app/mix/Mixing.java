package attune.app.mix;

import attune.app.reference.ReferenceData;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.measure.Mix;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.NeverMix;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.words.Phrases;
import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** Works out a mix from any two of ratio, bottle and product. */
record Mixing(ReferenceData reference, Shelf shelf, LocalDate today) {
  private static final Phrases PHRASES = Phrases.of(Mixing.class);

  /**
   * Any two of ratio, bottle and product; a product's id adds its pH and label.
   *
   * @param heldId what the bottle held before and was not rinsed of, or null
   */
  record MixRequest(
      @Nullable String ratio,
      @Nullable Double bottleMl,
      @Nullable Double productMl,
      @Nullable String productId,
      @Nullable String heldId) {}

  /**
   * What to fill.
   *
   * @param costMinor of the product in it, in minor units of the currency, where a pack's price is
   *     on record
   * @param useBy if it is mixed today
   * @param barred why it must not go into that bottle, or null
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record MixAnswer(
      String ratio,
      String words,
      double bottleMl,
      double productMl,
      double waterMl,
      @Nullable Double phLow,
      @Nullable Double phHigh,
      @Nullable Boolean onLabel,
      @Nullable Long costMinor,
      @Nullable String currency,
      LocalDate useBy,
      @Nullable String barred) {}

  /**
   * Fills what follows.
   *
   * @throws InvalidInputException for anything but two of three, or a product that is not there
   */
  MixAnswer mix(MixRequest r) {
    Mix mix = mixOf(r);
    Optional<Product> product = product(r.productId(), "/productId");
    Optional<PhInterval> ph =
        product.flatMap(p -> reference.rulebook().ph().of(p.ph(), mix.ratio()));
    return new MixAnswer(
        mix.ratio().code(),
        mix.ratio().words(),
        mix.bottleMl(),
        mix.productMl(),
        mix.waterMl(),
        ph.map(PhInterval::low).orElse(null),
        ph.map(PhInterval::high).orElse(null),
        product.map(p -> p.label().allows(mix.ratio())).orElse(null),
        product.flatMap(Product::pack).map(pack -> cost(pack, mix)).orElse(null),
        product.flatMap(Product::pack).map(Product.Pack::currency).orElse(null),
        Mix.useBy(today, reference.figures()),
        NeverMix.between(product, product(r.heldId(), "/heldId"))
            .map(why -> PHRASES.say("not-into-this-bottle-before", why))
            .orElse(null));
  }

  Optional<Product> product(@Nullable String id, String pointer) {
    Optional<Product> found = Optional.ofNullable(id).flatMap(shelf::findProduct);
    if (id != null && found.isEmpty()) {
      throw new InvalidInputException(
          pointer, "\"" + id + "\"", PHRASES.say("a-product-on-the-shelf"));
    }
    return found;
  }

  private static Mix mixOf(MixRequest r) {
    long given = Stream.of(r.ratio(), r.bottleMl(), r.productMl()).filter(Objects::nonNull).count();
    if (given != 2) {
      throw new InvalidInputException(
          "",
          PHRASES.say("of-ratio-bottleml-and-productml", given),
          PHRASES.say("exactly-two-of-them"));
    }
    Double bottle = r.bottleMl();
    Double of = r.productMl();
    if (bottle != null && of != null) {
      return Mix.ofBottleAndProduct(bottle, of);
    }
    Ratio ratio = ratio("/ratio", r.ratio());
    return bottle == null
        ? Mix.ofProduct(ratio, Objects.requireNonNull(of))
        : Mix.ofBottle(ratio, bottle);
  }

  static Ratio ratio(String pointer, @Nullable String text) {
    if (text == null) {
      throw new InvalidInputException(pointer, Fault.NOTHING, PHRASES.say("a-ratio-such-as-1"));
    }
    try {
      return Ratio.parse(text);
    } catch (InvalidInputException e) {
      throw new InvalidInputException(pointer, "\"" + text + "\"", e.faults().get(0).allowed());
    }
  }

  private static long cost(Product.Pack pack, Mix mix) {
    return Math.round(pack.priceMinor() * mix.productMl() / pack.ml());
  }
}

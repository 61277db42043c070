package attune.core;

import attune.core.measure.DilutedPh;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Form;
import attune.core.shelf.Product.LabelRatios;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.Product.Waits;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Slip;
import attune.core.shelf.Soil;
import attune.core.shelf.Span;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A bottle to write cases with: a neutral ready-to-use liquid that sits up to two minutes. */
public final class AProduct {
  private final String id;
  private final Set<ProductRole> roles;
  private Form form = Form.LIQUID;
  private LabelRatios label = LabelRatios.READY;
  private DilutedPh.Known ph =
      new DilutedPh.Known(Optional.of(7.0), Optional.of(PhNature.NEUTRAL_SURFACTANT), List.of());
  private Optional<Double> strength = Optional.empty();
  private Set<Soil> goodAt = Set.of();
  private double solvent;
  private Set<Trait> traits = Set.of();
  private List<String> allows = List.of();
  private List<String> excludes = List.of();
  private Optional<Span> dwell = Optional.empty();
  private Film film = Film.NONE;
  private Slip slip = Slip.NONE;
  private Optional<Double> sheen = Optional.empty();
  private Optional<Double> dose = Optional.empty();
  private Waits waits = Waits.NONE;
  private int coats = 1;
  private Optional<Double> onHand = Optional.empty();
  private Optional<LocalDate> opened = Optional.empty();
  private Optional<Integer> openDays = Optional.empty();

  private AProduct(String id, ProductRole... roles) {
    this.id = id;
    this.roles = Set.of(roles);
  }

  public static AProduct of(String id, ProductRole... roles) {
    return new AProduct(id, roles);
  }

  /** A cleaner of a strength from 0 to 10, good at what hands and food leave. */
  public static AProduct cleaner(String id, double strength) {
    return of(id, ProductRole.CLEANER)
        .strength(strength)
        .goodAt(Soil.SKIN_OIL, Soil.MAKE_UP, Soil.FOOD_DRINK, Soil.DUST)
        .dwell(30, 120);
  }

  public AProduct foam() {
    form = Form.FOAM;
    return this;
  }

  public AProduct dilutes(String mildest, String standard, String strongest) {
    label = new LabelRatios(Ratio.parse(mildest), Ratio.parse(standard), Ratio.parse(strongest));
    return this;
  }

  public AProduct ph(double supplied, PhNature nature) {
    ph = new DilutedPh.Known(Optional.of(supplied), Optional.of(nature), List.of());
    return this;
  }

  public AProduct phUnknown() {
    ph = new DilutedPh.Known(Optional.empty(), Optional.empty(), List.of());
    return this;
  }

  public AProduct strength(double value) {
    strength = Optional.of(value);
    return this;
  }

  public AProduct goodAt(Soil... soils) {
    goodAt = EnumSet.copyOf(List.of(soils));
    return this;
  }

  public AProduct solvent(double percent) {
    solvent = percent;
    return this;
  }

  public AProduct traits(Trait... values) {
    traits = Set.of(values);
    return this;
  }

  public AProduct allows(String... finishes) {
    allows = List.of(finishes);
    return this;
  }

  public AProduct excludes(String... finishes) {
    excludes = List.of(finishes);
    return this;
  }

  public AProduct dwell(int min, int max) {
    dwell = Optional.of(new Span(min, max));
    return this;
  }

  public AProduct leaves(Film value) {
    film = value;
    return this;
  }

  public AProduct slip(Slip value) {
    slip = value;
    return this;
  }

  public AProduct sheen(double gu) {
    sheen = Optional.of(gu);
    return this;
  }

  public AProduct dose(double mlPerM2) {
    dose = Optional.of(mlPerM2);
    return this;
  }

  public AProduct flashes(int min, int max) {
    waits =
        new Waits(
            Optional.of(new Span(min, max)),
            waits.absorbS(),
            waits.beforeNextS(),
            waits.sitAfterS(),
            waits.fullCureS());
    return this;
  }

  public AProduct absorbs(int seconds, int beforeNext) {
    waits =
        new Waits(
            waits.flash(),
            Optional.of(seconds),
            Optional.of(beforeNext),
            waits.sitAfterS(),
            waits.fullCureS());
    return this;
  }

  public AProduct cures(int sitAfter, int full) {
    waits =
        new Waits(
            waits.flash(),
            waits.absorbS(),
            waits.beforeNextS(),
            Optional.of(sitAfter),
            Optional.of(full));
    return this;
  }

  public AProduct coats(int most) {
    coats = most;
    return this;
  }

  public AProduct onHand(double ml) {
    onHand = Optional.of(ml);
    return this;
  }

  public AProduct opened(LocalDate day, int goodForDays) {
    opened = Optional.of(day);
    openDays = Optional.of(goodForDays);
    return this;
  }

  public Product build() {
    return new Product(
        id,
        id,
        "Tarnwick",
        roles,
        form,
        label,
        ph,
        strength,
        goodAt,
        solvent,
        traits,
        allows,
        excludes,
        dwell,
        film,
        slip,
        sheen,
        dose,
        waits,
        coats,
        Optional.empty(),
        Optional.empty(),
        onHand,
        opened,
        openDays,
        List.of());
  }
}
